import { describe, expect, it } from 'vitest';
import {
  bestPlace,
  INSTRUMENT_IDS,
  type InstrumentId,
  LAYOUTS,
  type Place,
} from '@/core/instruments';
import { parsePitch } from '@/core/notation';
import {
  type DiagramView,
  diagramOf,
  diagramSvg,
  drawPlace,
  FELT,
  MADDER,
  pageSvg,
  SvgSurface,
  slipPages,
} from '@/engrave';

const placeOf = (id: InstrumentId, pitch: string): Place => bestPlace(id, parsePitch(pitch))!;

function picture(instrument: InstrumentId, pitch: string, view: DiagramView = {}): string {
  const surface = new SvgSurface();
  const place = placeOf(instrument, pitch);
  drawPlace(surface, instrument, place, { width: 112, height: 112 }, view);
  return surface.toSvg(112, 112);
}
const shaded = (svg: string, color = FELT) => [
  ...svg.matchAll(new RegExp(`<path d="M([-\\d.]+) ([-\\d.]+)[^"]*" fill="${color}"`, 'g')),
];
const x = (id: InstrumentId, pitch: string, view?: DiagramView) =>
  Number(shaded(picture(id, pitch, view))[0]![1]);
const y = (id: InstrumentId, pitch: string, view?: DiagramView) =>
  Number(shaded(picture(id, pitch, view))[0]![2]);

describe('places as the player sees them', () => {
  it('shade the right white or black key', () => {
    expect(x('keyboard', 'C4')).toBeLessThan(x('keyboard', 'C#4'));
    expect(x('keyboard', 'C#4')).toBeLessThan(x('keyboard', 'D4'));
    expect(x('keyboard', 'B4')).toBeGreaterThan(x('keyboard', 'A4'));
    expect(shaded(picture('keyboard', 'F#4'))).toHaveLength(1);
    expect(picture('keyboard', 'C4')).toContain('>middle<');
    expect(picture('keyboard', 'C5')).not.toContain('>middle<');
  });

  it('put the violin’s low string at the left and high fingers nearer the bridge', () => {
    expect(x('violin', 'B3')).toBeLessThan(x('violin', 'F#4'));
    expect(y('violin', 'E4')).toBeLessThan(y('violin', 'F#4'));
    expect(y('violin', 'F#4')).toBeLessThan(y('violin', 'G4'));
    expect(picture('violin', 'F#4')).toContain('>2</text>');
    expect(shaded(picture('violin', 'A4'))).toHaveLength(0);
    expect(picture('violin', 'A4')).toContain('>0</text>');
  });

  it('put the cello’s low string at the player’s right', () => {
    expect(x('cello', 'E2')).toBeGreaterThan(x('cello', 'B3'));
    expect(x('cello', 'E2', { front: true })).toBeLessThan(x('cello', 'B3', { front: true }));
  });

  it('put guitar string 1 at the top and fret 1 by the nut, the other way for left hands', () => {
    expect(y('guitar', 'F5')).toBeLessThan(y('guitar', 'C5'));
    expect(x('guitar', 'F5')).toBeLessThan(x('guitar', 'G5'));
    const left = { leftHanded: true };
    expect(x('guitar', 'F5', left)).toBeGreaterThan(x('guitar', 'G5', left));
    expect(y('guitar', 'F5', left)).toBeLessThan(y('guitar', 'C5', left));
    expect(diagramOf('guitar', { front: true, leftHanded: true })!.seen).toContain(
      'nut at the left',
    );
  });

  it('write the fret on its line of the tablature', () => {
    expect(picture('guitar', 'G5')).toContain('>3</text>');
    expect(picture('guitar', 'G5')).toContain('>T</text>');
  });

  it('fill as many holes as are covered', () => {
    expect(shaded(picture('soprano-recorder', 'B4'))).toHaveLength(2);
    expect(shaded(picture('soprano-recorder', 'G4'))).toHaveLength(4);
    expect(shaded(picture('soprano-recorder', 'C4'))).toHaveLength(8);
    // A half hole is one half disc.
    expect(shaded(picture('soprano-recorder', 'E5'))).toHaveLength(6);
    expect(shaded(picture('clarinet', 'G4'))).toHaveLength(0);
    expect(shaded(picture('clarinet', 'B4'))).toHaveLength(9);
  });

  it('press valves and draw the slide out', () => {
    expect(shaded(picture('trumpet', 'D4'))).toHaveLength(2);
    expect(picture('trumpet', 'C4')).toContain('press nothing');
    expect(x('trombone', 'Bb2')).toBeLessThan(x('trombone', 'C3'));
    expect(x('trumpet', 'F4')).toBeLessThan(x('trumpet', 'B4'));
    expect(x('trumpet', 'F4', { front: true })).toBeGreaterThan(
      x('trumpet', 'B4', { front: true }),
    );
  });
});

describe('every instrument’s diagram', () => {
  it.each(INSTRUMENT_IDS.filter((id) => id !== 'none'))('%s stays inside its frame', (id) => {
    for (const view of [{}, { front: true }, { leftHanded: true }]) {
      const diagram = diagramOf(id, view)!;
      expect(diagram.seen).not.toBe('');
      for (const spot of diagram.spots) {
        expect(spot.x).toBeGreaterThanOrEqual(0);
        expect(spot.x).toBeLessThanOrEqual(diagram.width);
        expect(spot.y).toBeGreaterThanOrEqual(0);
        expect(spot.y).toBeLessThanOrEqual(diagram.height);
      }
      const ids = diagram.spots.map((s) => s.id);
      expect(new Set(ids).size).toBe(ids.length);
      expect(new Set(diagram.spots.map((s) => s.label)).size).toBe(ids.length);
    }
  });

  it('has a spot for everything that can be closed, and none without an instrument', () => {
    expect(diagramOf('none')).toBeNull();
    expect(diagramOf('clarinet')!.spots.map((s) => s.id)).toEqual(
      LAYOUTS.clarinet.map((t) => t.id),
    );
  });

  it('marks a wrong place by colour and a cross, and second ways by a ring', () => {
    const shown = [
      { place: placeOf('violin', 'B4'), role: 'wrong' as const },
      { place: placeOf('violin', 'C#5'), role: 'here' as const },
    ];
    const svg = diagramSvg(diagramOf('violin')!, shown, 'Violin');
    expect(shaded(svg, MADDER)).toHaveLength(1);
    expect(svg).toContain('>×</text>');
    expect(shaded(svg)).toHaveLength(1);
    const also = diagramSvg(diagramOf('violin')!, [{ place: shown[1]!.place, role: 'also' }], 'V');
    expect(shaded(also)).toHaveLength(0);
  });
});

describe('entry slips', () => {
  const slip = {
    name: 'Ada <b>',
    group: 'G',
    code: 'ABC234',
    address: 'http://x/enter',
    pictures: ['sun', 'moon', 'star'],
  };
  it('are twelve to a page, with what a child needs, and cut what is too long', () => {
    const pages = slipPages(Array(13).fill({ ...slip, group: 'long '.repeat(80) }), 'A4');
    expect(pages).toHaveLength(2);
    const svg = pageSvg(pages[1]!);
    expect(svg).toContain('sun, then moon, then star');
    expect(svg).toContain('Ada &lt;b&gt;');
    expect(svg).toContain('…');
    expect(svg.match(/stroke-dasharray/g)).toHaveLength(1);
  });
});
