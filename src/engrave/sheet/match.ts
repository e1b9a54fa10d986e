import { INSTRUMENTS } from '../../core/instruments';
import type { MatchFigure } from '../../core/sheets';
import { FELT, INK } from '../colors';
import { diagramOf, fitDiagram } from '../diagrams';
import { drawStaff, leadWidth, SPACE } from '../staff';
import type { Surface } from '../surface';
import type { Block } from './block';
import type { Look } from './look';

/** A row in mm at ordinary size, with places and without. */
const ROW = { places: 21, tall: 34, plain: 17 } as const;
/** Most height of the whole, so that its lines stay on one page. */
const MOST = 205;

/** Notes, names and places in three columns, to be joined by lines; one block. */
export function matchBlock(figure: MatchFigure, look: Look): Block {
  const { notes, names, places, key } = figure;
  const count = Math.max(notes.length, names.length, places.length);
  const steps = notes.map((p) => p.step);
  const top = 1.2 + Math.max(0, (Math.max(...steps, 10) - 8) / 2);
  const spaces = top + 4 + Math.max(1, -Math.min(...steps) / 2) + 0.8;
  const wanted = Math.max(rowOf(figure) * look.scale, spaces * look.space);
  const row = Math.min(wanted, MOST / count);
  const space = Math.min(look.space, row / spaces);
  const scale = space / SPACE;
  const staff = (leadWidth('treble', key) + 4 * SPACE) * scale;
  const x = columns(look.width, staff, places.length > 0);
  const middle = (i: number) => row * (i + 0.5);
  return {
    height: row * count + 5,
    draw(surface, drawKey) {
      notes.forEach((p, i) => {
        surface.at(0, row * i + (row - spaces * space) / 2 + top * space, scale, () => {
          drawStaff(surface, {
            clef: p.clef,
            key,
            width: staff / scale,
            notes: [{ step: p.step }],
          });
        });
        dot(surface, x.note, middle(i));
      });
      names.forEach((name, i) => {
        surface.text(name, x.name, middle(i) + 2.2 * look.scale, {
          size: 6 * look.scale,
          weight: 'bold',
          anchor: 'middle',
          color: INK,
        });
        dot(surface, x.nameIn, middle(i));
        if (places.length > 0) dot(surface, x.nameOut, middle(i));
      });
      drawPlaces(surface, figure, { x: x.place, row, width: look.width - x.place - 4, look });
      if (!drawKey) return;
      figure.nameOf.forEach((n, i) => {
        surface.line(x.note, middle(i), x.nameIn, middle(n), 0.5, FELT);
        const place = figure.placeOf[i];
        if (place !== undefined)
          surface.line(x.nameOut, middle(n), x.place, middle(place), 0.5, FELT);
      });
    },
  };
}

/** Pictures of woodwind stand tall: they need more height to be read. */
function rowOf({ places, instrument }: MatchFigure): number {
  if (places.length === 0) return ROW.plain;
  return INSTRUMENTS[instrument].technique.kind === 'holes' ? ROW.tall : ROW.places;
}

/** Where the columns and their dots stand. */
function columns(width: number, staff: number, places: boolean) {
  const name = places ? width * 0.47 : width * 0.7;
  return { note: staff + 5, name, nameIn: name - 11, nameOut: name + 11, place: width * 0.7 };
}

function drawPlaces(
  surface: Surface,
  { places, instrument, leftHanded }: MatchFigure,
  at: { x: number; row: number; width: number; look: Look },
): void {
  const diagram = diagramOf(instrument, { leftHanded, around: places.map((p) => p.place) });
  if (!diagram) return;
  const high = at.row - 3;
  const width = Math.min(at.width - 4, (high * diagram.width) / diagram.height);
  places.forEach(({ tag, place }, i) => {
    const y = at.row * i;
    dot(surface, at.x, y + at.row / 2);
    surface.at(at.x + 4, y + 1.5, 1, () =>
      fitDiagram(surface, diagram, [{ place, role: 'here' }], {
        width,
        height: high,
      }),
    );
    surface.text(tag, at.x + width + 6, y + at.row / 2 + 1, { size: at.look.small, color: INK });
  });
}

function dot(surface: Surface, x: number, y: number): void {
  surface.ellipse(x, y, 0.9, 0.9, { fill: INK });
}
