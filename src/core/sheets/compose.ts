import { ledgerLines, type StaffPosition } from '../notation';
import { seeded } from '../random';
import type { Figure } from './figures';
import { type Kind, NothingToAsk, type Task, type Words } from './kind';
import type { KindId } from './kind-ids';
import { KINDS } from './kinds';
import { type RawOptions, readOptions } from './options';
import type { Question } from './questions';
import type { SectionSpec, SheetCopy, SheetSpec } from './spec';

/** A section as one copy has it. */
export interface Section {
  readonly spec: SectionSpec;
  readonly kind: Kind;
  readonly instructions: string;
  readonly figures: readonly Figure[];
  readonly questions: readonly Question[];
  /** Wishes that could not be met, each with the reason. */
  readonly notices: readonly string[];
  /** Why the section has nothing to ask; then it is left out of the page. */
  readonly empty: string | null;
}

/**
 * The exercises of one copy of a sheet. The same spec and copy give the same sheet for
 * ever. A section that has nothing to ask with these notes comes back empty, with the
 * reason; the other sections are not changed by it.
 * @throws RangeError for options that are not the kind's.
 */
export function composeSheet(spec: SheetSpec, copy: SheetCopy): Section[] {
  const sections = copy.sections ?? spec.sections;
  const all = sections.reduce((sum, s) => sum + headsOf(s), 0);
  let before = 0;
  return sections.map((section, i) => {
    const made = composeSection(spec, copy, section, { n: i + 1, heads: { before, all } });
    before += headsOf(section);
    return made;
  });
}

/** Kinds whose heads may have letters, because they are named. */
const LETTERED: readonly KindId[] = ['name-notes', 'mixed-clefs', 'quiz'];

function headsOf({ kind, count }: SectionSpec): number {
  return LETTERED.includes(kind) ? count : 0;
}

/** All questions of a composed sheet in the order of the page. */
export function questionsOf(sections: readonly Section[]): Question[] {
  return sections.flatMap((s) => s.questions);
}

function composeSection(
  spec: SheetSpec,
  copy: SheetCopy,
  section: SectionSpec,
  { n, heads }: { n: number; heads: Task['heads'] },
): Section {
  const kind = KINDS[section.kind];
  const read = readOptions(kind.options, section.options);
  if (!read.ok) throw new RangeError(read.reason);
  const key = section.key ?? spec.key;
  const { terms, naming, colour } = spec;
  const instrument = copy.instrument ?? spec.instrument;
  const words: Words = { terms, naming, key, colour, instrument };
  const instructions = section.instructions ?? kind.instructions(read.options, words);
  const base = { spec: section, kind, instructions };
  const { within, notices } = allowed(copy.positions ?? spec.positions, section.ledgers);
  const task = taskOf(spec, copy, section, {
    within,
    key,
    seed: `${copy.seed}/${n}`,
    heads,
    words,
  });
  try {
    if (kind.asksNotes && within.length === 0)
      throw new NothingToAsk(nothingIn(section, notices.length > 0));
    const made = kind.compose(task, read.options);
    const all = kind.asksNotes ? [...notices, ...made.notices] : made.notices;
    return { ...base, ...made, notices: all, empty: null };
  } catch (error) {
    if (!(error instanceof NothingToAsk)) throw error;
    return { ...base, figures: [], questions: [], notices: [], empty: error.message };
  }
}

function nothingIn({ ledgers }: SectionSpec, some: boolean): string {
  return some
    ? `Every chosen note needs more than ${lines(ledgers)}: allow more, or choose notes nearer to the staff.`
    : 'Choose at least one note on the staff.';
}

const lines = (n: number) => `${n} ledger ${n === 1 ? 'line' : 'lines'}`;

/** The notes with no more ledger lines than allowed. */
function allowed(positions: readonly StaffPosition[], ledgers: number) {
  const within = positions.filter((p) => {
    const { above, below } = ledgerLines(p.step);
    return above <= ledgers && below <= ledgers;
  });
  const left = positions.length - within.length;
  const notices =
    left > 0
      ? [
          `${left} chosen ${left === 1 ? 'note needs' : 'notes need'} more than ${lines(ledgers)} and ${left === 1 ? 'is' : 'are'} left out.`,
        ]
      : [];
  return { within, notices };
}

interface Given {
  readonly within: readonly StaffPosition[];
  readonly key: SheetSpec['key'];
  readonly seed: string;
  readonly heads: Task['heads'];
  readonly words: Words;
}

function taskOf(spec: SheetSpec, copy: SheetCopy, section: SectionSpec, given: Given): Task {
  const task: Task = {
    positions: given.within,
    wishes: section,
    key: given.key,
    naming: spec.naming,
    terms: spec.terms,
    headLetters: spec.headLetters,
    heads: given.heads,
    weights: copy.weights,
    taught: copy.taught,
    causes: copy.causes ?? [],
    instrument: given.words.instrument,
    leftHanded: copy.leftHanded ?? false,
    random: seeded(given.seed),
    other(id, count, options, name) {
      const kind = KINDS[id];
      const full = readOptions(kind.options, options as RawOptions);
      if (!full.ok) throw new RangeError(full.reason);
      const made = kind.compose(
        { ...task, wishes: { ...task.wishes, count }, random: seeded(`${given.seed}/${name}`) },
        full.options,
      );
      return { ...made, instructions: kind.instructions(full.options, given.words) };
    },
  };
  return task;
}
