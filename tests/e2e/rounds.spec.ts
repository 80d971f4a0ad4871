import { readFileSync } from 'node:fs';
import { expect, SERVICE, test } from '../builders/journey';
import { PHONE, allSeen, dayIs, halt, walk } from '../builders/atTheHalt';

test('the watering crew on a phone, with one thumb: water, a finger, all watered but one, undone; the next morning goes on from there', async ({
  page,
}) => {
  await page.setViewportSize(PHONE);
  await halt(page);
  await page.goto('/');
  await expect(page.locator('[data-yard-round]')).toContainText('containers');
  await page.getByRole('link', { name: 'Walk the round' }).click();
  await allSeen(page);
  const task = page.locator('[data-task]');
  await expect(task).toBeVisible();
  const watering = page.locator('[data-task*=" water "]');
  const stops = page.locator('[data-stop]');
  const count = await stops.count();
  expect(count).toBeGreaterThan(3);
  // The first that wants water gets it; undone, it wants it again.
  for (let i = 0; i < count && (await watering.count()) === 0; i += 1) await stops.nth(i).click();
  await expect(watering).toBeVisible();
  const first = await watering.getAttribute('data-task');
  await page.getByRole('button', { name: /^Done/ }).click();
  await expect(page.locator(`[data-task="${first}"]`)).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await page.locator(`[data-stop="${first!.split(' ')[0]}"]`).click();
  await expect(page.locator(`[data-task="${first}"]`)).toBeVisible();
  // A finger says that it is soaked: it wants no water today.
  await page.getByRole('button', { name: 'soaked', exact: true }).click();
  await expect(page.locator(`[data-task="${first}"]`)).toHaveCount(0);
  // All the others are watered, but one.
  await page.getByRole('button', { name: 'All watered' }).click();
  await page.getByRole('dialog').getByRole('checkbox').first().uncheck();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.reload();
  await expect(task).toBeVisible();
  await expect(page.getByRole('button', { name: 'All watered' })).toBeVisible();
  await page.getByRole('button', { name: 'All watered' }).click();
  await expect(page.getByRole('dialog').getByRole('checkbox')).toHaveCount(1);
  await page.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByRole('button', { name: 'All watered' })).toHaveCount(0);
});

test('frost in spring: told before the night, covered, and undone; skipped and put off are quiet until they are due again', async ({
  page,
}) => {
  await page.setViewportSize(PHONE);
  await halt(page);
  await dayIs(page, '2026-10-29', '29 October');
  await walk(page);
  const task = page.locator('[data-task]');
  await expect(task).toBeVisible();
  const cold = page.locator('[data-task*=" cover "], [data-task*=" bring in "]');
  const then = page.locator('[data-then="cover"], [data-then="bring in"]');
  const stops = page.locator('[data-stop]');
  const count = await stops.count();
  for (let i = 0; i < count; i += 1) {
    const id = await stops.nth(i).getAttribute('data-stop');
    await stops.nth(i).click();
    await expect(page.locator(`[data-task^="${id} "]`)).toBeVisible();
    if ((await then.count()) > 0 || (await cold.count()) > 0) break;
  }
  if ((await then.count()) > 0) await then.first().click();
  await expect(cold).toBeVisible();
  await expect(page.getByText(/may go down to/).first()).toBeVisible();
  const key = (await cold.getAttribute('data-task'))!;
  await page.getByRole('button', { name: /^Done/ }).click();
  await expect(page.locator(`[data-task="${key}"]`)).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await page.locator(`[data-stop="${key.split(' ')[0]}"]`).click();
  if ((await then.count()) > 0) await then.first().click();
  await expect(page.locator(`[data-task="${key}"]`)).toBeVisible();
  await page.getByRole('button', { name: 'Later' }).click();
  await expect(page.locator(`[data-task="${key}"]`)).toHaveCount(0);
  await expect(then).toHaveCount(0);
});

