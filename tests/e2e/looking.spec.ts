import { expect, test } from '../builders/journey';
import { halt, PHONE } from '../builders/atTheHalt';

test('after a reload the Yard stands as it was last seen before anything is read, and nothing jumps when it is', async ({
  page,
}) => {
  await halt(page);
  await page.goto('/');
  await expect(page.locator('[data-yard="now"] [data-due]').first()).toBeVisible();
  // All nine are kept by then.
  await expect
    .poll(() =>
      page.evaluate(
        () =>
          new Promise<number>((resolve) => {
            const opening = indexedDB.open('rillbank-pictures');
            opening.onsuccess = () => {
              const all = opening.result.transaction('pictures').objectStore('pictures').count();
              all.onsuccess = () => {
                opening.result.close();
                resolve(all.result);
              };
            };
          }),
      ),
    )
    .toBeGreaterThanOrEqual(9);
  await page.addInitScript(() => {
    const told = { first: '', painted: 0, shift: 0 };
    Object.assign(window, { told });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries() as (PerformanceEntry & {
        value: number;
        hadRecentInput: boolean;
      })[])
        if (!entry.hadRecentInput) told.shift += entry.value;
    }).observe({ type: 'layout-shift', buffered: true });
    const look = () => {
      const yard = document.querySelector<HTMLElement>('[data-yard]');
      told.first ||= yard?.dataset.yard ?? '';
      if (yard?.dataset.yard === 'as last seen')
        told.painted = yard.querySelectorAll('canvas[data-painted]').length;
      requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
  });
  await page.reload();
  await expect(page.locator('[data-yard="now"] [data-due]').first()).toBeVisible();
  const { first, painted, shift } = await page.evaluate(
    () => (window as unknown as { told: { first: string; painted: number; shift: number } }).told,
  );
  expect(first).toBe('as last seen');
  expect(painted).toBeGreaterThanOrEqual(5);
  expect(shift).toBeLessThanOrEqual(0.02);
});

test('another way is held against the present one as long as it is pressed, and not tried; by the space bar too', async ({
  page,
}) => {
  await halt(page);
  await page.goto('/bench?planting=demo-tub-1');
  await page.getByRole('button', { name: 'Other plants' }).click();
  const way = page.locator('[data-way]').first();
  await expect(way).toBeVisible();
  await expect(page.getByRole('button', { name: 'Other plants' })).toBeEnabled();
  const view = page.getByRole('region', { name: 'Stand-back view' }).getByRole('heading');
  await expect(view).toHaveText('8 weeks on');
  await way.hover();
  await page.mouse.down();
  await expect(view).not.toHaveText('8 weeks on');
  await page.mouse.up();
  await expect(view).toHaveText('8 weeks on');
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
  await way.focus();
  await page.keyboard.down('Space');
  await expect(view).not.toHaveText('8 weeks on');
  await page.keyboard.up('Space');
  await expect(view).toHaveText('8 weeks on');
  // A short press tries it.
  await way.click();
  await expect(page.getByRole('button', { name: /^Undo: / })).toBeEnabled();
});

test('on a phone one drawing is seen at a time, swiped to the other', async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({
    baseURL: baseURL!,
    viewport: PHONE,
    hasTouch: true,
    isMobile: true,
  });
  const page = await context.newPage();
  await halt(page);
  await page.goto('/bench?planting=demo-tub-1');
  const field = page.locator('[data-field="stand"]');
  await expect(field.locator('canvas')).toHaveAttribute('data-painted', 'full');
  await expect(page.locator('[data-field="plan"]')).toBeHidden();
  const touch = await context.newCDPSession(page);
  const swipe = async (type: string, x: number) =>
    touch.send('Input.dispatchTouchEvent', {
      type: type as 'touchStart',
      touchPoints: type === 'touchEnd' ? [] : [{ x, y: 400 }],
    });
  await swipe('touchStart', 300);
  await swipe('touchMove', 200);
  await swipe('touchMove', 90);
  await swipe('touchEnd', 90);
  await expect(page.locator('[data-field="plan"]')).toBeVisible();
  await expect(field).toBeHidden();
  await expect(page.locator('[data-place]').first()).toBeVisible();
  await context.close();
});

