import AxeBuilder from '@axe-core/playwright';
import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '../builders/journey';

const demo = async (page: Page) => {
  await page.goto('/shed');
  await page.getByRole('button', { name: 'Load the demo set' }).click();
  await expect(page.getByRole('button', { name: 'Take away the demo set' })).toBeVisible();
};
const bench = async (page: Page, id: string) => {
  await page.goto(`/bench?planting=${id}`);
  await page.locator('canvas[data-painted=full]').nth(1).waitFor();
};
const standBack = (page: Page) => page.getByRole('region', { name: 'Stand-back view' });
const picture = (page: Page) =>
  standBack(page)
    .locator('canvas')
    .evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL());
const painted = (page: Page) =>
  expect(standBack(page).locator('canvas')).toHaveAttribute('data-painted', 'full');

test('compose by hand from empty: add kinds, drag one, pick two, set out, copy, lock, turn, and read it back in words', async ({
  page,
}) => {
  await page.goto('/start?week=20');
  await page.getByRole('button', { name: 'Compose by hand' }).click();
  await expect(page.getByText('Nothing is planted yet')).toBeVisible();
  for (const words of ['bronze flax', 'white petunia', 'white petunia']) {
    await page.getByRole('button', { name: 'Add another kind' }).click();
    await page.getByRole('dialog').getByRole('searchbox').fill(words);
    await page
      .getByRole('dialog')
      .getByRole('button', { name: new RegExp(words, 'i') })
      .first()
      .click();
    await expect(page.getByRole('dialog')).toBeHidden();
  }
  const places = page.locator('[data-place]');
  await expect(places).toHaveCount(3);
  const lead = places.filter({ has: page.locator('text=A') }).first();
  const before = await lead.getAttribute('aria-label');
  await lead.scrollIntoViewIfNeeded();
  const box = (await lead.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 24, box.y + box.height / 2 + 6, { steps: 4 });
  await page.mouse.up();
  await expect(lead).not.toHaveAttribute('aria-label', before!);
  const tools = page.getByRole('group', { name: 'Stencil' });
  await places.nth(1).click();
  await places.nth(2).click({ modifiers: ['Shift'] });
  await expect(page.locator('[data-place][aria-pressed=true]')).toHaveCount(2);
  await tools.getByRole('button', { name: 'Copy' }).click();
  await expect(places).toHaveCount(5);
  await tools.getByRole('button', { name: 'Lock', exact: true }).click();
  await expect(page.locator('[data-place][aria-label*=locked]')).toHaveCount(2);
  await tools.getByRole('button', { name: 'Set out' }).click();
  // What is locked stays, and that is said.
  await page.getByRole('button', { name: 'Round the rim' }).click();
  await expect(page.getByText('Nothing moved: it stands so already')).toBeVisible();
  await page.keyboard.press('Escape');
  await places.first().click();
  await tools.getByRole('button', { name: 'Set out' }).click();
  await page.getByRole('button', { name: 'Round the rim' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Undo: Set in a ring' })).toBeVisible();
  await expect(standBack(page).getByRole('img').first()).toHaveAccessibleName(
    /bronze flax.*white petunia/s,
  );
});

test('propose, pin three, compare, use one, swap one, undo ten steps by name', async ({ page }) => {
  await demo(page);
  await bench(page, 'demo-tub-2');
  const tray = page.getByRole('region', { name: 'Tray' });
  await tray.getByRole('button', { name: 'Other plants' }).click();
  await expect(tray.locator('[data-way]')).toHaveCount(5);
  await expect(tray.getByRole('button', { name: 'Other plants' })).toBeEnabled();
  for (const i of [0, 1, 2])
    await tray
      .getByRole('button', { name: /^Pin: / })
      .nth(i)
      .click();
  await expect(tray.locator('[data-kept=pin]')).toHaveCount(3);
  for (const i of [0, 1, 2])
    await tray
      .getByRole('checkbox', { name: /^Compare / })
      .nth(i)
      .check();
  await tray.getByRole('button', { name: 'Compare 4' }).click();
  const dialog = page.getByRole('dialog', { name: 'Side by side' });
  await expect(dialog.getByRole('columnheader')).toHaveCount(4);
  await expect(dialog.getByText('Not in all of them').first()).toBeVisible();
  // What only one way has is named on its picture as well as in the list below it.
  const named = await dialog.locator('svg text').allTextContents();
  const listed = (
    await dialog.getByRole('cell').filter({ hasText: 'Not in all of them' }).allTextContents()
  ).join(' ');
  expect(named.length).toBeGreaterThan(0);
  for (const name of named) expect(listed).toContain(name);
  await dialog.getByRole('slider', { name: 'Week compared' }).press('ArrowRight');
  await dialog.getByRole('button', { name: 'Use it' }).first().click();
  await expect(page.getByRole('button', { name: 'Undo: Brought back a version' })).toBeVisible();
  await page.locator('[data-place]').first().press('Enter');
  await page.locator('[data-stand-in]').first().click();
  await expect(page.getByRole('button', { name: /^Undo: Swapped/ })).toBeVisible();
  const first = page.locator('[data-place]').first();
  for (let i = 0; i < 8; i += 1) {
    const was = await first.getAttribute('aria-label');
    await first.press(i % 2 ? 'ArrowLeft' : 'ArrowRight');
    await expect(first).not.toHaveAttribute('aria-label', was!);
  }
  await page.getByRole('button', { name: 'History' }).click();
  const changes = page.getByRole('list', { name: 'Changes' });
  await expect(changes.getByRole('button')).toHaveCount(10);
  await changes.getByRole('button', { name: /As it was begun undo 10 steps/ }).click();
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
  await expect(page.getByRole('button', { name: /^Redo: Brought back/ })).toBeEnabled();
});

test('versions and what-ifs: each keeps its own plants, nothing is lost in going between', async ({
  page,
}) => {
  await demo(page);
  await bench(page, 'demo-kitchen-pot');
  const tray = page.getByRole('region', { name: 'Tray' });
  const count = await page.locator('[data-place]').count();
  await tray.getByRole('button', { name: 'Keep this version' }).click();
  await tray.getByRole('textbox', { name: 'Name of this version' }).fill('Before the heat');
  await tray.getByRole('button', { name: 'Keep', exact: true }).click();
  await tray.getByRole('button', { name: 'What if…' }).click();
  await expect(page.getByText('On the bench: What if 1')).toBeVisible();
  await page.locator('[data-place]').first().press('Delete');
  await expect(page.locator('[data-place]')).toHaveCount(count - 1);
  await tray.getByRole('button', { name: 'Go to First plan' }).click();
  await expect(page.locator('[data-place]')).toHaveCount(count);
  await page.reload();
  await tray.getByRole('button', { name: 'Go to What if 1' }).click();
  await expect(page.locator('[data-place]')).toHaveCount(count - 1);
  await expect(tray.getByText('Before the heat')).toBeVisible();
});

test('a box is looked at over the sill from indoors, a basket from below; a person and the wall stand behind on request', async ({
  page,
}) => {
  await demo(page);
  await bench(page, 'demo-window-box');
  const straight = await picture(page);
  await page.getByRole('button', { name: /^Look from/ }).click();
  await page.getByRole('radio', { name: 'Indoors, over the sill' }).click();
  await expect(page.getByText(/Indoors, over the sill, eyes 1\d\d cm up/)).toBeVisible();
  await page.keyboard.press('Escape');
  await painted(page);
  await expect.poll(() => picture(page)).not.toBe(straight);
  await expect(page.getByRole('slider', { name: 'Turn the view' })).toHaveAttribute(
    'aria-valuetext',
    /180 degrees/,
  );
  await page.getByRole('button', { name: /^Beside it/ }).click();
  await page.getByRole('checkbox', { name: 'Colours behind it' }).check();
  await page.getByRole('radio', { name: 'A person' }).click();
  await page.keyboard.press('Escape');
  await bench(page, 'demo-basket-1');
  await page.getByRole('button', { name: /^Look from/ }).click();
  await page.getByRole('radio', { name: 'Whoever passes under' }).click();
  await expect(page.getByText('Whoever passes under, eyes 160 cm up, 60 cm away')).toBeVisible();
});

test('light by the hour: noon, evening shade and the sun’s hours of the week', async ({ page }) => {
  await demo(page);
  await bench(page, 'demo-tub-1');
  const drawn = await picture(page);
  await page.getByRole('button', { name: /^Light/ }).click();
  await page.getByRole('radio', { name: 'By the hour' }).click();
  const hour = page.getByRole('slider', { name: 'Hour of the day' });
  await hour.press('End');
  await expect(hour).toHaveAttribute('aria-valuetext', /in shade/);
  await expect(page.getByText('This week: sun 8:00–13:30.')).toBeVisible();
  await page.keyboard.press('Escape');
  // The drawing in the other light may not have begun yet.
  await expect.poll(() => picture(page)).not.toBe(drawn);
});

test('walking past turns the view and comes back; where motion is not wanted, five stills stand in its place', async ({
  page,
}) => {
  await demo(page);
  await bench(page, 'demo-tub-1');
  const turn = page.getByRole('slider', { name: 'Turn the view' });
  await page.getByRole('button', { name: 'Walk past' }).click();
  await expect(turn).not.toHaveAttribute('aria-valuetext', '0 degrees');
  await page.getByRole('button', { name: 'Walk past' }).click();
  await expect(turn).toHaveAttribute('aria-valuetext', '0 degrees');
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.getByRole('button', { name: 'Walk past' }).click();
  await expect(page.getByRole('region', { name: 'Walking past' }).getByRole('img')).toHaveCount(5);
  await expect(turn).toHaveAttribute('aria-valuetext', '0 degrees');
  await page.getByRole('button', { name: 'Weeks', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Week by week' }).getByRole('img')).toHaveCount(4);
});

test('the picture is taken away as PNG and as SVG, and the planting in words', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await demo(page);
  await bench(page, 'demo-tub-1');
  const taken = async (name: string) => {
    await page.getByRole('button', { name: 'Take away' }).click();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name }).click(),
    ]);
    await page.keyboard.press('Escape');
    return { name: download.suggestedFilename(), bytes: readFileSync((await download.path())!) };
  };
  const png = await taken('Picture (PNG)');
  expect(png.name).toBe('platform-tub-1-week-8.png');
  expect(png.bytes.subarray(1, 4).toString()).toBe('PNG');
  expect(Math.max(png.bytes.readUInt32BE(16), png.bytes.readUInt32BE(20))).toBe(1400);
  const svg = (await taken('Drawing (SVG)')).bytes.toString();
  expect(svg).toMatch(/^<svg [^>]*><title>Platform tub 1<\/title>/);
  expect(svg.match(/<path/g)!.length).toBeGreaterThan(3000);
  expect(svg).not.toContain('NaN');
  await page.getByRole('button', { name: 'Take away' }).click();
  await page.getByRole('button', { name: 'Copy in words' }).click();
  await expect
    .poll(() => page.evaluate(() => navigator.clipboard.readText()))
    .toMatch(/^Platform tub 1: .*A: 1 bronze flax, at the back/s);
});

