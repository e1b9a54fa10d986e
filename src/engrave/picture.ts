import type { Mark } from '../core/methods';
import {
  describePosition,
  type KeySignature,
  type StaffPosition,
  type Terms,
} from '../core/notation';
import { BRASS, FELT, INK, MADDER } from './colors';
import type { Page } from './page';
import { type DrawnNote, drawStaff, leadWidth, SPACE, stepY } from './staff';
import { SvgSurface } from './svg-surface';

/** A page as an SVG picture in millimetres; `sized` gives it its real size on paper. */
export function pageSvg(page: Page, sized = false): string {
  const surface = new SvgSurface();
  page.draw(surface);
  return surface.toSvg(page.width, page.height, {
    title: page.title,
    ...(sized ? { unit: 'mm' } : {}),
  });
}

export interface NotePicture {
  readonly position: StaffPosition;
  readonly key?: KeySignature;
  readonly terms?: Terms;
  /** What to show on the staff: the marks of one or more steps of an explanation. */
  readonly marks?: readonly Mark[];
  readonly color?: string;
}

/** Steps drawn above and below the staff at least, so that the staff stands still from note to note. */
const REACH = { up: 14, down: -6 } as const;
/** Width in units of the staff for one note. */
const WIDTH = 190;
const MARK_COLORS: Record<Mark['role'], string> = {
  clef: BRASS,
  count: FELT,
  known: BRASS,
  path: FELT,
  answer: MADDER,
};

/**
 * One note on its staff as an SVG picture, with the way to it when asked. Its text
 * equivalent names the place, never the letter.
 */
export function noteSvg({
  position,
  key = 0,
  terms = 'US',
  marks = [],
  color,
}: NotePicture): string {
  const surface = new SvgSurface();
  const up = Math.max(REACH.up, position.step + 2);
  const down = Math.min(REACH.down, position.step - 2);
  const top = -stepY(up);
  const wide = WIDTH + (marks.length > 0 ? 60 : 0);
  const lead = leadWidth(position.clef, key);
  const notes: DrawnNote[] = [{ step: position.step, x: lead + 45, color: color ?? INK }];
  surface.at(4, top, 1, () => {
    drawStaff(surface, { clef: position.clef, key, width: wide, notes, tint: tintOf(marks) });
    drawMarks(surface, marks, lead + 78);
  });
  return surface.toSvg(wide + 8, stepY(down) - stepY(up), {
    title: describePosition(position, terms),
  });
}

/** The clef's own line is tinted while the clef is talked about. */
function tintOf(marks: readonly Mark[]): Record<number, string> {
  return Object.fromEntries(marks.filter((m) => m.role === 'clef').map((m) => [m.step, '#e2c27a']));
}

/** Marks stand to the right of the note, each on its own step, so that they climb with it. */
function drawMarks(surface: SvgSurface, marks: readonly Mark[], x: number): void {
  const counted = marks.filter((m) => m.role !== 'clef');
  for (const mark of counted) {
    const y = stepY(mark.step);
    const color = MARK_COLORS[mark.role];
    if (mark.role === 'answer') {
      surface.line(x - 14, y, x - 4, y, 1.6, color);
    } else surface.ellipse(x - 4, y, 3.4, 3.4, { fill: color });
    if (mark.label) {
      const size = mark.role === 'path' || mark.role === 'known' ? 9 : SPACE;
      surface.text(mark.label, x + 4, y + 3.4, { size, weight: 'bold', color });
    }
  }
}
