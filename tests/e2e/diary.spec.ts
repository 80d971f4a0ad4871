import { readFileSync } from 'node:fs';
import { expect, test } from '../builders/journey';
import { picture } from '../builders/picture';
import { dayIs, halt, PHONE } from '../builders/atTheHalt';

test('what is measured changes what the book expects here; set aside, used again, and taken back it is as it was', async ({
  page,
}) => {
  await halt(page);
  const book = async () => {
    await page.goto('/plants?kind=dahlia-dark-leaf-red');
    await expect(page.getByRole('heading', { level: 2 }).first()).toBeVisible();
  };
  const here = page.locator('[data-here]');
  await book();
  // It was told to be in flower, which teaches when flowers begin; nothing was measured.
  await expect(here).toContainText('Here its flowers begin');
  await expect(here).not.toContainText('reaches');
  await page.goto('/diary?planting=demo-tub-2');
  const tell = page.getByRole('region', { name: 'Tell what happened' });
  await tell.getByLabel('Plant').selectOption('dahlia-dark-leaf-red');
  await tell.getByLabel('High, cm').fill('-3');
  await expect(tell.getByRole('alert')).toContainText('more than 0');
  await tell.getByLabel('High, cm').fill('52');
  await tell.getByLabel('On').fill('2026-05-01');
  await expect(tell.getByRole('alert')).toContainText('not planted yet');
  await tell.getByLabel('On').fill('2026-07-16');
  await tell.getByRole('button', { name: 'Keep' }).click();
  const entry = page.locator('[data-entry="measured"]').first();
  await expect(entry).toContainText('52 cm high');
  await book();
  await expect(here).toContainText('more than the book says: 1 pot seen, in one year only');
  await here.getByRole('button', { name: 'Set it aside' }).click();
  await expect(here).toHaveAttribute('data-here', 'aside');
  await here.getByRole('button', { name: 'Use what was seen' }).click();
  await expect(here).toHaveAttribute('data-here', 'used');
  await page.goto('/diary');
  await expect(page.locator('[data-seen="dahlia-dark-leaf-red"]')).toContainText('1 pot seen');
  await page.goto('/diary?planting=demo-tub-2');
  await entry.getByRole('button', { name: /^Take back/ }).click();
  await expect(page.locator('[data-entry="measured"]')).toHaveCount(0);
  await book();
  await expect(here).toContainText('Here its flowers begin');
  await expect(here).not.toContainText('reaches');
});

