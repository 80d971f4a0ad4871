// What the built app does in Chromium: painted frames, tasks on the main thread, first-load JavaScript per route.
import { gzipSync } from 'node:zlib';
import type { Browser, Page } from '@playwright/test';
import { benchDiary, type DiaryFigures } from './benchDiary.mts';
import { benchRounds, type RoundsFigures } from './benchRounds.mts';
import { benchYard } from './benchYard.mts';
import { deskPage, withBuiltApp } from './builtApp.mts';

export interface Spread {
  readonly medianMs: number;
  readonly worstMs: number;
}

export interface PageFigures {
  readonly rounds: RoundsFigures;
  readonly diary: DiaryFigures;
  readonly times: Readonly<Record<string, Spread>>;
  /** Tasks that held the main thread, ms, by what was done meanwhile; the browser reports from 50 ms up. */
  readonly longTasksMs: Readonly<Record<string, readonly number[]>>;
  /** Scripts a first visit loads before anything is pressed, kB gzipped. */
  readonly firstLoadKB: Readonly<Record<string, number>>;
}

export function spreadOf(times: readonly number[]): Spread {
  const sorted = [...times].sort((a, b) => a - b);
  return {
    medianMs: sorted[Math.floor(sorted.length / 2)] ?? Number.NaN,
    worstMs: sorted[sorted.length - 1] ?? Number.NaN,
  };
}

const ROUTES = [
  '/',
  '/spot?spot=demo-window',
  '/shelf',
  '/shelf?item=demo-barrow',
  '/start',
  '/bench',
  '/plants',
  '/trolley',
  '/shed',
];
/** Demo plantings that are moved about: one of ten plants, of which two are copied to make a dozen, and the fullest box. */
const MOVED = [
  { id: 'demo-kitchen-pot', copies: 2 },
  { id: 'demo-window-box', copies: 0 },
];
/** Weeks after planting in which they are moved: full grown. */
const GROWN_WEEKS = 14;

export function benchPage(): Promise<PageFigures> {
  return withBuiltApp(async (browser, url) => {
    const firstLoadKB: Record<string, number> = {};
    for (const route of ROUTES) firstLoadKB[route] = await scriptsOf(browser, url + route);
    const page = await deskPage(browser);
    await page.goto(url);
    await page
      .getByRole('link', { name: /open on the bench/ })
      .first()
      .waitFor();
    const moved = [];
    for (const { id, copies } of MOVED)
      moved.push(await moving(page, `${url}/bench?planting=${id}`, copies));
    moved.push({ times: await benchYard(page, url), longTasksMs: {} });
    moved.push(await finding(page, url));
    moved.push(await dragging(page, `${url}/spot?spot=demo-window`));
    const rounds = await benchRounds(page, url);
    const diary = await benchDiary(page, url);
    return {
      rounds,
      diary,
      times: Object.assign({}, ...moved.map(({ times }) => times)),
      longTasksMs: Object.assign({}, ...moved.map(({ longTasksMs }) => longTasksMs)),
      firstLoadKB,
    };
  });
}

/** Gzipped weight of the scripts that the page's own HTML names: what a browser loads before it can respond. */
async function scriptsOf(browser: Browser, url: string): Promise<number> {
  const context = await browser.newContext();
  const page = await context.newPage();
  const html = await (await page.goto(url))!.text();
  // The module-less fallback is for browsers without modules; none that runs this app loads it.
  const tags = [...html.matchAll(/<script\b[^>]*\bsrc="([^"]+)"[^>]*>/g)]
    .filter(([tag]) => !/nomodule/i.test(tag))
    .map(([, src]) => src!);
  let bytes = 0;
  for (const src of new Set(tags))
    bytes += gzipSync(await (await context.request.get(new URL(src, url).href)).body()).length;
  await context.close();
  return Math.round(bytes / 102.4) / 10;
}

