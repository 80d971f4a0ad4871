import { expect, test } from '../builders/journey';
import { readFileSync } from 'node:fs';

test('a barrow measured by outline and by litres: compared, chosen, filled, weighed, packed and planted', async ({
  page,
}) => {
  await page.goto('/shelf');
  await expect(page.getByText('No container of your own yet')).toBeVisible();
  await page.getByRole('button', { name: 'Old barrow: put one on the shelf' }).click();
  await expect(page).toHaveURL(/\/shelf\?item=/);
  const holds = page.locator('[data-holds]');
  await expect(holds).toHaveText('63 L');

  // The outline: a corner dragged outward holds more, undo brings it back.
  const corner = page.locator('[data-corner="0"]');
  const box = (await corner.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 40, box.y + box.height / 2 - 10, { steps: 5 });
  await page.mouse.up();
  await expect(holds).not.toHaveText('63 L');
  await page.getByRole('button', { name: 'Undo: Moved a corner' }).click();
  await expect(holds).toHaveText('63 L');

  // However far it is dragged, the corner stays under the pointer: the scale stands still under the hand.
  const [fromX, fromY] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(fromX, fromY);
  await page.mouse.down();
  for (let i = 1; i <= 10; i += 1) await page.mouse.move(fromX - 9 * i, fromY - 2 * i);
  await expect
    .poll(async () => {
      const now = (await corner.boundingBox())!;
      return Math.hypot(
        now.x + now.width / 2 - (fromX - 90),
        now.y + now.height / 2 - (fromY - 20),
      );
    })
    .toBeLessThan(6);
  await page.mouse.up();
  await page.getByRole('button', { name: 'Undo: Moved a corner' }).click();
  await expect(holds).toHaveText('63 L');

  // By litres: the two are told side by side, the poured ones rule, and the choice can be turned round.
  const bags = page.locator('[data-bags]');
  await expect(bags).toHaveText('1 × 60 L');
  await page.getByLabel('Litres poured').fill('48');
  await page.getByLabel('Litres poured').press('Enter');
  await expect(holds).toHaveText('48 L');
  await expect(page.locator('[data-compared]')).toContainText('24% less than its measures say');
  await expect(bags).not.toHaveText('1 × 60 L');
  await page.getByRole('radio', { name: 'Its measures' }).click();
  await expect(holds).toHaveText('63 L');
  await expect(bags).toHaveText('1 × 60 L');
  await page.getByRole('radio', { name: 'Poured', exact: true }).click();
  await expect(holds).toHaveText('48 L');

  // Bags, weight wet, and what fits, shown in the plan.
  await expect(bags).toHaveText(/\d × \d+ L/);
  await expect(page.locator('[data-soaked]')).toHaveText(/^\d+ kg$/);
  await page.getByRole('radio', { name: /× 2 L pot/ }).click();
  // What fits is reckoned anew after the litres were told: the word and the balls agree when it is.
  await expect(async () => {
    const told = await page.getByRole('radio', { name: /× 2 L pot/ }).textContent();
    const said = Number.parseInt(told!, 10);
    expect(said).toBeGreaterThan(3);
    await expect(page.locator('[data-ball]')).toHaveCount(said, { timeout: 1000 });
  }).toPass();

  // Planted from here, it is no longer empty.
  await page.getByRole('link', { name: 'Plant this one' }).click();
  await expect(page.getByRole('radio', { name: /, yours$/ })).toBeChecked();
  await page.getByRole('button', { name: 'Plant this one' }).first().click({ timeout: 30_000 });
  await expect(page).toHaveURL(/\/bench\?planting=/);
  await expect(page.locator('canvas[data-painted=full]').nth(1)).toBeVisible({ timeout: 30_000 });
  await page.getByRole('link', { name: 'Shelf' }).click();
  await expect(page.getByText('1 container, 0 empty')).toBeVisible();
});

test('the sides of a basket: packed, shown in both drawings, and what they cost the first layer', async ({
  page,
}) => {
  await page.goto('/shelf');
  await page.getByRole('button', { name: 'Hanging basket, 40: put one on the shelf' }).click();
  const sizes = page.getByRole('radiogroup', { name: 'Size shown in the plan' });
  const before = Number.parseInt(
    (await sizes.getByRole('radio', { name: /× 9 cm pot/ }).textContent())!,
    10,
  );
  await expect(page.locator('[data-side-ball]')).toHaveCount(0);
  await page
    .getByRole('radiogroup', { name: 'Size put through the sides' })
    .getByRole('radio', { name: /× six-pack/ })
    .click();
  await expect(page.getByText(/At 6 cm 6 of 6 holes, at 12 cm 8 of 8 holes/)).toBeVisible();
  await expect(
    page.getByLabel('Plan of Hanging basket, 40').locator('[data-side-ball]'),
  ).toHaveCount(14);
  const after = Number.parseInt(
    (await sizes.getByRole('radio', { name: /× 9 cm pot/ }).textContent())!,
    10,
  );
  expect(after).toBeLessThan(before);
  await expect(page.locator('[data-ball]')).toHaveCount(after);
});

test('what cannot be is refused at its field, and nothing of it is kept', async ({ page }) => {
  await page.goto('/shelf');
  await page.getByRole('button', { name: 'Round pot: put one on the shelf', exact: true }).click();
  const width = page.getByLabel('Width at top');
  await width.fill('-4');
  await width.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: '▲' })).toContainText(
    'Inner top width must be 5–200 cm; got -4',
  );
  await expect(page.locator('[data-holds]')).toHaveText('15 L');
  await page.getByLabel('Water store').fill('40');
  await page.getByLabel('Water store').press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: '▲' })).toContainText(
    'at most 60% of the 15.0 L inside; got 40',
  );
  await page.reload();
  await expect(page.getByLabel('Width at top')).toHaveValue('30');
  await expect(page.getByLabel('Water store')).toHaveValue('0');
});

test('the shelf goes out as CSV and comes in again; a faulty file is told by line and nothing is taken', async ({
  page,
}) => {
  await page.goto('/shelf');
  await page.getByRole('button', { name: 'Half barrel: put one on the shelf' }).click();
  await page.getByLabel('How many I have').fill('3');
  await page.getByLabel('How many I have').press('Enter');
  await page.getByRole('link', { name: 'The whole shelf' }).click();
  await expect(page.getByText('3 containers, 3 empty')).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click(),
  ]);
  const text = readFileSync(await download.path(), 'utf8');
  expect(text).toContain('Half barrel,3,,barrel,oak,60,50,40');
  const bring = (content: string) =>
    page
      .getByLabel('Shelf file to bring in')
      .setInputFiles({ name: 'shelf.csv', mimeType: 'text/csv', buffer: Buffer.from(content) });
  await bring(text.replace(',60,50,40', ',60,70,40'));
  await expect(page.getByRole('alert').filter({ hasText: 'shelf.csv' })).toContainText(
    'Line 2: baseCm: A half barrel is no wider at the base',
  );
  await expect(page.getByText('3 containers, 3 empty')).toBeVisible();
  await bring(text);
  await expect(page.getByText('6 containers, 6 empty')).toBeVisible();
});
