import type { InstrumentId } from '../instruments';
import { positionId } from '../notation';
import { CAUSES, type Cause, type CauseId, missingNote } from './causes';
import { countingEvidence } from './counting';
import { nameText, rightName } from './judge';
import { namesOfPlace, type Player, placeCauses } from './places';
import type { Answer } from './types';

/** Figures of the weighing; our own, tuned on simulated students. */
const FIGURES = {
  /** Newest answers looked at. */
  newest: 120,
  /** Fewer answers than this can settle nothing. */
  minAnswers: 8,
  /** Fewer wrong answers than this say nothing about why. */
  minWrong: 3,
  /** Probability from which a cause is reported as likely. */
  likely: 0.7,
  /** Probability from which it is mentioned as possible. */
  possible: 0.3,
  /** How often a cause acts on an item it applies to, and how often a slip happens, tried on these grids. */
  rates: [0.15, 0.3, 0.45, 0.6, 0.75, 0.9],
  slips: [0.01, 0.03, 0.06, 0.1, 0.15],
  /** Names a student can give by chance: seven letters. */
  names: 7,
  /** Positions tried as "one note missing": those with the most wrong answers. */
  missing: 3,
  /** Fewer wrong places than this say nothing about places. */
  minWrongPlaces: 2,
} as const;

export interface LikelyCause {
  readonly id: CauseId;
  readonly position?: string | undefined;
  readonly instrument?: InstrumentId | undefined;
  /** 0–1, given the answers. */
  readonly probability: number;
  /** Ids of the answers that speak for it, newest first. */
  readonly answers: readonly string[];
}

export interface Diagnosis {
  /** `enough`: causes are worth acting on. `clear`: nothing but slips. `more`: not enough to tell. */
  readonly verdict: 'enough' | 'clear' | 'more';
  /** Every cause with its probability, likeliest first. */
  readonly causes: readonly LikelyCause[];
  readonly answers: number;
  readonly wrong: number;
  /** What would settle it, in a sentence; null when nothing is open. */
  readonly ask: string | null;
}

/**
 * Weighs why a student's names, and places on the `player`'s instrument, were wrong. Every model "nothing", one cause, or two
 * causes together is scored by its likelihood averaged over how often each cause acts and
 * how often the student slips; a cause's probability is the share of the models with it
 * (Bayesian model averaging). Counting is judged from times alone.
 * Looks at the newest 120 answers; order does not matter.
 */
export function diagnose(all: readonly Answer[], player?: Player): Diagnosis {
  const log = all
    .filter((a) => a.hints === 0 && (a.task === 'name' || isPlaceAnswer(a, player)))
    .sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
  const answers = log.slice(-FIGURES.newest).reverse();
  const named = answers.filter((a) => a.given !== null);
  const wrong = answers.filter((a) => !a.correct).length;
  const names = answers.filter((a) => a.task === 'name');
  const wrongPlaces = answers.filter((a) => a.task === 'place' && !a.correct).length;
  const candidates = [
    ...CAUSES,
    ...worstPositions(names).map(missingNote),
    ...(player && wrongPlaces >= FIGURES.minWrongPlaces ? placeCauses(player) : []),
  ];
  const views = candidates.map((cause) => seenThrough(cause, named, player));
  const weighed = wrong >= FIGURES.minWrong ? weigh(candidates, views, named) : null;
  const causes: LikelyCause[] = candidates.map((cause, k) => ({
    id: cause.id,
    position: cause.position,
    instrument: cause.instrument,
    probability: weighed?.probability[k] ?? cause.prior,
    answers: supporting(named, views[k]!),
  }));
  const counting = countingEvidence(log.filter((a) => a.task === 'name'));
  causes.push({ id: 'counting', ...counting });
  causes.push({
    id: 'slips',
    probability: weighed?.nothing ?? (wrong > 0 ? 1 - FIGURES.possible : 0),
    answers: [],
  });
  causes.sort((a, b) => b.probability - a.probability);
  return { ...verdictOf(causes, answers.length, wrong), causes, answers: answers.length, wrong };
}

