import type { Figure } from '../figures';
import { defineKind, NothingToAsk, type Task } from '../kind';
import type { KindId } from '../kind-ids';
import type { RawOptions } from '../options';
import type { Question } from '../questions';

/** What a quiz may consist of: the flag that includes it, and what one question is worth. */
const PARTS: readonly { flag: PartFlag; kind: KindId; options: RawOptions; points: number }[] = [
  { flag: 'names', kind: 'name-notes', options: {}, points: 1 },
  { flag: 'lines', kind: 'line-space', options: {}, points: 1 },
  { flag: 'draw', kind: 'draw-note', options: {}, points: 2 },
  { flag: 'steps', kind: 'steps', options: { name: false }, points: 1 },
  { flag: 'mixed', kind: 'mixed-clefs', options: {}, points: 1 },
  { flag: 'places', kind: 'where', options: {}, points: 2 },
];
type PartFlag = 'names' | 'lines' | 'draw' | 'steps' | 'mixed' | 'places';

export const quiz = defineKind({
  id: 'quiz',
  name: 'Quiz',
  about: 'Several kinds with points, time allowed and a pass mark.',
  options: {
    minutes: { type: 'number', label: 'Minutes', min: 1, max: 90, start: 10 },
    pass: { type: 'number', label: 'Pass mark, %', min: 10, max: 100, start: 80 },
    names: { type: 'flag', label: 'Name notes (1 point)', start: true },
    lines: { type: 'flag', label: 'Line or space (1 point)', start: true },
    draw: { type: 'flag', label: 'Draw notes (2 points)', start: true },
    steps: { type: 'flag', label: 'Steps and skips (1 point)', start: false },
    mixed: { type: 'flag', label: 'Mixed clefs (1 point)', start: false },
    places: { type: 'flag', label: 'Places (2 points)', start: false },
  },
  count: { of: 'questions', start: 20, max: 100 },
  asksNotes: true,
  instructions: () => '',
  check:
    'Count the points of the right answers, part by part; the head of the quiz says how many are needed.',
  compose(task, options) {
    const notices: string[] = [];
    const wanted = PARTS.filter((p) => options[p.flag])
      .slice(0, task.wishes.count)
      .filter((part) => {
        const reason = reasonAgainst(task, part);
        if (reason) notices.push(reason);
        return reason === null;
      });
    if (notices.length === 0 && wanted.length === 0) {
      throw new NothingToAsk('Choose at least one kind of question for the quiz.');
    }
    const figures: Figure[] = [];
    const questions: Question[] = [];
    let left = task.wishes.count;
    wanted.forEach((part, i) => {
      const count = Math.ceil(left / (wanted.length - i));
      const made = task.other(part.kind, count, part.options, part.flag);
      const points = made.questions.length * part.points;
      const caption = `${i + 1}. ${made.instructions} (${points} ${points === 1 ? 'point' : 'points'})`;
      figures.push({ type: 'caption', text: caption }, ...made.figures);
      questions.push(...made.questions.map((q) => ({ ...q, points: part.points })));
      notices.push(...made.notices);
      left -= made.questions.length;
    });
    if (questions.length === 0) throw new NothingToAsk(notices.join(' '));
    const points = questions.reduce((sum, q) => sum + (q.points ?? 1), 0);
    const pass = Math.ceil((points * options.pass) / 100);
    return {
      figures: [{ type: 'quiz', minutes: options.minutes, points, pass }, ...figures],
      questions,
      notices: [...new Set(notices)],
    };
  },
});

/** Why a part has nothing to ask with these notes; null when it has. */
function reasonAgainst(task: Task, part: (typeof PARTS)[number]): string | null {
  try {
    task.other(part.kind, 1, part.options, part.flag);
    return null;
  } catch (error) {
    if (error instanceof NothingToAsk) return error.message;
    throw error;
  }
}
