// Start's six pictures, in the built app in Chromium: from the press on "Start a planting" until the sixth is painted.
// Alone: `npm run bench:start [programs that keep a core busy meanwhile]`.
import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
// The steps are plain JavaScript so that they run before anything is installed.
// @ts-expect-error no types
import { build, freePort, root, serve } from './steps.mjs';

const TIMES = 7;
/** The room before has come to rest. */
const REST_MS = 4000;
const SHOWN = 6;

/** From the press until the cards stand, until one is painted, and until all are, ms. */
function sixInSight(page: Page): Promise<readonly [number, number, number]> {
  return page.evaluate(
    (shown) =>
      new Promise<[number, number, number]>((resolve) => {
        const from = performance.now();
        let [cards, first] = [0, 0];
        const look = () => {
          const now = performance.now() - from;
          const all = [...document.querySelectorAll('[data-proposal]')];
          const painted = all.filter(
            (card) => card.querySelector<HTMLCanvasElement>('canvas')?.dataset.painted,
          ).length;
          if (all.length > 0) cards ||= now;
          if (painted > 0) first ||= now;
          if (painted >= shown) resolve([cards, first, now]);
          else requestAnimationFrame(look);
        };
        document.querySelector<HTMLAnchorElement>('a[href="/start"]')!.click();
        requestAnimationFrame(look);
      }),
    SHOWN,
  );
}

const busy = Number(process.argv[2] ?? 0);
if (!existsSync(join(root, '.next', 'BUILD_ID')) && build() !== 0)
  throw new Error('The build failed.');
const port: number = await freePort(4700);
const { stop } = await serve(port, { RILLBANK_DEMO: '1' });
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
const others = Array.from({ length: busy }, () => spawn(process.execPath, ['-e', 'for (;;);']));
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript('globalThis.__name = (named) => named');
  const rows: (readonly [number, number, number])[] = [];
  for (let i = 0; i < TIMES; i += 1) {
    await page.goto(`http://127.0.0.1:${port}/`);
    await page.locator('a[href="/start"]').first().waitFor();
    await page.waitForTimeout(REST_MS);
    rows.push(await sixInSight(page));
  }
  for (const [at, name] of ['cards stand', 'first is painted', 'sixth is painted'].entries()) {
    const times = rows.map((row) => row[at]!).sort((a, b) => a - b);
    console.log(
      `${name}: ${Math.round(times[Math.floor(TIMES / 2)]!)} ms in the middle of ${TIMES}, ${Math.round(times[TIMES - 1]!)} at worst`,
    );
  }
} finally {
  for (const one of others) one.kill();
  await browser.close();
  stop();
}
