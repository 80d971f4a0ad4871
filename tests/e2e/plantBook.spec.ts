import { expect, SERVICE, test, type Page } from '../builders/journey';
import { readFileSync } from 'node:fs';

const open = async (page: Page) => {
  await page.goto('/plants');
  await expect(page.getByRole('status').filter({ hasText: 'kinds of' })).toBeVisible();
};
const found = (page: Page) => page.locator('[data-kind]');

test(
  'a lime trailing plant for four hours of sun, safe for a cat and on the benches',
  SERVICE,
  async ({ page }) => {
    await open(page);
    await page.getByLabel('Hours of sun').fill('4');
    await page.getByLabel('Hours of sun').press('Enter');
    await page.getByRole('radio', { name: 'lime', exact: true }).click();
    await page.getByRole('checkbox', { name: 'Trails' }).check();
    await page.getByRole('checkbox', { name: 'cats' }).check();
    await page.getByLabel('On the benches today at').selectOption({ label: 'Siding Nursery' });
    const first = found(page).first();
    await expect(first).toContainText(
      /thrives in \d+–\d+ h of sun; trails .* no harm known to cats; \d+ there at/,
    );
    await first.click();
    const care = page.locator('[data-care]');
    await expect(care).toContainText(/No harm known to .*cats/);
    await expect(
      page
        .getByRole('region', { name: 'To be had' })
        .or(page.locator('section[aria-label="To be had"]')),
    ).toContainText('×');
    // What misses by one thing says which.
    await expect(page.getByText('Nearly: one thing against')).toBeVisible();
  },
);

test('plants of the list are drawn, and the drawings are kept between visits', async ({ page }) => {
  await open(page);
  const drawn = page.getByRole('region', { name: 'Plants found' }).locator('canvas[data-painted]');
  await expect.poll(() => drawn.count()).toBeGreaterThan(3);
  const kept = () =>
    page.evaluate(
      () =>
        new Promise<number>((resolve) => {
          const opening = indexedDB.open('rillbank-pictures');
          opening.onsuccess = () => {
            const count = opening.result.transaction('pictures').objectStore('pictures').count();
            count.onsuccess = () => (opening.result.close(), resolve(count.result));
          };
        }),
    );
  await expect.poll(kept).toBeGreaterThan(3);
  await page.reload();
  await expect.poll(() => drawn.count()).toBeGreaterThan(3);
  // As many inks as a drawing has, not one flat blob.
  const inks = await drawn.first().evaluate((canvas: HTMLCanvasElement) => {
    const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height);
    const seen = new Set<number>();
    for (let i = 0; i < data.length; i += 4)
      if (data[i + 3]! > 200) seen.add((data[i]! << 16) | (data[i + 1]! << 8) | data[i + 2]!);
    return seen.size;
  });
  expect(inks).toBeGreaterThan(30);
});

test(
  'bought in North America: sizes by their names there, dollars, and dearer figures',
  SERVICE,
  async ({ page }) => {
    const sold = page.getByRole('region', { name: 'What it needs' }).getByText(/(L|gal) pot about/);
    await page.goto('/plants?kind=agapanthus-blue');
    await expect(sold).toHaveText(/2\sL pot about £9\.00–15\.00/);
    await page.goto('/shed');
    await page.getByRole('radio', { name: 'North America' }).click();
    await expect(page.getByRole('radio', { name: '$' })).toBeChecked();
    await page.goto('/plants?kind=agapanthus-blue');
    await expect(sold).toHaveText(/½\sgal pot about \$14\.00–24\.00/);
    // The stops' prices go along with the book's.
    await page.getByLabel('On the benches today at').selectOption({ label: 'Siding Nursery' });
    await expect(page.locator('[data-kind]').first()).toContainText(/there at \$/);
  },
);

test('words with a slip and synonyms find plants; the list keeps up while one types', async ({
  page,
}) => {
  await open(page);
  const words = page.getByRole('searchbox');
  await words.pressSequentially('petunai');
  await expect(found(page).first()).toContainText(/petunia/i);
  await words.fill('dusty miller');
  await expect(found(page)).toHaveCount(1);
  await words.fill('zzzzz');
  await expect(page.getByText('No plant matches all of that')).toBeVisible();
});