/** The causes worth showing: likely ones, or possible ones when nothing is likely. Never plain slips. */
export function likelyCauses(diagnosis: Diagnosis): LikelyCause[] {
  const real = diagnosis.causes.filter((c) => c.id !== 'slips');
  const likely = real.filter((c) => c.probability >= FIGURES.likely);
  if (likely.length > 0 || diagnosis.verdict !== 'more') return likely;
  return real.filter((c) => c.probability >= FIGURES.possible).slice(0, 3);
}

function verdictOf(causes: readonly LikelyCause[], answers: number, wrong: number) {
  const real = causes.filter((c) => c.id !== 'slips');
  if (real.some((c) => c.probability >= FIGURES.likely) && answers >= FIGURES.minAnswers) {
    return { verdict: 'enough' as const, ask: null };
  }
  if (answers < FIGURES.minAnswers) {
    const more = FIGURES.minAnswers - answers;
    return {
      verdict: 'more' as const,
      ask: `${more} more answers are needed before anything can be said.`,
    };
  }
  const open = real.filter((c) => c.probability >= FIGURES.possible).slice(0, 2);
  if (wrong < FIGURES.minWrong || open.length === 0)
    return { verdict: 'clear' as const, ask: null };
  return {
    verdict: 'more' as const,
    ask: ASK[open[0]!.id] ?? 'Ten more mixed notes would settle it.',
  };
}

/** Which further notes would settle a cause. */
const ASK: Partial<Record<CauseId, string>> = {
  clef: 'Ten notes with the clef changing from note to note would settle it.',
  'from-top': 'Lines 1, 2, 4 and 5, twice each, would settle it; line 3 says nothing.',
  'sayings-swapped': 'Six space notes and six line notes would settle it.',
  'alphabet-backwards': 'Six notes below a landmark would settle it.',
  'key-ignored': 'Eight notes that the key signature changes would settle it.',
  'letter-reversal': 'Six notes named B or D, in both clefs, would settle it.',
  'note-missing': 'That note four times among others would settle it.',
  'wrong-finger': 'Ten places in “find it” would settle it.',
  'other-instrument': 'Ten places in “find it” would settle it.',
  counting: 'Two minutes of drill, with times, would settle it.',
};

/** Positions with at least two wrong answers, most wrong first. */
function worstPositions(answers: readonly Answer[]): string[] {
  const tally = new Map<string, { wrong: number; total: number }>();
  for (const answer of answers) {
    const id = positionId(answer);
    const t = tally.get(id) ?? { wrong: 0, total: 0 };
    tally.set(id, { wrong: t.wrong + (answer.correct ? 0 : 1), total: t.total + 1 });
  }
  return [...tally]
    .filter(([, t]) => t.wrong >= 2)
    .sort(([, a], [, b]) => b.wrong / b.total - a.wrong / a.total || b.wrong - a.wrong)
    .slice(0, FIGURES.missing)
    .map(([id]) => id);
}

/**
 * How each answer looks to a cause: chance of the name given if the cause acted, or −1
 * where it cannot act. Where a cause predicts the right name it says nothing either way.
 */
function seenThrough(cause: Cause, answers: readonly Answer[], player?: Player): Float64Array {
  return Float64Array.from(answers, (answer) => {
    if (answer.task === 'place') return placeSeen(cause, answer, player!);
    const predicted = cause.predict(answer);
    if (predicted === null) return -1;
    if (predicted === 'any') return 1 / FIGURES.names;
    const text = nameText(predicted);
    if (text === nameText(rightName(answer))) return -1;
    return text === answer.given ? 1 : 0;
  });
}

/** The same for a place: by its code, or by the letter that it stands for. */
function placeSeen(cause: Cause, answer: Answer, { instrument }: Player): number {
  if (cause.predictPlace) {
    const codes = cause.predictPlace(answer);
    if (codes === null) return -1;
    if (codes === 'any') return 1 / FIGURES.names;
    return codes.includes(answer.given!) ? 1 / codes.length : 0;
  }
  const predicted = cause.predict(answer);
  if (predicted === null) return -1;
  if (predicted === 'any') return 1 / FIGURES.names;
  const text = nameText(predicted);
  if (text === nameText(rightName(answer))) return -1;
  return namesOfPlace(instrument, answer.given!, answer.key).has(text) ? 1 : 0;
}

