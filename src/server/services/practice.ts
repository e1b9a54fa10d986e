import type { PracticeKit } from '../../contract/views';
import { type Answer, hasPlace, isRightAnswer } from '../../core/evidence';
import { INSTRUMENTS } from '../../core/instruments';
import { noteOrder } from '../../core/methods';
import { CLEF_IDS, parsePositionId, positionId, type StaffPosition } from '../../core/notation';
import { storeAnswers } from '../stores/answers';
import { introducedOf } from '../stores/groups';
import type { StudentActor } from '../student-session';
import { knowledgeOf } from './knowledge';
import { settingsFor } from './methods';
import { sayingsOf } from './sayings';

/** The kit of the student who asks. */
export function practiceKit({ student, group }: StudentActor): PracticeKit {
  const method = student.method ?? group.method;
  const { clefs } = INSTRUMENTS[student.instrument];
  const introduced = introducedOf(group.id);
  const shown = [...introduced.keys()].map((id) => parsePositionId(id)!);
  const readable = shown.filter((p) => clefs.includes(p.clef));
  const settings = settingsFor(group, student);
  const order = noteOrder(method, CLEF_IDS, student.instrument, settings).map(positionId);
  const rank = (p: StaffPosition) => {
    const at = order.indexOf(positionId(p));
    return at < 0 ? order.length : at;
  };
  const known = knowledgeOf([{ ...student, rules: group.rules }]).get(student.id)!;
  const note = (position: StaffPosition): PracticeKit['notes'][number] => {
    const id = positionId(position);
    const item = { ...position, key: group.key, accidental: null };
    return {
      position,
      state: known.states.get(id) ?? null,
      place: known.places.get(id) ?? null,
      write: known.writes.get(id) ?? null,
      playable: hasPlace(item, student.instrument),
    };
  };
  return {
    student: { id: student.id, name: student.name },
    group: group.name,
    method,
    instrument: student.instrument,
    secondInstrument: student.secondInstrument,
    leftHanded: student.leftHanded,
    sayings: sayingsOf(group, student),
    hintFade: group.hintFade,
    settings,
    known: [...introduced.keys()],
    key: group.key,
    naming: group.naming,
    terms: group.terms,
    rules: group.rules,
    notes: readable.sort((a, b) => rank(a) - rank(b)).map(note),
  };
}

/** Clocks of devices run ahead; answers from further in the future than this are set to now. */
const AHEAD_MS = 5 * 60_000;

/** Stores a device's answers for the student who sent them; right or wrong is judged here. */
export function receiveAnswers(
  actor: StudentActor,
  sent: readonly (Omit<Answer, 'correct' | 'clef' | 'step'> & {
    position: StaffPosition;
  })[],
  now: number,
): string[] {
  const answers = sent.map(({ position, ...rest }): Answer => {
    const item = { ...position, key: rest.key, accidental: rest.accidental };
    const at = rest.at > now + AHEAD_MS ? now : rest.at;
    const instrument = rest.task === 'name' ? null : (rest.instrument ?? actor.student.instrument);
    const correct = isRightAnswer(rest.task, item, rest.given, instrument ?? 'none');
    return { ...rest, ...position, at, instrument, correct };
  });
  storeAnswers(actor.student.id, answers);
  return answers.map((a) => a.id);
}