/** Opens the book from the Yard and types in it: from the press to rows in sight. */
async function finding(
  page: Page,
  url: string,
): Promise<Pick<PageFigures, 'times' | 'longTasksMs'>> {
  const opened: number[] = [];
  for (let i = 0; i < 5; i += 1) {
    await page.goto(url);
    await page
      .getByRole('link', { name: /open on the bench/ })
      .first()
      .waitFor();
    // The Yard draws its containers first.
    await page.waitForTimeout(4000);
    opened.push(
      await page.evaluate(
        () =>
          new Promise<number>((resolve) => {
            const from = performance.now();
            const watch = new MutationObserver(() => {
              if (!document.querySelector('[data-kind]')) return;
              watch.disconnect();
              resolve(performance.now() - from);
            });
            watch.observe(document.body, { subtree: true, childList: true });
            document.querySelector<HTMLAnchorElement>('a[href="/plants"]')!.click();
          }),
      ),
    );
  }
  await page.waitForTimeout(1500);
  await page.evaluate(() => {
    const seen = { asked: 0, flat: [] as number[], full: [] as number[], tasks: [] as number[] };
    (window as unknown as { seen: typeof seen }).seen = seen;
    addEventListener('keydown', () => (seen.asked = performance.now()), { capture: true });
    new MutationObserver(() => {
      if (seen.asked > 0) seen.flat.push(performance.now() - seen.asked);
      seen.asked = 0;
    }).observe(document.querySelector('[aria-label="Plants found"]')!, {
      subtree: true,
      childList: true,
      characterData: true,
    });
    new PerformanceObserver((list) =>
      seen.tasks.push(...list.getEntries().map(({ duration }) => duration)),
    ).observe({ type: 'longtask' });
  });
  const words = page.getByRole('searchbox');
  for (const text of ['petunia', 'lime trail', 'salvia violet']) {
    await words.fill('');
    await words.pressSequentially(text, { delay: 120 });
  }
  const { flat, tasks } = await page.evaluate(
    () => (window as unknown as { seen: { flat: number[]; tasks: number[] } }).seen,
  );
  return {
    times: {
      'opening the plant book': spreadOf(opened),
      'a key typed in the plant book': spreadOf(flat),
      'a frame, scrolling it on a phone': spreadOf(await scrolling(page, url)),
    },
    longTasksMs: { 'typing in the plant book': tasks },
  };
}

