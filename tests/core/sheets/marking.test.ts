import { describe, expect, it } from 'vitest';
import { evidenceOf, followUp, markTyped, type Question } from '@/core/sheets';
import { at, made } from '../../helpers/sheets';

const named = (positions = at('treble', 0, 1, 2, 3), key: 0 | -1 = 0, count = 4) =>
  made('name-notes', { count }, { positions, key }).questions;
const given = (questions: readonly Question[], typed: string) => {
  const marked = markTyped(questions, typed);
  if (!marked.ok) throw new Error(marked.reason);
  return marked.marks.map((m) => m.given);
};

describe('keying in', () => {
  const questions = named();
  const right = questions.map((q) => q.answer);

  it('reads letters run together, apart, large or small, with blanks', () => {
    for (const typed of [right.join(' '), right.join('').toLowerCase(), right.join(', ')]) {
      const marked = markTyped(questions, typed);
      expect(marked.ok && marked.marks.every((m) => m.correct)).toBe(true);
    }
    expect(markTyped(questions, `- ${right[1]}`)).toMatchObject({
      left: 2,
      marks: [{ given: null, correct: false }, { correct: true }],
    });
  });

  it('keeps a sign with its letter, and two Bs apart inside a run', () => {
    const flat = named(at('treble', 4), -1, 2);
    expect(given(flat, 'Bb bb')).toEqual(['Bb', 'Bb']);
    expect(given(flat, 'b♭ b')).toEqual(['Bb', 'B']);
    expect(given(questions, 'fbbe')).toEqual(['F', 'B', 'B', 'E']);
  });

  it('takes the rest as right with one key', () => {
    expect(given(questions, 'g *')).toEqual(['G', ...right.slice(1)]);
    expect(markTyped(questions, '* g')).toMatchObject({ ok: false });
  });

  it('says where a letter is not one, and when there are too many', () => {
    expect(markTyped(questions, 'e h')).toMatchObject({
      reason: expect.stringMatching(/Number 2 is “h”.*A to G/),
    });
    expect(markTyped(questions, 'e f g a b')).toMatchObject({
      reason: expect.stringMatching(/has 4 answers here, but 5/),
    });
    expect(markTyped(questions, '  ')).toMatchObject({ ok: true, left: 4 });
  });

  it('reads syllables by their first letters', () => {
    const said = (naming: 'fixed-do' | 'movable-do', key: 0 | -1, ...steps: number[]) =>
      made(
        'name-notes',
        { count: steps.length },
        { positions: at('treble', ...steps), key, naming },
      ).questions;
    expect(given(said('fixed-do', 0, 1, 2), 'fs')).toEqual(['F', 'G']);
    expect(given(said('fixed-do', 0, 1, 2), 'fa sol')).toEqual(['F', 'G']);
    expect(given(said('movable-do', -1, 4), 'f')).toEqual(['Bb']);
  });

  it('reads letters where letters were written, whatever the class sings', () => {
    const spelled = made('words', { count: 2 }, { naming: 'fixed-do', key: 2 }).questions;
    const typed = spelled
      .map((q) => q.answer)
      .join('')
      .toLowerCase();
    expect(markTyped(spelled, typed)).toMatchObject({ ok: true, left: 0 });
    expect(given(spelled, '*')).toEqual(given(spelled, typed));
  });

  it('names the second note of a step by the key note of the signature', () => {
    const pairs = made('steps', { count: 3 }, { naming: 'movable-do', key: 1 }).questions;
    const typed = pairs.map((q) => (q.entry === 'name' ? q.shown : q.answer)).join(' ');
    const marked = markTyped(pairs, typed);
    expect(marked.ok && marked.marks.every((m) => m.correct)).toBe(true);
  });

  it('reads lines and spaces, motions, pairs and ticks', () => {
    const line = made('line-space', { count: 2 }, { positions: at('treble', 2, 5) }).questions;
    expect(given(line, 'l2s3')).toEqual(['L2', 'S3']);
    expect(markTyped(line, 'l')).toMatchObject({
      reason: expect.stringContaining('like L2 or S3'),
    });
    const motion = made('steps', { count: 3, options: { name: false } }).questions;
    expect(given(motion, 'su=kd')).toEqual(['su', '=', 'kd']);
    const pair = made('two-of-a-letter', { count: 1 }).questions;
    expect(given(pair, [...pair[0]!.answer].reverse().join(''))).toEqual([pair[0]!.answer]);
    const ticks = made('draw-note', { count: 3 }).questions;
    expect(given(ticks, '+x-')).toEqual(['+', 'x', null]);
  });

  it('reads places as they are written, run together or apart', () => {
    const violin = made(
      'where',
      { count: 2 },
      { positions: at('treble', 4, 5), instrument: 'violin' },
    ).questions;
    const marked = markTyped(violin, `${violin[0]!.answer.toLowerCase()}D3`);
    expect(marked).toMatchObject({
      ok: true,
      marks: [{ correct: true }, { given: 'd3', correct: false }],
    });
    expect(markTyped(violin, 'Q9')).toMatchObject({ reason: expect.stringContaining('like D1') });
    const guitar = made(
      'where',
      { count: 1 },
      { positions: at('treble', 2), instrument: 'guitar' },
    ).questions;
    expect(markTyped(guitar, '30')).toMatchObject({ marks: [{ correct: true }] });
    expect(markTyped(guitar, '+')).toMatchObject({ marks: [{ correct: true }] });
  });
});

