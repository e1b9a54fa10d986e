import { beforeAll, describe, expect, it } from 'vitest';
import { newSection } from '@/core/sheets';
import { staffTarget, wordsOf } from '@/core/workshop';
import { pageSvg } from '@/engrave';
import { exportGroup } from '@/server/services/export';
import { mySayings } from '@/server/services/my-sayings';
import { practiceKit } from '@/server/services/practice';
import {
  importSayings,
  sayingRows,
  sayingsOf,
  sayingsView,
  usableWords,
} from '@/server/services/sayings';
import { makeSheet, pagesOf } from '@/server/services/sheets';
import { getGroup, updateGroup } from '@/server/stores/groups';
import { forgetMethod, keepMethod, listOwnMethods } from '@/server/stores/methods';
import { addOffer, changeOffer, getOffer, listOffers, putSaying } from '@/server/stores/sayings';
import { getSheet } from '@/server/stores/sheets';
import { getStudent } from '@/server/stores/students';
import { makeRoom } from '../helpers/people';
import { at, sheet } from '../helpers/sheets';

let room: Awaited<ReturnType<typeof makeRoom>>;
let other: Awaited<ReturnType<typeof makeRoom>>;
const LINES = staffTarget('treble', 'lines');
const OWN = 'Eggs Grow Big Dry Feet';
const now = Date.now();

beforeAll(async () => {
  room = await makeRoom('sayings');
  other = await makeRoom('sayings-other');
});
const group = () => getGroup(room.teacherId, room.group.id);
const student = (i = 0) => getStudent(room.teacherId, room.students[i]!.id);
const use = (text: string, studentId: string | null = null, at = now) =>
  putSaying(room.teacherId, room.group.id, { target: LINES, words: wordsOf(text), studentId }, at);

describe('sayings in use', () => {
  it('are the group’s, or a student’s own until it is ended', () => {
    use('Eagles Glue Big Dry Figs');
    use(OWN, student().id, now + 1);
    expect(sayingsOf(group()).treble.lines[0]).toBe('Eagles');
    expect(sayingsOf(group(), student()).treble.lines[0]).toBe('Eggs');
    expect(sayingsOf(group(), student(1)).treble.lines[0]).toBe('Eagles');
    expect(
      practiceKit({ student: student(), group: group() } as never).sayings.treble.lines,
    ).toEqual(wordsOf(OWN));
    use('', student().id, now + 2);
    expect(sayingsOf(group(), student()).treble.lines[0]).toBe('Eagles');
  });

  it('leave a history of who used which since when', () => {
    const { history } = sayingsView(room.teacherId, group());
    expect(history.map((h) => [h.student, h.words[0] ?? ''])).toEqual([
      ['Ada', ''],
      ['Ada', 'Eggs'],
      [null, 'Eagles'],
    ]);
  });

  it('are refused with the reason when they do not fit', () => {
    expect(() => usableWords('Eggs and beer', LINES)).toThrow(/5 words/);
    expect(() => usableWords('Eggs grab beer dry figs', LINES)).toThrow(/not for children/);
    expect(usableWords('', LINES)).toEqual([]);
  });

  it('cannot be given to a student of another group or teacher', () => {
    const foreign = other.students[0]!.id;
    expect(() => use(OWN, foreign)).toThrow();
    expect(() =>
      putSaying(other.teacherId, room.group.id, { target: LINES, words: [], studentId: null }, now),
    ).toThrow();
    expect(() => listOffers(other.teacherId, room.group.id)).toThrow();
  });

  it('do not change a sheet that was printed before', () => {
    const spec = sheet([newSection('name-notes', 's', { count: 4 })], {
      positions: at('treble', 0),
      fade: 'sentence',
    });
    const made = makeSheet(room.teacherId, group(), spec, { versions: 'one', seed: 's' }, now);
    use('Eels Grab Bouncy Damp Fish', null, now + 5);
    const stored = getSheet(room.teacherId, made.sheet.code);
    const svg = pagesOf(stored, room.students, { part: 'sheets' })
      .map((p) => pageSvg(p))
      .join('');
    expect(svg).toContain('Eagles · Glue');
  });
});

