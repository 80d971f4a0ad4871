import { readFileSync } from 'node:fs';
import { expect, IS_CUT, SERVICE, test, type Page } from '../builders/journey';

/** What goes wrong on the page. Shops that do not answer without a network are told in the Trolley. */
function watch(page: Page): string[] {
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  page.on('console', (message) => {
    if (message.type() !== 'error') return;
    if (IS_CUT && message.text().includes('status of 503')) return;
    errors.push(message.text());
  });
  return errors;
}

async function firstPlanting(page: Page): Promise<void> {
  await page.goto('/start?week=20');
  await expect(page.locator('[data-proposal]')).toHaveCount(6);
  await expect(page.getByText('drawn ten weeks on')).toBeVisible();
  await page
    .locator('[data-proposal]')
    .first()
    .getByRole('button', { name: 'Plant this one' })
    .click();
  await expect(page.getByRole('heading', { level: 1, name: /Round pot/ })).toBeVisible();
}

test('someone who has never seen it plants a first container, works on it, buys for it, and finds it again', async ({
  page,
}) => {
  const errors = watch(page);
  // What shops have follows the day: this one is in May.
  await page.clock.setFixedTime(new Date('2026-05-18T09:00:00Z'));
  await page.goto('/');
  await page.getByRole('main').getByRole('link', { name: 'Start a planting' }).click();
  await page.getByRole('radio', { name: 'Round pot' }).click();
  await page.getByLabel('Width at top').fill('40');
  await page.getByRole('radio', { name: 'Cool', exact: true }).click();
  await page.getByRole('checkbox', { name: 'Pets' }).check();
  await expect(page.locator('[data-proposal]')).toHaveCount(6);
  await expect(page.getByText('drawn ten weeks on')).toBeVisible();
  await page
    .locator('[data-proposal]')
    .nth(1)
    .getByRole('button', { name: 'Plant this one' })
    .click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Round pot 1');
  const tags = page.getByRole('list', { name: 'Plants' }).getByRole('button');
  const places = page.locator('[data-place]');
  const planted = await places.count();
  expect(planted).toBeGreaterThan(2);
  await expect(page.locator('canvas[data-painted=full]').first()).toBeVisible();

  // Drag a pot on the stencil; undo brings it back.
  const one = places.first();
  const before = await one.getAttribute('aria-label');
  const box = (await one.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 20, box.y + box.height / 2 + 12, { steps: 5 });
  await page.mouse.up();
  await expect(one).not.toHaveAttribute('aria-label', before!);
  await page.getByRole('button', { name: /^Undo: Moved/ }).click();
  await expect(one).toHaveAttribute('aria-label', before!);
  await page.getByRole('button', { name: /^Redo: Moved/ }).click();
  await expect(one).not.toHaveAttribute('aria-label', before!);

  // Swap a kind for a stand-in, add one more, take one out.
  await tags.nth(1).click();
  const standIn = page.locator('[data-stand-in]').first();
  const name = (await standIn.locator('span.font-semibold').textContent())!;
  await standIn.click();
  await expect(page.getByRole('list', { name: 'Plants' })).toContainText(name);
  await tags.last().click();
  await page.getByRole('button', { name: 'One more' }).click();
  await expect(places).toHaveCount(planted + 1);
  await page.getByRole('button', { name: 'Take it out' }).click();
  await expect(places).toHaveCount(planted);

  // Weeks pass under the hand, and the second opinion has words and figures.
  const weeks = page.getByRole('slider', { name: 'Weeks since planting' });
  await weeks.focus();
  await page.keyboard.press('End');
  await expect(page.getByRole('heading', { name: /weeks on/ })).not.toContainText('8 weeks on');
  const opinion = page.getByRole('region', { name: 'Second opinion' });
  await opinion.getByRole('listitem').first().getByRole('button').first().click();
  // What is counted on the drawing meanwhile may change what is said first.
  await expect(async () => {
    const score = opinion.getByText('Score, 0 to 1').first();
    if (!(await score.isVisible())) await opinion.getByText('Working').first().click();
    await expect(score).toBeVisible({ timeout: 2000 });
  }).toPass();

  // The list to buy.
  await page.getByRole('link', { name: 'Trolley' }).click();
  await expect(page.locator('[data-line]').first()).toBeVisible();
  await expect(page.locator('[data-mix]')).toContainText(/\d+ × \d+ L/);
  await expect(page.locator('[data-total]')).toContainText(/£\d+\.\d\d/);

  // Close the tab and come back.
  await page.reload();
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(places).toHaveCount(planted);
  expect(errors).toEqual([]);
});

