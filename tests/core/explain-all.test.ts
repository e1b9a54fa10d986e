import { describe, expect, it } from 'vitest';
import { explain, LETTER_PICTURES, METHOD_IDS, noteOrder } from '@/core/methods';
import {
  CLEF_IDS,
  CLEFS,
  KEY_SIGNATURES,
  letterAt,
  NAMINGS,
  noteName,
  pitchAt,
  positionId,
} from '@/core/notation';
import { DEFAULT_SAYINGS, sayingPlace } from '@/core/sayings';

const sayings = DEFAULT_SAYINGS;
const words = Object.values(sayings).flatMap((c) => [...c.lines, ...c.spaces]);
const STEPS = Array.from({ length: 29 }, (_, i) => i - 10);

describe('every explanation', () => {
  it('names the note in every key and naming', () => {
    for (const method of METHOD_IDS) {
      for (const key of KEY_SIGNATURES) {
        for (const naming of NAMINGS) {
          for (const clef of CLEF_IDS) {
            for (const step of [-3, 0, 3, 8, 11]) {
              const position = { clef, step };
              const way = explain(position, { method, sayings, key, naming });
              const name = noteName(pitchAt(position, key), naming, key);
              expect(way.at(-1)!.marks[0]!.label).toBe(name);
              if (pitchAt(position, key).alter !== 0) {
                expect(way.at(-1)!.say).toContain('key signature');
              }
            }
          }
        }
      }
    }
  });

  it('begins with the clef, unless the instrument comes first, and is short', () => {
    for (const method of METHOD_IDS) {
      for (const clef of CLEF_IDS) {
        for (const step of STEPS) {
          const way = explain({ clef, step }, { method, sayings, instrument: 'keyboard' });
          const at = way.findIndex((s) => s.say === CLEFS[clef].mark);
          expect(at).toBe(method === 'instrument-first' && way[0]!.place ? 1 : 0);
          expect(way.length).toBeLessThanOrEqual(6);
          for (const s of way) expect(s.say.trim().endsWith('.')).toBe(true);
        }
      }
    }
  });

  it('uses at each stage of each school only what was shown by then', () => {
    for (const method of METHOD_IDS) {
      const order = noteOrder(method, CLEF_IDS, 'keyboard');
      for (let shown = 1; shown <= order.length; shown += 3) {
        const known = new Set(order.slice(0, shown).map(positionId));
        const position = order[shown - 1]!;
        const way = explain(position, { method, sayings, instrument: 'keyboard', known });
        for (const mark of way.flatMap((s) => s.marks)) {
          if (mark.role !== 'known') continue;
          const at = { clef: position.clef, step: mark.step };
          const anchor = mark.step === CLEFS[position.clef].line * 2 - 2;
          expect(anchor || known.has(positionId(at)), `${method} ${positionId(at)}`).toBe(true);
        }
        const said = way.filter((s) => s.hand).flatMap((s) => s.marks.map((m) => m.label!));
        const part = sayingPlace(position)?.part;
        for (const word of said.filter((w) => words.includes(w))) {
          expect(sayings[position.clef][part!]).toContain(word);
        }
      }
    }
  });

  it('leads each walk from what is known to the note, step by step or skip by skip', () => {
    for (const method of METHOD_IDS) {
      for (const clef of CLEF_IDS) {
        for (const step of STEPS) {
          const way = explain({ clef, step }, { method, sayings });
          for (const { marks } of way.filter((s) => s.marks.some((m) => m.role === 'path'))) {
            for (const [i, mark] of marks.entries()) {
              expect(mark.label).toBe(letterAt({ clef, step: mark.step }));
              if (i > 0) expect(Math.abs(mark.step - marks[i - 1]!.step)).toBeLessThanOrEqual(2);
            }
          }
        }
      }
    }
  });

  it('says “staff” or “stave” as the teacher does', () => {
    const say = (terms: 'US' | 'UK') =>
      explain({ clef: 'treble', step: 9 }, { method: 'landmarks', sayings, terms }).at(-1)!.say;
    expect(say('US')).toContain('above the staff');
    expect(say('UK')).toContain('above the stave');
  });

  it('sings the steps in the teacher’s names', () => {
    const say = (naming: 'fixed-do' | 'movable-do') =>
      explain({ clef: 'treble', step: 4 }, { method: 'landmarks', sayings, naming, key: 1 })
        .map((s) => s.say)
        .join(' ');
    expect(say('fixed-do')).toContain('That line is sol.');
    expect(say('fixed-do')).toMatch(/names go (forward|backward): (do ti|sol la ti)/);
    expect(say('movable-do')).toContain('That line is do.');
  });

  it('has a picture for each letter, none of them a word of a saying that ships', () => {
    for (const [letter, thing] of Object.entries(LETTER_PICTURES)) {
      expect(thing.charAt(0).toUpperCase()).toBe(letter);
      expect(words.map((w) => w.toLowerCase())).not.toContain(thing);
    }
    expect(new Set(Object.values(LETTER_PICTURES)).size).toBe(7);
  });
});