describe('offers', () => {
  const offer = (text: string, studentId: string | null = student().id) =>
    addOffer(
      { groupId: room.group.id, studentId, target: LINES.id, words: wordsOf(text) },
      now + 10,
    );

  it('of a student replace their older one for the same place, unless it is in use', () => {
    const first = offer('Eels Grow Big Dry Fins');
    changeOffer(room.teacherId, first.id, { state: 'accepted' });
    offer('Emus Give Big Dry Fins');
    const last = offer(OWN);
    expect(
      listOffers(room.teacherId, room.group.id)
        .map((o) => o.id)
        .sort(),
    ).toEqual([first.id, last.id].sort());
    expect(mySayings({ student: student(), group: group() } as never).offers).toHaveLength(2);
  });

  it('can be voted on, and are nobody else’s business', () => {
    const own = offer('Elephants Guard Blue Dusty Ferries', null);
    expect(changeOffer(room.teacherId, own.id, { hands: 7 }).hands).toBe(7);
    expect(() => getOffer(other.teacherId, own.id)).toThrow();
    expect(() => changeOffer(other.teacherId, own.id, { hands: 1 })).toThrow();
    const names = sayingsView(room.teacherId, group()).offers.map(
      (o) => o.student?.name ?? 'teacher',
    );
    expect(names).toContain('teacher');
    expect(names).toContain('Ada');
  });
});

describe('a group’s export', () => {
  it('holds the sayings of its students, in use and offered', () => {
    const data = exportGroup(room.teacherId, room.group.id, now);
    expect(data.sayingsOffered.map((o) => o.studentId)).toContain(student().id);
    expect(data.sayingsInUse.some((u) => u.studentId === student().id)).toBe(true);
    expect(() => exportGroup(other.teacherId, room.group.id, now)).toThrow();
  });
});

describe('files', () => {
  it('come back as they went out', () => {
    use(OWN, student().id, now + 20);
    const rows = sayingRows(room.teacherId, group());
    expect(rows).toContainEqual({ target: 'treble-lines', saying: OWN, student: 'Ada' });
    expect(rows).toContainEqual({ target: 'treble-spaces', saying: 'FACE', student: '' });
    const count = importSayings(room.teacherId, group(), JSON.stringify(rows), now + 30);
    expect(count).toBe(rows.length);
    expect(sayingRows(room.teacherId, group())).toEqual(rows);
    const csv = 'target,saying,student\nstrings-guitar,Elephants Ask Dogs Greet Big Eels,\n';
    expect(importSayings(room.teacherId, group(), csv, now + 40)).toBe(1);
    expect(group().stringSayings['strings-guitar']).toHaveLength(6);
  });

  it.each([
    ['', /no saying/],
    ['a,b\n1,2', /columns “target” and “saying”/],
    ['{"x": 1}', /not a list of sayings/],
    ['[1, 2]', /not a list/],
    ['target,saying\nalto-lines,x', /Saying 1: “alto-lines” is nothing/],
    ['target,saying\ntreble-lines,Eels glide', /Saying 1: .*5 words/],
    ['target,saying,student\ntreble-lines,Eggs Grow Big Dry Feet,Nobody', /nobody here is called/],
  ])('are refused as a whole: %s', (text, message) => {
    const before = sayingRows(room.teacherId, group());
    expect(() => importSayings(room.teacherId, group(), text, now)).toThrow(message);
    expect(sayingRows(room.teacherId, group())).toEqual(before);
  });
});

describe('a teacher’s own ways of teaching', () => {
  const settings = { landmarks: ['t2', 'b6'], sayingClefs: ['treble' as const] };

  it('are kept by name, replaced, and forgotten', () => {
    keepMethod(room.teacherId, { name: 'Mine', method: 'landmarks', settings });
    keepMethod(room.teacherId, { name: 'Mine', method: 'two-sayings', settings });
    expect(listOwnMethods(room.teacherId)).toMatchObject([{ name: 'Mine', method: 'two-sayings' }]);
    expect(listOwnMethods(other.teacherId)).toEqual([]);
    forgetMethod(other.teacherId, 'Mine');
    expect(listOwnMethods(room.teacherId)).toHaveLength(1);
    forgetMethod(room.teacherId, 'Mine');
    expect(listOwnMethods(room.teacherId)).toEqual([]);
  });

  it('reach the student’s device, unless the student follows another school', () => {
    updateGroup(room.teacherId, room.group.id, { methodSettings: settings, hintFade: 'letters' });
    const kit = (method: 'landmarks' | null) =>
      practiceKit({ student: { ...student(), method }, group: group() } as never);
    expect(kit(null)).toMatchObject({ settings, hintFade: 'letters' });
    expect(kit('landmarks').settings).toEqual({});
    expect(kit(null).known).toContain('t1');
  });
});
