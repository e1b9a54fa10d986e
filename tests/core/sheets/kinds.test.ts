import { describe, expect, it } from 'vitest';
import { letterAt } from '@/core/notation';
import { composeSheet, type Figure, itemsCsv, itemsMusicXml, newSection } from '@/core/sheets';
import { at, BOTH, cellsOf, made, sheet } from '../../helpers/sheets';

const figure = <T extends Figure['type']>(s: { figures: readonly Figure[] }, type: T) =>
  s.figures.find((f) => f.type === type) as Extract<Figure, { type: T }>;

describe('kinds', () => {
  it('name the notes: the key signature counts, and so does the naming', () => {
    const positions = at('treble', 8);
    expect(made('name-notes', { count: 1, key: 2 }, { positions }).questions[0]!.answer).toBe('F#');
    const doh = made('name-notes', { count: 1 }, { positions, key: 1, naming: 'movable-do' });
    expect(doh.questions[0]!.shown).toBe('ti');
    expect(doh.instructions).toContain('name under each note');
  });

  it('letters in heads fade over the sheet', () => {
    const letters = (headLetters: 'all' | 'other' | 'first' | 'none' | 'fading') =>
      cellsOf(made('name-notes', { count: 12 }, { headLetters, positions: at('treble', 0, 1, 2) }))
        .map((c) => (c.notes[0]!.letter ? 'x' : '-'))
        .join('');
    expect(letters('all')).toBe('xxxxxxxxxxxx');
    expect(letters('none')).toBe('------------');
    expect(letters('other')).toBe('x-x-x-x-x-x-');
    expect(letters('first')).toBe('xxx---------');
    expect(letters('fading')).toBe('xxxxx-x-----');
  });

  it('letters in heads fade over the whole sheet, not over each exercise', () => {
    const sections = ['a', 'b', 'c'].map((id) => newSection('name-notes', id, { count: 4 }));
    const composed = composeSheet(
      sheet([...sections, newSection('dots', 'd')], { headLetters: 'fading' }),
      { seed: 's' },
    );
    const letters = composed.map((s) =>
      cellsOf(s)
        .map((c) => (c.notes[0]!.letter ? 'x' : '-'))
        .join(''),
    );
    expect(letters.slice(0, 3)).toEqual(['xxxx', 'x-x-', '----']);
  });

  it('line or space: counted from the bottom, only on the staff', () => {
    const s = made('line-space', { count: 3 }, { positions: at('treble', 0, 7, -2) });
    expect(new Set(s.questions.map((q) => q.answer))).toEqual(new Set(['L1', 'S4']));
    expect(s.notices.join()).toContain('beyond the staff');
    const plain = made(
      'line-space',
      { options: { number: false }, count: 1 },
      { positions: at('bass', -2) },
    );
    expect(plain.questions[0]!.answer).toBe('L');
  });

  it('draw the note: every place of the letter, or the octave asked for', () => {
    const positions = at('treble', 0);
    const every = made('draw-note', { count: 1, options: { ask: 'every' } }, { positions });
    expect(cellsOf(every)[0]!.drawn!.map((n) => n.step)).toEqual([0, 7]);
    const octave = made(
      'draw-note',
      { count: 1, options: { ask: 'octave', stems: true } },
      { positions },
    );
    expect(cellsOf(octave)[0]!.rows[0]).toEqual({ kind: 'print', text: 'low E' });
    expect(cellsOf(octave)[0]!.drawn![0]!.head).toBe('quarter');
  });

  it('draw it five times: a model, pale copies, then alone', () => {
    const s = made(
      'draw-five',
      { count: 1, options: { traced: 2, heads: 'both' } },
      { positions: at('bass', 3) },
    );
    const cells = cellsOf(s);
    expect(cells).toHaveLength(12);
    const row = cells
      .slice(0, 6)
      .map((c) => (c.notes[0] ? (c.notes[0].faint ? 'pale' : 'model') : 'alone'));
    expect(row).toEqual(['model', 'pale', 'pale', 'alone', 'alone', 'alone']);
    expect(cells[11]!.drawn![0]!.head).toBe('quarter');
    const many = made('draw-five', { count: 9 }, { positions: at('bass', 3, 4) });
    expect(many.questions).toHaveLength(2);
    expect(many.notices.join()).toContain('2 instead of 9');
  });

  it('fill the gap: runs step by step, the first never hidden', () => {
    const s = made('fill-gap', { count: 6, options: { gaps: 'both', length: 5 } });
    const cells = cellsOf(s);
    for (let g = 0; g < 6; g++) {
      const run = cells.filter((c) => c.group === g);
      const steps = run.map((c) => (c.notes[0] ?? c.drawn![0])!.step);
      const by = g % 2 === 0 ? 1 : -1;
      for (let i = 1; i < steps.length; i++) expect(steps[i]! - steps[i - 1]!).toBe(by);
      expect(run[0]!.rows[0]!.kind).toBe('print');
      expect(run.filter((c) => c.rows[0]!.kind === 'write' || c.notes.length === 0)).toHaveLength(
        2,
      );
    }
    expect(made('fill-gap', {}, { positions: at('treble', 0) }).empty).toContain('third apart');
  });

  it('words: spelled by the chosen notes only', () => {
    const positions = at('treble', 1, 3, 5, 7);
    const s = made('words', { count: 4, options: { level: '2' } }, { positions });
    expect(s.questions.map((q) => q.answer).join('')).toMatch(/^[FACE]+$/);
    const none = made('words', {}, { positions: at('treble', 0, 8) });
    expect(none.empty).toContain('No word of the list can be written with E F');
    const written = made('words', { count: 2, options: { way: 'write' } }, { key: 3 });
    expect(cellsOf(written).every((c) => c.notes.length === 0 && c.drawn!.length === 1)).toBe(true);
    expect(written.notices.join()).toContain('no key signature');
  });

  it('dots: a letter asked for takes any of its dots', () => {
    const s = made(
      'dots',
      { count: 6, options: { ask: 'number' } },
      { positions: at('treble', 0, 7, 2) },
    );
    const e = s.questions.find((q) => q.prompt.includes('E'))!;
    expect([e.answer, ...e.others!]).toHaveLength(4);
  });

  it('match: each name once, places of the instrument or none with the reason', () => {
    const s = made(
      'match',
      { count: 6 },
      { positions: at('treble', 0, 1, 2, 3, 7), instrument: 'violin' },
    );
    const m = figure(s, 'match');
    expect(new Set(m.names).size).toBe(m.names.length);
    expect(m.nameOf.map((n) => m.names[n])).toEqual(m.notes.map(letterAt));
    expect(m.places).toHaveLength(m.notes.length);
    const none = made('match', { count: 3 });
    expect(figure(none, 'match').places).toEqual([]);
    expect(none.notices.join()).toContain('Without places');
    expect(none.instructions).toBe('Draw a line from each note to its letter.');
    expect(s.instructions).toContain('to its place');
  });

  it('where: written as the instrument writes it, shaded on a keyboard, left out beyond the range', () => {
    const written = (instrument: 'violin' | 'guitar' | 'trumpet', step: number) =>
      made('where', { count: 1 }, { positions: at('treble', step), instrument }).questions[0]!
        .answer;
    expect(written('violin', 4)).toBe('A1');
    expect(written('guitar', 2)).toBe('3-0');
    expect(written('trumpet', 2)).toBe('0');
    const keys = made('where', { count: 2 }, { instrument: 'keyboard' });
    expect(figure(keys, 'places').way).toBe('shade');
    expect(keys.notices.join()).toContain('are shaded');
    expect(keys.instructions).toBe('Show on the picture where each note is played.');
    const out = made(
      'where',
      { count: 2 },
      { positions: at('treble', -3, 4), instrument: 'violin' },
    );
    expect(out.questions.length).toBe(2);
    expect(made('where', {}, { instrument: 'none' }).empty).toContain('Choose an instrument');
  });

  it('steps: the motion between two notes, up and down, and the same', () => {
    const s = made('steps', { count: 10 });
    const cells = cellsOf(s);
    const motions = s.questions.filter((q) => q.entry === 'motion');
    motions.forEach((q, i) => {
      const by = cells[2 * i + 1]!.notes[0]!.step - cells[2 * i]!.notes[0]!.step;
      expect(q.answer).toBe({ 1: 'su', [-1]: 'sd', 2: 'ku', [-2]: 'kd', 0: '=' }[by]);
    });
    expect(new Set(motions.map((q) => q.answer)).size).toBe(5);
  });

  it('two of a letter: exactly one pair in a group', () => {
    const s = made('two-of-a-letter', { count: 8 });
    const cells = cellsOf(s);
    s.questions.forEach((q, g) => {
      const group = cells.filter((c) => c.group === g);
      const letters = group.map((c) => letterAt({ clef: c.clef, step: c.notes[0]!.step }));
      const [a, b] = [...q.answer].map((n) => letters[Number(n) - 1]);
      expect(a).toBe(b);
      expect(new Set(letters).size).toBe(letters.length - 1);
    });
    expect(made('two-of-a-letter', {}, { positions: at('treble', 0, 1) }).empty).toContain(
      'line 1 and space 4',
    );
  });

  it('mixed clefs: never three of one clef in a row', () => {
    const clefs = cellsOf(made('mixed-clefs', { count: 40 }))
      .map((c) => c.clef[0])
      .join('');
    expect(clefs).not.toMatch(/ttt|bbb/);
  });

  it('quiz: the parts share the questions, the head has points and pass mark', () => {
    const s = made('quiz', { count: 21, options: { pass: 70 } });
    expect(s.questions).toHaveLength(21);
    const points = s.questions.reduce((n, q) => n + (q.points ?? 1), 0);
    expect(points).toBe(28);
    expect(figure(s, 'quiz')).toMatchObject({ points: 28, pass: 20, minutes: 10 });
    // A part that has nothing to ask leaves its questions to the others.
    const one = made(
      'quiz',
      { count: 10, options: { mixed: true } },
      { positions: at('treble', 1, 2, 3) },
    );
    expect(one.questions.length).toBeGreaterThanOrEqual(10);
    const none = { names: false, lines: false, draw: false };
    expect(made('quiz', { options: none }).empty).toContain('at least one kind');
  });
});

describe('open formats', () => {
  it('CSV has a line for each item, safe in a spreadsheet', () => {
    const s = made('draw-note', { count: 3 });
    const lines = itemsCsv([s]).split('\r\n');
    expect(lines).toHaveLength(4);
    expect(lines[0]).toBe('section,kind,number,asked,answer,points');
    expect(lines[1]).toMatch(/^1,Draw the note,1,Draw [A-G],/);
  });

  it('MusicXML has a measure for each place, drawn notes only with the answers', () => {
    const s = made('draw-note', { count: 3, key: 1 }, { positions: at('bass', 6) });
    const print = itemsMusicXml([s], { title: 'A & B', answers: false });
    expect(print).toContain('<work-title>A &amp; B</work-title>');
    expect(print.match(/<measure /g)).toHaveLength(3);
    expect(print).not.toContain('<pitch>');
    const key = itemsMusicXml([s], { title: '', answers: true });
    expect(key).toContain('<step>F</step><alter>1</alter><octave>3</octave>');
    expect(key.match(/<clef>/g)).toHaveLength(1);
    expect(itemsMusicXml([made('blank-staves')], { title: '', answers: false })).toContain('<rest');
    expect(BOTH).toHaveLength(18);
  });
});
