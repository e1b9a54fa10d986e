/**
 * Writes the pictures of the letters for paper: the icons that the screen shows, as
 * polylines in a box of 24 units. Run by hand when the choice of icons changes:
 * `npx tsx scripts/pictures.ts`.
 */
import { writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { Anchor, Bird, Cat, Drum, Egg, Fish, Grape } from 'lucide-react';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { BROWSER } from './browser.mjs';

const ICONS = { A: Anchor, B: Bird, C: Cat, D: Drum, E: Egg, F: Fish, G: Grape };
const OUT = 'src/engrave/metrics/letter-pictures.json';

const browser = await chromium.launch(BROWSER);
const page = await browser.newPage();
const pictures: Record<string, number[][]> = {};
for (const [letter, Icon] of Object.entries(ICONS)) {
  await page.setContent(renderToStaticMarkup(createElement(Icon)));
  const lines = await page.evaluate(() => {
    /** Units between two points; a larger step is a jump to the next part of the path. */
    const STEP = 0.6;
    const shapes = [...document.querySelectorAll('svg *')] as SVGGeometryElement[];
    return shapes.flatMap((shape) => {
      const length = shape.getTotalLength();
      const count = Math.max(1, Math.ceil(length / STEP));
      const lines: number[][] = [[]];
      for (let i = 0; i <= count; i++) {
        const { x, y } = shape.getPointAtLength((length * i) / count);
        const line = lines[lines.length - 1]!;
        const [px, py] = line.slice(-2);
        const jumps = px !== undefined && Math.hypot(x - px, y - py!) > 2 * STEP;
        if (jumps) lines.push([x, y]);
        else line.push(x, y);
      }
      return lines.filter((l) => l.length > 2);
    });
  });
  pictures[letter] = lines.map((l) => l.map((n) => Math.round(n * 10) / 10));
}
await browser.close();
writeFileSync(OUT, `${JSON.stringify(pictures)}\n`);
