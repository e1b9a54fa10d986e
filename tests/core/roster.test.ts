import { describe, expect, it } from 'vitest';
import { nameKeyOf, parseRoster } from '@/core/roster';
import { decodeText } from '@/islands/groups/read-file';

const names = (text: string) => {
  const roster = parseRoster(text);
  return roster.ok ? roster.rows.map((r) => r.name) : roster.reason;
};
const row = (text: string) => {
  const roster = parseRoster(text, 'keyboard');
  return roster.ok ? roster.rows[0] : roster.reason;
};

describe('a list of students', () => {
  it('is one name a line, or CSV with any usual separator', () => {
    expect(names('Ada\n\n  Bo  \nCleo\n')).toEqual(['Ada', 'Bo', 'Cleo']);
    expect(row('name;instrument;method\nÅse;Violin;landmarks')).toEqual({
      name: 'Åse',
      secondInstrument: null,
      leftHanded: false,
      instrument: 'violin',
      method: 'landmarks',
    });
    expect(row('First name\tInstrument\nAda\tsoprano recorder')).toMatchObject({
      instrument: 'soprano-recorder',
      method: null,
    });
    expect(row('\uFEFFname,age\nAda,7')).toMatchObject({ name: 'Ada', instrument: 'keyboard' });
    expect(names('name\n"Ada, the first"')).toEqual(['Ada, the first']);
  });

  it.each([
    ['', /Write one student on each line/],
    ['name\n', /no students/],
    ['Ada\nBo\nada', /on line 1 and on line 3.*ada B/],
    ['surname,age\nX,7', /columns surname, age.*“name”/],
    ['instrument,method\nviolin,landmarks', /“name”/],
    ['name,instrument\nAda,kazoo', /Line 1: no instrument is called “kazoo”. Use one of: Keyboard/],
    ['name,method\nAda,magic', /no method is called “magic”/],
    [`Ada\n${'x'.repeat(200)}`, /Line 2: .*too long/],
    ['<b>Ada</b>', /signs that do not belong/],
    ['Ad\uFFFDa', /CSV UTF-8/],
    [Array.from({ length: 61 }, (_, i) => `Kid ${i}`).join('\n'), /up to 60/],
    ['---', /at least one letter/],
  ])('%j is refused and says what would be right', (text, reason) => {
    expect(names(text)).toMatch(reason);
  });

  it('takes names alike that a child types alike', () => {
    expect(nameKeyOf(' Zoë-Mae ')).toBe(nameKeyOf('zoe mae'));
    expect(nameKeyOf('Ada')).not.toBe(nameKeyOf('Ada B'));
  });
});

describe('a file in any encoding', () => {
  const bytes = (...b: number[]) => new Uint8Array(b);
  it('is read by its marks, as UTF-8, or as Western European with a warning', () => {
    expect(decodeText(new TextEncoder().encode('Zoë'))).toEqual({ text: 'Zoë', guessed: false });
    expect(decodeText(bytes(0xff, 0xfe, 0x5a, 0, 0xeb, 0))).toMatchObject({
      text: 'Zë',
      guessed: false,
    });
    expect(decodeText(bytes(0x5a, 0x6f, 0xeb))).toEqual({ text: 'Zoë', guessed: true });
  });
});