test('a plant from the tag in hand: guesses are marked, faults stand at their lines, and it can be planted', async ({
  page,
}) => {
  await open(page);
  await page.getByRole('button', { name: 'Add from a tag' }).click();
  const form = page.locator('section[aria-label="From the tag"]');
  await form.getByLabel('Name', { exact: true }).fill('Platform sage');
  await form.getByLabel('Botanical name').fill('Salvia platformensis');
  await form.getByLabel('Height').fill('-4');
  await form.getByRole('button', { name: 'Keep this plant' }).click();
  await expect(form.getByRole('alert').first()).toContainText('Height must be 2–400');
  await form.getByLabel('Height').fill('50');
  await form.getByLabel('Light').selectOption('full sun');
  await form.getByLabel('Flower violet').click();
  await expect(form.locator('[data-like]')).toContainText(
    /Most like .*s(age|alvia).*Harm counts as unsure/,
  );
  await form.getByRole('button', { name: 'Keep this plant' }).click();
  await expect(page.locator('[data-guessed]')).toContainText('guessed from');
  await expect(page.locator('[data-care]')).toContainText(
    'Not known for sure, so a caution, for people, cats, dogs, horses',
  );
  // It stays, and a value told later wins.
  await page.getByLabel('Here it grows to').fill('70');
  await page.getByLabel('Here it grows to').press('Enter');
  await page.getByLabel('In the shed').fill('5');
  await page.getByLabel('In the shed').press('Enter');
  await page.reload();
  await page.getByRole('searchbox').fill('platform sage');
  await expect(found(page).first()).toContainText('45–70 cm tall');
  await expect(found(page).first()).toContainText('5 in the shed');
});

test('a colour taken from a photograph is the plant’s from then on; what is no picture is refused by name', async ({
  page,
}) => {
  await page.goto('/plants?kind=chives');
  const photo = page.getByLabel('Colour from a photograph');
  await photo.setInputFiles({
    name: 'words.png',
    mimeType: 'image/png',
    buffer: Buffer.from('not a picture'),
  });
  await expect(
    page.getByText('"words.png" is not a picture that this browser can read.'),
  ).toBeVisible();
  // In evening light: a grey label on the left, lime on the right.
  const png = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    canvas.width = 80;
    canvas.height = 40;
    const context = canvas.getContext('2d')!;
    const under = (colour: readonly number[]) =>
      `rgb(${colour.map((coded, i) => Math.round(255 * ((coded / 255) ** 2.2 * [1, 0.45, 0.3][i]!) ** (1 / 2.2))).join()})`;
    context.fillStyle = under([160, 160, 160]);
    context.fillRect(0, 0, 40, 40);
    context.fillStyle = under([182, 214, 50]);
    context.fillRect(40, 0, 40, 40);
    return canvas.toDataURL('image/png').split(',')[1]!;
  });
  await photo.setInputFiles({
    name: 'leaf.png',
    mimeType: 'image/png',
    buffer: Buffer.from(png, 'base64'),
  });
  const picture = page.locator('[data-photo]');
  const { width, height } = (await picture.boundingBox())!;
  const [label, leaf] = [0.25, 0.75].map((share) => ({ x: share * width, y: height / 2 }));
  await picture.click({ position: leaf! });
  await expect(page.locator('[data-picked]')).not.toHaveText('lime');
  await page.getByRole('radio', { name: 'Something white or grey' }).click();
  await picture.click({ position: leaf! });
  await expect(page.getByRole('alert').filter({ hasText: 'colour of its own' })).toBeVisible();
  await picture.click({ position: label! });
  await expect(page.locator('[data-balanced]')).toBeVisible();
  await picture.click({ position: leaf! });
  await expect(page.locator('[data-picked]')).toHaveText('lime');
  await page.getByRole('button', { name: 'Its leaf' }).click();
  await page.getByRole('radio', { name: 'lime', exact: true }).click();
  await page.getByRole('searchbox').fill('chives');
  await expect(found(page).first()).toHaveAttribute('data-kind', 'chives');
  await page.getByRole('button', { name: 'Take the book’s values again' }).click();
  await expect(page.getByText('No plant matches all of that')).toBeVisible();
});

test('never again: told with its reason, and no longer proposed as a stand-in', async ({
  page,
}) => {
  await page.goto('/plants?kind=hosta-blue');
  const kin = page
    .getByText('When it is not to be had')
    .locator('xpath=..')
    .locator('[data-kin]')
    .first();
  const id = (await kin.getAttribute('data-kin'))!;
  const name = (await kin.locator('b').textContent())!;
  await kin.click();
  await expect(page.getByRole('article', { name })).toBeVisible();
  await page.getByLabel('Never again').check();
  await page.getByLabel('Because').fill('slugs');
  await page.getByLabel('Because').blur();
  await page.goto('/plants?kind=hosta-blue');
  await page.getByText('When it is not to be had').waitFor();
  await expect(page.locator(`[data-kin="${id}"]`)).toHaveCount(0);
  await page.getByRole('searchbox').fill(name);
  await expect(page.locator(`[data-kind="${id}"]`)).toContainText('never again: slugs');
});

