import { describe, expect, it } from 'vitest';
import { bestPlace } from '@/core/instruments';
import { parsePitch } from '@/core/notation';
import { drawPlace, FELT, pageSvg, SvgSurface, slipPages } from '@/engrave';

function picture(instrument: 'keyboard' | 'violin' | 'soprano-recorder', pitch: string): string {
  const surface = new SvgSurface();
  drawPlace(surface, bestPlace(instrument, parsePitch(pitch))!, 112, 112);
  return surface.toSvg(112, 112);
}
const shaded = (svg: string) => [
  ...svg.matchAll(new RegExp(`<path d="M([-\\d.]+) ([-\\d.]+)[^"]*" fill="${FELT}"`, 'g')),
];

describe('places as the player sees them', () => {
  it('shade the right white or black key', () => {
    const x = (pitch: string) => Number(shaded(picture('keyboard', pitch))[0]![1]);
    expect(x('C4')).toBeLessThan(x('C#4'));
    expect(x('C#4')).toBeLessThan(x('D4'));
    expect(x('B4')).toBeGreaterThan(x('A4'));
    expect(shaded(picture('keyboard', 'F#4'))).toHaveLength(1);
    expect(picture('keyboard', 'C4')).toContain('>middle<');
    expect(picture('keyboard', 'C5')).not.toContain('>middle<');
  });

  it('put the low string at the left and high fingers nearer the bridge', () => {
    const at = (pitch: string) => shaded(picture('violin', pitch))[0]!;
    expect(Number(at('B3')[1])).toBeLessThan(Number(at('F#4')[1]));
    expect(Number(at('E4')[2])).toBeLessThan(Number(at('F#4')[2]));
    expect(Number(at('F#4')[2])).toBeLessThan(Number(at('G4')[2]));
    expect(picture('violin', 'F#4')).toContain('>2</text>');
    expect(shaded(picture('violin', 'A4'))).toHaveLength(0);
    expect(picture('violin', 'A4')).toContain('>0</text>');
  });

  it('fill as many holes as are covered', () => {
    expect(shaded(picture('soprano-recorder', 'B4'))).toHaveLength(2);
    expect(shaded(picture('soprano-recorder', 'G4'))).toHaveLength(4);
    expect(shaded(picture('soprano-recorder', 'C4'))).toHaveLength(8);
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