test('a photograph on a phone: kept, laid under the drawing of its day, a plant measured on it; words find it again', async ({
  page,
  browser,
  baseURL,
}) => {
  await page.setViewportSize(PHONE);
  await halt(page);
  // By the bar at the foot.
  const foot = page.getByRole('navigation', { name: 'Rooms' });
  await expect(foot.getByRole('link')).toHaveText(['Yard', 'Rounds', 'Trolley', 'Plant book']);
  await foot.getByRole('button', { name: 'More' }).click();
  await page.getByRole('dialog').getByRole('link', { name: 'Diary' }).click();
  await page.getByRole('link', { name: /Platform tub 1/ }).click();
  // What is told before its own pages are open is told of the container picked there.
  await expect(page.getByRole('heading', { level: 2, name: /^Platform tub 1/ })).toBeVisible();
  const tell = page.getByRole('region', { name: 'Tell what happened' });
  await tell.getByRole('radio', { name: 'Photograph' }).click();
  const picker = page.getByLabel('A photograph of it');
  await picker.setInputFiles({ name: 'x.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no') });
  await expect(page.getByText('x.jpg is no picture that this browser can read.')).toBeVisible();
  await picker.setInputFiles({
    name: 'tub.jpg',
    mimeType: 'image/jpeg',
    buffer: await picture(page),
  });
  await page.getByRole('button', { name: 'Look at the photograph closely' }).click();
  const sheet = page.getByRole('dialog');
  const told = sheet.locator('[data-measured]');
  await expect(told).toContainText('give or take');
  const before = Number(await told.getAttribute('data-measured'));
  const top = sheet.getByRole('button', { name: 'Top of the plant' });
  await top.focus();
  for (let i = 0; i < 5; i += 1) await page.keyboard.press('Shift+ArrowUp');
  await expect
    .poll(async () => Number(await told.getAttribute('data-measured')))
    .toBeGreaterThan(before + 3);
  await sheet.getByLabel('Drawing over photograph').fill('60');
  await expect(
    sheet.getByRole('img', { name: 'As it was expected to look that day' }),
  ).toBeVisible();
  await sheet.getByRole('button', { name: 'Keep as measured' }).click();
  // How full it is: offered from what is pressed as bare, and kept only by a press.
  await sheet.getByRole('button', { name: 'Its colours, and how full it is' }).click();
  await sheet.getByRole('radio', { name: 'How full it is' }).click();
  const close = sheet.locator('[data-photo]');
  const { width, height } = (await close.boundingBox())!;
  await close.click({ position: { x: 0.4 * width, y: 0.5 * height } });
  const bare = sheet.locator('[data-bare]');
  await expect(bare).toContainText('% bare, give or take');
  const share = Number(await bare.getAttribute('data-bare'));
  expect(share).toBeGreaterThan(75);
  expect(share).toBeLessThan(96);
  await bare.getByRole('button', { name: 'Write it down' }).click();
  await page.keyboard.press('Escape');
  await expect(page.locator('[data-entry="noted"]').first()).toContainText('still bare');
  // The season in pictures: this week photographed, the others as expected; played, or as a strip where motion is not wanted.
  const season = page.getByRole('region', { name: 'The season in pictures' });
  await expect(season.locator('[data-frame]')).toContainText('photographed');
  await season.getByLabel('Week of the season').fill('2');
  await expect(season.locator('[data-frame="2"]')).toContainText('as expected');
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await season.getByRole('button', { name: 'Play' }).click();
  const strip = season.getByRole('list', { name: 'Week by week' });
  await expect(strip.getByRole('img', { name: /photographed/ })).toBeVisible();
  expect(await strip.getByRole('listitem').count()).toBeGreaterThan(4);
  await season.getByRole('button', { name: 'Close the strip' }).click();
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  await season.getByRole('button', { name: 'Play' }).click();
  await expect(season.locator('[data-frame="4"]')).toBeVisible();
  const entries = page.locator('[data-entry]');
  await page.getByLabel('Find a word, a plant, a day').fill('flax high');
  await expect(entries).toHaveCount(3);
  await page.getByLabel('Find a word, a plant, a day').fill('sulks');
  await expect(entries).toHaveCount(1);
  await expect(entries).toContainText('Two nights at 6 °C');
  // All of them in one week: that one photographed, the others drawn, none before it was planted.
  await page.goto('/diary');
  const wall = page.getByRole('region', { name: 'All containers' });
  const week = wall.getByLabel('The same week of all');
  await expect(wall.locator('[data-shot]')).toHaveCount(1);
  await expect(wall.locator('[data-shot]')).toContainText('Platform tub 1');
  await week.fill('28');
  await expect(wall.locator('[data-shot]')).toContainText('Photographed on 17 July 2026');
  await week.fill('32');
  await expect(wall.locator('[data-shot]')).toHaveCount(0);
  await expect(wall.getByText(/As expected on \d+ August 2026/).first()).toBeVisible();
  await week.fill('12');
  await expect(wall.getByText('Did not stand then').first()).toBeVisible();
  await wall.getByRole('button', { name: 'Today' }).click();
  await expect(wall.getByText('Did not stand then')).toHaveCount(0);
  // Everything as a ZIP, and in again on another device: the photograph comes along.
  await page.goto('/shed');
  const [zip] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save everything' }).click(),
  ]);
  expect(zip.suggestedFilename()).toMatch(/^rillbank-[\d-]+\.zip$/);
  const elsewhere = await (await browser.newContext({ baseURL: baseURL! })).newPage();
  await elsewhere.setViewportSize(PHONE);
  await elsewhere.goto('/shed');
  await elsewhere.getByLabel('File to bring in').setInputFiles({
    name: 'whole.zip',
    mimeType: 'application/zip',
    buffer: readFileSync(await zip.path()),
  });
  const preview = elsewhere.getByRole('alertdialog', { name: 'Bring in a backup' });
  await preview.getByRole('radio', { name: /in the place of all/ }).click();
  await expect(preview.getByRole('row', { name: /^photographs/ })).toHaveText('photographs10');
  await preview.getByRole('button', { name: 'Restore it' }).click();
  await expect(elsewhere.getByText('Everything was restored.')).toBeVisible();
  await expect(elsewhere.locator('[data-room]')).toContainText('1 photograph: ');
  await elsewhere.goto('/diary?planting=demo-tub-1');
  await expect(elsewhere.locator('[data-entry="photographed"] img')).toHaveJSProperty(
    'complete',
    true,
  );
});