test('three side by side: what differs stands first, and one can be put back', async ({ page }) => {
  await open(page);
  await page.getByRole('searchbox').fill('hosta');
  // Until the list is of what is looked for, the second of it may be the first of the list before.
  const boxes = page.getByRole('checkbox', { name: /^Compare/ });
  await expect(boxes.first()).toHaveAccessibleName(/hosta/i);
  for (const name of [0, 1, 2]) await boxes.nth(name).check();
  await page.getByRole('button', { name: 'Compare 3' }).click();
  const table = page.locator('section[aria-label="Compared"]');
  await expect(table.locator('canvas')).toHaveCount(3);
  await expect(table.locator('[data-differs]')).toContainText('Size');
  await expect(table.getByText('The same for all')).toBeVisible();
  await table.getByRole('button', { name: 'Put back' }).first().click();
  await expect(table.locator('canvas')).toHaveCount(2);
});

test(
  'out of stock: stand-ins that are on the benches are offered and opened',
  SERVICE,
  async ({ page }) => {
    await open(page);
    await page.getByLabel('On the benches today at').selectOption({ label: 'Saturday stall' });
    // Only in larger pots than the stall sells.
    await page.getByRole('searchbox').fill('agapanthus');
    await found(page).filter({ hasText: 'not on the benches today' }).first().click();
    const article = page.getByRole('article', { name: /agapanthus/ });
    await expect(article.locator('[data-out]')).toBeVisible();
    const kin = article
      .getByText('Stand-ins that are there today')
      .locator('xpath=..')
      .locator('[data-kin]')
      .first();
    const id = await kin.getAttribute('data-kin');
    await kin.click();
    await expect(page).toHaveURL(new RegExp(`kind=${id}`));
    await expect(page.locator('[data-out]')).toHaveCount(0);
  },
);

test('twenty thousand rows come in without stopping the page: counted, faults by line, values of one’s own kept', async ({
  page,
}) => {
  await open(page);
  await page.getByRole('searchbox').fill('boston fern');
  await expect(found(page).first()).toContainText(/boston fern/i);
  await found(page).first().click();
  await page.getByLabel('Here it grows to').fill('90');
  await page.getByLabel('Here it grows to').press('Enter');
  await page.getByRole('button', { name: 'In and out' }).click();
  const rows = Array.from({ length: 20_000 }, (_, i) =>
    i % 100 === 0 ? `=cmd|' /C calc'!A0,Salvia x,40` : `Plant ${i},Salvia x,${20 + (i % 50)}`,
  );
  const csv = `name,latin name,height\nBoston fern,Nephrolepis exaltata,55\n${rows.join('\n')}\n`;
  // While it reads, frames keep coming.
  await page.evaluate(() => {
    const w = window as unknown as { frames2: number; longest: number };
    w.frames2 = 0;
    w.longest = 0;
    let last = performance.now();
    const tick = (now: number) => {
      w.frames2 += 1;
      w.longest = Math.max(w.longest, now - last);
      last = now;
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  await page
    .getByLabel('Plants file to bring in')
    .setInputFiles({ name: 'big.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(page.locator('[data-reading]')).toContainText('19800 new plants', {
    timeout: 60_000,
  });
  await expect(page.locator('[data-reading]')).toContainText('200 lines that cannot be read');
  await expect(page.locator('[data-faults]')).toContainText(
    /Line 3: common must not begin like a formula/,
  );
  await expect(page.locator('[data-quarrels]')).toContainText(
    /Boston fern, heightCm: yours .*90, the file/,
  );
  await page.getByRole('button', { name: 'Bring in 19800 plants' }).click();
  await expect(page.getByText('19800 plants came in.')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('status').filter({ hasText: /of 20\d\d\d/ })).toBeVisible({
    timeout: 60_000,
  });
  await page.getByRole('searchbox').fill('plant 777');
  await expect(found(page).first()).toContainText('Plant 777');
});

test('mine go out as CSV and JSON, safe to open in a spreadsheet', async ({ page }) => {
  await open(page);
  await page.getByRole('searchbox').fill('chives');
  await expect(found(page).first()).toHaveAttribute('data-kind', 'chives');
  await found(page).first().click();
  await page.getByLabel('Where from').fill('=1+1');
  await page.getByLabel('Favourite').check();
  await page.getByRole('button', { name: 'In and out' }).click();
  const [csv] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save mine as CSV' }).click(),
  ]);
  expect(readFileSync(await csv.path(), 'utf8')).toMatch(/Chives,.*,yes,,'=1\+1/);
  const [json] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save mine as JSON' }).click(),
  ]);
  expect(JSON.parse(readFileSync(await json.path(), 'utf8'))).toMatchObject({
    format: 'rillbank-plants',
    plants: [{ id: 'chives', favourite: true }],
  });
});
