import type { APIRoute } from 'astro';
import { beforeAll, describe, expect, it } from 'vitest';
import { newSection, PRESETS, questionsOf, type SectionSpec, type SheetSpec } from '@/core/sheets';
import { markSheet, unmarkSheet } from '@/server/services/marking';
import { makeFollowUp, resultsOf } from '@/server/services/sheet-results';
import { composedCopy, makeSheet, pagesOf } from '@/server/services/sheets';
import { todayOf } from '@/server/services/today';
import { answersOf } from '@/server/stores/answers';
import { listPresets } from '@/server/stores/presets';
import { getSheet, handsOf } from '@/server/stores/sheets';
import { addStudents, listStudents } from '@/server/stores/students';
import { call } from '../helpers/http';
import { makeRoom } from '../helpers/people';
import { at, BOTH, rightly, sheet } from '../helpers/sheets';

const routes = import.meta.glob<Record<string, APIRoute>>('/src/pages/api/**/*.ts', {
  eager: true,
});
const now = Date.now();
let room: Awaited<ReturnType<typeof makeRoom>>;

beforeAll(async () => {
  room = await makeRoom('Prints');
  addStudents(
    room.teacherId,
    room.group.id,
    [
      { name: 'Vera', instrument: 'violin', method: null },
      { name: 'Nina', instrument: 'none', method: null },
    ],
    now,
  );
});
const students = () => listStudents(room.teacherId, room.group.id);
const named = (name: string) => students().find((s) => s.name === name)!;
const make = (
  sections: readonly SectionSpec[],
  versions: 'one' | 'abc' | 'each' = 'one',
  rest: Partial<SheetSpec> = {},
) => {
  const spec = sheet(sections, rest);
  const made = makeSheet(room.teacherId, room.group, spec, { versions, seed: 's' }, now);
  return { ...getSheet(room.teacherId, made.sheet.code), notices: made.notices };
};
const mixed = [
  newSection('name-notes', 'a', { count: 4 }),
  newSection('line-space', 'b', { count: 3 }),
  newSection('draw-note', 'c', { count: 2, options: { ask: 'octave' } }),
];
const answersIn = (name: string) => answersOf({ students: [named(name).id] }).get(named(name).id)!;

describe('copies', () => {
  it('come in three versions that differ, each with its letter', () => {
    const stored = make(mixed, 'abc');
    expect(stored.copies.map((c) => c.copy.label)).toEqual(['A', 'B', 'C']);
    const answers = [1, 2, 3].map((n) =>
      rightly(questionsOf(composedCopy(stored, n, students()).sections)),
    );
    expect(new Set(answers).size).toBe(3);
  });

  it('have each student’s own instrument, and say who cannot have an exercise', () => {
    const stored = make([newSection('where', 'w', { count: 3 }), ...mixed], 'each');
    const own = stored.copies.find((c) => c.studentId === named('Vera').id)!;
    const { sections } = composedCopy(stored, own.number, students());
    expect(sections[0]!.questions[0]!.evidence!.instrument).toBe('violin');
    expect(stored.notices.join()).toMatch(
      /^Nina: Where is it played is left out: Choose an instrument/,
    );
  });

  it('are refused when nobody would have anything to do', () => {
    const notes = { positions: at('treble', 0, 1) };
    expect(() => make([newSection('mixed-clefs', 'm')], 'one', notes)).toThrow('other clef');
  });

  it('are printed as often as asked, with each key once', () => {
    const stored = make(mixed);
    const pages = (times: number, part: 'sheets' | 'all') =>
      pagesOf(stored, students(), { part, times }).length;
    expect(pages(3, 'sheets')).toBe(3 * pages(1, 'sheets'));
    expect(pages(3, 'all') - pages(3, 'sheets')).toBe(pages(1, 'all') - pages(1, 'sheets'));
  });

  it('are not printed by the thousand', () => {
    const stored = make([newSection('blank-staves', 'p', { count: 60 })], 'each');
    const print = () => pagesOf(stored, students(), { part: 'sheets', times: 40 });
    expect(print).toThrow('more than 1000 pages');
  });

  it('can be made of every ready-made sheet', () => {
    for (const preset of PRESETS) {
      const stored = make(preset.sections, 'each', { positions: BOTH });
      expect(stored.copies.length).toBeGreaterThan(0);
    }
  });
});

describe('keying in several exercises', () => {
  it('stores what says something about a note, and takes it back again', () => {
    const stored = make(mixed);
    const { sections } = composedCopy(stored, 1, students());
    const typed = sections.map((s) => rightly(s.questions));
    typed[2] = '+x';
    const before = answersIn('Vera').length;
    const input = { studentId: named('Vera').id, copy: 1, typed, at: now - 86_400_000 };
    expect(markSheet(stored, students(), input, now)).toMatchObject({ right: 8 });
    const fresh = answersIn('Vera').filter((a) => a.id.startsWith(`sheet-${stored.sheet.code}`));
    expect(fresh.map((a) => a.task).sort()).toEqual([
      'name',
      'name',
      'name',
      'name',
      'write',
      'write',
    ]);
    expect(new Set(fresh.map((a) => a.at))).toEqual(new Set([now - 86_400_000]));
    expect(handsOf(stored.sheet.code).get(named('Vera').id)!.backAt).toBe(now - 86_400_000);

    unmarkSheet(stored, students(), named('Vera').id, now);
    expect(answersIn('Vera')).toHaveLength(before);
    const open = todayOf(room.teacherId, now).flatMap((g) => g.toMark);
    expect(open.find((s) => s.code === stored.sheet.code)!.open).toBe(5);
    expect(() => unmarkSheet(stored, students(), named('Vera').id, now)).toThrow('marking');
    // Keyed in again, it counts again.
    expect(markSheet(stored, students(), input, now)).toMatchObject({ right: 8, revision: 2 });
    expect(answersIn('Vera')).toHaveLength(before + 6);
  });

  it('names the exercise where something cannot be read', () => {
    const stored = make(mixed);
    const input = { studentId: named('Vera').id, copy: 1, typed: ['*', 'l9 q'] };
    expect(() => markSheet(stored, students(), input, now)).toThrow(/Line or space: Number 2/);
    expect(answersIn('Vera').some((a) => a.id.includes(stored.sheet.code))).toBe(false);
  });
});