test('a sheet is printed: both drawings, where each ball goes, the cautions, and nothing of the screen', async ({
  page,
}) => {
  await page.addInitScript(() => {
    window.print = () => void (document.documentElement.dataset.printed = 'yes');
  });
  await demo(page);
  await bench(page, 'demo-tub-1');
  await page.getByRole('button', { name: 'Take away' }).click();
  await page.getByRole('button', { name: 'Print a sheet' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-printed', 'yes');
  const sheet = page.locator('.print-sheet');
  await expect(sheet).toBeHidden();
  await page.emulateMedia({ media: 'print' });
  await expect(sheet).toBeVisible();
  await expect(page.getByRole('navigation')).toBeHidden();
  await expect(sheet.getByRole('heading', { name: 'Platform tub 1' })).toBeVisible();
  // The drawing is there, large enough to judge by.
  expect(
    await sheet
      .locator('img')
      .evaluate((image: HTMLImageElement) => image.complete && image.naturalWidth),
  ).toBeGreaterThan(600);
  await expect(
    sheet.getByRole('row', { name: /^A Bronze flax .*2 cm left, 10 cm to the back/ }),
  ).toBeVisible();
  await expect(sheet.getByText('Caution.').first()).toBeVisible();
  await page.emulateMedia({ media: 'screen' });
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await expect(sheet).toHaveCount(0);
});

test('by keyboard alone: from the yard to a planting, move, turn, slant, copy, find by name, undo', async ({
  page,
}) => {
  await demo(page);
  await page.goto('/');
  await page
    .getByRole('link', { name: /open on the bench/ })
    .first()
    .waitFor();
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('combobox')).toBeFocused();
  await page.keyboard.type('put platform tub 1');
  await page.keyboard.press('Enter');
  await page.locator('canvas[data-painted=full]').nth(1).waitFor();
  // Tab until the first plant of the stencil is reached.
  for (
    let i = 0;
    i < 40 && !(await page.evaluate(() => document.activeElement?.hasAttribute('data-place')));
    i += 1
  )
    await page.keyboard.press('Tab');
  const here = () => page.evaluate(() => document.activeElement?.getAttribute('aria-label'));
  const was = await here();
  await page.keyboard.press('ArrowRight');
  await expect.poll(here).not.toBe(was);
  for (const [key, name] of [
    ['r', 'Turned'],
    ['t', 'Tilted'],
    ['d', 'Put a copy beside it'],
    ['l', 'Locked'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page.getByRole('button', { name: new RegExp(`^Undo: ${name}`) })).toBeVisible();
  }
  await page.keyboard.press('Control+a');
  await expect(page.locator('[data-place][aria-pressed=true]')).toHaveCount(
    await page.locator('[data-place]').count(),
  );
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('combobox')).toBeFocused();
  await page.keyboard.type('zigzag');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Undo: Set in a zigzag' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /^Undo: Locked/ })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('slant outward by 5°');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('combobox')).toBeFocused();
  await page.keyboard.type('week show twelve');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('slider', { name: 'Weeks since planting' })).toHaveAttribute(
    'aria-valuetext',
    '12 weeks after planting',
  );
});

