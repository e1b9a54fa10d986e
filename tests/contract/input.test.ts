import { describe, expect, it } from 'vitest';
import type { z } from 'zod';
import { enterInput, setupInput } from '@/contract/accounts';
import { instrumentsFrom, writeInstruments } from '@/contract/address';
import { answersInput } from '@/contract/answers';
import { cardsQuery, cardsSearch } from '@/contract/cards';
import { chartQuery } from '@/contract/charts';
import { groupChange, groupInput, introducedInput, studentChange } from '@/contract/groups';
import { offerChange, sayingInput } from '@/contract/sayings';
import { markingInput, pdfQuery, sheetInput } from '@/contract/sheets';
import { CARD_START, type CardSettings } from '@/core/cards';
import { DEFAULT_RULES } from '@/core/evidence';

import { newSection } from '@/core/sheets';
import { sheet as sheetSpec } from '../helpers/sheets';

const answer = {
  id: 'answer-01',
  position: 't1',
  key: 0,
  accidental: null,
  given: 'F',
  ms: 900,
  hints: 0,
  source: 'drill',
  at: 1.7e12,
};
const {
  version: _,
  naming: __,
  terms: ___,
  ...settings
} = sheetSpec([newSection('name-notes', 's', { count: 8 })]);
const sheet = { ...settings, groupId: 'g', positions: ['t1', 'b-4'], versions: 'one', seed: 's' };
const withSection = (part: object) => ({
  ...sheet,
  sections: [{ ...sheet.sections[0]!, ...part }],
});
const setup = { name: 'T', email: 't@example.org', password: 'long enough words' };

/** First message of what is wrong with an input, or null. */
function problem(schema: z.ZodType, input: unknown): string | null {
  const result = schema.safeParse(input);
  return result.success ? null : result.error.issues[0]!.message;
}

describe('input that is right', () => {
  it.each([
    ['set-up', setupInput, setup],
    ['entering', enterInput, { code: 'ABC234', name: 'Ada', pictures: ['sun', 'sun', 'moon'] }],
    [
      'answers',
      answersInput,
      { answers: [answer, { ...answer, id: 'answer-02', given: null, ms: null }] },
    ],
    [
      'places',
      answersInput,
      {
        answers: [
          { ...answer, task: 'place', given: 'string 2 +4 finger 3', instrument: 'cello' },
          { ...answer, task: 'place', given: 'holes ~T 1 2 R-F#', instrument: 'clarinet' },
          { ...answer, task: 'place', given: 'valves open', instrument: 'trumpet' },
          { ...answer, task: 'write', given: 't-2', instrument: 'flute' },
        ],
      },
    ],
    ['a query for charts', chartQuery, { set: 'range', instrument: 'tuba', front: '1' }],
    ['a second instrument', studentChange, { secondInstrument: 'guitar', leftHanded: true }],
    ['a group', groupInput, { name: ' Tuesday ' }],
    ['a saying', sayingInput, { target: 'treble-lines', text: '' }],
    ['an answer to an offer', offerChange, { do: 'accept', for: 'student' }],
    ['figures', groupChange, { rules: DEFAULT_RULES }],
    ['a student', studentChange, { name: 'Zoë-Mae', method: null }],
    ['a sheet', sheetInput, sheet],
    ['a query for a PDF', pdfQuery, { copy: '3' }],
    ['a query for cards', cardsQuery, { group: 'g', notes: 't1,b2' }],
    ['a marking', markingInput, { studentId: 's', copy: 1, typed: ['f a', ''] }],
  ] as [string, z.ZodType, unknown][])('%s is taken', (_, schema, input) => {
    expect(problem(schema, input)).toBeNull();
  });

  it('is tidied on the way in', () => {
    expect(groupInput.parse({ name: ' Tuesday ' })).toEqual({
      name: 'Tuesday',
      method: 'two-sayings',
      key: 0,
      terms: 'US',
      naming: 'letters',
    });
    expect(studentChange.parse({ name: '  Ada   B ' }).name).toBe('Ada B');
    expect(introducedInput.parse({ positions: ['b-2'], on: true }).positions).toEqual([
      { clef: 'bass', step: -2 },
    ]);
  });
});

