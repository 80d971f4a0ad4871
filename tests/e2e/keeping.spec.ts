import { expect, SERVICE, test, type Page } from '../builders/journey';
import { readFileSync } from 'node:fs';

/** Loads the demo set and puts one of its tubs on the bench. */
async function tub(page: Page): Promise<void> {
  await page.goto('/shed');
  await page.getByRole('button', { name: 'Load the demo set' }).click();
  await expect(page.getByRole('button', { name: 'Take away the demo set' })).toBeVisible();
  await page.goto('/bench?planting=demo-tub-1');
  await expect(page.locator('[data-place]').first()).toBeVisible();
}

const places = (page: Page) =>
  page.$$eval('[data-place]', (plants) => plants.map((one) => one.getAttribute('aria-label')));

/** One stored record, as it lies. */
const stored = (page: Page, table: string, id: string) =>
  page.evaluate(
    ([store, key]) =>
      new Promise<{ places: { xCm: number; zCm: number }[] }>((resolve) => {
        const open = indexedDB.open('rillbank');
        open.onsuccess = () => {
          const read = open.result.transaction(store!).objectStore(store!).get(key!);
          read.onsuccess = () => resolve(read.result);
        };
      }),
    [table, id],
  );

test('a plant dragged past the window’s edge stays within reach, is kept, and is there on reopening', async ({
  page,
}) => {
  await tub(page);
  const plant = page.locator('[data-place]').first();
  const box = (await plant.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  const scale = () => page.locator('[data-place] circle').first().getAttribute('r');
  const before = await scale();
  for (const x of [300, 900, 5000, 100_000]) {
    await page.mouse.move(x, box.y);
    // The drawing keeps its scale for as long as the hand is on it.
    expect(await scale()).toBe(before);
  }
  await page.mouse.up();
  const shown = await places(page);
  await expect(page.getByRole('button', { name: /^Undo: Moved/ })).toBeEnabled();
  const kept = await stored(page, 'plantings', 'demo-tub-1');
  expect(Math.max(...kept.places.map(({ xCm }) => Math.abs(xCm)))).toBeLessThan(60);
  await page.reload();
  await expect.poll(() => places(page)).toEqual(shown);
});

test('an arrow key held down goes no further than the rim; so many copies that none could be read again are refused in words', async ({
  page,
}) => {
  await tub(page);
  const plant = page.locator('[data-place]').first();
  await plant.focus();
  for (let i = 0; i < 80; i += 1) await page.keyboard.press('Shift+ArrowRight');
  await expect
    .poll(async () => (await stored(page, 'plantings', 'demo-tub-1')).places[0]!.xCm)
    .toBeLessThan(60);
  for (let i = 0; i < 6; i += 1) {
    await page.locator('[data-place]').first().focus();
    await page.keyboard.press('Control+a');
    await page.keyboard.press('d');
  }
  await expect(page.getByText(/A planting holds at most 200 plants/).first()).toBeVisible();
  const count = (await stored(page, 'plantings', 'demo-tub-1')).places.length;
  expect(count).toBeLessThanOrEqual(200);
  await page.reload();
  await expect(page.locator('[data-place]')).toHaveCount(count);
});

test('when the browser has no room left the change is told as not kept, with everything as a file; the next one is kept', async ({
  page,
}) => {
  await tub(page);
  const shown = await places(page);
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    (window as unknown as { room: () => void }).room = () => {
      IDBObjectStore.prototype.put = put;
    };
    IDBObjectStore.prototype.put = function full() {
      throw new DOMException('Full', 'QuotaExceededError');
    };
  });
  await page.locator('[data-place]').first().focus();
  await page.keyboard.press('r');
  const told = page.getByRole('alert').filter({ hasText: 'no room left' });
  await expect(told).toBeVisible();
  await expect.poll(() => places(page)).toEqual(shown);
  const saving = page.waitForEvent('download');
  await told.getByRole('button', { name: 'Save everything as a file' }).click();
  expect((await saving).suggestedFilename()).toMatch(/^rillbank-.*\.backup\.json$/);
  await told.getByRole('button', { name: 'I have read it' }).click();
  await page.evaluate(() => (window as unknown as { room: () => void }).room());
  await page.locator('[data-place]').first().focus();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('button', { name: /^Undo: Moved/ })).toBeEnabled();
});