test('a terrace: containers are moved along, raised and turned, said as one, planted as one, and undone', async ({
  page,
}) => {
  await demo(page);
  await page.goto('/terrace');
  const first = page.locator('[data-member="demo-kitchen-pot"]');
  await first.press('ArrowUp');
  await expect(first).toHaveAccessibleName(/raised 5 cm/);
  await expect(page.getByRole('button', { name: 'Undo: Raised Kitchen pot' })).toBeEnabled();
  await page.keyboard.press('Control+z');
  await expect(first).not.toHaveAccessibleName(/raised/);
  const box = (await first.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height * 0.8);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height * 0.8, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: 'Undo: Moved Kitchen pot along' })).toBeEnabled();
  await expect(page.getByRole('region', { name: 'As one' })).toContainText(
    'Nothing is repeated in all of them',
  );
  await page.getByRole('textbox', { name: 'On a stand of' }).fill('999');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('alert').filter({ hasText: 'Stand must be 0–200 cm' })).toBeVisible();
  await page.getByRole('button', { name: 'Plant them as one' }).click();
  await expect(page.getByRole('region', { name: 'As one' })).toContainText(/All have/, {
    timeout: 60_000,
  });
  await page.getByRole('link', { name: 'Open on the bench' }).click();
  await expect(
    page.getByRole('button', { name: 'Undo: Planted for By the platform seat' }),
  ).toBeVisible();
});

