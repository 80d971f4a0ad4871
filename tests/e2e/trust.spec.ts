import {
  type BrowserContext,
  expect,
  OWN_DEVICES,
  type Page,
  test,
  watched,
} from '../builders/journey';
import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { forwarder, isDeaf } from '../builders/forwarder';

const APP = process.env.RILLBANK_URL ?? 'http://127.0.0.1:3100';

const ROOMS = [
  ['/', 'Rillbank Halt'],
  ['/start?week=20', 'Start a planting'],
  ['/bench?planting=demo-tub-1', 'Platform tub 1'],
  ['/diary?planting=demo-tub-1', 'Diary'],
  ['/rounds', /round/],
  ['/trolley', 'Trolley'],
  ['/plants', 'Plant book'],
  ['/shelf', 'Shelf'],
  ['/spot?spot=demo-window', 'Booking-office window'],
  ['/terrace', /seat/],
  ['/potting', 'Potting day'],
  ['/shed', 'Shed'],
] as const;

/** Kinds that a planting of a file names. */
const kindsOf = (planting: Record<string, unknown>): readonly string[] =>
  (planting.places as readonly { readonly kindId: string }[]).map(({ kindId }) => kindId);

async function withDemo(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/shed`);
  await page.getByRole('button', { name: 'Load the demo set' }).click();
  await expect(page.getByRole('button', { name: 'Take away the demo set' })).toBeVisible();
}

/** Until the whole version is kept on the device. */
async function kept(page: Page): Promise<void> {
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect
    .poll(() => page.evaluate(() => navigator.serviceWorker.controller?.state))
    .toBe('activated');
}

const versions = (page: Page) =>
  page.evaluate(async () => (await caches.keys()).filter((name) => name.includes('version')));

test.use({ serviceWorkers: 'allow' });

test(
  'after one visit every room opens without a network, by its address and by a link; what is written stays',
  OWN_DEVICES,
  async ({ browser }) => {
    const server = await forwarder(APP);
    const context = await browser.newContext({ serviceWorkers: 'allow' });
    const page = await context.newPage();
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(error.message));
    await withDemo(page, server.url);
    await kept(page);
    // What a shop had is known from when it was last asked.
    await page.goto(`${server.url}/trolley`);
    await expect
      .poll(() =>
        page.evaluate(async () => (await (await caches.open('rillbank-answers')).keys()).length),
      )
      .toBeGreaterThan(3);
    await server.cut();
    expect(await isDeaf(server.url)).toBe(true);

    for (const [address, heading] of ROOMS) {
      await page.goto(server.url + address);
      await expect(page.getByRole('heading', { level: 1 }).first()).toHaveText(heading);
    }
    await page.goto(`${server.url}/trolley`);
    await expect(page.getByRole('region', { name: 'Where to go' })).toContainText(
      /as last known on/,
    );
    await page.goto(`${server.url}/spot?spot=demo-window`);
    await expect(page.getByText('The service does not answer just now.')).toBeVisible();

    // By links, within one and the same page.
    await page.goto(server.url);
    await page.evaluate(() => void ((window as unknown as { same: boolean }).same = true));
    for (const name of ['Shelf', 'Diary', 'Plant book', 'Rounds']) {
      await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name }).click();
      await expect(page.getByRole('link', { name, exact: true })).toHaveAttribute(
        'aria-current',
        'page',
      );
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    }
    expect(await page.evaluate(() => (window as unknown as { same?: boolean }).same)).toBe(true);

    await page.goto(`${server.url}/bench?planting=demo-tub-1`);
    await page.getByRole('button', { name: 'Rename' }).click();
    await page.getByLabel('Name of the planting').fill('Tub by the clock');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByRole('button', { name: /^Undo: Renamed/ })).toBeEnabled();
    await page.reload();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tub by the clock');
    await page.goto(`${server.url}/nowhere`);
    await expect(page.getByText('There is no such room')).toBeVisible();
    expect(errors).toEqual([]);
    await context.close();
  },
);

test(
  'a newer version waits until it is taken; another window goes on with the one it has, and is told',
  OWN_DEVICES,
  async ({ browser }) => {
    const server = await forwarder(APP);
    const context = await browser.newContext({ serviceWorkers: 'allow' });
    const [one, two] = [await context.newPage(), await context.newPage()];
    await withDemo(one, server.url);
    await kept(one);
    await two.goto(`${server.url}/diary`);
    await expect(two.getByRole('heading', { level: 1 })).toHaveText('Diary');
    // Its own script asks a while after the page: only then does it hear of what comes.
    await expect
      .poll(() => two.evaluate(() => navigator.serviceWorker.controller !== null))
      .toBe(true);
    await two.waitForTimeout(5000);
    const [first] = await versions(one);
    server.renew();
    await one.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.update());
    await expect(one.getByText('A newer Rillbank is ready.')).toBeVisible();
    await expect.poll(() => versions(one)).toHaveLength(2);
    // Nothing has changed yet.
    expect(await one.evaluate(() => navigator.serviceWorker.controller?.state)).toBe('activated');
    await expect(one.getByRole('heading', { level: 1 })).toHaveText('Shed');
    await Promise.all([
      one.waitForEvent('load'),
      one.getByRole('button', { name: 'Take it' }).click(),
    ]);
    await expect(one.getByRole('heading', { level: 1 })).toHaveText('Shed');
    await expect(two.getByText('Rillbank was renewed in another window.')).toBeVisible();
    // Its scripts are still there: a room that was not open yet opens.
    await two
      .getByRole('navigation', { name: 'Rooms' })
      .getByRole('link', { name: 'Shelf' })
      .click();
    await expect(two.getByRole('heading', { level: 1 })).toHaveText('Shelf');
    expect(await versions(one)).toEqual([first, expect.stringContaining('newer-')]);
    await context.close();
    await server.cut();
  },
);

test(
  'a phone and a desk, carried by file: what each did is on both; what both changed is asked, and goes back',
  OWN_DEVICES,
  async ({ browser }) => {
    const device = async (): Promise<readonly [BrowserContext, Page]> => {
      const context = await browser.newContext({ baseURL: APP, acceptDownloads: true });
      return [context, await context.newPage()];
    };
    const [deskContext, desk] = await device();
    const [phoneContext, phone] = await device();
    const saved = async (page: Page) => {
      await page.goto('/shed');
      const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'Save everything' }).click(),
      ]);
      return readFileSync((await download.path())!);
    };
    const bring = async (page: Page, buffer: Buffer) => {
      await page.goto('/shed');
      await page
        .getByLabel('File to bring in')
        .setInputFiles({ name: 'rillbank.json', mimeType: 'application/json', buffer });
      return page.getByRole('alertdialog', { name: 'Bring in a backup' });
    };
    const rename = async (page: Page, id: string, name: string) => {
      await page.goto(`/bench?planting=${id}`);
      await page.getByRole('button', { name: 'Rename' }).click();
      await page.getByLabel('Name of the planting').fill(name);
      await page.getByRole('button', { name: 'Keep', exact: true }).click();
      await expect(page.getByRole('button', { name: /^Undo: Renamed/ })).toBeEnabled();
    };

    await withDemo(desk, APP);
    const first = await bring(phone, await saved(desk));
    await expect(first).toContainText('9 plantings');
    await first.getByRole('button', { name: 'Bring together' }).click();
    await expect(phone.getByText('Both were brought together.')).toBeVisible();

    await rename(desk, 'demo-tub-1', 'Tub by the clock');
    await rename(phone, 'demo-tub-1', 'Tub at the end');
    await rename(phone, 'demo-tub-2', 'Tub by the door');
    const met = await bring(desk, await saved(phone));
    await expect(met.locator('[data-choice]')).toHaveCount(1);
    await expect(met).toContainText(
      'changed on both: name. In the file it is called Tub at the end',
    );
    await expect(met.locator('[data-together]')).toContainText(
      'Changed there1 planting: Platform tub 2',
    );
    await met.getByRole('radio', { name: 'As in the file' }).click();
    await met.getByRole('button', { name: 'Bring together' }).click();
    const names = desk.getByRole('region', { name: 'Plantings' });
    await expect(names).toContainText('Tub at the end');
    await expect(names).toContainText('Tub by the door');
    await desk.getByRole('button', { name: 'Put it back as it was' }).click();
    await expect(names).toContainText('Tub by the clock');
    await expect(names).toContainText('Platform tub 2');
    await deskContext.close();
    await phoneContext.close();
  },
);

test('names of ill will are names: in every room, on paper and in files nothing of them runs, and nothing is pushed aside', async ({
  page,
}) => {
  const MARKUP = '<img src=x onerror="document.title=1">';
  const LONG = 'W'.repeat(80);
  const found: string[] = [];
  page.on('dialog', (dialog) => void found.push(dialog.message()));
  page.on('pageerror', (error) => void found.push(error.message));
  await page.addInitScript(() => {
    window.print = () => void (document.documentElement.dataset.printed = 'yes');
  });
  await withDemo(page, '');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save everything' }).click(),
  ]);
  const backup = JSON.parse(readFileSync((await download.path())!, 'utf8')) as Record<
    string,
    Record<string, unknown>[]
  >;
  const named = (list: Record<string, unknown>[], name: string) =>
    list.map((one) => ({ ...one, name }));
  const ill = {
    ...backup,
    marks: [],
    plantings: named(backup.plantings!, MARKUP).map((one, i) =>
      i % 2 ? { ...one, name: LONG } : one,
    ),
    spots: named(backup.spots!, MARKUP).map((one, i) => (i % 2 ? { ...one, name: LONG } : one)),
    groups: named(backup.groups!, MARKUP),
    shelf: backup.shelf!.map((one) => ({
      ...one,
      container: { ...(one.container as object), name: MARKUP },
    })),
    // Every kind that is planted, called so by the gardener.
    kinds: [...new Set(backup.plantings!.flatMap((one) => kindsOf(one)))].map((id, i) => ({
      id,
      likeId: id,
      told: { common: i % 2 ? LONG : MARKUP },
    })),
    entries: backup.entries!.map((one) =>
      (one.what as { did: string }).did === 'noted'
        ? { ...one, what: { did: 'noted', words: MARKUP } }
        : one,
    ),
  };
  await page.getByLabel('File to bring in').setInputFiles({
    name: 'ill.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(ill)),
  });
  await page.getByRole('radio', { name: /in the place of all/ }).click();
  await page.getByRole('button', { name: 'Restore it' }).click();
  await expect(page.getByText('Everything was restored.')).toBeVisible();
  for (const width of [1280, 390]) {
    await page.setViewportSize({ width, height: 800 });
    for (const [address] of ROOMS) {
      await page.goto(address);
      await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
      await page.waitForTimeout(700);
      expect([address, await page.title(), await page.locator('img[src="x"]').count()]).toEqual([
        address,
        'Rillbank',
        0,
      ]);
      const across = await page.evaluate(() => document.documentElement.scrollWidth);
      expect([address, across]).toEqual([address, width]);
    }
  }
  // On paper: the name is there as it was typed, and no wider than the sheet.
  await page.setViewportSize({ width: 1280, height: 800 });
  const onPaper = async (address: string, names: readonly string[], press: () => Promise<void>) => {
    await page.goto(address);
    await press();
    await expect(page.locator('html')).toHaveAttribute('data-printed', 'yes');
    await page.emulateMedia({ media: 'print' });
    const sheet = page.locator('.print-sheet');
    for (const name of names)
      await expect(sheet.getByText(name, { exact: false }).first()).toBeVisible();
    await expect(sheet.locator('img[src="x"]')).toHaveCount(0);
    expect([address, await sheet.evaluate((one) => one.scrollWidth <= one.clientWidth)]).toEqual([
      address,
      true,
    ]);
    await page.emulateMedia({ media: 'screen' });
  };
  const press = async (name: string) =>
    page.getByRole('button', { name, exact: true }).first().click();
  for (const [id, name] of [
    ['demo-tub-1', MARKUP],
    ['demo-tub-2', LONG],
  ] as const)
    await onPaper(`/bench?planting=${id}`, [name], async () => {
      await expect(page.getByRole('heading', { level: 1 })).toHaveText(name);
      await press('Take away');
      await press('Print a sheet');
    });
  await onPaper('/rounds', [MARKUP, LONG], async () => {
    await press('Hand over');
    await press('On paper');
  });
  await onPaper('/rounds', [MARKUP], async () => {
    await press('Away for a while');
    await press('On paper, for the neighbour');
  });
  await onPaper('/trolley', [MARKUP, LONG], () => press('Print'));
  expect(found).toEqual([]);
});

test(
  'what a page asks of another host, and what its policy refuses, is told: the watch of every journey sees it',
  OWN_DEVICES,
  async () => {
    // A browser of its own, or this very journey would fail by it.
    const browser = await chromium.launch({
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1'],
    });
    const context = await browser.newContext();
    const against = watched(context);
    const page = await context.newPage();
    await page.goto(`${APP}/shed`);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Shed');
    expect(against).toEqual([]);
    await page.evaluate(() => {
      document.head.append(Object.assign(document.createElement('style'), { textContent: 'p{}' }));
      void fetch('http://elsewhere.invalid/').catch(() => undefined);
    });
    await page.goto('http://elsewhere.invalid/').catch(() => undefined);
    await expect
      .poll(() => against.join('\n'))
      .toMatch(/style-src[^]*connect-src[^]*asked another host: http:\/\/elsewhere\.invalid\//);
    await browser.close();
  },
);

test(
  'a folder of the device gets a copy of everything, and one a day by itself',
  OWN_DEVICES,
  async ({ page }) => {
    // The browser's own dialog cannot be pressed; a folder of its private file system stands in.
    await page.addInitScript(() => {
      Object.assign(window, {
        showDirectoryPicker: async () =>
          (await navigator.storage.getDirectory()).getDirectoryHandle('copies', { create: true }),
      });
    });
    const copies = () =>
      page.evaluate(async () => {
        const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle('copies');
        const found: [string, string][] = [];
        for await (const [name, file] of (
          folder as unknown as { entries: () => AsyncIterable<[string, FileSystemFileHandle]> }
        ).entries())
          found.push([name, await (await file.getFile()).text()]);
        return found;
      });
    await withDemo(page, '');
    await page.getByRole('button', { name: 'Pick a folder' }).click();
    await expect(page.locator('[data-copy-folder]')).toContainText('copies; the last one on');
    const [[name, text]] = (await copies()) as [[string, string]];
    expect(name).toMatch(/^rillbank-[\d-]+\.backup\.json$/);
    expect(JSON.parse(text).plantings).toHaveLength(9);

    // The next day, after something of one's own was made.
    await page.clock.install({ time: Date.now() + 26 * 60 * 60 * 1000 });
    await page.getByLabel('File to bring in').setInputFiles({
      name: 'tub.json',
      mimeType: 'application/json',
      buffer: Buffer.from(await plantingFile(page)),
    });
    await expect(page.getByText(/came in/)).toBeVisible();
    await page.reload();
    await expect(page.getByRole('button', { name: 'Save everything' })).toBeVisible();
    await page.clock.runFor(20_000);
    await expect.poll(async () => (await copies()).length).toBe(2);
  },
);

async function plantingFile(page: Page): Promise<string> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as file' }).first().click(),
  ]);
  return readFileSync((await download.path())!, 'utf8');
}
