import '../helpers/room';
import { eq } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { db, schema } from '@/server/db';
import { seedDemo } from '@/server/demo/seed';
import { resultsOf } from '@/server/services/sheet-results';
import { answersOf } from '@/server/stores/answers';
import { listGroups } from '@/server/stores/groups';
import { listPresets } from '@/server/stores/presets';
import { getSheet, handsOf, listSheets } from '@/server/stores/sheets';
import { listStudents } from '@/server/stores/students';

const now = new Date('2026-11-20T15:00:00Z').getTime();
let teacherId: string;

beforeAll(async () => {
  await seedDemo(now);
  teacherId = db().select().from(schema.user).get()!.id;
}, 120_000);

/** A group's sheet that came back, with its students. */
function marked(groupCode: string) {
  const group = listGroups(teacherId).find((g) => g.code === groupCode)!;
  const [sheet] = listSheets(teacherId, [group.id])
    .filter((s) => s.markings.length > 0)
    .map((s) => s.sheet);
  return { stored: getSheet(teacherId, sheet!.code), students: listStudents(teacherId, group.id) };
}

describe('the demo’s keyed-in class', () => {
  it('comes back as evidence: names, corrections and drawn notes, on the day of the sheet', () => {
    const { stored, students } = marked('KEYS42');
    const logs = answersOf({ students: students.map((s) => s.id) });
    const own = `sheet-${stored.sheet.code}-`;
    const counted = students.map((s) => logs.get(s.id)!.filter((a) => a.id.startsWith(own)));
    const keyed = counted.filter((log) => log.length > 0);
    expect(keyed.length).toBeGreaterThanOrEqual(students.length - 2);
    for (const log of keyed) {
      expect(new Set(log.map((a) => a.task))).toEqual(new Set(['name', 'write']));
      expect(log.every((a) => a.source === 'sheet' && a.ms === null && a.at < now)).toBe(true);
    }
  });

  it('shows in its results what was planted', () => {
    const { stored, students } = marked('KEYS42');
    const results = resultsOf(stored, students);
    const causesOf = (name: string) => {
      const { id } = students.find((s) => s.name === name)!;
      return results.find((r) => r.studentId === id)!.causes.map((c) => c.id);
    };
    expect(causesOf('Juno')).toContain('clef');
    expect(causesOf('Otis')).toContain('from-top');
    expect(results.every((r) => r.of === 28 && r.right > 5)).toBe(true);
  });

  it('gives everybody the sheet, and notes who gave it back', () => {
    const { stored, students } = marked('STRN42');
    const hands = handsOf(stored.sheet.code);
    expect([...hands.values()].filter((h) => h.givenAt !== null)).toHaveLength(students.length);
    expect([...hands.values()].some((h) => h.backAt === null)).toBe(true);
  });

  it('leaves a sheet to be marked, and a sheet to start from', () => {
    const groups = listGroups(teacherId).map((g) => g.id);
    const open = listSheets(teacherId, groups).filter((s) => s.markings.length === 0);
    expect(open.length).toBeGreaterThanOrEqual(3);
    expect(listPresets(teacherId)).toHaveLength(1);
  });

  it('keeps a sheet of the first version readable', () => {
    const { stored, students } = marked('KEYS42');
    const { code, spec } = stored.sheet;
    const first = {
      version: 1,
      kind: 'name-notes',
      count: 9,
      weakFirst: false,
      positions: spec.positions,
      key: 0,
      paper: 'A4',
      staffSpace: 3,
      title: 'Old',
      instructions: 'Name them.',
      header: ['name'],
      naming: 'letters',
      terms: 'US',
    } as const;
    db().update(schema.sheet).set({ spec: first }).where(eq(schema.sheet.code, code)).run();
    const old = getSheet(teacherId, code);
    expect(old.sheet.spec).toMatchObject({ version: 2, title: 'Old', sections: [{ count: 9 }] });
    expect(students.length).toBeGreaterThan(0);
  });
});
