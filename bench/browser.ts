import { readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { chromium, type Page } from '@playwright/test';
import { BROWSER } from '../scripts/browser.mjs';
import { report, times } from './measure';

const NOTES = 60;

async function enter(page: Page, base: string): Promise<void> {
  await page.goto(`${base}/enter?code=KEYS42`);
  await page.waitForFunction(() => document.querySelector('astro-island[ssr]') === null);
  await page.getByLabel('Your name').fill('Wren');
  for (const picture of ['anchor', 'fish', 'moon'])
    await page.getByRole('button', { name: picture, exact: true }).click();
  await page.getByRole('button', { name: 'Enter', exact: true }).click();
  await page.waitForURL('**/practise');
  await page.waitForLoadState('networkidle');
}

/** 95th percentile in ms. */
const p95 = (values: number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length * 0.95)]!;

/** Time from a key press to the next note on the screen, without a server; and what is sent to the page. */
export async function benchBrowser(base: string): Promise<void> {
  const browser = await chromium.launch(BROWSER);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  // The tool that runs this file marks functions by a helper that the page does not have.
  await page.addInitScript('globalThis.__name = (f) => f');
  const scripts = new Set<string>();
  page.on('response', (r) => {
    const { pathname } = new URL(r.url());
    if (pathname.endsWith('.js') && page.url().includes('/practise')) scripts.add(pathname);
  });
  await enter(page, base);
  await page.reload({ waitUntil: 'networkidle' });
  await page.context().setOffline(true);
  const { answers, baseline } = await page.evaluate(measureNotes, NOTES);
  report(
    'next note painted after an answer, 95th percentile',
    `${p95(answers).toFixed(1)} ms (limit 50)`,
    `${times(p95(answers), p95(baseline))} one changed word (${p95(baseline).toFixed(1)} ms)`,
  );
  await browser.close();
  const bytes = (compress: (b: Buffer) => Buffer) =>
    [...scripts].reduce(
      (sum, path) => sum + compress(readFileSync(join('dist/client', path))).length,
      0,
    );
  const all = [...scripts].reduce((sum, path) => sum + statSync(join('dist/client', path)).size, 0);
  const [brotli, gzip] = [
    bytes((b) => brotliCompressSync(b)),
    bytes((b) => gzipSync(b, { level: 9 })),
  ];
  report(
    `JavaScript sent for Practise, ${scripts.size} files`,
    `${(brotli / 1000).toFixed(0)} kB brotli (limit 200)`,
    `${(gzip / 1000).toFixed(0)} kB gzip, ${times(gzip, all)} its size as is`,
  );
  const font = statSync('dist/client/fonts/music.woff2').size;
  const whole = statSync('node_modules/@vexflow-fonts/bravura/bravura.woff2').size;
  report(
    'music font',
    `${(font / 1000).toFixed(1)} kB (limit 40)`,
    `${times(font, whole)} the whole font`,
  );
}

/** Runs in the page: answers right as fast as the notes come, then changes one word as often. */
async function measureNotes(count: number) {
  const painted = () =>
    new Promise<number>((resolve) =>
      requestAnimationFrame(() => setTimeout(() => resolve(performance.now()))),
    );
  const letters = ['C', 'D', 'E', 'F', 'G', 'A', 'B'];
  const bottom: Record<string, number> = { t: 30, b: 18 };
  const answers: number[] = [];
  const press = (text: string) =>
    [...document.querySelectorAll('button')].find((b) => b.textContent?.trim() === text)?.click();
  while (answers.length < count) {
    press('Begin');
    press('Another round');
    await painted();
    for (let i = 0; i < 19; i++) {
      const id = document.querySelector('[data-note]')!.getAttribute('data-note')!;
      const letter = letters[(((bottom[id[0]!]! + Number(id.slice(1))) % 7) + 7) % 7]!;
      await new Promise((resolve) => setTimeout(resolve, 30));
      const start = performance.now();
      window.dispatchEvent(new KeyboardEvent('keydown', { key: letter.toLowerCase() }));
      answers.push((await painted()) - start);
    }
    const id = document.querySelector('[data-note]')!.getAttribute('data-note')!;
    const letter = letters[(((bottom[id[0]!]! + Number(id.slice(1))) % 7) + 7) % 7]!;
    window.dispatchEvent(new KeyboardEvent('keydown', { key: letter.toLowerCase() }));
    await painted();
  }
  const word = document.body.appendChild(document.createElement('p'));
  const baseline: number[] = [];
  for (let i = 0; i < count; i++) {
    await new Promise((resolve) => setTimeout(resolve, 30));
    const start = performance.now();
    word.textContent = String(i);
    baseline.push((await painted()) - start);
  }
  return { answers, baseline };
}
