import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '../builders/journey';
import { atRest } from '../builders/atRest';

/** Every room, with the demo set in it, in two halves that run side by side. */
const ROOMS = [
  ['/', '/bench?planting=demo-tub-1', '/start', '/shed', '/shelf'],
  [
    '/plants',
    '/trolley',
    '/spot',
    '/spot?spot=demo-window',
    '/terrace',
    '/rounds',
    '/diary?planting=demo-tub-1',
    '/potting',
  ],
] as const;
/** The narrowest phone, and what a window of 1280 is left with at 200 % zoom. */
const WIDTHS = [640, 320] as const;

for (const routes of ROOMS)
  test(`no accessibility faults, and nothing lost sideways on a phone or at 200 % zoom: ${routes.join(', ')}`, async ({
    page,
  }) => {
    await page.goto('/shed');
    await page.getByRole('button', { name: 'Load the demo set' }).click();
    await expect(page.getByRole('button', { name: 'Take away the demo set' })).toBeVisible();
    for (const route of routes) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.goto(route);
      await atRest(page);
      for (const colorScheme of ['light', 'dark'] as const) {
        await page.emulateMedia({ colorScheme });
        expect([route, colorScheme, await faultsOf(page)]).toEqual([route, colorScheme, []]);
      }
      for (const width of WIDTHS) {
        await page.setViewportSize({ width, height: 640 });
        await atRest(page);
        await nothingBeyond(page, route, width);
      }
    }
  });

async function faultsOf(page: Page): Promise<readonly string[]> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
    .analyze();
  return violations.map(
    ({ id, nodes }) =>
      `${id}: ${nodes
        .slice(0, 2)
        .map(({ target }) => target.join(' '))
        .join(' | ')}`,
  );
}

async function nothingBeyond(page: Page, route: string, width: number): Promise<void> {
  const across = await page.evaluate(() => document.documentElement.scrollWidth);
  expect([route, width, across]).toEqual([route, width, width]);
  const bar = page.getByRole('navigation', { name: 'Rooms' });
  for (const room of await bar.getByRole('link').all()) {
    const box = (await room.boundingBox())!;
    expect([route, width, box.x >= 0 && box.x + box.width <= width]).toEqual([route, width, true]);
  }
}