describe('what marks say', () => {
  const about = (questions: readonly Question[], typed: string) => {
    const marked = markTyped(questions, typed);
    return marked.ok ? marked.marks.map((m, i) => evidenceOf(questions[i]!, m)) : [];
  };

  it('names and blanks are about their notes', () => {
    const [a, b] = about(named(at('treble', 0), 0, 2), 'f-');
    expect(a).toMatchObject({ clef: 'treble', step: 0, task: 'name', given: 'F', correct: false });
    expect(b).toMatchObject({ given: null, correct: false });
  });

  it('drawn notes are about writing, in the form of the log', () => {
    const [a, b] = about(
      made('draw-note', { count: 2, options: { ask: 'octave' } }, { positions: at('bass', 3) })
        .questions,
      '+x',
    );
    expect(a).toMatchObject({ task: 'write', given: 'b3', correct: true });
    expect(b).toMatchObject({ task: 'write', given: null, correct: false });
  });

  it('a note drawn anywhere says nothing about one position', () => {
    expect(
      about(made('draw-note', { count: 1 }, { positions: at('treble', 0) }).questions, '+'),
    ).toEqual([null]);
    const only = made('draw-note', { count: 1, ledgers: 0 }, { positions: at('treble', 3) });
    expect(about(only.questions, '+')).toMatchObject([{ task: 'write', given: 't3' }]);
  });

  it('a label left alone was taken for right', () => {
    const s = made('find-mistakes', { count: 4, options: { share: 'half' } });
    const all = about(s.questions, '....');
    s.questions.forEach((q, i) => {
      expect(all[i]).toMatchObject({ given: q.label, correct: q.answer === '.' });
    });
  });

  it('a wrong dot is that note called by the letter asked', () => {
    const s = made(
      'dots',
      { count: 2, options: { ask: 'number' } },
      { positions: at('treble', 0, 1) },
    );
    const [q] = s.questions;
    const wrong = q!.answer === '1' ? '2' : '1';
    expect(about([q!], wrong)[0]).toMatchObject({
      given: q!.numbered!.name,
      correct: false,
      step: q!.numbered!.items[Number(wrong) - 1]!.step,
    });
  });

  it('places keep their codes, wrong ones too', () => {
    const s = made('where', { count: 1 }, { positions: at('treble', 4), instrument: 'violin' });
    expect(about(s.questions, 'a1')[0]).toMatchObject({
      task: 'place',
      given: 'string 2 +2 finger 1',
      correct: true,
      instrument: 'violin',
    });
    expect(about(s.questions, 'd1')[0]).toMatchObject({
      given: 'string 1 +2 finger 1',
      correct: false,
    });
  });

  it('lines and spaces say nothing about a name', () => {
    expect(about(made('line-space', { count: 1 }).questions, '*')).toEqual([null]);
  });
});

describe('the sheet after', () => {
  const asked = at('treble', 0, 1, 2, 3, 4, 5, 6, 7);
  it('asks the wrong notes among those taken for them, with what helps', () => {
    const sheet = followUp({ wrong: at('treble', 2), causes: ['from-top'], asked, key: 0 });
    expect(sheet.sections.map((s) => s.kind)).toEqual(['line-space', 'name-notes']);
    expect(sheet.positions[0]).toEqual({ clef: 'treble', step: 2 });
    expect(sheet.positions).toHaveLength(4);
  });
  it('asks enough of each clef, so that no note only follows itself', () => {
    const both = [...asked, ...at('bass', 0, 2, 4, 7)];
    const { positions } = followUp({
      wrong: [...at('bass', 7), ...at('treble', 0, 1)],
      causes: [],
      asked: both,
      key: 0,
    });
    for (const clef of ['treble', 'bass'] as const) {
      expect(positions.filter((p) => p.clef === clef).length).toBeGreaterThanOrEqual(3);
    }
  });

  it('asks everything again where nothing was wrong', () => {
    const sheet = followUp({ wrong: [], causes: [], asked, key: 1 });
    expect(sheet.positions).toEqual(asked);
    expect(sheet.sections).toMatchObject([{ kind: 'name-notes', key: 1, count: 20 }]);
  });
  it('mixes the clefs where they were mixed up', () => {
    const both = [...asked, ...at('bass', 0, 1)];
    const sheet = followUp({
      wrong: at('bass', 0),
      causes: ['clef', 'step-up', 'step-down'],
      asked: both,
      key: 0,
    });
    expect(sheet.positions).toEqual(both);
    expect(sheet.sections.map((s) => s.kind)).toEqual(['mixed-clefs', 'line-space', 'name-notes']);
  });
});
