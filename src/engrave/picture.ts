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
import type { Surface } from './surface';
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
  /** For paper: no wider and no higher than this note needs. */
  readonly compact?: boolean;
}

/** Steps drawn above and below the staff at least, so that the staff stands still from note to note. */
const REACH = { up: 14, down: -6 } as const;
const COMPACT = { up: 11, down: -3, after: 62, labels: 62 } as const;
/** Width in units of the staff for one note. */
const WIDTH = 170;
/** Room to the right of the staff for the labels of marks. */
const LABELS = 90;
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
export function noteSvg(picture: NotePicture): string {
  const surface = new SvgSurface();
  const { width, height, draw } = notePicture(picture);
  draw(surface);
  return surface.toSvg(width, height, {
    title: describePosition(picture.position, picture.terms ?? 'US'),
  });
}

/** The same for any paper: its size in units, and how to draw it. */
export function notePicture({ position, key = 0, marks = [], color, compact }: NotePicture) {
  const reach = compact ? COMPACT : REACH;
  const steps = [position.step, ...marks.map((m) => m.step)];
  const up = Math.max(reach.up, ...steps.map((s) => s + 2));
  const down = Math.min(reach.down, ...steps.map((s) => s - 2));
  const top = -stepY(up);
  const lead = leadWidth(position.clef, key);
  const staff = compact ? lead + COMPACT.after : WIDTH;
  const labels = compact ? COMPACT.labels : LABELS;
  // On paper all stills of a page are of one size, with or without labels.
  const room = compact || marks.some((m) => m.role !== 'clef') ? labels : 0;
  const notes: DrawnNote[] = [
    { step: position.step, x: lead + (compact ? 28 : 45), color: color ?? INK },
  ];
  return {
    width: staff + room + 8,
    height: stepY(down) - stepY(up),
    draw(surface: Surface) {
      surface.at(4, top, 1, () => {
        const tint = tintOf(marks);
        drawStaff(surface, { clef: position.clef, key, width: staff, notes, tint });
        drawMarks(surface, marks, staff + 10);
      });
    },
  };
}

/** The clef's own line is tinted while the clef is talked about. */
function tintOf(marks: readonly Mark[]): Record<number, string> {
  return Object.fromEntries(marks.filter((m) => m.role === 'clef').map((m) => [m.step, '#e2c27a']));
}

/** Marks stand to the right of the staff, each on its own step, so that they climb with it. */
function drawMarks(surface: Surface, marks: readonly Mark[], x: number): void {
  const shown = marks.filter((m) => m.role !== 'clef');
  const labelled = new Set(shown.filter((m) => m.role !== 'answer').map((m) => m.step));
  for (const mark of shown) {
    // The word or letter already standing at the answer's step says as much.
    if (mark.role === 'answer' && labelled.has(mark.step)) continue;
    const y = stepY(mark.step);
    const color = MARK_COLORS[mark.role];
    // Neighbours are half a space apart, less than a letter is high: every second one steps aside.
    const crowded = labelled.has(mark.step - 1) || labelled.has(mark.step + 1);
    const aside = crowded && mark.step % 2 !== 0 ? x + 16 : x;
    surface.ellipse(aside - 4, y, 3.2, 3.2, { fill: color });
    if (mark.label) {
      const style = { size: SPACE, weight: 'bold', color } as const;
      surface.text(mark.label, aside + 4, y + 3.4, style);
    }
  }
}
