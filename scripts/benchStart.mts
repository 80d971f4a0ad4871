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
await withBuiltApp(async (browser, url) => {
  const others = Array.from({ length: busy }, () => spawn(process.execPath, ['-e', 'for (;;);']));
  try {
    const page = await deskPage(browser);
    const rows: (readonly [number, number, number])[] = [];
    for (let i = 0; i < TIMES; i += 1) {
      await page.goto(url);
      await page.locator('a[href="/start"]').first().waitFor();
      await page.waitForTimeout(REST_MS);
      rows.push(await sixInSight(page));
    }
    for (const [at, name] of ['cards stand', 'first is painted', 'sixth is painted'].entries()) {
      const { medianMs, worstMs } = spreadOf(rows.map((row) => row[at]!));
      console.log(
        `${name}: ${Math.round(medianMs)} ms in the middle of ${TIMES}, ${Math.round(worstMs)} at worst`,
      );
    }
  } finally {
    for (const one of others) one.kill();
  }
});
