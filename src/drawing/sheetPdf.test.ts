import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { planted } from '../../tests/builders/plantings';
import { SHIPPED } from '@/core/shelf/shipped';
import { NURSERY_SIZES, type NurserySizeId } from '@/core/plants/nursery';
import { ILL_NAMES } from '../../tests/builders/illNames';
import { labelPages } from '@/core/making/labels';
import { reducedPage } from '@/core/making/reduced';
import { PAPER_IDS, PAPERS, tilesOf, type SheetPage } from '@/core/making/sheet';
import { templateOf } from '@/core/making/template';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { pageSvg, sheetSvg } from './sheetSvg';
import { sheetPdf } from './sheetPdf';

type Box = readonly [left: number, top: number, right: number, bottom: number];
interface Measured {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly boxes: readonly Box[];
  readonly images: number;
  readonly fonts: readonly { readonly name: string; readonly isEmbedded: boolean }[];
}

/** What a print may be off by, mm. */
const OFF = 0.3;
const woff = (weight: number) =>
  readFileSync(require.resolve(`@fontsource/archivo/files/archivo-latin-${weight}-normal.woff`));
const fonts = { plain: woff(500), strong: woff(700) };
const words = {
  title: 'Kitchen pot — 40 × 34 cm',
  front: 'front',
  letterOf: () => 'A',
  underOf: () => '1 lead',
};
const templateFor = (it: PlantingInSpot) => templateOf(it, { words, drip: false, board: false });

/** One planting in each shape the shelf has, its balls spread over the mix. */
const everyShape = [...new Map(SHIPPED.map((item) => [item.shape.kind, item])).values()].map(
  (container) =>
    planted(
      (['1L', '9cm', 'six-pack'] as NurserySizeId[]).map(
        (size, i) => ['alyssum-white', (i - 1) * 7, (i % 2) * 3, size] as const,
      ),
      { container },
    ),
);

function measure(pdfs: readonly Uint8Array[]): readonly (readonly Measured[])[] {
  const folder = mkdtempSync(join(tmpdir(), 'rillbank-pdf-'));
  const files = pdfs.map((bytes, i) => {
    const file = join(folder, `${i}.pdf`);
    writeFileSync(file, bytes);
    return file;
  });
  const script = join(__dirname, '../../tests/builders/measurePdf.mjs');
  const told = execFileSync(process.execPath, [script, ...files], {
    encoding: 'utf8',
    maxBuffer: 1e9,
  });
  return JSON.parse(told) as readonly (readonly Measured[])[];
}

const width = ([l, , r]: Box) => r - l;
const height = ([, t, , b]: Box) => b - t;
const middle = ([l, t, r, b]: Box) => [(l + r) / 2, (t + b) / 2] as const;
/** Boxes of circles of a diameter. */
const rounds = (page: Measured, mm: number) =>
  page.boxes.filter((box) => Math.abs(width(box) - mm) < OFF && Math.abs(height(box) - mm) < OFF);
const pagesFor = (it: PlantingInSpot, paper: (typeof PAPER_IDS)[number]) => {
  const tiled = tilesOf(templateFor(it), paper, 8);
  if (!tiled.ok) throw new Error(JSON.stringify(tiled.fault));
  return tiled.pages;
};

test('for every shape and paper: pages, rulers, balls and joins are true to .3 mm, fonts go along, nothing is a raster', async () => {
  const cases = everyShape.flatMap((it) => PAPER_IDS.map((paper) => ({ it, paper })));
  const pages = cases.map(({ it, paper }) => pagesFor(it, paper));
  const pdfs: Uint8Array[] = [];
  for (const one of pages) pdfs.push(await sheetPdf(one, { title: 'Template', fonts }));
  const measured = measure(pdfs);
  let joins = 0;
  cases.forEach(({ it, paper }, i) => {
    const [shown, made] = [measured[i]!, pages[i]!];
    const called = `${it.planting.container.name} on ${paper}`;
    expect([called, shown.length]).toEqual([called, made.length]);
    for (const page of shown) {
      const sides = [page.widthMm, page.heightMm].sort((a, b) => a - b);
      expect(Math.abs(sides[0]! - PAPERS[paper][0])).toBeLessThan(OFF);
      expect(Math.abs(sides[1]! - PAPERS[paper][1])).toBeLessThan(OFF);
      expect(page.images).toBe(0);
      expect(page.fonts.length).toBeGreaterThan(0);
      for (const font of page.fonts) {
        expect(font.isEmbedded).toBe(true);
        expect(font.name).toContain('Archivo');
      }
      const rulers = page.boxes.filter((box) => height(box) < 0.01).map(width);
      for (const long of [100, 101.6])
        expect([called, rulers.some((one) => Math.abs(one - long) < OFF)]).toEqual([called, true]);
      for (const { size } of it.plants)
        expect([called, size, rounds(page, NURSERY_SIZES[size].topCm * 10).length > 0]).toEqual([
          called,
          size,
          true,
        ]);
    }
    joins += joinsOf(called, shown, made, NURSERY_SIZES['1L'].topCm * 10);
  });
  expect(joins).toBeGreaterThan(20);
});

