import { beforeAll, describe, expect, it } from 'vitest';
import { newSection } from '@/core/sheets';
import { chartsOf } from '@/server/services/charts';
import { packOf } from '@/server/services/pack';
import { makeSheet, pagesOf } from '@/server/services/sheets';
import { getSheet } from '@/server/stores/sheets';
import { addStudents, listStudents, updateStudent } from '@/server/stores/students';
import { makeRoom } from '../helpers/people';
import { at, sheet } from '../helpers/sheets';

let room: Awaited<ReturnType<typeof makeRoom>>;
const spec = sheet([newSection('name-notes', 's', { count: 6 })], {
  positions: at('treble', 1, 3, 5),
  keyPlaces: true,
});

beforeAll(async () => {
  room = await makeRoom('prints');
  addStudents(
    room.teacherId,
    room.group.id,
    [
      { name: 'Vera', instrument: 'violin', method: null },
      { name: 'Tom', instrument: 'trombone', method: null },
    ],
    Date.now(),
  );
});
const students = () => listStudents(room.teacherId, room.group.id);
const make = (versions: 'one' | 'each') => {
  const options = { versions, seed: versions };
  const { sheet } = makeSheet(room.teacherId, room.group, spec, options, Date.now());
  return getSheet(room.teacherId, sheet.code);
};

describe('packs', () => {
  it('hold sheet, cards and chart of each student’s own instrument, each on a new leaf', () => {
    const titles = packOf(make('each'), students()).map((p) => p.title);
    expect(titles.filter((t) => t.includes('Fingering chart, Keyboard'))).toHaveLength(3);
    expect(titles.filter((t) => t.includes('Fingering chart, Violin'))).toHaveLength(1);
    // Nothing of a treble sheet is for the trombone's bass clef.
    expect(titles.some((t) => t.includes('Trombone'))).toBe(false);
    for (const [i, title] of titles.entries()) {
      if (/fronts|Fingering chart/.test(title)) expect(i % 2, title).toBe(0);
    }
  });

  it('give everybody the one sheet when it is for all', () => {
    const titles = packOf(make('one'), students()).map((p) => p.title);
    expect(titles.filter((t) => /fronts/.test(t))).toHaveLength(4);
  });

  it('say that there is nobody', () => {
    expect(() => packOf(make('one'), [])).toThrow('Add students');
  });
});

describe('keys with places', () => {
  it('picture the instruments of the group on a sheet for all', () => {
    expect(pagesOf(make('one'), students(), { part: 'key' }).length).toBeGreaterThan(1);
  });
});

describe('charts of a group', () => {
  const query = {
    set: 'first' as const,
    notes: [],
    paper: 'A4' as const,
    front: false,
    left: false,
  };
  const setting = { key: 0, naming: 'letters', owner: 'G' } as const;

  it('have a page for each section, without those who have no instrument', () => {
    const pages = chartsOf(['violin', 'none', 'trombone'], { ...query }, setting);
    expect(pages.map((p) => p.title.split(',')[1])).toEqual([' Violin', ' Trombone']);
  });

  it('cover the whole range when asked', () => {
    const [first] = chartsOf(['tuba'], { ...query, set: 'range' as const }, setting);
    expect(first!.title).toContain('E1 valves 1 and 2 and 3');
  });

  it('say why there is nothing to print', () => {
    const notes = [{ clef: 'bass' as const, step: 1 }];
    const chosen = { ...query, set: 'chosen' as const, notes };
    expect(() => chartsOf(['violin'], chosen, setting)).toThrow('The violin reads none');
    expect(() => chartsOf(['violin', 'flute'], chosen, setting)).toThrow('no instrument here');
  });
});

describe('a student with two instruments', () => {
  it('keeps the second instrument and the hand', () => {
    const [first] = students();
    const change = { secondInstrument: 'guitar', leftHanded: true } as const;
    expect(updateStudent(room.teacherId, first!.id, change)).toMatchObject(change);
  });
});