describe('results and the next sheet', () => {
  it('say how it went, and make a sheet for exactly that', () => {
    const stored = make([
      newSection('quiz', 'q', { count: 12, options: { draw: false, lines: false } }),
    ]);
    const questions = questionsOf(composedCopy(stored, 1, students()).sections);
    const wrong = questions.findIndex((q) => q.evidence!.item.clef === 'treble');
    const typed = questions.map((q, i) => (i === wrong ? '-' : q.answer)).join(' ');
    markSheet(stored, students(), { studentId: named('Vera').id, copy: 1, typed: [typed] }, now);
    const [result] = resultsOf(stored, students());
    expect(result).toMatchObject({ right: 11, of: 12, quiz: { points: 11, of: 12, passed: true } });
    const missed = questions[wrong]!.evidence!.item;
    expect(result!.wrong).toEqual([{ clef: missed.clef, step: missed.step }]);

    const next = makeFollowUp(room.teacherId, stored, students(), 'f', now);
    expect(next.copies).toHaveLength(1);
    const again = getSheet(room.teacherId, next.sheet.code);
    const asked = questionsOf(composedCopy(again, 1, students()).sections);
    expect(asked.some((q) => q.evidence?.item.step === missed.step)).toBe(true);
    expect(again.sheet.spec.title).toMatch(/^Once more/);
  });

  it('need at least one marked copy', () => {
    expect(() => makeFollowUp(room.teacherId, make(mixed), students(), 'f', now)).toThrow(
      'Mark at least one',
    );
  });
});

describe('kept sheets', () => {
  const presets = routes['/src/pages/api/presets.ts']!;
  const kept = () => {
    const {
      version: _,
      naming: __,
      terms: ___,
      positions: ____,
      key: _____,
      instrument: ______,
      ...preset
    } = sheet(mixed);
    return preset;
  };
  const put = (body: unknown, jar = room.teacher) =>
    call(presets.PUT!, { method: 'PUT', jar, body });

  it('are one teacher’s own, replaced by name, and forgotten', async () => {
    expect((await put({ name: 'Mine', preset: kept() })).status).toBe(200);
    expect((await put({ name: 'Mine', preset: { ...kept(), title: 'New' } })).status).toBe(200);
    expect(listPresets(room.teacherId)).toMatchObject([{ name: 'Mine', preset: { title: 'New' } }]);
    const other = await makeRoom('Elsewhere');
    expect(listPresets(other.teacherId)).toEqual([]);
    await call(presets.DELETE!, { method: 'DELETE', jar: other.teacher, body: { name: 'Mine' } });
    expect(listPresets(room.teacherId)).toHaveLength(1);
    expect((await put({ name: 'Mine', preset: kept() }, room.student)).status).toBe(401);
    expect((await call(presets.DELETE!, { method: 'DELETE', body: { name: 'Mine' } })).status).toBe(
      401,
    );
    await call(presets.DELETE!, { method: 'DELETE', jar: room.teacher, body: { name: 'Mine' } });
    expect(listPresets(room.teacherId)).toEqual([]);
  });

  it('say what is wrong with them', async () => {
    const many = { ...kept(), sections: Array(17).fill(mixed[0]) };
    expect((await put({ name: 'M', preset: many })).data.detail).toMatch(/up to 16 exercises/);
    const wide = { ...kept(), staffSpace: 40 };
    expect((await put({ name: 'M', preset: wide })).data.detail).toMatch(/2 to 8 mm/);
    expect((await put({ name: ' ', preset: kept() })).data.detail).toMatch(/a name/);
  });
});

describe('codes', () => {
  it('of copies that were not made, of other teachers, and of nothing are refused with what would be right', async () => {
    const { sheet: mine } = make(mixed, 'abc');
    const get = routes['/src/pages/api/marking/[code].ts']!.GET!;
    const ask = async (code: string, jar = room.teacher) => {
      const { status, data } = await call(get, { jar, params: { code } });
      return [status, data.detail ?? data.copy];
    };
    expect(await ask(`${mine.code}-3`)).toEqual([200, 3]);
    expect(await ask(`${mine.code}-9`)).toEqual([
      400,
      expect.stringContaining('its copies are 1 to 3'),
    ]);
    const other = await makeRoom('Faraway');
    expect(await ask(mine.code, other.teacher)).toEqual([
      404,
      expect.stringContaining('not yours'),
    ]);
    expect(await ask('hello')).toEqual([400, expect.stringContaining('six letters or digits')]);
  });
});

describe('the test page for cards', () => {
  it('is for teachers', async () => {
    const get = routes['/src/pages/api/card-test.pdf.ts']!.GET!;
    expect((await call(get, { path: '/?paper=Letter' })).status).toBe(401);
    const page = await call(get, { path: '/?paper=Letter', jar: room.teacher });
    expect(page.headers.get('content-type')).toBe('application/pdf');
  });
});