/** Times between frames while a finger flings the book's list on a phone. */
async function scrolling(page: Page, url: string): Promise<readonly number[]> {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${url}/plants`);
  await page.locator('[data-kind]').first().waitFor();
  await page.waitForTimeout(2500);
  const frames = await page.evaluate(
    () =>
      new Promise<number[]>((resolve) => {
        const list = document.querySelector('[aria-label="Plants found"]')!;
        const between: number[] = [];
        let last = performance.now();
        const step = (now: number) => {
          between.push(now - last);
          last = now;
          list.scrollTop += 90;
          if (between.length < 120) requestAnimationFrame(step);
          else resolve(between.slice(1));
        };
        requestAnimationFrame(step);
      }),
  );
  await page.setViewportSize({ width: 1280, height: 800 });
  return frames;
}

/** Drags a tree over the sky strip: from the pointer's move to the sun's paths drawn anew, the year reckoned in between. */
async function dragging(
  page: Page,
  url: string,
): Promise<Pick<PageFigures, 'times' | 'longTasksMs'>> {
  await page.goto(url);
  const tree = page.locator('[data-obstacle^=lime]');
  await tree.waitFor();
  await page.waitForTimeout(2500);
  await page.evaluate(() => {
    const seen = { asked: 0, flat: [] as number[], full: [] as number[], tasks: [] as number[] };
    (window as unknown as { seen: typeof seen }).seen = seen;
    addEventListener('pointermove', () => (seen.asked = performance.now()), { capture: true });
    new MutationObserver(() => {
      if (seen.asked > 0) seen.flat.push(performance.now() - seen.asked);
      seen.asked = 0;
    }).observe(document.querySelector('[data-obstacle^=lime]')!, {
      subtree: true,
      attributes: true,
      attributeFilter: ['d'],
    });
    new PerformanceObserver((list) =>
      seen.tasks.push(...list.getEntries().map(({ duration }) => duration)),
    ).observe({ type: 'longtask' });
  });
  const box = (await tree.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  for (let i = 1; i <= 40; i += 1) {
    await page.mouse.move(
      box.x + box.width / 2 - i * 4,
      box.y + box.height / 2 - Math.sin(i / 5) * 20,
    );
    await page.waitForTimeout(60);
  }
  await page.keyboard.press('Escape');
  await page.mouse.up();
  const { flat, tasks } = await page.evaluate(
    () => (window as unknown as { seen: { flat: number[]; tasks: number[] } }).seen,
  );
  return {
    times: { 'sky strip drawn anew under the hand': spreadOf(flat) },
    longTasksMs: { 'dragging on the sky strip': tasks },
  };
}

/** Turns, grows and drags on the Bench, watching how long each picture takes to be painted and what holds the page. */
async function moving(
  page: Page,
  url: string,
  copies: number,
): Promise<Pick<PageFigures, 'times' | 'longTasksMs'>> {
  await page.goto(url);
  await page.locator('canvas[data-painted=full]').nth(1).waitFor();
  const wanted = (await page.locator('[data-place]').count()) + copies;
  for (let i = 0; i < copies; i += 1) {
    await page.locator('[data-place]').nth(i).press('d');
    await page.waitForTimeout(800);
  }
  await page.getByRole('slider', { name: 'Weeks since planting' }).focus();
  while (
    Number(
      await page
        .getByRole('slider', { name: 'Weeks since planting' })
        .getAttribute('aria-valuenow'),
    ) < GROWN_WEEKS
  )
    await page.keyboard.press('ArrowRight');
  const plants = await page.locator('[data-place]').count();
  if (plants !== wanted) throw new Error(`Meant to move ${wanted} plants; found ${plants}.`);
  // Until leaves have been counted, which begins when a planting rests.
  await page.waitForTimeout(9000);
  // Marks the time when a slider is moved, when the stand-back view's canvas is painted, and from one frame of the page to the next.
  await page.evaluate(() => {
    const seen = {
      asked: 0,
      flat: [] as number[],
      full: [] as number[],
      tasks: [] as number[],
      frames: [] as number[],
      waiting: false,
    };
    (window as unknown as { seen: typeof seen }).seen = seen;
    const canvas = document.querySelector('section[aria-label="Stand-back view"] canvas')!;
    new MutationObserver(() => {
      const at = performance.now() - seen.asked;
      if ((canvas as HTMLElement).dataset.painted === 'full') seen.full.push(at);
      else if (seen.waiting) {
        seen.flat.push(at);
        seen.waiting = false;
      }
    }).observe(canvas, { attributes: true, attributeFilter: ['data-painted'] });
    new PerformanceObserver((list) =>
      seen.tasks.push(...list.getEntries().map(({ duration }) => duration)),
    ).observe({ type: 'longtask' });
    addEventListener(
      'keydown',
      () => {
        seen.asked = performance.now();
        seen.waiting = true;
      },
      { capture: true },
    );
    let last = performance.now();
    const frame = (now: number) => {
      seen.frames.push(now - last);
      last = now;
      requestAnimationFrame(frame);
    };
    requestAnimationFrame(frame);
  });
  interface Seen {
    flat: number[];
    full: number[];
    tasks: number[];
    frames: number[];
  }
  const take = () =>
    page.evaluate(() => {
      const { seen } = window as unknown as { seen: Seen };
      return {
        flat: seen.flat.splice(0),
        full: seen.full.splice(0),
        tasks: seen.tasks.splice(0),
        frames: seen.frames.splice(0),
      };
    });
  const run = async (slider: string, keys: readonly string[], restMs: number) => {
    await page.getByRole('slider', { name: slider }).focus();
    await take();
    for (const key of keys) {
      await page.keyboard.press(key);
      await page.waitForTimeout(restMs);
    }
    await page.waitForTimeout(1200);
    return take();
  };
  const there = (key: string, back: string, n: number) => [
    ...Array.from({ length: n }, () => key),
    ...Array.from({ length: n }, () => back),
  ];
  const turn = await run('Turn the view', there('ArrowRight', 'ArrowLeft', 10), 110);
  const grow = await run('Weeks since planting', there('ArrowLeft', 'ArrowRight', 10), 160);
  const restTurn = await run('Turn the view', there('ArrowRight', 'ArrowLeft', 5), 1300);
  const restGrow = await run('Weeks since planting', there('ArrowLeft', 'ArrowRight', 5), 1500);
  const place = page.locator('[data-place]').first();
  const box = (await place.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await take();
  await page.mouse.down();
  for (let i = 0; i < 40; i += 1) {
    await page.mouse.move(box.x + box.width / 2 + 30 * Math.sin(i / 4), box.y + box.height / 2);
    await page.waitForTimeout(16);
  }
  await page.keyboard.press('Escape');
  await page.mouse.up();
  const drag = await take();
  return {
    times: {
      [`painted, turning ${plants} plants`]: spreadOf(turn.flat),
      [`painted, growing ${plants} plants`]: spreadOf(grow.flat),
      [`full detail of ${plants} after a turn`]: spreadOf(restTurn.full),
      [`full detail of ${plants} after a week`]: spreadOf(restGrow.full),
      [`a frame of the page, turning ${plants} plants`]: spreadOf(turn.frames),
      [`a frame of the page, growing ${plants} plants`]: spreadOf(grow.frames),
      [`a frame of the page, dragging one of ${plants}`]: spreadOf(drag.frames),
    },
    longTasksMs: {
      [`turning ${plants} plants`]: [...turn.tasks, ...restTurn.tasks],
      [`growing ${plants} plants`]: [...grow.tasks, ...restGrow.tasks],
      [`dragging one of ${plants}`]: drag.tasks,
    },
  };
}