test('a spot from above: a tree is pushed farther by keys and dragged, and stands so on the sky strip and by its numbers', async ({
  page,
}) => {
  await halt(page);
  await page.goto('/spot?spot=demo-window');
  const plan = page.getByRole('group', { name: 'Plan of the spot, north up' });
  const tree = plan.getByRole('button', { name: /^Tree on the plan/ });
  await tree.focus();
  await page.keyboard.press('Enter');
  const distance = page.getByLabel(/^Distance/);
  await expect(distance).toHaveValue('1400');
  await page.keyboard.press('Shift+ArrowUp');
  await expect(distance).toHaveValue('1500');
  await page.keyboard.press('ArrowDown');
  await expect(distance).toHaveValue('1490');
  const bearing = page.getByLabel(/^Bearing/);
  await expect(bearing).toHaveValue('285');
  const box = (await plan.boundingBox())!;
  const from = (await tree.boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height * 0.25, { steps: 6 });
  await page.mouse.up();
  // Straight to the north now, on the strip too.
  await expect(bearing).toHaveValue(/^(35[89]|[012])$/);
  await expect(
    page.getByRole('region', { name: 'Sky strip' }).getByRole('button', { name: 'Tree, toward N' }),
  ).toBeVisible();
});

test('which way it faces is told by the street; a tree is sighted by a simulated sensor, with its doubt, and undone', async ({
  page,
}) => {
  await halt(page);
  await page.goto('/spot?spot=demo-window');
  const around = page.getByRole('region', { name: 'What stands around' });
  await around.getByRole('button', { name: 'House wall behind' }).first().click();
  await around.getByRole('button', { name: 'Which way does it face?' }).click();
  const facing = page.getByRole('dialog', { name: 'Which way does it face?' });
  await facing.getByRole('radio', { name: 'east and west' }).click();
  await facing.getByRole('button', { name: 'S', exact: true }).click();
  await expect(around.getByLabel(/^Faces/)).toHaveValue('180');
  await around.getByRole('button', { name: 'Tree' }).first().click();
  await around.getByRole('button', { name: 'Sight it with this device' }).click();
  const sheet = page.getByRole('dialog', { name: 'Sight the tree' });
  await sheet.getByRole('button', { name: 'Simulated sensor' }).click();
  await expect(sheet).toContainText('This sensor is simulated.');
  await expect(sheet).toContainText(/about 8\d\d cm high, between 7\d\d cm and 8\d\d cm/);
  await sheet.getByRole('button', { name: 'Take it' }).click();
  await expect(around.getByLabel(/^Bearing/)).toHaveValue(/^29[678]$/);
  await page.getByRole('button', { name: /^Undo: Changed tree/ }).click();
  await expect(around.getByLabel(/^Bearing/)).toHaveValue('285');
});

test('behind a sheet the page stays where it is, and goes on when the sheet is closed', async ({
  page,
}) => {
  await halt(page);
  await page.goto('/bench?planting=demo-tub-1');
  const still = () => page.evaluate(() => getComputedStyle(document.body).overflow);
  await expect(page.locator('[data-place]').first()).toBeVisible();
  const before = await still();
  for (let twice = 0; twice < 2; twice += 1) {
    await page.getByRole('button', { name: 'Plan on paper' }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
    expect(await still()).toBe('hidden');
    await page.mouse.move(640, 400);
    await page.mouse.wheel(0, 600);
    await page.waitForTimeout(300);
    expect(await page.evaluate(() => window.scrollY)).toBe(0);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect.poll(still).toBe(before);
  }
  await page.mouse.wheel(0, 600);
  await expect.poll(() => page.evaluate(() => window.scrollY)).toBeGreaterThan(0);
});