test('without a database everything works for as long as the window is open, and that is said', async ({
  page,
}) => {
  await page.addInitScript(() =>
    Object.defineProperty(window, 'indexedDB', { value: undefined, configurable: true }),
  );
  await page.goto('/shed');
  await expect(
    page.getByRole('alert').filter({ hasText: 'This browser keeps nothing here' }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Load the demo set' }).click();
  await expect(page.getByRole('button', { name: 'Take away the demo set' })).toBeVisible();
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(page.locator('[data-place]').first()).toBeVisible();
});

test('without workers the page thinks and draws itself, and that is said', async ({ page }) => {
  await page.addInitScript(() =>
    Object.defineProperty(window, 'Worker', { value: undefined, configurable: true }),
  );
  await page.goto('/start?week=20');
  await expect(page.getByText('cannot think and draw beside the page')).toBeVisible();
  await expect(page.locator('[data-proposal]').first()).toBeVisible();
});

test('two windows: neither overwrites the other’s fields, each takes back its own', async ({
  page,
  context,
}) => {
  await tub(page);
  await page.goto('/spot?spot=demo-hut');
  const other = await context.newPage();
  await other.goto('/spot?spot=demo-hut');
  const drop = (of: Page) => of.getByLabel(/^Free drop below/);
  const who = (of: Page) => of.getByRole('textbox', { name: 'Who waters' });
  await expect(drop(page)).toBeVisible();
  await expect(who(other)).toBeVisible();
  await drop(page).fill('40');
  await drop(page).press('Enter');
  await who(other).fill('The crew');
  await who(other).blur();
  await expect(who(page)).toHaveValue('The crew');
  await expect(drop(other)).toHaveValue('40');
  await page.getByRole('button', { name: /^Undo: Changed the drop/ }).click();
  await expect(drop(page)).toHaveValue('0');
  await expect(who(page)).toHaveValue('The crew');
});

test('the demo set goes only when its work may go, and comes back with it', async ({ page }) => {
  await tub(page);
  await page.locator('[data-place]').first().focus();
  await page.keyboard.press('r');
  await expect(page.getByRole('button', { name: /^Undo: Turned/ })).toBeEnabled();
  await page.goto('/shed');
  await page.getByRole('button', { name: 'Take away the demo set' }).click();
  const asks = page.getByRole('alertdialog');
  await expect(asks).toContainText('1 change of yours would go with it');
  await asks.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('Platform tub 1')).toBeVisible();
  await page.getByRole('button', { name: 'Take away the demo set' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Take it away' }).click();
  await expect(page.getByText('Platform tub 1')).toBeHidden();
  await page.getByRole('button', { name: 'Bring them back' }).click();
  // Leaving before all is back is held with a question, which nobody answers here.
  await expect(page.getByText('Platform tub 1')).toBeVisible();
  await page.goto('/bench?planting=demo-tub-1');
  await expect(page.getByRole('button', { name: /^Undo: Turned/ })).toBeEnabled();
});

test('a record that cannot be read is shown by name and goes along in a backup', async ({
  page,
}) => {
  await tub(page);
  await page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const open = indexedDB.open('rillbank');
        open.onsuccess = () => {
          const write = open.result.transaction('plantings', 'readwrite');
          write.objectStore('plantings').put({ id: 'lost', name: 'Old sink', places: 'gone' });
          write.oncomplete = () => {
            open.result.close();
            resolve();
          };
        };
      }),
  );
  await page.goto('/');
  const lost = page.getByRole('region', { name: 'What cannot be read' });
  await expect(lost).toContainText('Old sink');
  await page.goto('/shed');
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save everything' }).click();
  const stream = await (await saving).createReadStream();
  let text = '';
  for await (const piece of stream) text += String(piece);
  expect(JSON.parse(text).unreadable).toEqual([
    { table: 'plantings', record: { id: 'lost', name: 'Old sink', places: 'gone' } },
  ]);
  // One line: a reader takes it however much there is.
  expect(text).not.toContain('\n');
});

test(
  'an address that leads nowhere, a file and an error have strict headers and words of ours',
  SERVICE,
  async ({ page, request }) => {
    await page.goto('/no-such-room');
    await expect(page.getByRole('heading', { name: 'There is no such room' })).toBeVisible();
    await page.goto('/shed');
    const script = await page.locator('script[src]').first().getAttribute('src');
    for (const address of ['/no-such-room', script!, '/icon.svg', '/_next/static/none.js']) {
      const headers = (await request.get(address)).headers();
      expect([address, headers['x-content-type-options'], headers['referrer-policy']]).toEqual([
        address,
        'nosniff',
        'no-referrer',
      ]);
      expect([address, headers['content-security-policy']]).toEqual([
        address,
        expect.stringContaining("default-src 'none'"),
      ]);
    }
  },
);

test('a newer database is left alone, and that is said', async ({ page }) => {
  await page.goto('/icon.svg');
  await page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        indexedDB.deleteDatabase('rillbank').onsuccess = () => {
          const open = indexedDB.open('rillbank', 9000);
          open.onupgradeneeded = () =>
            open.result.createObjectStore('plantings', { keyPath: 'id' });
          open.onsuccess = () => {
            open.result.close();
            resolve();
          };
        };
      }),
  );
  await page.goto('/');
  await expect(
    page.getByRole('alert').filter({ hasText: 'written by a newer Rillbank' }),
  ).toBeVisible();
});

test('a file from before a rename comes in, and says what it called otherwise', async ({
  page,
}) => {
  const old = readFileSync('docs/examples/planting.json', 'utf8').replaceAll(
    'coral-bells-plum',
    'million-bells-yellow',
  );
  await page.goto('/shed');
  await page
    .getByLabel('File to bring in')
    .setInputFiles({ name: 'old.json', mimeType: 'application/json', buffer: Buffer.from(old) });
  await expect(page.getByText('million bells yellow is now yellow calibrachoa')).toBeVisible();
  // What was stored names it as it is called now.
  const ids = await page.evaluate(
    () =>
      new Promise<string>((resolve) => {
        const open = indexedDB.open('rillbank');
        open.onsuccess = () => {
          const all = open.result.transaction('plantings').objectStore('plantings').getAll();
          all.onsuccess = () => {
            open.result.close();
            resolve(JSON.stringify(all.result));
          };
        };
      }),
  );
  expect(ids).toContain('"kindId":"calibrachoa-yellow"');
  expect(ids).not.toContain('"kindId":"million-bells');
});
