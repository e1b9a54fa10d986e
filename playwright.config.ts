import { defineConfig } from '@playwright/test';
import { BROWSER } from './scripts/browser.mjs';

/** Two servers: the demo made anew, and an empty room for the first visit. */
export const DEMO = 'http://127.0.0.1:4391';
export const ROOM = 'http://127.0.0.1:4392';

export default defineConfig({
  testDir: 'tests/e2e',
  fullyParallel: false,
  workers: 1,
  // Generous, because shared machines stand still at times; nothing here is about speed.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  retries: 1,
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: '.cache/e2e.json' }]],
  use: {
    baseURL: DEMO,
    launchOptions: BROWSER,
    viewport: { width: 1280, height: 800 },
    trace: 'retain-on-failure',
  },
  webServer: [
    {
      command: 'node scripts/demo.mjs --reset',
      url: `${DEMO}/sign-in`,
      env: { PORT: '4391', DATA_DIR: '.cache/e2e-demo' },
      timeout: 900_000,
      reuseExistingServer: false,
    },
    {
      command:
        "node -e \"require('fs').rmSync('.cache/e2e-room',{recursive:true,force:true})\" && node scripts/start.mjs",
      url: `${ROOM}/setup`,
      env: { PORT: '4392', DATA_DIR: '.cache/e2e-room' },
      timeout: 900_000,
      reuseExistingServer: false,
    },
  ],
});
