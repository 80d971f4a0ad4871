import { expect, SERVICE, test, type Page } from '../builders/journey';

/** A new spot, described from nothing. */
async function describe(page: Page): Promise<void> {
  await page.goto('/spot');
  await page.getByRole('button', { name: 'Describe a spot' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'New spot' })).toBeVisible();
}

async function put(page: Page, label: string, value: string, nth = 0): Promise<void> {
  // A field's name ends in its unit.
  const field = page.getByLabel(new RegExp(`^${label}\\s*(°|cm|%)?$`)).nth(nth);
  await field.fill(value);
  await field.press('Enter');
}

test('a balcony to the south-west with a side wall and an eave: hours by month, a log that disagrees and rules, other plants', async ({
  page,
}) => {
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  await describe(page);
  const hours = page.locator('[data-light-hours]');
  const suits = page.locator('[data-suits]');
  await page.getByRole('button', { name: 'Rename' }).click();
  await page.getByLabel('Name of the spot').fill('Balcony');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Balcony' })).toBeVisible();
  await expect(hours).toHaveText('16.2 h');

  // The house behind, facing south-west; the eave over; the wall to one side.
  const around = page.getByRole('region', { name: 'What stands around' });
  await around.getByRole('button', { name: 'House wall behind' }).click();
  await put(page, 'Faces', '225');
  await expect(page.getByRole('button', { name: 'House wall behind, toward NE' })).toBeVisible();
  await around.getByRole('button', { name: 'Eave or canopy', exact: true }).click();
  await put(page, 'Faces', '225');
  await put(page, 'Height', '260');
  await around.getByRole('button', { name: 'Wall or fence', exact: true }).click();
  await put(page, 'Bearing', '150');
  await put(page, 'Distance', '90');
  await put(page, 'Height', '260');
  await expect(page.locator('[data-obstacle]')).toHaveCount(3);
  const before = Number.parseFloat((await hours.textContent())!);
  expect(before).toBeGreaterThan(3);
  expect(before).toBeLessThan(9);
  await expect(page.getByRole('img', { name: /^Hours of direct sun a day: Jan \d/ })).toBeVisible();

  // The wall is dragged up on the sky strip, and brought back.
  const wall = page.getByRole('button', { name: /^Wall or fence, toward SE/ });
  const grip = page.locator('[data-grip=body]');
  await grip.scrollIntoViewIfNeeded();
  const box = (await grip.boundingBox())!;
  await page.mouse.move(box.x + 7, box.y + 7);
  await page.mouse.down();
  await page.mouse.move(box.x + 60, box.y - 20, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: 'Undo: Moved wall or fence' })).toBeVisible();
  await expect(wall).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo: Moved wall or fence' }).click();
  await expect(wall).toBeVisible();
  await expect(hours).toHaveText(`${before} h`);

  // A day in June is noted by hand: shade where sun was reckoned.
  await page.getByLabel('Day', { exact: true }).fill('2026-06-20');
  for (const hour of [15, 16, 17, 18]) {
    const cell = page.getByRole('button', { name: new RegExp(`^${hour} to ${hour + 1}:`) });
    for (const seen of ['sun', 'dappled', 'shade']) {
      await cell.click();
      await expect(cell).toHaveAccessibleName(`${hour} to ${hour + 1}: ${seen}`);
    }
  }
  await expect(page.locator('[data-log-verdict]')).toContainText('They differ in 4 of 4 hours.');
  await expect(page.locator('[data-log-verdict]')).toContainText(
    '15–19 you saw shade, sun was reckoned',
  );
  const reckonedSuits = Number(await suits.textContent());
  await page.getByRole('button', { name: 'Let my log rule' }).click();
  await expect(hours).not.toHaveText(`${before} h`);
  const logged = Number.parseFloat((await hours.textContent())!);
  expect(before - logged).toBeGreaterThan(2.5);
  // How many suit is reckoned after the hours are told.
  await expect(suits).not.toHaveText(String(reckonedSuits));

  // Plants for here are chosen by what was seen; what shops have follows the day.
  await page.clock.setFixedTime(new Date('2026-05-18T09:00:00Z'));
  await page.getByRole('link', { name: 'Plant here' }).click();
  await expect(page.getByText(`${logged} h as logged`)).toBeVisible();
  await expect(page.locator('[data-proposal]')).toHaveCount(6);
  await expect(page.getByText('drawn ten weeks on')).toBeVisible();
  const byLog = await page.locator('[data-proposal] p').first().textContent();
  await page.goBack();
  await page.getByRole('radio', { name: 'As reckoned' }).click();
  await expect(hours).toHaveText(`${before} h`);
  await page.getByRole('link', { name: 'Plant here' }).click();
  await expect(page.getByText(`${before} h as reckoned`)).toBeVisible();
  await expect(page.locator('[data-proposal]')).toHaveCount(6);
  await expect(page.getByText('drawn ten weeks on')).toBeVisible();
  expect(await page.locator('[data-proposal] p').first().textContent()).not.toBe(byLog);
  await page
    .locator('[data-proposal]')
    .first()
    .getByRole('button', { name: 'Plant this one' })
    .click();
  await expect(page.getByRole('link', { name: /sun/ })).toContainText(`${before} h`);
  expect(errors).toEqual([]);
});

