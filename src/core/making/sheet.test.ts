import fc from 'fast-check';
import {
  MARGIN_MM,
  MOST_TILES,
  OVERLAP_MM,
  PAPER_IDS,
  PAPERS,
  tilesOf,
  type MmPoint,
  type Sheet,
  type SheetMark,
  type SheetPage,
} from './sheet';

const sheetOf = (widthMm: number, heightMm: number): Sheet => ({ widthMm, heightMm, marks: [] });
const pagesOf = (sheet: Sheet, paper: (typeof PAPER_IDS)[number], margin: number) => {
  const tiled = tilesOf(sheet, paper, margin);
  return tiled.ok ? tiled.pages : [];
};
/** A point of a page, told on the sheet. */
const onSheet = ({ shiftMm }: SheetPage, [x, y]: MmPoint): MmPoint => [
  x - shiftMm[0],
  y - shiftMm[1],
];
const pointsOf = (mark: SheetMark): readonly MmPoint[] => (mark.kind === 'line' ? mark.points : []);
const drawn = fc.record({
  width: fc.integer({ min: 20, max: 1200 }),
  height: fc.integer({ min: 20, max: 900 }),
  paper: fc.constantFrom(...PAPER_IDS),
  margin: fc.integer({ min: MARGIN_MM.least, max: 30 }),
});

test('each page prints inside its white edge, the same on all four sides, and its own marks lie within it', () => {
  fc.assert(
    fc.property(drawn, ({ width, height, paper, margin }) => {
      for (const { widthMm, heightMm, clip, marks } of pagesOf(
        sheetOf(width, height),
        paper,
        margin,
      )) {
        expect(clip.at).toEqual([margin, margin]);
        expect(clip.at[0] + clip.widthMm).toBeCloseTo(widthMm - margin, 9);
        expect(clip.at[1] + clip.heightMm).toBeCloseTo(heightMm - margin, 9);
        expect([widthMm, heightMm].sort()).toEqual([...PAPERS[paper]].sort());
        for (const [x, y] of marks.flatMap(pointsOf)) {
          expect(x).toBeGreaterThanOrEqual(margin - 1e-9);
          expect(x).toBeLessThanOrEqual(widthMm - margin + 1e-9);
          expect(y).toBeGreaterThanOrEqual(margin - 1e-9);
          expect(y).toBeLessThanOrEqual(heightMm - margin + 1e-9);
        }
      }
    }),
    { seed: 31, numRuns: 60 },
  );
});

test('every point of a sheet is on a page, neighbours lie over each other by the overlap, and their crosses on each other', () => {
  fc.assert(
    fc.property(drawn, ({ width, height, paper, margin }) => {
      const pages = pagesOf(sheetOf(width, height), paper, margin);
      if (pages.length === 0) return;
      for (const x of [0, width / 3, width])
        for (const y of [0, height / 2, height])
          expect(
            pages.some((page) => {
              const [left, top] = onSheet(page, page.clip.at);
              return (
                x >= left - 1e-6 &&
                x <= left + page.clip.widthMm + 1e-6 &&
                y >= top - 1e-6 &&
                y <= top + page.clip.heightMm + 1e-6
              );
            }),
          ).toBe(true);
      const lefts = [...new Set(pages.map((page) => onSheet(page, page.clip.at)[0]))].sort(
        (a, b) => a - b,
      );
      for (let i = 1; i < lefts.length; i += 1)
        expect(lefts[i - 1]! + pages[0]!.clip.widthMm - lefts[i]!).toBeCloseTo(OVERLAP_MM, 6);
      // A cross is two short lines: all of those on two pages that meet come to lie on each other.
      const crosses = new Map<string, number>();
      for (const page of pages)
        for (const mark of page.marks) {
          if (mark.kind !== 'line' || mark.what !== 'crop' || mark.points.length !== 2) continue;
          const key = mark.points
            .map((point) => onSheet(page, point).map((mm) => mm.toFixed(2)))
            .join(' ');
          crosses.set(key, (crosses.get(key) ?? 0) + 1);
        }
      for (const [key, many] of crosses) expect([key, many >= 2]).toEqual([key, true]);
    }),
    { seed: 32, numRuns: 40 },
  );
});

test('what fits on one page is one page, to the millimetre; one more is two', () => {
  const [w, h] = PAPERS.A4;
  const [roomX, roomY] = [w - 2 * MARGIN_MM.usual, h - 2 * MARGIN_MM.usual];
  expect(pagesOf(sheetOf(roomX, roomY), 'A4', MARGIN_MM.usual)).toHaveLength(1);
  expect(pagesOf(sheetOf(roomX + 1, roomY), 'A4', MARGIN_MM.usual)).toHaveLength(2);
  // Turned when that takes fewer.
  expect(tilesOf(sheetOf(roomY, roomX), 'A4', MARGIN_MM.usual)).toMatchObject({ isTurned: true });
  expect(tilesOf(sheetOf(roomX, roomY), 'A4', MARGIN_MM.usual)).toMatchObject({ isTurned: false });
  const two = roomX + (roomX - OVERLAP_MM);
  expect(pagesOf(sheetOf(two, roomY), 'A4', MARGIN_MM.usual)).toHaveLength(2);
  expect(pagesOf(sheetOf(two + 1, roomY), 'A4', MARGIN_MM.usual)).toHaveLength(3);
});

test('a white edge that no printer leaves, or that leaves no page, and more pages than a template has are refused', () => {
  const small = sheetOf(100, 100);
  for (const [margin, ok] of [
    [MARGIN_MM.least, true],
    [MARGIN_MM.least - 0.1, false],
    [MARGIN_MM.most, true],
    [MARGIN_MM.most + 0.1, false],
    [Number.NaN, false],
  ] as const)
    expect([margin, tilesOf(small, 'A4', margin).ok]).toEqual([margin, ok]);
  // Turned pages are 281 by 194 mm within their edges, 12 of which are glued.
  const wide = (columns: number, rows: number) =>
    tilesOf(sheetOf(281 + (columns - 1) * 269, 194 + (rows - 1) * 182), 'A4', MARGIN_MM.usual);
  expect(wide(8, 5)).toMatchObject({ ok: true });
  expect(wide(8, 5).ok && pagesOf(sheetOf(281 + 7 * 269, 194 + 4 * 182), 'A4', 8)).toHaveLength(
    MOST_TILES,
  );
  expect(wide(9, 5)).toMatchObject({ ok: false, fault: { kind: 'too many' } });
});