test('a planting goes out as a file and in again elsewhere; everything can be saved and restored; a bad file changes nothing', async ({
  page,
  browser,
  baseURL,
}) => {
  await firstPlanting(page);
  await page.goto('/shed');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as file' }).click(),
  ]);
  const path = await download.path();
  const [whole] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save everything' }).click(),
  ]);
  const backup = await whole.path();

  const elsewhere = await (await browser.newContext({ baseURL: baseURL! })).newPage();
  await elsewhere.goto('/shed');
  const picker = elsewhere.getByLabel('File to bring in');
  const text = readFileSync(path, 'utf8');
  await picker.setInputFiles({
    name: 'cut.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text.slice(0, 500)),
  });
  await expect(
    elsewhere.getByRole('alert').filter({ hasText: 'cut.json was not taken in' }),
  ).toBeVisible();
  await picker.setInputFiles({
    name: 'odd.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text.replace(/"topCm": \d+/, '"topCm": -7')),
  });
  await expect(
    elsewhere.getByRole('alert').filter({ hasText: 'planting.container.shape.topCm' }),
  ).toContainText('got -7');
  await expect(elsewhere.getByText('None yet.')).toBeVisible();
  await picker.setInputFiles({
    name: 'good.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text),
  });
  await expect(
    elsewhere
      .getByRole('region', { name: 'Plantings' })
      .getByRole('listitem')
      .filter({ hasText: 'Round pot 1' }),
  ).toBeVisible();
  await elsewhere.getByRole('button', { name: 'Take away', exact: true }).click();
  await expect(elsewhere.getByText('None yet.')).toBeVisible();
  await picker.setInputFiles(backup);
  await elsewhere.getByRole('radio', { name: /in the place of all/ }).click();
  await elsewhere.getByRole('button', { name: 'Restore it' }).click();
  await expect(
    elsewhere
      .getByRole('region', { name: 'Plantings' })
      .getByRole('listitem')
      .filter({ hasText: 'Round pot 1' }),
  ).toBeVisible();
});

test('the demo set comes with one press and goes with one press', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Look round Rillbank Halt' }).click();
  await expect(page.getByRole('link', { name: /open on the bench/ })).toHaveCount(9);
  await page.getByRole('link', { name: 'Shed' }).click();
  await page.getByRole('button', { name: 'Take away the demo set' }).click();
  await expect(page.getByText('None yet.')).toBeVisible();
});

test('two tabs keep in step', async ({ page, context }) => {
  await firstPlanting(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.locator('[data-place]').first()).toBeVisible();
  const count = await other.locator('[data-place]').count();
  await page.locator('[data-place]').first().focus();
  await page.keyboard.press('Delete');
  await expect(other.locator('[data-place]')).toHaveCount(count - 1);
});

test('a wish that nothing meets is named', async ({ page }) => {
  await page.goto('/start?week=20');
  await page.getByRole('button', { name: /^More wishes/ }).click();
  await page.getByLabel('Budget for plants').fill('2');
  await expect(page.locator('[data-obstacles]')).toContainText('The budget is in the way');
  await page.getByLabel('Width at top').fill('-4');
  await expect(page.getByRole('alert').filter({ hasText: 'got -4' })).toBeVisible();
  await expect(page.locator('[data-proposal]')).toHaveCount(0);
});

test(
  'the simulated garden centre answers by day and refuses a bad day by name; headers are strict',
  SERVICE,
  async ({ request }) => {
    const good = await request.get('/api/garden-centre?day=2026-05-18');
    expect((await good.json()).stock.length).toBeGreaterThan(150);
    const bad = await request.get('/api/garden-centre?day=soon');
    expect(bad.status()).toBe(400);
    expect((await bad.json()).error).toMatch(/day must be a date/);
    const policy = (await request.get('/')).headers()['content-security-policy']!;
    expect(policy).toContain("default-src 'none'");
    expect(policy).not.toMatch(/script-src[^;]*unsafe-inline/);
  },
);

test('a hanging basket is measured in inches and planted on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/shed');
  await page.getByRole('radio', { name: 'Inches and gallons' }).click();
  await expect(page.getByRole('radio', { name: 'Inches and gallons' })).toBeChecked();
  await page.goto('/start?week=20');
  await page.getByRole('radio', { name: 'Hanging basket' }).click();
  await expect(page.getByLabel('Width at top')).toHaveValue('14');
  await expect(page.getByRole('radio', { name: 'From below' })).toBeChecked();
  await expect(page.locator('[data-proposal]')).toHaveCount(6);
  await expect(page.getByText('drawn ten weeks on')).toBeVisible();
  await page
    .locator('[data-proposal]')
    .first()
    .getByRole('button', { name: 'Plant this one' })
    .click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Hanging basket');
  await expect(page.locator('canvas[data-painted=full]').first()).toBeVisible();
  // One drawing at a time: the plan is one press away.
  await page.getByRole('radio', { name: 'From above' }).click();
  await expect(page.locator('[data-place]').first()).toHaveAccessibleName(
    / in (left|right|to the)/,
  );
  // Nothing is cut off sideways.
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
  ).toBeLessThanOrEqual(0);
});

test('everything on the bench can be done from the keyboard', async ({ page }) => {
  await firstPlanting(page);
  const places = page.locator('[data-place]');
  const count = await places.count();
  const first = places.first();
  const before = (await first.getAttribute('aria-label'))!;
  await first.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(first).not.toHaveAttribute('aria-label', before);
  await page.keyboard.press('Control+z');
  await expect(first).toHaveAttribute('aria-label', before);
  await page.keyboard.press('Control+Shift+z');
  await expect(first).not.toHaveAttribute('aria-label', before);
  await page.getByRole('button', { name: 'Add another kind' }).focus();
  await page.keyboard.press('Enter');
  const book = page.getByRole('dialog', { name: 'Add a plant' });
  await expect(book).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(book).toBeHidden();
  await first.focus();
  await page.keyboard.press('Delete');
  await expect(places).toHaveCount(count - 1);
});
