// npm run forms: one kind of every combination of habit, leaf shape and flower form that the book holds, full grown, on one sheet:
// docs/screenshots/plant-forms.png. Looked at one by one after the drawing has changed.
import { chromium } from '@playwright/test';
import { BOOK } from '../src/core/plants/book/index';
import { specimen } from './specimen.mts';

const CELL = 118;
const COLUMNS = 16;
const forms = new Map<string, (typeof BOOK)[number]>();
for (const kind of BOOK) {
  const form = [kind.habit, kind.foliage.shape, kind.bloom?.form ?? 'no flower'].join(' · ');
  if (!forms.has(form)) forms.set(form, kind);
}
const cells = [...forms]
  .sort(([a], [b]) => (a < b ? -1 : 1))
  .map(([form, kind], i) => `<div class="c">${specimen(kind, CELL, `f${i}`)}<p>${form}</p></div>`);
const rows = Math.ceil(cells.length / COLUMNS);
const html = `<style>body{margin:0;background:#e2e2e2;font:8.5px/10px Archivo,sans-serif;color:#191f22;width:${CELL * COLUMNS}px}.c{width:${CELL}px;height:${CELL + 22}px;float:left;text-align:center}p{margin:0;padding:0 2px}</style>${cells.join('')}`;
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
const page = await browser.newPage({
  viewport: { width: CELL * COLUMNS, height: rows * (CELL + 22) },
});
// Hundreds of drawings in one page: a busy machine takes its time over them.
await page.setContent(html, { timeout: 240_000 });
await page.screenshot({ path: process.argv[2] ?? 'docs/screenshots/plant-forms.png' });
await browser.close();
process.stdout.write(`${cells.length} forms on ${COLUMNS} × ${rows}\n`);