test('a bad latitude, a crown below its stem and a faulty weather file are told at their place, and nothing is kept', async ({
  page,
}) => {
  await describe(page);
  await put(page, 'Latitude, south is minus', '95');
  await expect(
    page.getByRole('alert').filter({ hasText: 'Latitude must be -90–90 °; got 95.' }),
  ).toBeVisible();
  await expect(page.locator('[data-light-hours]')).toHaveText('16.2 h');
  await put(page, 'Latitude, south is minus', '-34');
  await expect(page.locator('[data-light-hours]')).toHaveText('14.2 h');
  await page
    .getByRole('region', { name: 'What stands around' })
    .getByRole('button', { name: 'Tree' })
    .click();
  await put(page, 'Clear stem', '900');
  await expect(
    page
      .getByRole('alert')
      .filter({ hasText: 'Clear stem must be below the top (700 cm); got 900.' }),
  ).toBeVisible();

  const picker = page.getByLabel('Weather records to bring in');
  const day = (i: number) => new Date(Date.UTC(2022, 0, 1 + i)).toISOString().slice(0, 10);
  const rows = Array.from(
    { length: 1500 },
    (_, i) =>
      `${day(i)},${(8 + 6 * Math.cos((i / 365) * 2 * Math.PI)).toFixed(1)},${(19 + 7 * Math.cos((i / 365) * 2 * Math.PI)).toFixed(1)},${i % 4 ? 0 : 6}`,
  );
  const send = (text: string) =>
    picker.setInputFiles({ name: 'station.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await send(`date,min °C,max °C,rain mm\n${rows.slice(0, 20).join('\n')}\n${day(3)},1,2,0`);
  await expect(page.getByText(`Line 22.`)).toBeVisible();
  await expect(page.getByText(`${day(3)} stands here again; it stood in line 5.`)).toBeVisible();
  await expect(page.getByText('Typical figures: local ones win.')).toBeVisible();
  await send(
    `date,min °C,max °C,rain\n${rows.map((row) => row.replace(/,6$/, ',0.4')).join('\n')}`,
  );
  await page.getByRole('button', { name: 'mm', exact: true }).click();
  await expect(page.getByText('1500 days')).toBeVisible();
  await page.getByRole('button', { name: 'Let them rule' }).click();
  await expect(
    page.getByText(/Your own figures rule: 1500 days of records, station\.csv/),
  ).toBeVisible();
});

test('obstacles are moved from the keyboard; spots are compared, copied and taken away', async ({
  page,
}) => {
  await describe(page);
  await page
    .getByRole('region', { name: 'What stands around' })
    .getByRole('button', { name: 'Skyline' })
    .click();
  const hill = page.locator('[data-obstacle]');
  await expect(hill).toHaveAccessibleName('Skyline, toward S');
  await hill.focus();
  for (let i = 0; i < 5; i += 1) await page.keyboard.press('Shift+ArrowRight');
  await expect(hill).toHaveAccessibleName('Skyline, toward SW');
  await page.keyboard.press('Delete');
  await expect(hill).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(hill).toHaveAccessibleName('Skyline, toward SW');
  await page.keyboard.press('Control+y');
  await expect(hill).toHaveCount(0);
  await page.getByRole('link', { name: 'All spots' }).click();
  await page.getByRole('button', { name: 'Copy' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'New spot, copy' })).toBeVisible();
  await page.getByRole('link', { name: 'All spots' }).click();
  await page.getByRole('button', { name: 'Take away' }).nth(1).click();
  await expect(page.getByText('1 spot, side by side')).toBeVisible();
});

test(
  'the simulated weather service tells days as they were and a week ahead, and names what is wrong with a question',
  SERVICE,
  async ({ request }) => {
    const good = await request.get(
      '/api/weather?climate=cool-maritime&latitude=51&from=2026-05-10&days=30&issued=2026-05-18',
    );
    const { days } = (await good.json()) as { days: { leadDays: number; missC: number }[] };
    expect(days.map(({ leadDays }) => leadDays)).toEqual([
      ...Array.from({ length: 9 }, () => 0),
      1,
      2,
      3,
      4,
      5,
      6,
      7,
    ]);
    expect(days.at(-1)!.missC).toBeGreaterThan(days[9]!.missC);
    const bad = await request.get(
      '/api/weather?climate=moon&latitude=51&from=2026-05-10&issued=2026-05-18',
    );
    expect(bad.status()).toBe(400);
    expect((await bad.json()).error).toMatch(/climate must be one of .*got "moon"/);
  },
);

test('the place is taken from the device when it is allowed, and told plainly when it is not', async ({
  browser,
  baseURL,
}) => {
  const allowed = await (
    await browser.newContext({
      baseURL: baseURL!,
      geolocation: { latitude: -33.92, longitude: 18.42 },
      permissions: ['geolocation'],
      timezoneId: 'Africa/Johannesburg',
    })
  ).newPage();
  await describe(allowed);
  await allowed.getByRole('button', { name: 'Take it from this device' }).click();
  await expect(allowed.getByLabel(/^Latitude/)).toHaveValue('-33.92');
  await expect(allowed.getByLabel('Clocks here keep')).toHaveValue('Africa/Johannesburg');
  const refused = await (await browser.newContext({ baseURL: baseURL! })).newPage();
  await describe(refused);
  await refused.getByRole('button', { name: 'Take it from this device' }).click();
  await expect(
    refused.getByText('The device would not tell where it is. Type it instead.'),
  ).toBeVisible();
});