describe('input that is not', () => {
  it.each([
    [setupInput, { ...setup, password: 'short' }, /at least 10 characters/],
    [setupInput, { ...setup, email: 'nobody' }, /e-mail address, such as/],
    [setupInput, { ...setup, name: ' ' }, /name that students know/],
    [enterInput, { code: 'A', name: 'Ada', pictures: ['sun'] }, /three pictures/],
    [
      enterInput,
      { code: 'A', name: 'Ada', pictures: ['sun', 'sun', 'cat'] },
      /Choose three of the pictures/,
    ],
    [answersInput, { answers: [{ ...answer, position: 'H9' }] }, /not a staff position/],
    [answersInput, { answers: [{ ...answer, given: 'H' }] }, /letter A to G/],
    [
      answersInput,
      { answers: [{ ...answer, task: 'place', given: 'F', instrument: 'cello' }] },
      /as the diagrams name it/,
    ],
    [answersInput, { answers: [{ ...answer, task: 'place', given: 'key 60' }] }, /its instrument/],
    [
      answersInput,
      { answers: [{ ...answer, task: 'write', given: 'F', instrument: 'cello' }] },
      /staff position/,
    ],
    [answersInput, { answers: [{ ...answer, task: 'dance' }] }, /a name, a place/],
    [answersInput, { answers: [{ ...answer, given: 'x'.repeat(200) }] }, /too long/],
    [chartQuery, { set: 'chosen', instrument: 'tuba' }, /at least one note/],
    [chartQuery, { set: 'some', instrument: 'tuba' }, /first notes or the whole range/],
    [chartQuery, { set: 'first', instrument: 'kazoo' }, /instruments/],
    [studentChange, { leftHanded: 'maybe' }, /yes or no/],
    [answersInput, { answers: [{ ...answer, key: 9 }] }, /seven sharps/],
    [answersInput, { answers: [{ ...answer, ms: 9e9 }] }, /ten minutes/],
    [answersInput, { answers: [{ ...answer, id: 'x' }] }, /identifier/],
    [answersInput, { answers: [{ ...answer, id: '<script>' }] }, /identifier/],
    [answersInput, { answers: [{ ...answer, id: 'sheet-ABC123-1-1-1' }] }, /identifier/],
    [answersInput, { answers: Array(201).fill(answer) }, /up to 200/],
    [groupInput, { name: '' }, /Give the group a name/],
    [groupInput, { name: 'x'.repeat(61) }, /up to 60/],
    [groupInput, { name: 'x', method: 'magic' }, /ways of teaching/],
    [groupChange, { key: 8 }, /seven sharps/],
    [groupChange, { rules: { ...DEFAULT_RULES, instantMs: 1 } }, /0.5 to 10 seconds/],
    [groupChange, { rules: { ...DEFAULT_RULES, secureAccuracy: 0.2 } }, /50 to 100 %/],
    [sayingInput, { target: 'alto-lines', text: 'x' }, /lines or spaces of a clef/],
    [sayingInput, { target: 'strings-flute', text: 'x' }, /open strings/],
    [sayingInput, { target: 'bass-lines', text: 'x'.repeat(5000) }, /too long for a saying/],
    [offerChange, { do: 'sing' }, /Accept it, ask/],
    [offerChange, { do: 'ask', reply: ' ' }, /what to change/],
    [offerChange, { do: 'count', hands: -1 }, /fewer than no hands/],
    [studentChange, { name: 'x'.repeat(200) }, /too long/],
    [studentChange, { name: '<img onerror=x>' }, /do not belong in a name/],
    [studentChange, { instrument: 'kazoo' }, /instruments/],
    [introducedInput, { positions: [], on: true }, /at least one note/],
    [sheetInput, withSection({ count: 201 }), /from 1 to 200/],
    [sheetInput, withSection({ count: 'many' }), /how many/],
    [sheetInput, withSection({ kind: 'bingo' }), /one of the exercises/],
    [sheetInput, withSection({ options: { head: 'square' } }), /Heads: choose/],
    [sheetInput, { ...sheet, sections: Array(500).fill({}) }, /up to 16 exercises/],
    [sheetInput, { ...sheet, staffSpace: 9 }, /2 to 8 mm/],
    [sheetInput, { ...sheet, title: 'x'.repeat(301) }, /too long/],
    [sheetInput, { ...sheet, paper: 'A3' }, /A4 or Letter/],
    [sheetInput, { ...sheet, positions: [] }, /at least one note/],
    [cardsQuery, { group: 'g', notes: '' }, /at least one note/],
    [cardsQuery, { group: 'g', notes: 't1', perPage: '9' }, /4, 8 or 16/],
    [cardsQuery, { group: 'g', notes: 't1', right: '40' }, /up to 10 mm/],
    [cardsQuery, { group: 'g', notes: 't1', back: 'name,smell' }, /stands on the backs/],
    [markingInput, { studentId: '', copy: 1, typed: [''] }, /Choose the student/],
  ] as [z.ZodType, unknown, RegExp][])(
    'is refused with what would be right (%#)',
    (schema, input, message) => {
      expect(problem(schema, input)).toMatch(message);
    },
  );
});

describe('the address of the Instruments view', () => {
  const fallback = {
    ids: ['keyboard'] as const,
    note: { letter: 'C', alter: 0, octave: 4 } as const,
  };

  it('comes back as it was written', () => {
    const view = {
      ids: ['violin', 'tuba'] as const,
      note: { letter: 'B', alter: -1, octave: 3 } as const,
      mode: 'sound' as const,
      front: true,
      leftHanded: false,
    };
    const search = new URLSearchParams('left=1&group=g');
    writeInstruments(search, view);
    expect(instrumentsFrom(search, fallback)).toEqual(view);
    expect(search.get('group')).toBe('g');
  });

  it('takes what is unreadable from the fallback, and at most four instruments', () => {
    const search = new URLSearchParams('with=kazoo,none&note=H4&mode=dance');
    expect(instrumentsFrom(search, fallback)).toMatchObject({ ...fallback, mode: 'read' });
    const many = new URLSearchParams('with=violin,cello,tuba,flute,horn');
    expect(instrumentsFrom(many, fallback).ids).toHaveLength(4);
  });
});

describe('the address of cards', () => {
  it('brings every setting back', () => {
    const settings: CardSettings = {
      ...CARD_START,
      back: ['word', 'way'],
      perPage: 16,
      backs: 'short',
      right: -1.5,
      marks: false,
      signature: false,
      label: 'Set 2 & more',
      colour: 'plum',
      helper: true,
    };
    const search = cardsSearch(settings, {
      group: 'g',
      notes: ['t1', 'no'],
      paper: 'Letter',
      student: 's',
    });
    const read = cardsQuery.parse(Object.fromEntries(new URLSearchParams(search)));
    expect(read).toEqual({
      ...settings,
      group: 'g',
      notes: [{ clef: 'treble', step: 1 }],
      paper: 'Letter',
      student: 's',
    });
  });
});
