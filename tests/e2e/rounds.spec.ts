import { expect, test, type Page } from '@playwright/test';

const PHONE = { width: 390, height: 844 };

async function halt(page: Page): Promise<void> {
  await page.goto('/shed');
  await page.getByRole('button', { name: 'Load the demo set' }).click();
  await expect(page.getByRole('button', { name: 'Take away the demo set' })).toBeVisible();
}

async function dayIs(page: Page, day: string, said: string): Promise<void> {
  await page.goto('/');
  await page.locator('[data-held-day]').getByLabel('Another day').fill(day);
  await expect(page.locator('[data-held-day]')).toContainText(said);
}

test('the watering crew on a phone, with one thumb: water, a finger, all watered but one, undone; the next morning goes on from there', async ({
  page,
}) => {
  await page.setViewportSize(PHONE);
  await halt(page);
  await page.goto('/');
  await expect(page.locator('[data-yard-round]')).toContainText('containers');
  await page.getByRole('link', { name: 'Walk the round' }).click();
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
  await page.goto('/rounds');
  const task = page.locator('[data-task]');
  await expect(task).toBeVisible();
  const cold = page.locator('[data-task*=" cover "], [data-task*=" bring in "]');
  const then = page.locator('[data-then="cover"], [data-then="bring in"]');
  const stops = page.locator('[data-stop]');
  const count = await stops.count();
  for (let i = 0; i < count && (await then.count()) === 0 && (await cold.count()) === 0; i += 1)
    await stops.nth(i).click();
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
  await page.goto('/rounds');
  await page.getByRole('button', { name: 'Away for a while' }).click();
  await expect(page.locator('[data-away]')).toContainText('neighbour');
  await page.getByLabel('Back on').fill('2026-07-10');
  await expect(page.getByRole('dialog').getByRole('alert')).toContainText('1 to 60 days');
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
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
    page.getByRole('button', { name: 'Save as calendar' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('rounds.ics');
});

test('a probe that is stuck: its first reading rules, the same again after watering is told and not believed; one that does not answer changes nothing', async ({
  page,
}) => {
  await page.setViewportSize(PHONE);
  await halt(page);
  let answer: object = { ok: true, percent: 26 };
  await page.route('**/api/probe?*', (route) => route.fulfill({ json: answer }));
  await page.goto('/rounds');
  await page.locator('[data-stop="demo-basket-1"]').click();
  const probe = page.getByRole('button', { name: 'Read the simulated probe' });
  await probe.click();
  await expect(page.getByText('The probe says 26 %.')).toBeVisible();
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
});
