import {
  comparePositions,
  grandRungs,
  isLine,
  positionId,
  type StaffPosition,
} from '../../core/notation';

/** Height of one rung in pixels. */
export const RUNG = 24;

export interface RailRung {
  /** From the top of the rail, 0 is the highest. */
  readonly row: number;
  readonly positions: readonly StaffPosition[];
  /** A staff line, a ledger line, or neither. */
  readonly line: 'staff' | 'ledger' | null;
}

/** The rail's rungs from the top down. */
export const RAIL_RUNGS: readonly RailRung[] = grandRungs()
  .reverse()
  .map(({ positions }, row) => {
    const { step } = positions[0]!;
    const inStaff = step >= 0 && step <= 8;
    return { row, positions, line: isLine(step) ? (inStaff ? 'staff' : 'ledger') : null };
  });

/** Every position on the rail from the top down; middle C's treble place before its bass place. */
export const RAIL_POSITIONS: readonly StaffPosition[] = RAIL_RUNGS.flatMap((r) =>
  [...r.positions].sort((a, b) => comparePositions(b, a)),
);

/** Positions between two others on the rail, both included. */
export function between(from: string, to: string): string[] {
  const ids = RAIL_POSITIONS.map(positionId);
  const [a, b] = [ids.indexOf(from), ids.indexOf(to)].sort((x, y) => x - y) as [number, number];
  return a < 0 ? [] : ids.slice(a, b + 1);
}
