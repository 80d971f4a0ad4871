import { allSeen, halt } from '../builders/atTheHalt';
import { expect, test, type Page } from '../builders/journey';

/** Presses Tab until what has the focus is called so; never touches the pointer. */
const tabTo = async (page: Page, name: RegExp, most = 140) => {
  for (let i = 0; i < most; i += 1) {
    await page.keyboard.press('Tab');
    const here = await page.evaluate(() => {
      const element = document.activeElement as HTMLElement | null;
      return element
        ? (element.getAttribute('aria-label') ??
            (element as HTMLInputElement).labels?.[0]?.textContent ??
            element.textContent ??
            '')
        : '';
    });
    if (name.test(here.trim())) return;
  }
  throw new Error(`Tab did not reach ${String(name)} in ${most} presses.`);
};
const ready = (page: Page) => page.locator('canvas[data-painted=full]').nth(1).waitFor();

test('composed by hand from empty, by keys alone', async ({ page }) => {
  await page.goto('/start?week=20');
  await expect(page.getByRole('button', { name: 'Compose by hand' })).toBeVisible();
  await tabTo(page, /^Compose by hand$/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Nothing is planted yet')).toBeVisible();
  for (const words of ['bronze flax', 'lime potato vine']) {
    await tabTo(page, /^Add another kind$/);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog')).toBeVisible();
    const search = page.getByRole('dialog').getByRole('searchbox');
    for (
      let i = 0;
      i < 10 && !(await search.evaluate((element) => element === document.activeElement));
      i += 1
    )
      await page.keyboard.press('Tab');
    await page.keyboard.type(words);
    await tabTo(page, new RegExp(words, 'i'), 20);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog')).toBeHidden();
  }
  await expect(page.locator('[data-place]')).toHaveCount(2);
  await tabTo(page, /^Lime potato vine, /);
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(page.getByRole('button', { name: 'Undo: Moved lime potato vine' })).toBeVisible();
});

test('proposed, three pinned, compared, one used, one swapped and all undone, by keys alone', async ({
  page,
}) => {
  await halt(page);
  await page.goto('/bench?planting=demo-tub-2');
  await ready(page);
  await tabTo(page, /^Other plants$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Pin: / })).toHaveCount(5);
  await expect(page.getByRole('button', { name: 'Other plants' })).toBeEnabled();
  for (let i = 1; i <= 3; i += 1) {
    await tabTo(page, /^Pin: /);
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-kept=pin]')).toHaveCount(i);
  }
  for (let i = 0; i < 3; i += 1) {
    await tabTo(page, /^Compare (?!\d)/);
    await page.keyboard.press('Space');
    await expect(page.getByRole('checkbox', { name: /^Compare / }).nth(i)).toBeChecked();
  }
  await tabTo(page, /^Compare 4$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'Side by side' })).toBeVisible();
  await tabTo(page, /^Use it$/, 10);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Undo: Brought back a version' })).toBeVisible();
  await expect(page.getByRole('dialog')).toBeHidden();
  for (
    let i = 0;
    i < 60 && !(await page.evaluate(() => document.activeElement?.hasAttribute('data-place')));
    i += 1
  )
    await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-stand-in]').first()).toBeVisible();
  for (
    let i = 0;
    i < 120 && !(await page.evaluate(() => document.activeElement?.hasAttribute('data-stand-in')));
    i += 1
  )
    await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Undo: Swapped/ })).toBeVisible();
  for (const left of [/^Undo: Brought back/, /^Undo$/]) {
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('button', { name: left })).toBeVisible();
  }
});

test('looked at over the sill and from below, by keys alone', async ({ page }) => {
  await halt(page);
  for (const [id, name] of [
    ['demo-window-box', 'Indoors, over the sill'],
    ['demo-basket-1', 'Whoever passes under'],
  ] as const) {
    await page.goto(`/bench?planting=${id}`);
    await ready(page);
    await tabTo(page, /^Look from/);
    await page.keyboard.press('Enter');
    const choice = page.getByRole('radio', { name });
    await expect(choice).toBeVisible();
    const checked = choice
      .locator('xpath=ancestor::*[@role="radiogroup"]')
      .getByRole('radio', { checked: true });
    for (let i = 0; i < 10 && (await choice.getAttribute('aria-checked')) !== 'true'; i += 1) {
      const before = (await checked.textContent())!;
      // Held as a finger holds it: the choice follows the focus only while the arrow is down.
      await page.keyboard.down('ArrowRight');
      await expect(checked).not.toHaveText(before);
      await page.keyboard.up('ArrowRight');
    }
    await expect(choice).toBeChecked();
    await page.keyboard.press('Escape');
    await expect(page.getByText(new RegExp(`^${name}, eyes`))).toBeVisible();
  }
});

test('something to climb is set, made higher and taken out, and a version kept and let go, by keys alone', async ({
  page,
}) => {
  await halt(page);
  await page.goto('/bench?planting=demo-tub-2');
  await ready(page);
  await tabTo(page, /^Support$/);
  await page.keyboard.press('Enter');
  const none = page.getByRole('radio', { name: 'None' });
  await expect(none).toBeVisible();
  for (
    let i = 0;
    i < 10 && !(await none.evaluate((element) => element === document.activeElement));
    i += 1
  )
    await page.keyboard.press('Tab');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('button', { name: 'Undo: Set an obelisk' })).toBeVisible();
  await tabTo(page, /^Above the mix$/, 10);
  const height = page.getByRole('slider', { name: 'Above the mix' });
  const before = await height.getAttribute('aria-valuetext');
  await page.keyboard.press('ArrowRight');
  await expect(height).not.toHaveAttribute('aria-valuetext', before!);
  await page.keyboard.press('Escape');
  await expect(height).toBeHidden();
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /^Undo$/ })).toBeDisabled();
  await tabTo(page, /^Keep this version$/);
  await page.keyboard.press('Enter');
  await page.keyboard.type(' of autumn');
  await page.keyboard.press('Enter');
  await tabTo(page, /^Let Version 1.* go$/);
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-kept=version]')).toHaveCount(0);
});