test('away for eight days, the order walked dragged by keys, and the week saved as a calendar', async ({
  page,
}) => {
  await halt(page);
  await walk(page);
  await page.getByRole('button', { name: 'Away for a while' }).click();
  await expect(page.locator('[data-away]')).toContainText('neighbour');
  await page.getByLabel('Back on').fill('2026-07-10');
  await expect(page.getByRole('dialog').getByRole('alert')).toContainText('1 to 60 days');
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  // A day off: what can wait is put off, what cannot is said.
  const dayOff = page.getByRole('button', { name: 'A day off' });
  const cannot = page.locator('[data-cannot]');
  const put = page.getByRole('dialog').getByRole('button', { name: /^Put \d+ things? off/ });
  const close = page.getByRole('dialog').getByRole('button', { name: 'Close' });
  await dayOff.click();
  const kept = await cannot.getAttribute('data-cannot');
  await put.click();
  const undo = page.getByRole('button', { name: 'Undo' }).first();
  await expect(undo).toBeVisible();
  await dayOff.click();
  await expect(put).toHaveCount(0);
  await expect(cannot).toHaveAttribute('data-cannot', kept!);
  await close.click();
  await undo.click();
  await dayOff.click();
  await expect(put).toBeVisible();
  await close.click();
  await page.getByRole('button', { name: 'Order of walking' }).click();
  const rows = page.locator('[data-walked]');
  const [first, second] = [
    await rows.nth(0).getAttribute('data-walked'),
    await rows.nth(1).getAttribute('data-walked'),
  ];
  const grip = rows.nth(0).getByRole('button');
  await grip.focus();
  await page.keyboard.press(' ');
  await page.waitForTimeout(300);
  await page.keyboard.press('ArrowDown');
  await page.waitForTimeout(300);
  await page.keyboard.press(' ');
  await expect(rows.nth(0)).toHaveAttribute('data-walked', second!);
  await page.getByRole('button', { name: 'Walk it so' }).click();
  await page.reload();
  await page.getByRole('button', { name: 'Order of walking' }).click();
  await expect(rows.nth(0)).toHaveAttribute('data-walked', second!);
  await expect(rows.nth(1)).toHaveAttribute('data-walked', first!);
  await page.getByRole('button', { name: 'As it was' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    (async () => {
      await page.getByRole('button', { name: 'Save as calendar' }).click();
      await page.getByRole('button', { name: 'Save the file' }).click();
    })(),
  ]);
  expect(file.suggestedFilename()).toBe('rounds.ics');
});

test(
  'a probe that is stuck: its first reading rules, the same again after watering is told and not believed; one that does not answer changes nothing',
  SERVICE,
  async ({ page }) => {
    await page.setViewportSize(PHONE);
    await halt(page);
    let answer: object = { ok: true, value: 26 };
    await page.route('**/api/device?*', (route) => route.fulfill({ json: answer }));
    await walk(page);
    await page.locator('[data-stop="demo-basket-1"]').click();
    const probe = page.getByRole('button', { name: 'Read the simulated probe' });
    await probe.click();
    await expect(page.getByText('The probe says 26%.')).toBeVisible();
    // So dry it cannot wait.
    await expect(page.locator('[data-task^="demo-basket-1 water"]')).toBeVisible();
    await page.getByRole('button', { name: /^Done/ }).click();
    await expect(page.locator('[data-task^="demo-basket-1 water"]')).toHaveCount(0);
    await page.locator('[data-stop="demo-basket-1"]').click();
    await probe.click();
    await expect(page.getByRole('note')).toContainText('not believed');
    await expect(page.locator('[data-task^="demo-basket-1 water"]')).toHaveCount(0);
    answer = { ok: false, why: 'no answer' };
    await probe.click();
    await expect(page.getByText('The probe does not answer.')).toBeVisible();
  },
);

/** Days of a station's records: mild, but for a week of 34 °C. */
function hotWeek(): string {
  const day = (i: number) => new Date(Date.UTC(2025, 6, 1 + i)).toISOString().slice(0, 10);
  const rows = Array.from({ length: 430 }, (_, i) =>
    day(i) >= '2026-07-18' && day(i) <= '2026-07-25'
      ? `${day(i)},19,34,0`
      : `${day(i)},${i % 2 ? 9 : 11},${i % 3 ? 18 : 21},${i % 4 ? 0 : 4}`,
  );
  return `date,min °C,max °C,rain mm\n${rows.join('\n')}`;
}

