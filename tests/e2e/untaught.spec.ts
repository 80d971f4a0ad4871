import { expect, test, type Page } from '../builders/journey';
import { PHONE } from '../builders/atTheHalt';

const SIZES = [{ width: 1280, height: 800 }, PHONE] as const;

/** In May, when shops are full. */
const inMay = (page: Page) => page.clock.setFixedTime(new Date('2026-05-18T09:00:00Z'));

/** From the first sight to six plantings for what one has: what a newcomer presses. */
async function got(page: Page, what: string): Promise<void> {
  await inMay(page);
  await page.goto('/');
  await page
    .getByRole('region', { name: 'What have you got?' })
    .getByRole('link', { name: what })
    .click();
  await expect(page.getByRole('radio', { name: what, exact: true })).toBeChecked();
}

async function plantFirst(page: Page, name: string): Promise<void> {
  await expect(page.locator('[data-proposal]')).toHaveCount(6);
  await expect(page.getByText('drawn ten weeks on')).toBeVisible();
  await page.locator('[data-proposal]').first().getByRole('button').first().click();
  await expect(page.getByRole('heading', { level: 1, name: new RegExp(`^${name}`) })).toBeVisible();
  await expect(page.locator('[data-field]:visible canvas').first()).toHaveAttribute(
    'data-painted',
    /full|flat/,
  );
}

for (const size of SIZES)
  test(`the first sight shows a tub that grows, and leads to a first planting, at ${size.width} px`, async ({
    page,
  }) => {
    await page.setViewportSize(size);
    await inMay(page);
    await page.goto('/');
    const growing = page.getByRole('region', { name: 'A planting through its season' });
    const weeks = growing.getByRole('slider', { name: 'Weeks since planting' });
    const begun = Number(await weeks.getAttribute('aria-valuenow'));
    await expect
      .poll(async () => Number(await weeks.getAttribute('aria-valuenow')))
      .toBeGreaterThan(begun + 2);
    await growing.getByRole('button', { name: 'Stop here' }).click();
    await got(page, 'Round pot');
    await plantFirst(page, 'Round pot');
    // The next visit opens on what is one's own.
    await page.goto('/');
    await expect(page.getByRole('link', { name: /open on the bench/ })).toHaveCount(1);
  });

test('where motion is not wanted the tub stands still until it is told to grow', async ({
  page,
}) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto('/');
  const growing = page.getByRole('region', { name: 'A planting through its season' });
  const weeks = growing.getByRole('slider', { name: 'Weeks since planting' });
  const begun = await weeks.getAttribute('aria-valuenow');
  await page.waitForTimeout(1600);
  expect(await weeks.getAttribute('aria-valuenow')).toBe(begun);
  await growing.getByRole('button', { name: 'Let it grow' }).click();
  await expect(weeks).not.toHaveAttribute('aria-valuenow', begun!);
});

for (const size of SIZES)
  test(`a kitchen box over the sill, seen by somebody who sits, at ${size.width} px`, async ({
    page,
  }) => {
    await page.setViewportSize(size);
    await got(page, 'Window box');
    await page.getByRole('radio', { name: 'Indoors, over the sill' }).click();
    await page.getByLabel('Sill above the floor inside').fill('86');
    await page.getByRole('radio', { name: 'Sits' }).click();
    await page.getByRole('checkbox', { name: 'Plants to eat' }).check();
    await plantFirst(page, 'Window box');
    await page.getByRole('button', { name: /^Look from/ }).click();
    await page.getByRole('radio', { name: 'From indoors' }).click();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('region', { name: 'Stand-back view' })).toContainText(
      'From indoors',
    );
  });

test('a basket, a low bowl and an edible pot, and the three of them set out together', async ({
  page,
}) => {
  for (const what of ['Hanging basket', 'Low bowl', 'Round pot']) {
    await inMay(page);
    await page.goto(`/start`);
    await page.getByRole('radio', { name: what, exact: true }).click();
    for (const part of ['Sun in the morning?', 'Sun around noon?'])
      await page
        .getByRole('radiogroup', { name: part })
        .getByRole('radio', { name: 'Yes' })
        .click();
    await expect(page.getByText('about 12 h of sun in June')).toBeVisible();
    if (what === 'Round pot') await page.getByRole('checkbox', { name: 'Plants to eat' }).check();
    await plantFirst(page, what);
  }
  await page.goto('/');
  await expect(page.getByRole('link', { name: /open on the bench/ })).toHaveCount(3);
  await page.getByRole('link', { name: 'Set out together' }).click();
  await page.getByRole('button', { name: 'Set out 3 containers' }).click();
  const members = page.locator('[data-member]');
  await expect(members).toHaveCount(3);
  for (const what of ['Hanging basket', 'Low bowl', 'Round pot'])
    await expect(members.and(page.getByLabel(new RegExp(`^${what}`)))).toHaveCount(1);
});

test('every shape is asked for by its drawing, with the tape on it, and the six stay in sight on a phone while wishes change', async ({
  page,
}) => {
  await page.setViewportSize(PHONE);
  await page.goto('/start?week=20');
  await page.getByRole('button', { name: 'All 15' }).click();
  const shapes = page.getByRole('radiogroup', { name: 'What have you got?' }).getByRole('radio');
  await expect(shapes).toHaveCount(15);
  await shapes.filter({ hasText: 'Urn' }).click();
  await expect(page.getByLabel('Width at top')).toHaveValue('44');
  const small = page.getByRole('list', { name: 'Plantings that suit, small' });
  await expect(small.getByRole('button')).toHaveCount(6);
  await page.getByRole('radio', { name: 'Pastel' }).click();
  await expect(page.getByText('drawn ten weeks on')).toBeVisible();
  await expect(small).toBeInViewport();
  await small.getByRole('button').nth(3).click();
  await expect(page.locator('[data-proposal]').nth(3)).toBeInViewport();
});
