import { offerChange } from '@/contract/sayings';
import { targetById } from '@/core/workshop';
import { endpoint } from '@/server/endpoint';
import { sayingsView } from '@/server/services/sayings';
import { getGroup } from '@/server/stores/groups';
import { changeOffer, getOffer, putSaying, removeOffer } from '@/server/stores/sayings';

/** Accepts an offer, asks for a change, or counts hands. */
export const PATCH = endpoint({
  who: 'teacher',
  input: offerChange,
  handle({ actor, input, params, now }) {
    const offer = getOffer(actor.id, params.id!);
    if (input.do === 'ask') {
      changeOffer(actor.id, offer.id, { state: 'change', reply: input.reply });
    } else if (input.do === 'count') {
      changeOffer(actor.id, offer.id, { hands: input.hands });
    } else {
      const target = targetById(offer.target)!;
      const studentId = input.for === 'student' ? offer.studentId : null;
      putSaying(actor.id, offer.groupId, { target, words: offer.words, studentId }, now);
      changeOffer(actor.id, offer.id, { state: 'accepted', reply: '' });
    }
    return sayingsView(actor.id, getGroup(actor.id, offer.groupId));
  },
});

export const DELETE = endpoint({
  who: 'teacher',
  handle({ actor, params }) {
    const offer = getOffer(actor.id, params.id!);
    removeOffer(actor.id, offer.id);
    return sayingsView(actor.id, getGroup(actor.id, offer.groupId));
  },
});
