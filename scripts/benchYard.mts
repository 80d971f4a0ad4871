// First sight of the Yard, in the built app in Chromium: every container in the window drawn.
import type { Page } from '@playwright/test';
import { spreadOf, type Spread } from './benchPage.mts';

const TIMES = 5;

/** From the page's own beginning, or from a press in the room that is open, until all in the window are drawn, ms. */
function inSight(page: Page, pressed: string | null): Promise<number> {
  return page.evaluate(
    (selector) =>
      new Promise<number>((resolve) => {
        const from = selector ? performance.now() : 0;
        const look = () => {
          const inWindow = [
            ...document.querySelectorAll<HTMLCanvasElement>('[data-strip] canvas'),
          ].filter((canvas) => {
            const { top, bottom } = canvas.getBoundingClientRect();
            return top < innerHeight && bottom > 0;
          });
          if (inWindow.length > 0 && inWindow.every(({ dataset }) => dataset.painted))
            resolve(performance.now() - from);
          else requestAnimationFrame(look);
        };
        if (selector) document.querySelector<HTMLAnchorElement>(selector)!.click();
        requestAnimationFrame(look);
      }),
    pressed,
  );
}

/** Opened by its address again and again, from what was kept; after as long a rest as its reckoning takes. */
export async function yardOpened(
  page: Page,
  url: string,
  restMs: number,
): Promise<readonly number[]> {
  await page.goto(url);
  // Read, reckoned and kept.
  await page.locator('[data-yard="now"] [data-due]').first().waitFor({ timeout: 120_000 });
  await page.waitForTimeout(restMs);
  const opened: number[] = [];
  for (let i = 0; i < TIMES; i += 1) {
    await page.reload({ waitUntil: 'commit' });
    opened.push(await inSight(page, null));
    await page.waitForTimeout(restMs);
  }
  return opened;
}

/** Longer than two frames of a screen that shows 60 a second, ms. */
const LONG_FRAME_MS = 33.4;

export interface Scrolled {
  readonly frames: number;
  readonly longFrames: number;
  readonly worstMs: number;
}

/** The open Yard turned by the wheel, once over ground that was never seen and once over the same ground again. */
export async function yardScrolled(
  page: Page,
): Promise<Readonly<Record<'fresh' | 'again', Scrolled>>> {
  const fresh = await scrolled(page);
  await page.evaluate(() => window.scrollTo(0, 0));
  await page.waitForTimeout(3000);
  return { fresh, again: await scrolled(page) };
}

export async function scrolled(page: Page): Promise<Scrolled> {
  const frames = page.evaluate(
    () =>
      new Promise<number[]>((resolve) => {
        const took: number[] = [];
        let last = performance.now();
        const end = last + 3200;
        const next = (now: number) => {
          took.push(now - last);
          last = now;
          if (now < end) requestAnimationFrame(next);
          // The first is no whole frame.
          else resolve(took.slice(1));
        };
        requestAnimationFrame(next);
      }),
  );
  await page.mouse.move(640, 500);
  for (let i = 0; i < 40; i += 1) {
    await page.mouse.wheel(0, 120);
    await page.waitForTimeout(50);
  }
  const took = await frames;
  return {
    frames: took.length,
    longFrames: took.filter((ms) => ms > LONG_FRAME_MS).length,
    worstMs: Math.round(Math.max(...took)),
  };
}

/** Entered from another room for the first time and again, and opened by its address. */
export async function benchYard(
  page: Page,
  url: string,
): Promise<Readonly<Record<string, Spread>>> {
  const first: number[] = [];
  const again: number[] = [];
  for (let i = 0; i < TIMES; i += 1) {
    await page.goto(`${url}/trolley`);
    // As on a device that never saw the Yard.
    await page.evaluate(() => {
      localStorage.removeItem('rillbank-yard-sight');
      indexedDB.deleteDatabase('rillbank-pictures');
    });
    await page.reload();
    await page.locator('main h1, main h2').first().waitFor();
    await page.waitForTimeout(5000);
    first.push(await inSight(page, 'nav a[href="/"]'));
    await page.waitForTimeout(4000);
    await page.locator('nav a[href="/trolley"]:visible').click();
    await page.waitForTimeout(1500);
    again.push(await inSight(page, 'nav a[href="/"]'));
  }
  return {
    'first sight of a yard of nine': spreadOf(first),
    'the yard again': spreadOf(again),
    'the yard opened by its address, everything loaded anew': spreadOf(
      await yardOpened(page, url, 4000),
    ),
  };
}
