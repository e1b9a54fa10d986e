import type {
  Answer,
  CauseId,
  Diagnosis,
  NoteSecurity,
  NoteState,
  Security,
  SecurityRules,
} from '../core/evidence';
import type { InstrumentId } from '../core/instruments';
import type { MethodId, MethodSettings } from '../core/methods';
import type { ClefId, KeySignature, Naming, StaffPosition, Terms } from '../core/notation';
import type { Fade, OwnSayings, SayingSet, Words } from '../core/sayings';
import type { KeptPreset, SheetCopy, SheetSpec } from '../core/sheets';
import type { PictureId } from './pictures';

/** What the server hands to the screens: plain data, checked on the server, shared by both sides. */

/** A group's settings as its views need them. */
export interface GroupView {
  readonly id: string;
  readonly name: string;
  readonly code: string;
  readonly method: MethodId;
  readonly methodName: string;
  readonly methodSettings: MethodSettings;
  readonly hintFade: Fade;
  readonly key: KeySignature;
  readonly terms: Terms;
  readonly naming: Naming;
  readonly sayings: SayingSet;
  readonly stringSayings: OwnSayings;
  readonly rules: SecurityRules;
}

/** A student as their teacher sees them, with the key that lets them in. */
export interface StudentView {
  readonly id: string;
  readonly name: string;
  readonly instrument: InstrumentId;
  readonly secondInstrument: InstrumentId | null;
  readonly leftHanded: boolean;
  /** null: the group's. */
  readonly method: MethodId | null;
  /** Until when the name is locked, ms since 1970; 0 or past when it is not. */
  readonly lockedUntil: number;
  readonly pictures: readonly PictureId[];
}

/** How one student stands with one note. */
export interface StudentNote {
  readonly id: string;
  readonly security: Security;
  readonly accuracy: number | null;
  readonly medianMs: number | null;
}

/** A group on its ladder. */
export interface LadderView {
  readonly students: readonly {
    id: string;
    name: string;
    instrument: InstrumentId;
    secondInstrument: InstrumentId | null;
    leftHanded: boolean;
    /** null: the group's. */
    method: MethodId | null;
  }[];
  /** Position id → each student who reads its clef. */
  readonly notes: Readonly<Record<string, readonly StudentNote[]>>;
  readonly introduced: readonly string[];
  /** What the method introduces next. */
  readonly next: readonly string[];
  readonly clefs: readonly ClefId[];
}

/** Everything a device needs to run rounds without asking the server again. */
export interface PracticeKit {
  readonly student: { readonly id: string; readonly name: string };
  readonly group: string;
  readonly method: MethodId;
  readonly instrument: InstrumentId;
  readonly secondInstrument: InstrumentId | null;
  readonly leftHanded: boolean;
  readonly sayings: SayingSet;
  /** How much of a saying a hint says. */
  readonly hintFade: Fade;
  readonly settings: MethodSettings;
  /** Ids of every position that the group has been shown. */
  readonly known: readonly string[];
  readonly key: KeySignature;
  readonly naming: Naming;
  readonly terms: Terms;
  readonly rules: SecurityRules;
  /** In the order of teaching. */
  readonly notes: readonly {
    readonly position: StaffPosition;
    readonly state: NoteState | null;
    /** The same for its place on the instrument, shown and read back. */
    readonly place: NoteState | null;
    readonly write: NoteState | null;
    /** Whether the instrument has a place for it that can be shown. */
    readonly playable: boolean;
  }[];
}

/** Everything a teacher's device needs to mark one sheet without asking again. */
export interface MarkingKit {
  readonly code: string;
  readonly spec: SheetSpec;
  readonly group: { readonly id: string; readonly name: string };
  readonly at: number;
  readonly copies: readonly { number: number; studentId: string | null; copy: SheetCopy }[];
  readonly students: readonly {
    id: string;
    name: string;
    instrument: InstrumentId;
    secondInstrument: InstrumentId | null;
    /** When it was given out and came back; null: not yet. */
    given: number | null;
    back: number | null;
    /** Newest answers, so that likely reasons show while typing. */
    recent: readonly Answer[];
    marked: { copy: number; given: readonly (string | null)[]; right: number } | null;
  }[];
}

/** What one marked copy of a sheet came to, for the list of who has it. */
export interface SheetResultView {
  readonly studentId: string;
  readonly right: number;
  readonly of: number;
  readonly quiz: { readonly points: number; readonly of: number; readonly passed: boolean } | null;
  readonly causes: readonly { readonly id: CauseId; readonly name: string }[];
  readonly wrong: readonly StaffPosition[];
}

/** A sheet that a teacher keeps to use again. */
export interface OwnPresetView {
  readonly name: string;
  readonly preset: KeptPreset;
}

export interface Week {
  /** Start of the week, ms since 1970. */
  readonly from: number;
  readonly answers: number;
  /** 0–1; null in a week without answers. */
  readonly accuracy: number | null;
  /** Median of timed right answers in ms. */
  readonly medianMs: number | null;
}

export type BehindAnswer = Pick<
  Answer,
  'id' | 'task' | 'clef' | 'step' | 'key' | 'given' | 'at' | 'source' | 'ms' | 'instrument'
>;

interface WeighedCause {
  readonly id: Diagnosis['causes'][number]['id'];
  readonly position?: string | undefined;
  readonly instrument?: InstrumentId | undefined;
  readonly probability: number;
}

/** One student's knowledge, weeks and misreadings. */
export interface ProgressView {
  readonly notes: Readonly<Record<string, NoteSecurity>>;
  /** Places on the student's present instrument. */
  readonly instrument: InstrumentId;
  readonly places: Readonly<Record<string, NoteSecurity>>;
  readonly weeks: readonly Week[];
  readonly diagnosis: Pick<Diagnosis, 'verdict' | 'ask' | 'answers' | 'wrong'>;
  readonly causes: readonly (WeighedCause & { readonly behind: readonly BehindAnswer[] })[];
  /** All causes weighed, for who wants to look closer. */
  readonly weighed: readonly WeighedCause[];
  readonly total: number;
  readonly lastAt: number | null;
}

/** A saying that somebody would like, waiting for the teacher or for a vote. */
export interface OfferView {
  readonly id: string;
  readonly target: string;
  readonly words: Words;
  /** Who made it; null: the teacher. */
  readonly student: { readonly id: string; readonly name: string } | null;
  readonly state: 'open' | 'accepted' | 'change';
  readonly reply: string;
  readonly hands: number | null;
  readonly at: number;
}

/** Everything that the Sayings view shows of a group. */
export interface SayingsView {
  readonly sayings: OwnSayings;
  readonly students: readonly {
    readonly id: string;
    readonly name: string;
    readonly instrument: InstrumentId;
    readonly own: OwnSayings;
  }[];
  readonly offers: readonly OfferView[];
  /** Newest first. */
  readonly history: readonly {
    readonly target: string;
    readonly words: Words;
    /** null: the group. */
    readonly student: string | null;
    readonly at: number;
  }[];
}

/** What a student sees of sayings: those in use, and what became of their own. */
export interface MySayings {
  readonly name: string;
  readonly instrument: InstrumentId;
  readonly inUse: OwnSayings;
  readonly offers: readonly OfferView[];
}

/** A way of teaching that the teacher keeps. */
export interface OwnMethodView {
  readonly name: string;
  readonly method: MethodId;
  readonly settings: MethodSettings;
}
