import {
  type HolesPlace,
  isBlackKey,
  type KeyPlace,
  type Place,
  type StringPlace,
  VIOLIN_STRINGS,
} from '../core/instruments';
import { FELT, INK } from './colors';
import type { Surface } from './surface';

/** Size of each diagram in its own units. */
const SIZES = {
  key: { width: 112, height: 56 },
  string: { width: 64, height: 92 },
  holes: { width: 120, height: 30 },
} as const;

/**
 * Draws a place on the instrument into a box, the way round the player sees it, as large
 * as fits and centred.
 */
export function drawPlace(surface: Surface, place: Place, width: number, height: number): void {
  const size = SIZES[place.kind];
  const scale = Math.min(width / size.width, height / size.height);
  const x = (width - size.width * scale) / 2;
  const y = (height - size.height * scale) / 2;
  surface.at(x, y, scale, () => {
    if (place.kind === 'key') drawKeys(surface, place);
    else if (place.kind === 'string') drawStrings(surface, place);
    else drawHoles(surface, place);
  });
}

/** An octave from C to B with the key shaded; the octave is the note's own. */
function drawKeys(surface: Surface, place: KeyPlace): void {
  const { height } = SIZES.key;
  const from = place.midi - (place.midi % 12);
  const whites = Array.from({ length: 12 }, (_, i) => from + i).filter((m) => !isBlackKey(m));
  const w = SIZES.key.width / whites.length;
  for (const [i, m] of whites.entries()) {
    surface.box(i * w, 0, w, height, INK);
    surface.box(i * w + 0.5, 0.5, w - 1, height - 1, m === place.midi ? FELT : '#fff');
  }
  for (const [i, m] of whites.entries()) {
    if (!isBlackKey(m + 1)) continue;
    const x = (i + 1) * w - w * 0.3;
    surface.box(x, 0, w * 0.6, height * 0.62, INK);
    if (m + 1 === place.midi) surface.box(x + 1, 0.5, w * 0.6 - 2, height * 0.62 - 1.5, FELT);
  }
  if (place.midi === 60) {
    surface.text('middle', w / 2, height - 4, { size: 4.6, anchor: 'middle', color: '#fff' });
  }
}

/** Four strings from the nut down, the lowest at the left, with tapes where fingers usually stand. */
function drawStrings(surface: Surface, place: StringPlace): void {
  const left = 12;
  const gap = 13;
  const nut = 22;
  const perSemitone = 8.5;
  const right = left + gap * (VIOLIN_STRINGS.length - 1);
  surface.box(left - 5, nut - 2.5, right - left + 10, 2.5, INK);
  for (const semitones of [2, 4, 5, 7]) {
    const y = nut + semitones * perSemitone;
    surface.line(left - 5, y, right + 5, y, 0.6, '#b9b2a2');
  }
  for (const [i, { name }] of VIOLIN_STRINGS.entries()) {
    const x = left + gap * i;
    surface.line(x, nut, x, 92, 1.4 - i * 0.25, INK);
    surface.text(name, x, 10, { size: 8, weight: 'bold', anchor: 'middle', color: INK });
  }
  const x = left + gap * place.index;
  const y = nut + place.semitones * perSemitone;
  if (place.finger === 0) {
    surface.ellipse(x, nut - 1, 5, 5, { fill: '#fff', stroke: FELT, lineWidth: 1.6 });
    surface.text('0', x, nut + 1.6, { size: 7.5, weight: 'bold', anchor: 'middle', color: FELT });
    return;
  }
  surface.ellipse(x, y, 5.5, 5.5, { fill: FELT });
  surface.text(String(place.finger), x, y + 2.8, {
    size: 8,
    weight: 'bold',
    anchor: 'middle',
    color: '#fff',
  });
}

/** Holes in a row from the mouthpiece at the left, thumb hole set apart below. */
function drawHoles(surface: Surface, place: HolesPlace): void {
  const [thumb, ...front] = place.holes;
  const hole = (state: string | undefined, x: number, y: number) => {
    surface.ellipse(x, y, 4.6, 4.6, {
      fill: state === 'closed' ? FELT : '#fff',
      stroke: INK,
      lineWidth: 0.9,
    });
    if (state === 'half') surface.box(x - 4, y, 8, 4, FELT);
    if (state === 'half') surface.ellipse(x, y, 4.6, 4.6, { stroke: INK, lineWidth: 0.9 });
  };
  hole(thumb, 24, 24);
  surface.text('thumb', 17, 26.2, { size: 6, anchor: 'end', color: INK });
  for (const [i, state] of front.entries()) {
    const x = 24 + i * 14 + (i >= 3 ? 4 : 0);
    hole(state, x, 6);
    surface.text(String(i + 1), x, 17, { size: 5, anchor: 'middle', color: INK });
  }
}
