import { availableParallelism } from 'node:os';
import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: 'tests/e2e',
  outputDir: 'test-results/playwright',
  // A busy machine may be many times slower than a calm one; a journey that hangs still ends.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  // Every journey has a browser profile of its own, and keeps the page and its two workers busy: half as many at once as there are cores,
  // and never fewer than two. On two cores three were no faster.
  workers: Math.max(2, Math.min(6, Math.floor(availableParallelism() / 2))),
  fullyParallel: true,
  retries: 1,
  reporter: [['list'], ['json']],
  use: {
    baseURL: process.env.RILLBANK_URL ?? 'http://127.0.0.1:3100',
    viewport: { width: 1280, height: 800 },
    acceptDownloads: true,
    // Each journey has a device of its own, which need not keep the whole app: trust.spec lets it.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost',
      ],
    },
  },
});
