import { describe, expect, it } from 'vitest';
import { INSTRUMENT_IDS, INSTRUMENTS } from '@/core/instruments';
import { parsePitch } from '@/core/notation';
import { DEFAULT_SAYINGS } from '@/core/sayings';
import { composeSheet, newSection } from '@/core/sheets';
import {
  type Chart,
  chartPages,
  pageSvg,
  staffPadGeometry,
  staffPadSvg,
  wayPages,
} from '@/engrave';

const chart = (instrument: Chart['instrument'], notes: string[]): Chart => ({
  instrument,
  notes: notes.map(parsePitch),
  key: 0,
  naming: 'letters',
  owner: 'Strings',
});
const svgOf = (c: Chart) => chartPages(c, 'A4').map((p) => pageSvg(p));

import { at, sheet } from '../helpers/sheets';

describe('fingering charts', () => {
  it('show each note with its place and the other ways, and the cautions', () => {
    const [svg] = svgOf(chart('violin', ['A4', 'C#5']));
    expect(svg).toContain('Violin: fingering chart');
    expect(svg).toContain('open A string; or D string, 4');
    expect(svg).toContain('C♯');
    expect(svg).toContain('Shoulders loose');
    expect(svg).toContain('Sounds as written');
  });

  it('list what cannot be played, with the reason', () => {
    const [svg] = svgOf(chart('violin', ['A4', 'C3']));
    expect(svg).toContain('Not on this chart');
    expect(svg).toContain('C3 is below the range of the violin');
  });

  it('go on over as many pages as the notes need', () => {
    const notes = INSTRUMENTS.clarinet.firstNotes[0]!.notes;
    const pages = svgOf(chart('clarinet', [...notes, ...notes, ...notes]));
    expect(pages.length).toBeGreaterThan(2);
    expect(pages[0]).toContain(`1/${pages.length}`);
  });

  it.each(INSTRUMENT_IDS.filter((id) => id !== 'none'))('%s stays on the paper', (id) => {
    for (const paper of ['A4', 'Letter'] as const) {
      for (const page of chartPages(chart(id, [...INSTRUMENTS[id].firstNotes[0]!.notes]), paper)) {
        const svg = pageSvg(page);
        const tops = [...svg.matchAll(/<g transform="translate\(([-\d.]+) ([-\d.]+)\)">/g)];
        for (const [, x, y] of tops) {
          expect(Number(x)).toBeLessThan(page.width);
          expect(Number(y)).toBeLessThan(page.height);
        }
        expect(page.title).toContain(INSTRUMENTS[id].name);
      }
    }
  });
});

describe('places in a key', () => {
  const spec = sheet([newSection('name-notes', 's', { count: 6 })], {
    positions: at('treble', 1, 2, 8),
  });
  const way = { method: 'landmarks', sayings: DEFAULT_SAYINGS } as const;
  const sections = composeSheet(spec, { seed: 's' });
  const key = (players: Parameters<typeof wayPages>[4]) =>
    wayPages(spec, sections, way, { code: 'X' }, players)
      .map((p) => pageSvg(p))
      .join('');

  it('stand beside the way, two instruments at most, and none when not wanted', () => {
    const violin = { instrument: 'violin', leftHanded: false } as const;
    const guitar = { instrument: 'guitar', leftHanded: true } as const;
    const flute = { instrument: 'flute', leftHanded: false } as const;
    expect(key([violin])).toContain('D string, low 2');
    expect(key([violin, guitar, flute])).toContain('string 4, fret 3, finger 3');
    expect(key([violin, guitar, flute])).not.toContain('T 1 2 3');
    expect(key([])).not.toContain('D string');
  });
});

describe('the staff that notes are put on', () => {
  it('finds the step under a pointer, and stays within its steps', () => {
    const pad = staffPadGeometry({ low: -4, high: 12 });
    expect(pad.stepAt(0)).toBe(12);
    expect(pad.stepAt(1)).toBe(-4);
    expect(pad.stepAt(0.5)).toBe(4);
    expect(pad.stepAt(-3)).toBe(12);
    const svg = staffPadSvg({ clef: 'bass', low: -4, high: 12, notes: [{ step: 3 }] });
    expect(svg).toContain('aria-hidden');
  });
});
