import { readFileSync } from 'node:fs';
import { atRest } from '../builders/atRest';
import { expect, test, type Page } from '../builders/journey';

/** British spellings that must not be left on an American page. */
const BRITISH =
  /\b(\w*colour\w*|grey\w*|\w*litres?|\w*metres?|centred?|neighbour\w*|favourite|autumn|burnt|mould\w*)\b/giu;
const OWN = 'Grey wall by the harbour';

/** What is shown and read out in a room, but for the gardener's own name. */
const wordsOf = (page: Page): Promise<string> =>
  page.evaluate(
    (own) =>
      [
        document.body.innerText,
        ...['aria-label', 'title', 'alt', 'placeholder'].flatMap((name) =>
          [...document.querySelectorAll(`[${name}]`)].map((one) => one.getAttribute(name) ?? ''),
        ),
      ]
        .join('\n')
        .replaceAll(own, ''),
    OWN,
  );

test('who buys in North America reads it spelled as there in every room; names stay as they were given', async ({
  page,
}) => {
  await page.goto('/shed');
  await page.getByRole('button', { name: 'Load the demo set' }).click();
  await expect(page.getByRole('button', { name: 'Take away the demo set' })).toBeVisible();
  await page.goto('/spot?spot=demo-window');
  await page.getByRole('button', { name: 'Rename' }).click();
  await page.getByRole('textbox', { name: 'Name of the spot' }).fill(OWN);
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await page.goto('/shed');
  await page.getByRole('radio', { name: 'North America' }).click();
  await expect(page.locator('html')).toHaveAttribute('lang', 'en-US');
  for (const room of [
    '/spot?spot=demo-window',
    '/',
    '/start',
    '/plants',
    '/shelf',
    '/trolley',
    '/rounds',
    '/diary',
    '/terrace',
    '/bench?planting=demo-tub-1',
    '/potting?planting=demo-tub-1',
    '/shed',
  ]) {
    await page.goto(room);
    await expect(page.locator('html')).toHaveAttribute('lang', 'en-US');
    await expect(page.locator('main h1, main h2').first()).toBeVisible();
    await atRest(page);
    if (room === '/spot?spot=demo-window')
      await expect(page.getByRole('heading', { name: OWN })).toBeVisible();
    if (room === '/') await expect(page.getByText(OWN).first()).toBeVisible();
    expect([room, (await wordsOf(page)).match(BRITISH) ?? []]).toEqual([room, []]);
  }
  // What is taken along is spelled as what is shown.
  await page.goto('/trolley');
  const [list] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click(),
  ]);
  const saved = readFileSync((await list.path())!, 'utf8');
  expect(saved).toMatch(/\bmix\b/i);
  expect(saved.match(BRITISH) ?? []).toEqual([]);
});