test('the new sheets and rooms have no accessibility violations', async ({ page }) => {
  await demo(page);
  const check = async (where: string) =>
    expect([
      where,
      (await new AxeBuilder({ page }).setLegacyMode().analyze()).violations.map(({ id, nodes }) => [
        id,
        nodes.map(({ target }) => target.join()),
      ]),
    ]).toEqual([where, []]);
  await page.goto('/terrace');
  await page.locator('[data-member]').first().press('Enter');
  await check('terrace');
  await bench(page, 'demo-window-box');
  for (const name of ['Set out', 'Show', 'Look from', 'Light', 'Beside it', 'Take away']) {
    await page
      .getByRole('button', { name: new RegExp(`^${name}`) })
      .first()
      .click();
    await check(`bench with ${name}`);
    await page.keyboard.press('Escape');
  }
  await page.locator('[data-place]').first().press('Enter');
  await page.getByRole('button', { name: 'Weeks', exact: true }).click();
  await page.getByRole('button', { name: 'Keep this version' }).click();
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await page.getByRole('checkbox', { name: /^Compare / }).check();
  await check('bench with a plant in hand, weeks and a version');
  await page.getByRole('button', { name: 'Compare 2' }).click();
  await check('side by side');
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await check('keys');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await check('palette');
});

test('a fix that was tried can be put back from the second opinion, and points at its plants in both drawings', async ({
  page,
}) => {
  await demo(page);
  await bench(page, 'demo-basket-4');
  const opinion = page.getByRole('region', { name: 'Second opinion' });
  const count = await page.locator('[data-place]').count();
  await opinion
    .getByRole('button', { name: /^Try it with(out| one) / })
    .first()
    .click();
  await expect(page.locator('[data-place]')).toHaveCount(count - 1);
  await expect(opinion.getByRole('status')).toContainText('Tried: Took out');
  await opinion.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.locator('[data-place]')).toHaveCount(count);
  await expect(opinion.getByRole('status')).toHaveCount(0);
});