test(
  'a hot week for the platform crew: told before, walked every morning by one of two windows, seen in the other; the garden crew has its own',
  SERVICE,
  async ({ page, context }) => {
    await page.setViewportSize(PHONE);
    await halt(page);
    await page.goto('/spot?spot=demo-canopy');
    await page.getByLabel('Weather records to bring in').setInputFiles({
      name: 'station.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(hotWeek()),
    });
    await page.getByRole('button', { name: 'Let them rule' }).click();
    await expect(page.getByText(/Your own figures rule/)).toBeVisible();
    // What the spot's light meter shows on a bright day is noted in its log.
    await page.getByRole('button', { name: 'Read the simulated light meter' }).click();
    await expect(page.getByText(/^\d+ hours noted on 1 day$/)).toBeVisible();
    await walk(page);
    await expect(page.locator('[data-warning="heat"]')).toContainText('34 °C');
    const ofGarden = page.locator('[data-stop="demo-trough"]');
    await expect(ofGarden).toBeVisible();
    const platform = page.getByRole('radio', { name: 'Platform crew' });
    await platform.click();
    // Kept before the page is left.
    await expect(platform).toBeChecked();
    await expect(page.locator('[data-stop="demo-basket-1"]')).toBeVisible();
    await expect(ofGarden).toHaveCount(0);
    const other = await context.newPage();
    await other.setViewportSize(PHONE);
    const all = page.getByRole('button', { name: 'All watered' });
    for (const [day, said] of [
      ['2026-07-20', '20 July'],
      ['2026-07-23', '23 July'],
    ] as const) {
      await dayIs(page, day, said);
      await walk(page);
      await expect(page.locator('[data-sky]')).toContainText('walk again in the evening');
      await expect(page.locator('[data-stop="demo-basket-1"]')).toBeVisible();
      await walk(other);
      await expect(other.getByRole('button', { name: 'All watered' })).toBeVisible();
      await all.click();
      await page.getByRole('button', { name: 'Write it down' }).click();
      await expect(all).toHaveCount(0);
      await expect(other.getByRole('button', { name: 'All watered' })).toHaveCount(0);
    }
    // Both go on at once: what each tells is kept.
    await other.getByRole('button', { name: 'dry', exact: true }).first().click();
    await page.getByRole('button', { name: 'right', exact: true }).first().click();
    await expect(page.getByText('Its water is put right by your finger.')).toBeVisible();
    await expect(other.getByText('Its water is put right by your finger.')).toBeVisible();
  },
);

test('handed over as a file: the next person’s device takes over what was done, once, with a word; the season’s water, and a round a day as calendar', async ({
  page,
  browser,
}) => {
  await page.setViewportSize(PHONE);
  await halt(page);
  await walk(page);
  const all = page.getByRole('button', { name: 'All watered' });
  await all.click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(all).toHaveCount(0);
  await page.getByRole('button', { name: 'Hand over' }).click();
  await page.getByLabel('A word to whoever walks next').fill('The hose is behind the hut.');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).click(),
  ]);
  const path = await file.path();
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: 'Water of the season' }).click();
  await expect(page.locator('[data-season]')).toContainText('still to come');
  await page.getByLabel(/^Tap water costs/).fill('0');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-season]')).toContainText('£0.00');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Save as calendar' }).click();
  await page.getByRole('radio', { name: 'A round a day, for two weeks' }).click();
  const [calendar] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the file' }).click(),
  ]);
  expect(readFileSync(await calendar.path(), 'utf8')).toContain('DTSTART:20260717T063000Z');

  const next = await (await browser.newContext({ viewport: PHONE })).newPage();
  await halt(next);
  await next.goto('/rounds');
  await expect(next.getByRole('button', { name: 'All watered' })).toBeVisible();
  await next.getByRole('button', { name: 'Hand over' }).click();
  const picker = next.getByLabel('A round that was handed over');
  const broken = { name: 'round.json', mimeType: 'application/json', buffer: Buffer.from('{}') };
  await picker.setInputFiles(broken);
  await expect(next.getByRole('alert').filter({ hasText: 'no round' })).toBeVisible();
  await picker.setInputFiles(path);
  await expect(next.getByText('The hose is behind the hut.')).toBeVisible();
  await next.getByRole('button', { name: 'Write it into the log' }).click();
  await picker.setInputFiles(path);
  await expect(next.getByText('nothing in it is new here')).toBeVisible();
  await next.keyboard.press('Escape');
  await expect(next.getByRole('button', { name: 'All watered' })).toHaveCount(0);
});
