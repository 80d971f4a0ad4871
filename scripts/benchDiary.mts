// The Diary with a thousand plantings, twenty thousand entries and two thousand photographs, in the built app in Chromium.
import type { Page } from '@playwright/test';
import { scrolled, type Scrolled } from './benchYard.mts';

export interface DiaryFigures {
  /** From the press in another room until what was told last can be read. */
  readonly enteredMs: readonly number[];
  /** From the address, in an app that has just begun, until what was told last can be read. */
  readonly firstMs: readonly number[];
  /** From the address until the whole diary is there. */
  readonly wholeMs: readonly number[];
  /** Frames of the whole diary while it is scrolled. */
  readonly scrolled: Scrolled;
}

const TIMES = 5;
const PHOTOGRAPHS = 2000;

/** Lays one photograph, drawn here, into the database so many times, each with the entry that names it. */
export async function photograph(page: Page): Promise<void> {
  await page.evaluate(async (count) => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [1200, 900];
    const pen = canvas.getContext('2d')!;
    for (let i = 0; i < 400; i += 1) {
      pen.fillStyle = `hsl(${(i * 47) % 360} 60% 50%)`;
      pen.fillRect((i * 173) % 1200, (i * 97) % 900, 120, 90);
    }
    // In parts, as photographs are kept.
    const jpeg = canvas
      .toDataURL('image/jpeg', 0.8)
      .split(',')[1]!
      .match(/.{1,8000}/g)!;
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      const open = indexedDB.open('rillbank');
      open.onsuccess = () => resolve(open.result);
      open.onerror = () => reject(open.error);
    });
    const tx = db.transaction(['plantings', 'entries', 'photos'], 'readwrite');
    const plantings = await new Promise<{ id: string }[]>((resolve, reject) => {
      const all = tx.objectStore('plantings').getAll();
      all.onsuccess = () => resolve(all.result as { id: string }[]);
      all.onerror = () => reject(all.error);
    });
    for (let i = 0; i < count; i += 1) {
      const id = `photo-${i}`;
      const plantingId = plantings[i % plantings.length]!.id;
      const day = new Date(Date.UTC(2026, 3, 1 + (i % 180), 9)).toISOString().slice(0, 19);
      tx.objectStore('photos').put({ id, plantingId, widthPx: 1200, heightPx: 900, jpeg });
      tx.objectStore('entries').put({
        id: `photo-entry-${i}`,
        at: `${day}+00:00`,
        zone: 'Europe/London',
        of: { plantingId },
        what: { did: 'photographed', photoId: id, angle: 'front' },
      });
    }
    await new Promise<void>((resolve, reject) => {
      tx.oncomplete = () => resolve();
      tx.onerror = () => reject(tx.error);
    });
    db.close();
  }, PHOTOGRAPHS);
}

/** Until something of a diary can be read: from the page's own beginning, or from a press in the room that is open. */
function readable(page: Page, what: string, pressed: string | null): Promise<number> {
  return page.evaluate(
    ([selector, press]) =>
      new Promise<number>((resolve) => {
        const from = press ? performance.now() : 0;
        const look = () => {
          if (document.querySelector(selector!)?.textContent) resolve(performance.now() - from);
          else requestAnimationFrame(look);
        };
        if (press) document.querySelector<HTMLAnchorElement>(press)!.click();
        requestAnimationFrame(look);
      }),
    [what, pressed] as const,
  );
}

const TOLD = '[data-told-last] li, [data-told-at-once] li, [data-entry]';

/** The thousand plantings and their entries are there already: see benchRounds. */
export async function benchDiary(page: Page, url: string): Promise<DiaryFigures> {
  await page.goto(`${url}/shed`);
  await page.getByRole('button', { name: 'Take away the demo set' }).waitFor();
  await photograph(page);
  const [enteredMs, firstMs, wholeMs]: [number[], number[], number[]] = [[], [], []];
  for (let i = 0; i < TIMES; i += 1) {
    await page.goto(`${url}/shed`);
    await page.locator('main h1, main h2').first().waitFor();
    await page.waitForTimeout(6000);
    enteredMs.push(await readable(page, TOLD, 'a[href="/diary"]'));
    await page.goto('about:blank');
    await page.goto(`${url}/diary`, { waitUntil: 'commit' });
    firstMs.push(await readable(page, TOLD, null));
    wholeMs.push(await readable(page, '[data-entry]', null));
  }
  await page.waitForTimeout(10_000);
  return { enteredMs, firstMs, wholeMs, scrolled: await scrolled(page) };
}
