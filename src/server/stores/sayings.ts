import { and, desc, eq } from 'drizzle-orm';
import type { OwnSayings, SayingSet, Words } from '../../core/sayings';
import type { SayingTarget } from '../../core/workshop';
import { db, schema } from '../db';
import { notFound } from '../errors';
import { newId } from '../ids';
import { getGroup } from './groups';
import { getStudent } from './students';

export type OfferRow = typeof schema.sayingOffer.$inferSelect;
export type UseRow = typeof schema.sayingUse.$inferSelect;

/** Newest rows of the history that are shown. */
const HISTORY = 60;

/** Puts a saying into use for a group, or for one of its students, and notes since when. Empty words end its use. */
export function putSaying(
  teacherId: string,
  groupId: string,
  { target, words, studentId }: { target: SayingTarget; words: Words; studentId: string | null },
  now: number,
): void {
  const { group, student, sayingUse } = schema;
  const row = getGroup(teacherId, groupId);
  const owner = studentId ? getStudent(teacherId, studentId) : null;
  if (owner && owner.groupId !== groupId) throw notFound('This student in this group');
  db().transaction((tx) => {
    if (owner) {
      const sayings = changed(owner.sayings, target.id, words);
      tx.update(student).set({ sayings }).where(eq(student.id, owner.id)).run();
    } else if (target.part === 'strings') {
      const stringSayings = changed(row.stringSayings, target.id, words);
      tx.update(group).set({ stringSayings }).where(eq(group.id, groupId)).run();
    } else {
      const sayings = changedSet(row.sayings, target.id, words);
      tx.update(group).set({ sayings }).where(eq(group.id, groupId)).run();
    }
    tx.insert(sayingUse)
      .values({ id: newId(), groupId, studentId, target: target.id, words, at: now })
      .run();
  });
}

function changed(own: OwnSayings, target: string, words: Words): OwnSayings {
  const { [target]: _, ...rest } = own;
  return words.length > 0 ? { ...rest, [target]: words } : rest;
}

function changedSet(set: SayingSet, target: string, words: Words): SayingSet {
  const [clef, part] = target.split('-') as ['treble' | 'bass', 'lines' | 'spaces'];
  return { ...set, [clef]: { ...set[clef], [part]: words } };
}

/** Which saying came into use when, newest first; at most `limit` rows. */
export function sayingHistory(
  teacherId: string,
  groupId: string,
  limit: number = HISTORY,
): UseRow[] {
  getGroup(teacherId, groupId);
  const { sayingUse } = schema;
  return db()
    .select()
    .from(sayingUse)
    .where(eq(sayingUse.groupId, groupId))
    .orderBy(desc(sayingUse.at))
    .limit(limit)
    .all();
}

/** Offers of a group, newest first. */
export function listOffers(teacherId: string, groupId: string): OfferRow[] {
  getGroup(teacherId, groupId);
  const { sayingOffer } = schema;
  return db()
    .select()
    .from(sayingOffer)
    .where(eq(sayingOffer.groupId, groupId))
    .orderBy(desc(sayingOffer.at))
    .all();
}

/** A student's own offers, newest first; the caller is that student. */
export function offersOf(studentId: string): OfferRow[] {
  const { sayingOffer } = schema;
  return db()
    .select()
    .from(sayingOffer)
    .where(eq(sayingOffer.studentId, studentId))
    .orderBy(desc(sayingOffer.at))
    .all();
}

/**
 * Adds an offer; a student's newer one for the same target takes the place of an older one
 * that is not accepted. The caller has checked who offers.
 */
export function addOffer(
  offer: Pick<OfferRow, 'groupId' | 'studentId' | 'target' | 'words'>,
  now: number,
): OfferRow {
  const { sayingOffer } = schema;
  const row: OfferRow = { ...offer, id: newId(), state: 'open', reply: '', hands: null, at: now };
  db().transaction((tx) => {
    if (offer.studentId) {
      for (const state of ['open', 'change'] as const) {
        tx.delete(sayingOffer)
          .where(
            and(
              eq(sayingOffer.studentId, offer.studentId),
              eq(sayingOffer.target, offer.target),
              eq(sayingOffer.state, state),
            ),
          )
          .run();
      }
    }
    tx.insert(sayingOffer).values(row).run();
  });
  return row;
}

/** One offer of the teacher's groups. @throws Problem 404 for anybody else's. */
export function getOffer(teacherId: string, id: string): OfferRow {
  const { sayingOffer, group } = schema;
  const row = db()
    .select({ offer: sayingOffer })
    .from(sayingOffer)
    .innerJoin(group, eq(group.id, sayingOffer.groupId))
    .where(and(eq(sayingOffer.id, id), eq(group.teacherId, teacherId)))
    .get();
  if (!row) throw notFound('This saying');
  return row.offer;
}

/** Changes an offer's state, reply or hands. */
export function changeOffer(
  teacherId: string,
  id: string,
  change: Partial<Pick<OfferRow, 'state' | 'reply' | 'hands'>>,
): OfferRow {
  getOffer(teacherId, id);
  db().update(schema.sayingOffer).set(change).where(eq(schema.sayingOffer.id, id)).run();
  return getOffer(teacherId, id);
}

/** Takes an offer off the list. */
export function removeOffer(teacherId: string, id: string): void {
  getOffer(teacherId, id);
  db().delete(schema.sayingOffer).where(eq(schema.sayingOffer.id, id)).run();
}
