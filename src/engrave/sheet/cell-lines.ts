import type { Cell, CellsFigure } from '../../core/sheets';
import { leadWidth, SPACE } from '../staff';
import type { Look } from './look';

/** Least width of a cell in mm, when its kind asks for no other: a capital by a small hand. */
const CELL = 14;
/** And in staff spaces, so that heads never crowd. */
const CELL_SPACES = 4.4;
/** Width in staff spaces of a short staff's room for its note. */
const SINGLE_SPACES = 6;

/** One line of cells. */
export interface CellLine {
  readonly cells: readonly Cell[];
  /** Number of its first item, from 1. */
  readonly first: number;
  /** Width of a cell in mm. */
  readonly slot: number;
}

/**
 * Breaks cells into lines: groups stay whole, a new clef starts a new line, and lines of
 * one clef have about the same number, so that no note stands alone on the last.
 * `perLine` is the most items (groups, where there are) on a line.
 */
export function cellLines(figure: CellsFigure, look: Look, perLine: number | null): CellLine[] {
  const { cells, key, single = false } = figure;
  const lead = (Math.max(leadWidth('treble', key), leadWidth('bass', key)) / SPACE) * look.space;
  const least = Math.max((figure.width ?? CELL) * look.scale, CELL_SPACES * look.space);
  const slot = single ? Math.max(least, lead + SINGLE_SPACES * look.space) : least;
  const room = single ? look.width : look.width - lead;
  const fit = Math.max(1, Math.floor(room / slot));
  const atoms = atomsOf(cells);
  const size = Math.max(...atoms.map((a) => a.length));
  // A group longer than a line is squeezed rather than broken.
  const most = Math.max(1, Math.min(perLine ?? Number.POSITIVE_INFINITY, Math.floor(fit / size)));
  const lines: CellLine[] = [];
  let first = 1;
  for (const run of clefRuns(atoms, single)) {
    const each = Math.ceil(run.length / Math.ceil(run.length / most));
    for (let i = 0; i < run.length; i += each) {
      const part = run.slice(i, i + each);
      lines.push({ cells: part.flat(), first, slot: 0 });
      first += part.length;
    }
  }
  const longest = Math.max(...lines.map((l) => l.cells.length));
  const wide =
    lines.length > 1 || perLine !== null ? room / longest : room / Math.max(longest, fit);
  return lines.map((line) => ({
    ...line,
    slot: Math.min(wide, Math.max(slot * 1.6, room / Math.max(longest, fit))),
  }));
}

/** Groups, and cells that belong to none. */
function atomsOf(cells: readonly Cell[]): Cell[][] {
  const atoms: Cell[][] = [];
  for (const cell of cells) {
    const last = atoms.at(-1);
    if (cell.group !== undefined && last?.[0]?.group === cell.group) last.push(cell);
    else atoms.push([cell]);
  }
  return atoms;
}

function clefRuns(atoms: readonly Cell[][], single: boolean): Cell[][][] {
  const runs: Cell[][][] = [];
  for (const atom of atoms) {
    const last = runs.at(-1);
    if (last && (single || last[0]![0]!.clef === atom[0]!.clef)) last.push(atom);
    else runs.push([atom]);
  }
  return runs;
}