test('a climber asks for something to climb; the obelisk tried from the remark answers it, stands in the picture and is undone by name', async ({
  page,
}) => {
  await page.goto('/start?week=20');
  await page.getByRole('button', { name: 'Compose by hand' }).click();
  for (const words of ['violet patio clematis', 'white petunia']) {
    await page.getByRole('button', { name: 'Add another kind' }).click();
    await page.getByRole('dialog').getByRole('searchbox').fill(words);
    await page
      .getByRole('dialog')
      .getByRole('button', { name: new RegExp(words, 'i') })
      .first()
      .click();
    await expect(page.getByRole('dialog')).toBeHidden();
  }
  await painted(page);
  const bare = await picture(page);
  await page.getByRole('button', { name: 'Support' }).click();
  await expect(page.getByRole('radio', { name: 'None' })).toBeChecked();
  await page.getByRole('radio', { name: /^Obelisk/ }).click();
  await expect(page.getByRole('radio', { name: /^Obelisk/ })).toBeChecked();
  const height = page.getByRole('slider', { name: 'Above the mix' });
  const before = Number(await height.inputValue());
  await height.press('ArrowRight');
  await height.press('ArrowRight');
  await expect.poll(async () => Number(await height.inputValue())).toBe(before + 4);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Undo: Set an obelisk' })).toBeVisible();
  await expect(standBack(page).getByRole('img').first()).toHaveAccessibleName(
    /Obelisk, \d+ cm above the mix/,
  );
  await painted(page);
  await expect.poll(() => picture(page)).not.toBe(bare);
  for (let i = 0; i < 3; i += 1)
    await page.getByRole('button', { name: 'Undo: Set an obelisk' }).click();
  await expect(page.getByRole('button', { name: /^Undo: Added/ })).toBeVisible();
});
