import type { Task } from '../evidence';

/** A kind of question in a round of practice. */
export type QuestionKind = 'name' | 'find' | 'both' | 'back';

/** What a student is asked, in order; a wrong answer ends the question. */
export const QUESTIONS: Readonly<
  Record<
    QuestionKind,
    {
      readonly name: string;
      readonly about: string;
      /** Tasks of one question; the last is the one that the kind practises. */
      readonly tasks: readonly Exclude<Task, 'play'>[];
    }
  >
> = {
  name: { name: 'Name it', about: 'See the note, say its name.', tasks: ['name'] },
  find: {
    name: 'Find it',
    about: 'See the note, show its place on the instrument.',
    tasks: ['place'],
  },
  both: {
    name: 'Say it and finger it',
    about: 'First the name, then the place.',
    tasks: ['name', 'place'],
  },
  back: {
    name: 'Read it back',
    about: 'See the place, put its note on the staff.',
    tasks: ['write'],
  },
};

export const QUESTION_KINDS = Object.keys(QUESTIONS) as QuestionKind[];

/** The task by which a kind's notes are chosen and judged secure. */
export function mainTask(kind: QuestionKind): Exclude<Task, 'play'> {
  return QUESTIONS[kind].tasks.at(-1)!;
}
