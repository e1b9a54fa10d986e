import type { Surface } from '../surface';

/** A part of a page that is never cut. Its origin is the left margin and its own top. */
export interface Block {
  /** In mm, with the air below it. */
  readonly height: number;
  /** Stands on the same page as the block after it. */
  readonly keep?: boolean;
  /** Parts of one exercise have its number; a short exercise is not split between pages. */
  readonly part?: number;
  /** On the key, answers are drawn too; the layout is the same. */
  readonly draw: (surface: Surface, key: boolean) => void;
}

export interface Placed {
  readonly block: Block;
  readonly y: number;
}

/**
 * Puts blocks one under the other on as many pages as they need: `first` and `next` are
 * the tops of the first and of later pages, `bottom` the end of the room. A block that
 * keeps with its successor moves to the next page with it.
 */
export function flow(
  all: readonly Block[],
  { first, next, bottom }: { first: number; next: number; bottom: number },
): Placed[][] {
  const blocks = joined(all, bottom - next);
  const pages: Placed[][] = [[]];
  let y = first;
  for (let i = 0; i < blocks.length; ) {
    const chain = chainAt(blocks, i);
    const height = chain.reduce((sum, b) => sum + b.height, 0);
    // What does not fit any page begins one; its parts then go on where they fit.
    if (y + height > bottom && pages.at(-1)!.length > 0) {
      pages.push([]);
      y = next;
    }
    for (const block of chain) {
      if (y + block.height > bottom && pages.at(-1)!.length > 0 && height > bottom - next) {
        pages.push([]);
        y = next;
      }
      pages.at(-1)!.push({ block, y });
      y += block.height;
    }
    i += chain.length;
  }
  return pages;
}

/** Share of a page up to which an exercise is moved to the next page whole. */
const SHORT = 0.4;

/** Blocks of short exercises kept together with all of their exercise. */
function joined(blocks: readonly Block[], room: number): Block[] {
  const total = new Map<number, number>();
  for (const { part, height } of blocks) {
    if (part !== undefined) total.set(part, (total.get(part) ?? 0) + height);
  }
  return blocks.map((block, i) => {
    const { part } = block;
    const short = part !== undefined && total.get(part)! <= room * SHORT;
    return short && blocks[i + 1]?.part === part ? { ...block, keep: true } : block;
  });
}

/** The block at `i` with those that it keeps with. */
function chainAt(blocks: readonly Block[], i: number): Block[] {
  const chain = [blocks[i]!];
  while (chain.at(-1)!.keep && i + chain.length < blocks.length)
    chain.push(blocks[i + chain.length]!);
  return chain;
}
