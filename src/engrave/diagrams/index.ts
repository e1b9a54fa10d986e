import { INSTRUMENTS, type InstrumentId, type Place } from '../../core/instruments';
import { midi, parsePitch } from '../../core/notation';
import type { Surface } from '../surface';
import { SvgSurface } from '../svg-surface';
import { slideDiagram, valvesDiagram } from './brass';
import type { Diagram, DiagramView, Shown } from './frame';
import { fretsDiagram } from './frets';
import { holesDiagram } from './holes';
import { keysDiagram, wholeOctaves } from './keys';
import { stringsDiagram } from './strings';
import { voiceDiagram } from './voice';

export type { Diagram, DiagramView, Shown, Spot } from './frame';

/** Half steps of the fingerboard that are always drawn: a fourth finger in first position. */
const FINGERBOARD = 7;

export interface DiagramOptions extends DiagramView {
  /** Only what is needed around these places: what fits on a card. The whole first years otherwise. */
  readonly around?: readonly Place[];
}

/** The picture of an instrument, or null for a student without one. */
export function diagramOf(id: InstrumentId, options: DiagramOptions = {}): Diagram | null {
  const instrument = INSTRUMENTS[id];
  const { technique } = instrument;
  switch (technique.kind) {
    case 'keys':
      return keysDiagram('key', keyRange(id, options.around), options);
    case 'bars':
      return keysDiagram('bar', keyRange(id, options.around), options);
    case 'bowed': {
      const reaches = technique.places.flatMap((p) => p.reach.map(([semitones]) => semitones));
      const needed = (options.around ?? []).map((p) => (p.kind === 'string' ? p.semitones : 0));
      const semitones = options.around ? Math.max(FINGERBOARD, ...needed) : Math.max(...reaches);
      return stringsDiagram(instrument, semitones, options);
    }
    case 'fretted':
      return fretsDiagram(instrument, options);
    case 'holes':
      return holesDiagram(technique.layout, options);
    case 'valves':
      return valvesDiagram(technique.hand, options);
    case 'slide':
      return slideDiagram(options);
    case 'voice':
      return voiceDiagram(instrument);
    case 'none':
      return null;
  }
}

function keyRange(id: InstrumentId, around?: readonly Place[]): { low: number; high: number } {
  const { low, high } = INSTRUMENTS[id].firstYears;
  const years = { low: midi(parsePitch(low)), high: midi(parsePitch(high)) };
  const numbers = (around ?? []).flatMap((p) => ('midi' in p ? [p.midi] : []));
  if (numbers.length === 0) return years;
  return wholeOctaves(Math.min(...numbers), Math.max(...numbers));
}

/** Draws a diagram into a box, as large as fits and centred. */
export function fitDiagram(
  surface: Surface,
  diagram: Diagram,
  shown: readonly Shown[],
  box: { width: number; height: number },
): void {
  const scale = Math.min(box.width / diagram.width, box.height / diagram.height);
  const x = (box.width - diagram.width * scale) / 2;
  const y = (box.height - diagram.height * scale) / 2;
  surface.at(x, y, scale, () => diagram.draw(surface, shown));
}

/** A diagram as an SVG picture; `title` is its text equivalent. */
export function diagramSvg(diagram: Diagram, shown: readonly Shown[], title: string): string {
  const surface = new SvgSurface();
  diagram.draw(surface, shown);
  return surface.toSvg(diagram.width, diagram.height, { title });
}

/** Draws one place of an instrument into a box: what cards and charts show. */
export function drawPlace(
  surface: Surface,
  id: InstrumentId,
  place: Place,
  box: { width: number; height: number },
  view: DiagramView = {},
): void {
  const diagram = diagramOf(id, { ...view, around: [place] });
  if (diagram) fitDiagram(surface, diagram, [{ place, role: 'here' }], box);
}
