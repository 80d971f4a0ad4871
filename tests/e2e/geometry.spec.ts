import { expect, test, type Page } from '../builders/journey';
import { atRest } from '../builders/atRest';
import { halt } from '../builders/atTheHalt';
import { laidOut } from '../builders/geometry';

/** Windows that people have: small and usual phones upright and lying, a tablet, laptops, a large screen. 640 is 1280 at 200 %. */
const WINDOWS = [
  { width: 320, height: 640, isTouch: true },
  { width: 390, height: 844, isTouch: true },
  { width: 844, height: 390, isTouch: true },
  { width: 640, height: 400, isTouch: false },
  { width: 768, height: 1024, isTouch: true },
  { width: 1280, height: 800, isTouch: false },
  { width: 1920, height: 1080, isTouch: false },
  { width: 2560, height: 1440, isTouch: false },
] as const;
/** Looked at in every window; of the others each in two of them. */
const ALWAYS = [
  '/',
  '/start?week=20',
  '/bench?planting=demo-tub-1',
  '/bench?planting=demo-window-box',
];
const OTHERS = [
  ['/plants', '/shed'],
  ['/rounds', '/spot?spot=demo-window'],
  ['/trolley', '/shelf'],
  ['/diary?planting=demo-tub-1', '/potting'],
];

for (const [i, { width, height, isTouch }] of WINDOWS.entries())
  test(`at ${width} × ${height} no text lies over another, is cut or broken${isTouch ? ', and a thumb can press all' : ''}; the Bench is drawing`, async ({
    browser,
    baseURL,
  }) => {
    const context = await browser.newContext({
      baseURL: baseURL!,
      viewport: { width, height },
      hasTouch: isTouch,
      isMobile: isTouch,
    });
    const page = await context.newPage();
    await halt(page);
    for (const route of [...ALWAYS, ...OTHERS[i % OTHERS.length]!]) {
      await page.goto(route);
      await atRest(page);
      const { over, cut, broken, small } = await laidOut(page, isTouch);
      expect({ route, over, cut, broken, small }).toEqual({
        route,
        over: [],
        cut: [],
        broken: [],
        small: [],
      });
      if (route.startsWith('/bench')) expect(await drawnShare(page)).toBeGreaterThanOrEqual(0.6);
    }
    await context.close();
  });

test('on a phone that lies the rooms stand at its left, and both drawings of the Bench are whole in sight', async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({
    baseURL: baseURL!,
    viewport: { width: 844, height: 390 },
    hasTouch: true,
    isMobile: true,
  });
  const page = await context.newPage();
  await halt(page);
  await page.goto('/bench?planting=demo-tub-1');
  await atRest(page);
  const fields = await page
    .locator('[data-field]')
    .evaluateAll((all) => all.map((one) => one.getBoundingClientRect().bottom));
  expect(fields).toHaveLength(2);
  for (const bottom of fields) expect(bottom).toBeLessThanOrEqual(390);
  const rooms = page.getByRole('navigation', { name: 'Rooms' });
  expect((await rooms.boundingBox())!.width).toBeLessThan(100);
  await rooms.getByRole('link', { name: 'Trolley' }).tap();
  await expect(page).toHaveURL(/trolley/);
  await context.close();
});

/** How much of the window the drawings in sight take. */
const drawnShare = (page: Page): Promise<number> =>
  page.evaluate(
    () =>
      [...document.querySelectorAll('[data-field]')].reduce((sum, field) => {
        const { width, height } = field.getBoundingClientRect();
        return sum + width * height;
      }, 0) /
      (window.innerWidth * window.innerHeight),
  );
