import type { Letter } from '../core/notation';
import { FELT } from './colors';
import lines from './metrics/letter-pictures.json';
import type { Surface } from './surface';

/** Side of the box in which the pictures are drawn. */
const BOX = 24;
const POLYLINES = lines as Readonly<Record<Letter, readonly (readonly number[])[]>>;

/** The picture of a letter in a box of `size`, its corner at x, y. */
export function drawLetterPicture(
  surface: Surface,
  letter: Letter,
  x: number,
  y: number,
  size: number,
): void {
  surface.at(x, y, size / BOX, () => {
    surface.save();
    surface.setStrokeStyle(FELT).setLineWidth(1.8);
    for (const points of POLYLINES[letter]) {
      surface.beginPath().moveTo(points[0]!, points[1]!);
      for (let i = 2; i < points.length; i += 2) surface.lineTo(points[i]!, points[i + 1]!);
      surface.stroke();
    }
    surface.restore();
  });
}
