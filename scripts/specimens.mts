// Draws every kind of the book full grown on sheets of SVG, for looking at: npm run specimens -- OUT_FOLDER [habit or part of an id]
import { mkdirSync, writeFileSync } from 'node:fs';
import { BOOK } from '../src/core/plants/book/index';
import { specimen } from './specimen.mts';

const [out = 'tmp/specimens', only] = process.argv.slice(2);
mkdirSync(out, { recursive: true });
const CELL = 230;
const COLUMNS = 8;
const kinds = BOOK.filter((kind) => !only || kind.habit === only || kind.id.includes(only));
const body = kinds
  .map(
    (kind, i) =>
      `<div class="c">${specimen(kind, CELL, String(i))}<p>${kind.common}<br><small>${kind.habit}</small></p></div>`,
  )
  .join('');
writeFileSync(
  `${out}/index.html`,
  `<style>body{margin:0;background:#e2e2e2;font:11px sans-serif;width:${CELL * COLUMNS}px}.c{width:${CELL}px;float:left;text-align:center}p{margin:0}</style>${body}`,
);
process.stdout.write(`${kinds.length} kinds in ${out}/index.html\n`);
