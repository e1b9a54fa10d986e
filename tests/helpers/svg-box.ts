import { textWidth } from '@/engrave';

interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/**
 * Where the paths and texts of one of our SVG pages reach, in the page's units. Curves
 * count by their control points; music glyphs by their origin.
 */
export function boxOf(svg: string): Box {
  const box: Box = {
    left: Number.POSITIVE_INFINITY,
    right: Number.NEGATIVE_INFINITY,
    top: Number.POSITIVE_INFINITY,
    bottom: Number.NEGATIVE_INFINITY,
  };
  const stack = [{ x: 0, y: 0, scale: 1 }];
  const meet = (x: number, y: number) => {
    const at = stack.at(-1)!;
    box.left = Math.min(box.left, at.x + x * at.scale);
    box.right = Math.max(box.right, at.x + x * at.scale);
    box.top = Math.min(box.top, at.y + y * at.scale);
    box.bottom = Math.max(box.bottom, at.y + y * at.scale);
  };
  const tag = /<(\/?)(g|path|text)([^>]*)>([^<]*)/g;
  for (const [, close, name, attributes, content] of svg.matchAll(tag)) {
    if (name === 'g' && close) stack.pop();
    else if (name === 'g') {
      const at = stack.at(-1)!;
      const [, x = 0, y = 0] = (/translate\(([-\d.]+) ([-\d.]+)\)/.exec(attributes!) ?? []).map(
        Number,
      );
      const scale = Number(/scale\(([-\d.]+)\)/.exec(attributes!)?.[1] ?? 1);
      stack.push({ x: at.x + x * at.scale, y: at.y + y * at.scale, scale: at.scale * scale });
    } else if (name === 'path') {
      const d = / d="([^"]*)"/.exec(attributes!)![1]!;
      const numbers = [...d.matchAll(/-?\d+(?:\.\d+)?/g)].map(([n]) => Number(n));
      for (let i = 0; i + 1 < numbers.length; i += 2) meet(numbers[i]!, numbers[i + 1]!);
    } else if (!close) meetText(attributes!, content!, meet);
  }
  return box;
}

function meetText(attributes: string, content: string, meet: (x: number, y: number) => void): void {
  const get = (key: string) => new RegExp(` ${key}="([^"]*)"`).exec(attributes)?.[1];
  const [x, y, size] = [get('x'), get('y'), get('font-size')].map(Number) as [
    number,
    number,
    number,
  ];
  const music = get('font-family')?.includes('Music');
  const width = music ? 0 : textWidth(content, get('font-weight') ? 'bold' : 'regular') * size;
  const anchor = get('text-anchor');
  const left = x - (anchor === 'middle' ? width / 2 : anchor === 'end' ? width : 0);
  meet(left, y);
  meet(left + width, y);
}