/** Crosses of neighbouring pages lie on each other when the same ball does: measured from the ball on each. @returns how many were compared */
function joinsOf(
  called: string,
  shown: readonly Measured[],
  made: readonly SheetPage[],
  ballMm: number,
): number {
  let compared = 0;
  const at = new Map(made.map((page, i) => [page.name, shown[i]!]));
  for (const { name } of made) {
    const [column, row] = [name.charCodeAt(0), Number(name.slice(1))];
    for (const other of [`${String.fromCharCode(column + 1)}${row}`, `${name[0]}${row + 1}`]) {
      const [a, b] = [at.get(name)!, at.get(other)];
      if (!b) continue;
      const near = crossesFrom(a, ballMm);
      const far = crossesFrom(b, ballMm);
      const shared = near.filter(([x, y]) =>
        far.some(([ox, oy]) => Math.hypot(x - ox, y - oy) < OFF),
      );
      expect([called, name, other, shared.length]).toEqual([called, name, other, 2]);
      compared += shared.length;
    }
  }
  return compared;
}

/** Where a page's register crosses lie, from the middle of the ball of that size. */
function crossesFrom(page: Measured, ballMm: number): readonly (readonly [number, number])[] {
  const [bx, by] = middle(rounds(page, ballMm)[0]!);
  return page.boxes
    .filter((box) => height(box) < 0.01 && Math.abs(width(box) - 6) < 0.01)
    .map((box) => {
      const [x, y] = middle(box);
      return [x - bx, y - by] as const;
    })
    .filter(([x, y]) => page.boxes.some((box) => isUprightAt(box, x + bx, y + by)));
}

const isUprightAt = (box: Box, x: number, y: number) =>
  width(box) < 0.01 &&
  Math.abs(height(box) - 6) < 0.01 &&
  Math.hypot(middle(box)[0] - x, middle(box)[1] - y) < 0.05;

test('labels and the small plan fit their page; the small plan has no ruler that would lie', async () => {
  const it = everyShape[0]!;
  const sheet = templateFor(it);
  const plan = reducedPage(sheet, 'A4', ['A: white sweet alyssum']);
  const labels = labelPages(
    Array.from({ length: 30 }, (_, i) => ({
      title: `White sweet alyssum ${i}`,
      lines: ['Lobularia maritima', 'Kitchen pot', '17 July 2026'],
      address: 'http://localhost/bench?planting=demo-kitchen-pot',
    })),
    'A4',
  );
  expect(labels.length).toBe(2);
  const [[first, ...rest]] = measure([
    await sheetPdf([plan, ...labels], { title: 'Labels', fonts }),
  ]) as [Measured[]];
  for (const page of [first!, ...rest])
    for (const [l, t, r, b] of page.boxes) {
      expect(Math.min(l, t)).toBeGreaterThanOrEqual(-0.01);
      expect(r).toBeLessThanOrEqual(210.01);
      expect(b).toBeLessThanOrEqual(297.01);
    }
  expect(
    first!.boxes.filter((box) => height(box) < 0.01 && Math.abs(width(box) - 100) < 1),
  ).toEqual([]);
  expect(rest[0]!.boxes.length).toBeGreaterThan(500);
});

test('paper without margins, and a template larger than forty pages, are told and not made', () => {
  const sheet = templateFor(everyShape[0]!);
  expect(tilesOf(sheet, 'A4', 0)).toMatchObject({ ok: false, fault: { kind: 'margin', gotMm: 0 } });
  expect(tilesOf(sheet, 'A4', Number.NaN)).toMatchObject({ ok: false, fault: { kind: 'margin' } });
  expect(tilesOf(sheet, 'A4', 3).ok).toBe(true);
  expect(tilesOf({ ...sheet, widthMm: 5000, heightMm: 3000 }, 'A4', 8)).toMatchObject({
    ok: false,
    fault: { kind: 'too many', tiles: expect.any(Number) },
  });
});

test('as SVG a sheet tells its size in millimetres, and signs that mean something are written out', () => {
  const sheet = templateFor(everyShape[0]!);
  const svg = sheetSvg(sheet, 'Tub & <pot>');
  expect(svg).toContain(`width="${Math.round(sheet.widthMm * 1000) / 1000}mm"`);
  expect(svg).toContain('Tub &amp; &lt;pot&gt;');
  expect(isBalanced(svg)).toBe(true);
  expect(pageSvg(pagesFor(everyShape[0]!, 'A4')[0]!)).toContain('clipPath');
});

/** Does every element that is opened close again? */
function isBalanced(svg: string): boolean {
  const open: string[] = [];
  for (const [, end, name, alone] of svg.matchAll(/<(\/?)([a-zA-Z]+)[^>]*?(\/?)>/g)) {
    if (alone) continue;
    if (!end) open.push(name!);
    else if (open.pop() !== name) return false;
  }
  return open.length === 0;
}

test('names that were never meant as names are printed as they are, or without what no type has: none stops a PDF', async () => {
  const labels = ILL_NAMES.map((name) => ({
    title: name,
    lines: [name, name],
    address: 'http://here/bench?planting=x',
  }));
  const pages = labelPages(labels, 'A4');
  const bytes = await sheetPdf(pages, { title: ILL_NAMES[0]!, fonts });
  const [shown] = measure([bytes]);
  expect(shown).toHaveLength(pages.length);
  expect(Buffer.from(bytes).includes('/JavaScript')).toBe(false);
});
