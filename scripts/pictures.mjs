// node scripts/pictures.mjs URL: refreshes docs/screenshots from a running app, with the demo set.
import { chromium } from '@playwright/test';
import { BROWSER } from './steps.mjs';

const url = process.argv[2] ?? 'http://127.0.0.1:3000';
const browser = await chromium.launch(BROWSER);
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
// Before anything stands there.
await page.goto(url);
await page.waitForTimeout(12_000);
await page.screenshot({ path: 'docs/screenshots/first-sight.png' });
await page.goto(`${url}/shed`);
const load = page.getByRole('button', { name: 'Load the demo set' });
await load.or(page.getByRole('button', { name: 'Take away the demo set' })).waitFor();
if (await load.isVisible()) await load.click();
await page.getByRole('button', { name: 'Take away the demo set' }).waitFor();
await page.waitForTimeout(5500);
// A search, the counting of a basket's leaves, and of all leaves in the yard, take their time.
const REST_MS = { yard: 30_000, start: 12_000, 'bench-basket': 12_000 };
for (const [name, path] of [
  ['yard', '/'],
  ['bench', '/bench?planting=demo-tub-1'],
  ['spot', '/spot?spot=demo-window'],
  ['bench-basket', '/bench?planting=demo-basket-1'],
  ['shelf-item', '/shelf?item=demo-barrow'],
  ['bench-box', '/bench?planting=demo-window-box'],
  ['trolley', '/trolley'],
  ['terrace', '/terrace'],
  ['diary', '/diary?planting=demo-tub-1'],
]) {
  await page.goto(url + path);
  await page.waitForTimeout(REST_MS[name] ?? 4500);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
}
// Two colours that were named, and what there is of them.
await page.goto(`${url}/start?week=20`);
await page.getByRole('radio', { name: 'Colours I name' }).click();
await page.waitForTimeout(REST_MS.start);
await page.screenshot({ path: 'docs/screenshots/start.png' });
// Looked at from indoors.
await page.goto(`${url}/bench?planting=demo-window-box`);
await page.getByRole('button', { name: /^Look from/ }).click();
await page.getByRole('radio', { name: 'Indoors, over the sill' }).click();
await page.keyboard.press('Escape');
await page.waitForTimeout(4500);
await page.screenshot({ path: 'docs/screenshots/bench-sill.png' });
await page.goto(`${url}/plants`);
await page.getByLabel('Hours of sun').fill('4');
await page.keyboard.press('Enter');
await page.getByRole('radio', { name: 'lime', exact: true }).click();
await page.getByRole('checkbox', { name: 'Trails' }).check();
await page.getByRole('checkbox', { name: 'cats' }).check();
await page.getByLabel('On the benches today at').selectOption({ label: 'Siding Nursery' });
await page.waitForTimeout(4000);
await page.screenshot({ path: 'docs/screenshots/plant-book.png' });
await page.goto(`${url}/shelf`);
await page.waitForTimeout(5000);
await page.screenshot({ path: 'docs/screenshots/shelf.png', fullPage: true });
await page.setViewportSize({ width: 390, height: 844 });
for (const [name, path] of [
  ['phone-bench', '/bench?planting=demo-tub-1'],
  ['phone-rounds', '/rounds'],
]) {
  await page.goto(url + path);
  await page.waitForTimeout(4000);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
}
// Potting day: half of it done.
await page.goto(`${url}/potting?planting=demo-kitchen-pot`);
await page.locator('[data-step="soak"]').waitFor();
for (let i = 0; i < 10; i += 1) {
  const was = await page.locator('[data-step]').getAttribute('data-step');
  await page.keyboard.press(' ');
  await page.locator(`[data-step]:not([data-step="${was}"])`).waitFor();
}
await page.waitForTimeout(3000);
await page.screenshot({ path: 'docs/screenshots/phone-potting.png' });
await page.setViewportSize({ width: 1280, height: 800 });
await page.goto(`${url}/bench?planting=demo-tub-1`);
await page.getByRole('button', { name: 'Plan on paper' }).click();
await page.getByRole('img', { name: 'Page A1' }).waitFor();
await page.waitForTimeout(1500);
await page.screenshot({ path: 'docs/screenshots/template.png' });
await browser.close();
