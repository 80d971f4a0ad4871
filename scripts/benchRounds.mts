// Yard and Rounds with a thousand plantings and their year of entries, in the built app in Chromium.
import type { Page } from '@playwright/test';
import { yardOpened, yardScrolled, type Scrolled } from './benchYard.mts';

export interface RoundsFigures {
  /** From the Yard's address until every container in the window is drawn, from what was kept. */
  readonly yardMs: readonly number[];
  /** Frames of the Yard while it is scrolled. */
  readonly yardScrolled: Readonly<Record<'fresh' | 'again', Scrolled>>;
  /** From the press in another room to the first task that can be answered. */
  readonly enteredMs: readonly number[];
  /** From the address, in an app that has just begun, to the first task that can be answered. */
  readonly firstMs: readonly number[];
  /** From the address until all have been looked at. */
  readonly wholeMs: readonly number[];
  /** From an answer until the next task stands there. */
  readonly answerMs: readonly number[];
  /** Reading the same rows from the database and writing them as JSON: the plain loop. */
  readonly plainMs: readonly number[];
}

const TIMES = 3;

/** Multiplies the demo set in the browser's own database: each planting and its entries, until there are `many`. */
export async function multiply(page: Page, many: number): Promise<number> {
  return page.evaluate(async (count) => {
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      const open = indexedDB.open('rillbank');
      open.onsuccess = () => resolve(open.result);
      open.onerror = () => reject(open.error);
    });
    const done = <T,>(asked: IDBRequest<T>) =>
      new Promise<T>((resolve, reject) => {
        asked.onsuccess = () => resolve(asked.result);
        asked.onerror = () => reject(asked.error);
      });
    type Row = Record<string, unknown> & { id: string };
    type Entry = Row & { of: { plantingId?: string } };
    const tx = db.transaction(['plantings', 'entries'], 'readwrite');
    const plantings = (await done(tx.objectStore('plantings').getAll())) as Row[];
    const entries = (await done(tx.objectStore('entries').getAll())) as Entry[];
    for (let i = plantings.length; i < count; i += 1) {
      const like = plantings[i % plantings.length]!;
      const id = `many-${i}`;
      tx.objectStore('plantings').put({ ...like, id, name: `${String(like.name)} ${i}` });
      const its = entries.filter(({ of }) => of.plantingId === like.id);
      for (let n = 0; n < Math.max(15, its.length); n += 1) {
        const entry = its[n % Math.max(1, its.length)];
        if (!entry) break;
        tx.objectStore('entries').put({
          ...entry,
          id: `${entry.id}-${i}-${n}`,
          of: { ...entry.of, plantingId: id },
        });
      }
    }
    await new Promise<void>((resolve, reject) => {
      tx.oncomplete = () => resolve();
      tx.onerror = () => reject(tx.error);
    });
    const all = await done(db.transaction('entries').objectStore('entries').count());
    db.close();
    return all;
  }, many);
}

/** Rounds as opened by its address, and answered once. */
export async function benchRounds(page: Page, url: string): Promise<RoundsFigures> {
  await page.goto(`${url}/shed`);
  // The set is loaded by itself where the app is served with it.
  await page.getByRole('button', { name: 'Take away the demo set' }).waitFor();
  await multiply(page, 1000);
  const enteredMs: number[] = [];
  const firstMs: number[] = [];
  const wholeMs: number[] = [];
  const answerMs: number[] = [];
  const plainMs: number[] = [];
  for (let i = 0; i < TIMES; i += 1) {
    // The worker has the book by then, as after some seconds in any room.
    await page.goto(`${url}/plants`);
    await page.locator('main h1, main h2').first().waitFor();
    await page.waitForTimeout(4000);
    enteredMs.push(await entered(page));
    await page.goto('about:blank');
    await page.goto(`${url}/rounds`);
    // Taken inside the page, from its own beginning.
    firstMs.push(await seen(page, '[data-task]'));
    wholeMs.push(await seen(page, '[data-round]:not([data-part])'));
    answerMs.push(await answered(page));
    plainMs.push(await plain(page));
  }
  const yardMs = await yardOpened(page, url, 25_000);
  return {
    yardMs,
    yardScrolled: await yardScrolled(page),
    enteredMs,
    firstMs,
    wholeMs,
    answerMs,
    plainMs,
  };
}

const seen = (page: Page, what: string): Promise<number> =>
  page.evaluate(
    (selector) =>
      new Promise<number>((resolve) => {
        const look = () =>
          document.querySelector(selector)
            ? resolve(performance.now())
            : requestAnimationFrame(look);
        look();
      }),
    what,
  );

const entered = (page: Page): Promise<number> =>
  page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const from = performance.now();
        const look = () =>
          document.querySelector('[data-task]')
            ? resolve(performance.now() - from)
            : requestAnimationFrame(look);
        document.querySelector<HTMLAnchorElement>('nav a[href="/rounds"]')!.click();
        look();
      }),
  );

const answered = (page: Page): Promise<number> =>
  page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const key = () => document.querySelector<HTMLElement>('[data-task]')?.dataset.task;
        const before = key();
        const from = performance.now();
        const look = () =>
          key() === before ? requestAnimationFrame(look) : resolve(performance.now() - from);
        [...document.querySelectorAll<HTMLButtonElement>('button')]
          .find(({ textContent }) => textContent?.startsWith('Done'))
          ?.click();
        look();
      }),
  );

const plain = (page: Page): Promise<number> =>
  page.evaluate(async () => {
    const from = performance.now();
    const db = await new Promise<IDBDatabase>((resolve) => {
      const open = indexedDB.open('rillbank');
      open.onsuccess = () => resolve(open.result);
    });
    for (const table of ['plantings', 'entries'])
      await new Promise<number>((resolve) => {
        const asked = db.transaction(table).objectStore(table).getAll();
        asked.onsuccess = () => resolve(JSON.stringify(asked.result).length);
      });
    db.close();
    return performance.now() - from;
  });