test('what it was worth: two tubs made again at once, held against what they cost this year, and undone', async ({
  page,
}) => {
  await halt(page);
  // A leggy tub taken apart in August: the last in comes out first, cuttings stand together by colour.
  await page.goto('/diary?planting=demo-tub-1');
  await page.getByRole('button', { name: 'Refresh it' }).click();
  const plan = page.getByRole('dialog');
  await plan.getByLabel('On').fill('2026-08-25');
  const out = plan.getByRole('list', { name: 'Out in this order' }).getByRole('listitem');
  await expect(out.last()).toContainText('Bronze flax');
  await expect(plan.locator('[data-lift="replace"]').first()).toContainText('it goes');
  await expect(plan.getByRole('list', { name: 'Cuttings, by colour' })).toContainText('Apricot');
  await plan.getByLabel('On').fill('2026-05-15');
  await expect(plan.getByRole('alert')).toContainText('between its first week');
  await page.goto('/diary');
  const well = page.getByRole('region', { name: 'What did well' });
  await expect(well.locator('[data-did-well]').first()).toContainText('24 of 24 weeks');
  await well.getByRole('radio', { name: 'Spots' }).click();
  await expect(well.locator('[data-did-well="demo-platform"]')).toContainText('Platform');
  await page.goto('/diary');
  const worth = page.getByRole('region', { name: 'What it was worth' });
  await expect(worth.getByRole('row', { name: /Platform tub 1/ })).toContainText('£29.70');
  await expect(worth.getByRole('row', { name: /Basket 1/ })).toContainText('not told');
  await worth.getByRole('checkbox', { name: 'Platform tub 1' }).check();
  await worth.getByRole('checkbox', { name: 'Basket 1' }).check();
  await expect(worth.locator('[data-again]')).toContainText('not told for all');
  await worth.getByRole('checkbox', { name: 'Basket 1' }).uncheck();
  await worth.getByRole('checkbox', { name: 'Platform tub 2' }).check();
  await expect(worth.locator('[data-again="2"]')).toContainText('for each week of display');
  await worth.getByRole('button', { name: '2 containers again' }).click();
  await expect(page.getByText('2 plantings for next year')).toBeVisible();
  await expect(worth.locator('[data-again]')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).first().click();
  // Gone to by the bar, as a hand would: a page that is loaded anew at once may end the undo before it is written.
  await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Yard' }).click();
  const again = page.getByRole('link', { name: /Platform tub [12], again/ });
  await expect(page.getByRole('link', { name: /Platform tub 2/ }).first()).toBeVisible();
  await expect(again).toHaveCount(0);
  await page.goto('/diary');
  await worth.getByRole('checkbox', { name: 'Platform tub 2' }).check();
  await worth.getByRole('button', { name: '1 container again' }).click();
  await expect(page.getByText('1 planting for next year')).toBeVisible();
  await page.goto('/');
  await expect(again.first()).toBeVisible();
});