test('containers set out together, one moved along and raised, and a sheet printed, by keys alone', async ({
  page,
}) => {
  await page.addInitScript(() => {
    window.print = () => void (document.documentElement.dataset.printed = 'yes');
  });
  await halt(page);
  await page.goto('/terrace');
  await expect(page.locator('[data-member]')).toHaveCount(3);
  await tabTo(page, /^Kitchen pot, /);
  const pot = page.locator('[data-member="demo-kitchen-pot"]');
  const before = (await pot.getAttribute('aria-label'))!;
  await page.keyboard.press('ArrowUp');
  await expect(pot).toHaveAccessibleName(/raised 5 cm/);
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: 'Undo: Moved Kitchen pot along' })).toBeEnabled();
  for (let i = 0; i < 2; i += 1) await page.keyboard.press('Control+z');
  await expect(pot).toHaveAccessibleName(before);
  await page.goto('/bench?planting=demo-tub-1');
  await ready(page);
  await tabTo(page, /^Take away$/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Print a sheet$/, 8);
  await page.keyboard.press('Enter');
  await expect(page.locator('html')).toHaveAttribute('data-printed', 'yes');
});

test('a round walked, what was bought ticked and what happened told, by keys alone', async ({
  page,
}) => {
  await halt(page);
  await page.goto('/');
  await expect(page.locator('[data-yard-round]')).toContainText('containers');
  await tabTo(page, /^Walk the round$/);
  await page.keyboard.press('Enter');
  await allSeen(page);
  const task = page.locator('[data-task]');
  const first = (await task.getAttribute('data-task'))!;
  await tabTo(page, /^Done/);
  await page.keyboard.press('Enter');
  await expect(page.locator(`[data-task="${first}"]`)).toHaveCount(0);
  await tabTo(page, /^Undo/);
  await page.keyboard.press('Enter');
  await page.locator(`[data-stop="${first.split(' ')[0]}"]`).focus();
  await page.keyboard.press('Enter');
  await expect(page.locator(`[data-task="${first}"]`)).toBeVisible();

  await page.goto('/trolley');
  const line = (name: string) => page.locator('[data-line]').filter({ hasText: name });
  await expect(line('Purple basil')).toBeVisible();
  await tabTo(page, /^Purple basil(?!: not)/);
  await page.keyboard.press('Space');
  await expect(line('Purple basil')).toHaveAttribute('data-ticked', '');
  await tabTo(page, /^Pot marigold: not as listed$/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Got, of/);
  await page.keyboard.press('Control+a');
  await page.keyboard.type('1');
  await page.keyboard.press('Enter');
  await expect(line('Pot marigold')).toContainText('got 1 of 2');

  await page.goto('/diary?planting=demo-tub-2');
  await expect(page.getByRole('region', { name: 'Tell what happened' })).toBeVisible();
  await tabTo(page, /^Plant(?! book)/);
  await page.keyboard.type('Dark-leaved red');
  await tabTo(page, /^High, cm/);
  await page.keyboard.type('52');
  await tabTo(page, /^Keep$/);
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-entry="measured"]').first()).toContainText('52 cm high');
});

test('a plant found in the book, a tree moved on the plan, a barrow measured, a step of potting taken back and everything saved, by keys alone', async ({
  page,
}) => {
  await halt(page);
  await page.goto('/plants');
  const search = page.getByRole('searchbox');
  await expect(search).toBeVisible();
  for (
    let i = 0;
    i < 30 && !(await search.evaluate((element) => element === document.activeElement));
    i += 1
  )
    await page.keyboard.press('Tab');
  await page.keyboard.type('bronze flax');
  await expect(page.getByText(/^Bronze flax/).first()).toBeVisible();
  await tabTo(page, /^Bronze flax/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 2, name: 'Bronze flax' })).toBeVisible();

  await page.goto('/spot?spot=demo-window');
  const tree = page.getByRole('button', { name: /^Tree on the plan/ });
  await expect(tree).toBeVisible();
  const before = (await tree.getAttribute('aria-label'))!;
  await tabTo(page, /^Tree on the plan/);
  for (let i = 0; i < 8; i += 1) await page.keyboard.press('Shift+ArrowRight');
  await expect(tree).not.toHaveAttribute('aria-label', before);
  for (let i = 0; i < 8; i += 1) await page.keyboard.press('Control+z');
  await expect(tree).toHaveAttribute('aria-label', before);

  await page.goto('/shelf?item=demo-barrow');
  const depth = page.getByLabel(/^Depth/);
  await expect(depth).toBeVisible();
  await tabTo(page, /^Depth/);
  await page.keyboard.press('Control+a');
  await page.keyboard.type('21');
  await page.keyboard.press('Tab');
  await page.reload();
  await expect(depth).toHaveValue('21');

  await page.goto('/potting?planting=demo-tub-1');
  await expect(page.getByRole('button', { name: 'Back', exact: true })).toBeVisible();
  await tabTo(page, /^Back$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Done/ })).toBeVisible();

  await page.goto('/shed');
  await expect(page.getByRole('button', { name: 'Save everything' })).toBeVisible();
  await tabTo(page, /^Save everything$/);
  const [file] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')]);
  expect(file.suggestedFilename()).toMatch(/^rillbank/);
});
