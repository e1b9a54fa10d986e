import type { ClefId, KeySignature } from '../core/notation';
import { FAINT } from './colors';
import { type DrawnNote, drawStaff, leadWidth, SPACE, stepY } from './staff';
import { SvgSurface } from './svg-surface';

export interface LineNote
  extends Pick<DrawnNote, 'step' | 'color' | 'label' | 'labelColor' | 'letter'> {
  /** Small second row under the label. */
  readonly under?: string;
}

export interface LinePicture {
  readonly clef: ClefId;
  readonly key?: KeySignature;
  readonly notes: readonly LineNote[];
  /** Width of one note with its label, in units. */
  readonly slotWidth?: number;
  /** Notes that the full width holds; fewer make a shorter staff at the same size. */
  readonly slots?: number;
  /** Text equivalent. Must not give away an answer that is being asked. */
  readonly title: string;
}

const SLOT = 34;

/** A line of notes with names under it in one straight row, as an SVG picture. */
export function lineSvg(picture: LinePicture): string {
  const { clef, key = 0, notes, slots, slotWidth = SLOT, title } = picture;
  const surface = new SvgSurface();
  const lead = leadWidth(clef, key);
  const full = lead + slotWidth * Math.max(1, slots ?? notes.length);
  const highest = Math.max(10, ...notes.map((n) => n.step));
  const lowest = Math.min(-2, ...notes.map((n) => n.step));
  const top = -stepY(highest + 2);
  const drop = -(lowest * SPACE) / 2 + 18;
  const width = lead + slotWidth * notes.length;
  surface.at(3, top, 1, () => {
    const placed = notes.map((n, i) => ({ ...n, x: lead + slotWidth * (i + 0.5) }));
    drawStaff(surface, { clef, key, width, notes: placed, labelDrop: drop, labelSize: 12 });
    for (const note of placed) {
      if (!note.under) continue;
      const style = { size: 8.5, anchor: 'middle', color: note.labelColor ?? FAINT } as const;
      surface.text(note.under, note.x, 4 * SPACE + drop + 11, style);
    }
  });
  const under = notes.some((n) => n.under) ? 13 : 0;
  return surface.toSvg(full + 6, top + 4 * SPACE + drop + under + 5, { title });
}