test('next year from this year: what died is told, the same again has another in its place; the page for someone else and the diary go out as files', async ({
  page,
}) => {
  await halt(page);
  await page.goto('/diary?planting=demo-tub-2');
  const tell = page.getByRole('region', { name: 'Tell what happened' });
  await tell.getByRole('radio', { name: 'Died' }).click();
  await tell.getByLabel('Plant').selectOption('coleus-rust');
  await tell.getByLabel(/^Of/).selectOption('eaten');
  await tell.getByRole('button', { name: 'Keep' }).click();
  await expect(page.locator('[data-wrong]')).toContainText('rust and gold coleus');
  const [diary] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click(),
  ]);
  expect(readFileSync(await diary.path(), 'utf8')).toContain('Rust and gold coleus: died: eaten');
  await page.getByRole('button', { name: 'A page for someone else' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the page' }).click(),
  ]);
  const html = readFileSync(await file.path(), 'utf8');
  expect(html).toContain('data:image/png;base64,');
  expect(html).toContain('Purple fountain grass');
  expect(html).not.toMatch(/<script|https?:\/\/(?!www\.w3\.org)/);
  // And all that stands as one page, with the photographs that are picked.
  await page.goto('/diary?planting=demo-tub-1');
  await tell.getByRole('radio', { name: 'Photograph' }).click();
  await page.getByLabel('A photograph of it').setInputFiles({
    name: 'tub.jpg',
    mimeType: 'image/jpeg',
    buffer: await picture(page),
  });
  await expect(page.getByRole('button', { name: 'Look at the photograph closely' })).toBeVisible();
  await page.goto('/diary');
  await page.getByRole('button', { name: 'A page of all' }).click();
  const picked = page.getByRole('list', { name: 'Photographs on the page' });
  await expect(picked.getByRole('checkbox', { name: /^Platform tub 1, / })).toBeChecked();
  const [yard] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the page' }).click(),
  ]);
  const whole = readFileSync(await yard.path(), 'utf8');
  expect(whole.match(/<h2 class="planting">/g)).toHaveLength(8);
  expect(whole.match(/data:image\/png;base64,/g)).toHaveLength(8);
  expect(whole.match(/data:image\/jpeg;base64,/g)).toHaveLength(1);
  // What was seen of a plant stands on its tag.
  await page.goto('/bench?planting=demo-tub-1');
  await expect(page.locator('[data-seen-here]').first()).toContainText(/^Here to \d+ cm: 1 seen$/);
  await page.goto('/diary?planting=demo-tub-2');
  await page.getByRole('button', { name: 'The same again' }).click();
  await page.waitForURL(/\/bench/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Platform tub 2, again');
  await expect(page.locator('[data-kind-tag]').first()).toBeVisible();
  await expect(
    page.locator('[data-kind-tag]').filter({ hasText: 'Rust and gold coleus' }),
  ).toHaveCount(0);
  await expect(
    page.locator('[data-kind-tag]').filter({ hasText: 'Dark-leaved red dahlia' }),
  ).toHaveCount(1);
});

test('pockets planned for a year: the frame keeps its place and its age when they change in October', async ({
  page,
}) => {
  await halt(page);
  await page.goto('/bench?planting=demo-window-box');
  await page.getByRole('button', { name: 'Pockets' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.locator('[data-season]')).toHaveCount(4);
  await expect(sheet.getByRole('checkbox', { name: 'White-edged trailing ivy, 4' })).toBeChecked();
  const winter = sheet.locator('[data-season="winter"]');
  const meant = await winter.textContent();
  await winter.getByRole('button', { name: 'Something else' }).click();
  await expect(winter).not.toHaveText(meant!);
  await sheet.getByRole('button', { name: 'Plan these four' }).click();
  const story = page.getByRole('region', { name: 'Its story' });
  await expect(story.getByRole('link')).toHaveText([
    'Long window box',
    'Long window box, autumn',
    'Long window box, winter',
    'Long window box, spring',
    'Long window box, summer',
  ]);
  await dayIs(page, '2026-10-05', '5 October');
  await page.goto('/potting');
  await page.getByRole('link', { name: /Long window box, autumn/ }).click();
  const step = page.locator('[data-step]');
  await expect(step).toHaveAttribute('data-step', 'soak');
  for (let i = 0; i < 60 && (await step.getAttribute('data-step')) !== 'end'; i += 1) {
    const was = await step.getAttribute('data-step');
    await page.keyboard.press(' ');
    await expect(step).not.toHaveAttribute('data-step', was!);
  }
  await expect(step).toHaveText('Planted 5 October');
  await page.getByRole('link', { name: 'Look at it on the bench' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Long window box, autumn');
  // From 14 May to 5 October.
  await expect(page.locator('[data-stays]')).toHaveText('20 weeks here');
  await page.goto('/shelf?item=demo-long-box');
  await expect(story).toContainText('over since 5 October');
});

test('opened by its address again the Diary says what it told last before any script of the app has run', async ({
  page,
}) => {
  await halt(page);
  await page.goto('/diary');
  await expect(page.locator('[data-entry]').first()).toBeVisible();
  const newest = await page.locator('[data-entry] p').first().textContent();
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  // No script comes at all: what stands there then is the page's own.
  await page.route('**/_next/static/**/*.js', (route) => route.abort());
  await page.reload({ waitUntil: 'commit' });
  await expect(page.getByRole('list', { name: 'Told last' }).getByRole('listitem')).toHaveCount(16);
  await expect(page.getByRole('list', { name: 'Told last' })).toContainText(newest!);
  await page.unroute('**/_next/static/**/*.js');
  // With them the list is taken over without a word, and the diary opens.
  await page.reload();
  await expect(page.locator('[data-entry]').first()).toBeVisible();
  await expect(page.getByRole('list', { name: 'Told last' })).toHaveCount(0);
  expect(errors).toEqual([]);
});
