import { PAPERS, type Paper } from '../core/sheets';
import type { Surface } from './surface';

/** One page of paper, in millimetres from the top left. */
export interface Page {
  readonly width: number;
  readonly height: number;
  /** What is on it, for screen readers. Never gives an answer away. */
  readonly title: string;
  readonly draw: (surface: Surface) => void;
}

/** Printable margin of ordinary printers, with air for a binder's holes. */
export const MARGIN = 15;

/** Size of a paper in millimetres. */
export function paperSize(paper: Paper): { width: number; height: number } {
  return PAPERS[paper];
}

/** Millimetres in a typographic point. */
export const PT = 25.4 / 72;
