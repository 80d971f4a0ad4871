// Start's six pictures, in the built app in Chromium: from the press on "Start a planting" until the sixth is painted.
// Alone: `npm run bench:start [programs that keep a core busy meanwhile]`.
import { spawn } from 'node:child_process';
import type { Page } from '@playwright/test';
import { spreadOf } from './benchPage.mts';
import { deskPage, withBuiltApp } from './builtApp.mts';

const TIMES = 7;
/** The room before has come to rest. */
const REST_MS = 4000;
const SHOWN = 6;

/** From the press until the sheet is open, the cards stand, one is painted, and all are; and from the open sheet until all are, ms. */
function sixInSight(page: Page): Promise<readonly number[]> {
  return page.evaluate(
    (shown) =>
      new Promise<number[]>((resolve) => {
        const from = performance.now();
        let [open, cards, first] = [0, 0, 0];
        const look = () => {
          const now = performance.now() - from;
          const all = [...document.querySelectorAll('[data-proposal]')];
          const painted = all.filter(
            (card) => card.querySelector<HTMLCanvasElement>('canvas')?.dataset.painted,
          ).length;
          if (document.querySelector('main h1')?.textContent === 'Start a planting') open ||= now;
          if (all.length > 0) cards ||= now;
          if (painted > 0) first ||= now;
          if (painted >= shown) resolve([open, cards, first, now, now - open]);
          else requestAnimationFrame(look);
        };
        document.querySelector<HTMLAnchorElement>('a[href="/start"]')!.click();
        requestAnimationFrame(look);
      }),
    SHOWN,
  );
}

const busy = Number(process.argv[2] ?? 0);
await withBuiltApp(async (browser, url) => {
  const others = Array.from({ length: busy }, () => spawn(process.execPath, ['-e', 'for (;;);']));
  try {
    const page = await deskPage(browser);
    const rows: (readonly number[])[] = [];
    for (let i = 0; i < TIMES; i += 1) {
      await page.goto(url);
      await page.locator('a[href="/start"]').first().waitFor();
      await page.waitForTimeout(REST_MS);
      rows.push(await sixInSight(page));
    }
    for (const [at, name] of [
      'the sheet is open',
      'cards stand',
      'first is painted',
      'sixth is painted',
      'sixth is painted, from the open sheet on',
    ].entries()) {
      const { medianMs, worstMs } = spreadOf(rows.map((row) => row[at]!));
      console.log(
        `${name}: ${Math.round(medianMs)} ms in the middle of ${TIMES}, ${Math.round(worstMs)} at worst`,
      );
    }
  } finally {
    for (const one of others) one.kill();
  }
});
