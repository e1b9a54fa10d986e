import { INSTRUMENTS } from '../../core/instruments';
import type { PlacesFigure } from '../../core/sheets';
import { FELT, INK } from '../colors';
import { diagramOf, fitDiagram } from '../diagrams';
import { wrapText } from '../fonts';
import { drawStaff, leadWidth, SPACE } from '../staff';
import type { Block } from './block';
import type { Look } from './look';

/** A diagram this much wider than high stands beside its staff in two columns. */
const WIDE = 1.7;
/** Height of a diagram in mm at ordinary size. */
const HIGH = 26;
/** The same for those of woodwind, which stand tall. */
const TALL = 44;

/** Short staves beside diagrams of the instrument, a row a block. */
export function placeBlocks(figure: PlacesFigure, look: Look, perLine: number | null): Block[] {
  const { cells, key, instrument, leftHanded, way } = figure;
  const diagram = diagramOf(instrument, { leftHanded, around: cells.map((c) => c.place) });
  if (!diagram) return [];
  const usual = look.scale > 1 || diagram.width / diagram.height > WIDE ? 2 : 3;
  const columns = Math.max(1, Math.min(perLine ?? usual, 4));
  const column = look.width / columns;
  const steps = cells.map((c) => c.position.step);
  const top = 1 + Math.max(1, (Math.max(...steps) - 8) / 2);
  const spaces = top + 4 + Math.max(1, -Math.min(...steps) / 2);
  const space = Math.min(
    look.space,
    (column * 0.42 * SPACE) / (leadWidth('treble', key) + 4 * SPACE),
  );
  const scale = space / SPACE;
  const staff = (leadWidth('treble', key) + 4 * SPACE) * scale;
  const write = way === 'back' ? look.write : 2;
  const high = INSTRUMENTS[instrument].technique.kind === 'holes' ? TALL : HIGH;
  const height = Math.max(high * look.scale, spaces * space + write) + 6;
  const box = { width: column - staff - 7, height: height - 7 };
  const rows = Math.ceil(cells.length / columns);
  return Array.from({ length: rows }, (_, r) => ({
    height,
    draw(surface, drawKey) {
      cells.slice(r * columns, (r + 1) * columns).forEach((cell, c) => {
        const x = column * c;
        const seen = way === 'shade' || drawKey;
        const note = { step: cell.position.step, color: way === 'back' ? FELT : INK };
        surface.at(x, top * space, scale, () => {
          drawStaff(surface, {
            clef: cell.position.clef,
            key,
            width: staff / scale,
            notes: seen ? [note] : [],
          });
        });
        const shown =
          way === 'back' || drawKey ? [{ place: cell.place, role: 'here' as const }] : [];
        surface.at(x + staff + 3, 0, 1, () => fitDiagram(surface, diagram, shown, box));
        if (way === 'back') {
          const y = spaces * space + write;
          surface.line(x, y, x + staff, y, 0.3, INK);
          if (drawKey)
            surface.text(cell.name, x + staff / 2, y - 1.4, {
              size: 5 * look.scale,
              weight: 'bold',
              anchor: 'middle',
              color: FELT,
            });
        } else if (drawKey) {
          wrapText(cell.place.short, staff / 2.8, 2).forEach((text, i) => {
            surface.text(text, x, height - 3.4 + i * 3, { size: 2.8, color: FELT });
          });
        }
      });
    },
  }));
}