function isPlaceAnswer(answer: Answer, player: Player | undefined): boolean {
  return answer.task === 'place' && !!player && answer.instrument === player.instrument;
}

function supporting(answers: readonly Answer[], view: Float64Array): string[] {
  return answers.filter((a, i) => !a.correct && view[i]! > 0).map((a) => a.id);
}

/** Answers that look the same to every cause of a model count as one group. */
function grouped(answers: readonly { correct: boolean }[], views: readonly Float64Array[]) {
  const groups = new Map<string, { correct: boolean; seen: number[]; count: number }>();
  answers.forEach(({ correct }, i) => {
    const seen = views.map((v) => v[i]!);
    const id = `${correct}|${seen.join('|')}`;
    const group = groups.get(id);
    if (group) group.count++;
    else groups.set(id, { correct, seen, count: 1 });
  });
  return [...groups.values()];
}

interface Weighed {
  readonly probability: number[];
  /** Probability of the model without any cause. */
  readonly nothing: number;
}

/** Singles strongest by themselves that are tried in pairs; more cost time and change nothing. */
const PAIRED = 5;

function weigh(
  causes: readonly Cause[],
  views: readonly Float64Array[],
  answers: readonly Answer[],
): Weighed {
  const models: { members: number[]; log: number }[] = [
    { members: [], log: logEvidence(answers, []) },
  ];
  const singles = causes.map((cause, k) => {
    const log = logEvidence(answers, [views[k]!]) + logOdds(cause.prior);
    return { members: [k], log };
  });
  models.push(...singles);
  const best = [...singles].sort((a, b) => b.log - a.log).slice(0, PAIRED);
  best.forEach((a, i) => {
    for (const b of best.slice(i + 1)) {
      const members = [a.members[0]!, b.members[0]!];
      const prior = members.reduce((sum, k) => sum + logOdds(causes[k]!.prior), 0);
      models.push({
        members,
        log:
          logEvidence(
            answers,
            members.map((k) => views[k]!),
          ) + prior,
      });
    }
  });
  const top = Math.max(...models.map((m) => m.log));
  const weights = models.map((m) => Math.exp(m.log - top));
  const sum = weights.reduce((a, b) => a + b, 0);
  const probability = causes.map(
    (_, k) => models.reduce((p, m, i) => p + (m.members.includes(k) ? weights[i]! : 0), 0) / sum,
  );
  return { probability, nothing: weights[0]! / sum };
}

function logOdds(p: number): number {
  return Math.log(p / (1 - p));
}

/** Log of the likelihood averaged over the grids of rates (one for each cause) and slips. */
function logEvidence(answers: readonly Answer[], views: readonly Float64Array[]): number {
  const groups = grouped(answers, views);
  const logs: number[] = [];
  for (const rates of rateGrid(views.length)) {
    for (const slip of FIGURES.slips) {
      let log = 0;
      for (const group of groups) log += group.count * Math.log(chance(group, rates, slip));
      logs.push(log);
    }
  }
  const top = Math.max(...logs);
  return top + Math.log(logs.reduce((sum, l) => sum + Math.exp(l - top), 0) / logs.length);
}

function rateGrid(causes: number): number[][] {
  if (causes === 0) return [[]];
  return rateGrid(causes - 1).flatMap((head) => FIGURES.rates.map((rate) => [...head, rate]));
}

/** Chance of one answer: each applicable cause acts at its rate, else the name is right but for slips. */
function chance(
  group: { correct: boolean; seen: number[] },
  rates: number[],
  slip: number,
): number {
  let acting = 0;
  for (let k = 0; k < rates.length; k++) if (group.seen[k]! >= 0) acting += rates[k]!;
  const scale = acting > 0.95 ? 0.95 / acting : 1;
  let p = (1 - acting * scale) * (group.correct ? 1 - slip : slip / (FIGURES.names - 1));
  for (let k = 0; k < rates.length; k++) {
    if (group.seen[k]! >= 0) p += rates[k]! * scale * group.seen[k]!;
  }
  return p;
}
