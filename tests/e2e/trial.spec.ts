import { expect, test } from '../builders/journey';
import { PHONE, dayIs, halt, walk } from '../builders/atTheHalt';

test('a trial of ten: set up by lot, planted on one day, asked on the round, told with its doubt', async ({
  page,
}) => {
  await halt(page);
  await page.goto('/bench?planting=demo-tub-1');
  await page.getByRole('button', { name: 'A trial' }).click();
  const sheet = page.getByRole('dialog');
  // What stands ball to ball cannot stand nearer; what is not asked tells nothing.
  await sheet.getByRole('checkbox', { name: /Height/ }).uncheck();
  await sheet.getByRole('checkbox', { name: /How good/ }).uncheck();
  await expect(sheet.getByRole('alert')).toContainText('at least one thing');
  await sheet.getByRole('checkbox', { name: /Height/ }).check();
  await sheet.getByRole('checkbox', { name: /How good/ }).check();
  await sheet.getByLabel('Name').fill('Fed or not');
  await sheet.getByLabel('Asked').selectOption('7');
  const lots = sheet.locator('[data-half]');
  await expect(lots).toHaveCount(10);
  const halves = await lots.evaluateAll((all) => all.map((one) => Number(one.dataset.half)));
  for (let pair = 0; pair < 5; pair += 1) expect(halves[2 * pair]! + halves[2 * pair + 1]!).toBe(1);
  await sheet.getByRole('button', { name: 'Set up 10 pots' }).click();
  await expect(page).toHaveURL(/trolley/);
  await page.goto('/diary');
  const trial = page.locator('[data-trial]');
  await expect(trial).toContainText('10 pots, 0 of them planted');
  await trial.getByRole('button', { name: 'All were planted and put out today' }).click();
  await expect(trial).toContainText('10 pots, 10 of them planted');
  await expect(trial.locator('[data-verdict]')).toHaveCount(2);
  await expect(trial.locator('[data-verdict="too few"]')).toHaveCount(2);

  // A Thursday, on which every week's questions are asked.
  await dayIs(page, '2026-07-30', '30 July');
  await page.setViewportSize(PHONE);
  await walk(page);
  const stops = page.locator('[data-stop]');
  const ask = page.locator('[data-task*=" ask "]');
  const then = page.locator('[data-then="ask"]');
  const form = page.locator('#ask-form');
  const mine = page.locator('[data-stop]', { hasText: 'Fed or not' });
  for (let i = 0; i < 10; i += 1) {
    await mine
      .filter({ hasText: `Place ${i + 1},` })
      .first()
      .click();
    await expect(then.or(ask).first()).toBeVisible();
    if ((await then.count()) > 0) await then.first().click();
    await expect(ask).toBeVisible();
    if (i === 0) {
      await page.getByRole('button', { name: 'Write it down' }).click();
      await expect(form.getByRole('alert')).toContainText('Answer one');
      await form.getByLabel(/How good/).fill('9');
      await expect(form.getByRole('alert')).toContainText('1 to 5');
    }
    const key = await ask.getAttribute('data-task');
    await form.getByLabel(/Height/).fill(String(52 - i - (halves[i] === 1 ? 6 : 0)));
    await form.getByLabel(/How good/).fill(String(3 + (Math.floor(i / 2) % 2)));
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.locator(`[data-task="${key}"]`)).toHaveCount(0);
  }
  expect(await stops.count()).toBeGreaterThan(0);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/diary');
  await expect(trial.locator('[data-verdict="less"]')).toContainText('not fed are');
  await expect(trial.locator('[data-verdict="less"]')).toContainText('shorter');
  await expect(trial.locator('[data-verdict="cannot tell"]')).toContainText('Cannot be told apart');
  // A word out of the trial finds its answers.
  await page.getByLabel('Find a word, a plant, a day').fill('trial');
  await expect(page.getByRole('region', { name: 'What happened', exact: true })).toContainText(
    '20 entries',
  );
});
