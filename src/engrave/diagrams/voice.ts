import { clefFor, type Instrument, spelled } from '../../core/instruments';
import { parsePitch, positionOf } from '../../core/notation';
import { FAINT, FELT } from '../colors';
import { type DrawnNote, drawStaff, stepY } from '../staff';
import { type Diagram, ROLE_COLORS } from './frame';

const WIDTH = 150;

/** The singer's range on the staff, its ends pale, and the note in it. */
export function voiceDiagram({ id, firstYears }: Instrument): Diagram {
  const low = parsePitch(firstYears.low);
  const high = parsePitch(firstYears.high);
  const clef = clefFor(id, low);
  const stepOf = (pitch: typeof low) => positionOf(pitch, clef).position.step;
  const top = Math.max(10, stepOf(high) + 2);
  const bottom = Math.min(-2, stepOf(low) - 2);
  return {
    width: WIDTH,
    height: stepY(bottom) - stepY(top),
    spots: [],
    seen: 'The range of the voice, and the note in it.',
    draw(surface, shown) {
      const notes: DrawnNote[] = [
        { step: stepOf(low), x: 58, color: FAINT, head: 'quarter' },
        { step: stepOf(high), x: 132, color: FAINT, head: 'quarter' },
      ];
      for (const { place, role } of shown) {
        if (place.kind !== 'voice') continue;
        const { position, accidental } = positionOf(spelled(place.midi), clef);
        notes.push({ step: position.step, x: 95, color: ROLE_COLORS[role], accidental });
      }
      surface.at(0, -stepY(top), 1, () => {
        const [a, b] = [stepY(stepOf(low)), stepY(stepOf(high))];
        surface.line(66, a, 124, b, 6, '#e4ede6');
        surface.line(66, a, 124, b, 0.8, FELT);
        drawStaff(surface, { clef, width: WIDTH, notes });
      });
    },
  };
}
