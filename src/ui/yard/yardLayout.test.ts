import { USUAL_HOUSE } from '@/core/plantings/house';
import { plantedOf } from '@/ui/session/planted';
import { rillbankHalt } from '@/demo/rillbankHalt';
import { kindOf } from '@/core/plants/book/index';
import { read } from '@/core/checks/reading';
import { extentOf } from '@/core/seeing/framing';
import { SIDE_RULER_PX } from '@/ui/controls/rulerSize';
import { USUAL_SETTINGS } from '@/data/usualSettings';
import { GAP_PX, layYard, rowsOf, scaleFor, YARD_WEEKS } from './yardLayout';

const { spots, plantings, entries } = rillbankHalt();
const house = USUAL_HOUSE;
const rows = rowsOf(plantedOf({ spots, plantings, entries, house }, kindOf));
const itOf = new Map(rows.flatMap(({ its }) => its.map((it) => [it.planting.id, it] as const)));
const laid = (width: number, windowHeight = 800, of = rows) =>
  layYard(of, { width, windowHeight, weeks: YARD_WEEKS, units: USUAL_SETTINGS });
/** The same containers many times over at one spot. */
const crowd = [
  {
    spot: rows[0]!.spot,
    its: rows
      .flatMap(({ its }) => its)
      .flatMap((it) =>
        Array.from({ length: 12 }, (_, i) => ({
          ...it,
          planting: { ...it.planting, id: `${it.planting.id} ${i}` },
        })),
      ),
  },
];
const WINDOWS = [
  [884, 800],
  [600, 700],
  [358, 844],
  [288, 568],
  [1570, 1080],
] as const;

test('every planting stands at its spot, and a spot without one takes no room', () => {
  expect([...itOf.keys()].sort()).toEqual(plantings.map(({ id }) => id).sort());
  for (const { spot, its } of rows)
    expect(its.every(({ planting }) => planting.spotId === spot.id)).toBe(true);
  const more = [...spots, { ...spots[0]!, id: 'bare' }];
  expect(rowsOf(plantedOf({ spots: more, plantings, entries, house }, kindOf))).toHaveLength(
    rows.length,
  );
});

test.each(WINDOWS)(
  'on a ground %i px wide in a window %i px high every container stands once, and lines fit the ground and fill it',
  (width, windowHeight) => {
    for (const some of [rows, crowd]) {
      const { lines, pictures } = laid(width, windowHeight, some);
      const ids = lines.flatMap((line) => line.flatMap(({ slots }) => slots.map(({ id }) => id)));
      expect([...ids].sort()).toEqual([...pictures.keys()].sort());
      expect(ids).toHaveLength(some.reduce((sum, { its }) => sum + its.length, 0));
      for (const line of lines) {
        const used =
          line.reduce((sum, { widthPx }) => sum + widthPx, 0) + GAP_PX * (line.length - 1);
        expect(used).toBeLessThanOrEqual(width);
        expect(used).toBeGreaterThan(width * 0.55);
        expect(new Set(line.map(({ heightPx }) => heightPx)).size).toBe(1);
      }
    }
  },
);

test.each(WINDOWS)(
  'nothing lies over its neighbour on a ground %i px wide: pictures keep within their slots, slots within their strip',
  (width, windowHeight) => {
    for (const { widthPx, slots } of laid(width, windowHeight, crowd).lines.flat()) {
      for (const slot of slots) expect(slot.pictureWidthPx).toBeLessThanOrEqual(slot.widthPx);
      const all = slots.reduce((sum, slot) => sum + slot.widthPx, SIDE_RULER_PX);
      expect(all).toBeLessThanOrEqual(widthPx);
    }
  },
);

test('the spot’s name stands over its first strip only', () => {
  const strips = laid(884, 800, crowd).lines.flat();
  expect(strips.length).toBeGreaterThan(3);
  expect(strips.filter(({ isFirst }) => isFirst)).toHaveLength(1);
  expect(strips[0]!.isFirst).toBe(true);
});

test('drawings grow with the window until the tallest leaves room for another spot, and never smaller with a wider one', () => {
  const scales = [288, 358, 500, 700, 900, 1200, 1700].map((width) =>
    scaleFor(rows, { width, windowHeight: 800 }),
  );
  expect(scales).toEqual([...scales].sort((a, b) => a - b));
  const { lines } = laid(884);
  expect(Math.max(...lines.flat().map(({ heightPx }) => heightPx))).toBeLessThan(400);
  expect(scaleFor(rows, { width: 1570, windowHeight: 1080 })).toBeGreaterThan(
    scaleFor(rows, { width: 1570, windowHeight: 800 }),
  );
});

test('pictures are to one scale, as wide as their planting grows, in the week asked for', () => {
  const { pictures, pxPerCm, lines } = laid(884);
  for (const { heightPx, slots } of lines.flat())
    for (const { id } of slots) {
      const { leftCm, rightCm } = extentOf(read(itOf.get(id)!));
      expect(pictures.get(id)).toMatchObject({
        widthPx: Math.round((leftCm + rightCm) * pxPerCm),
        heightPx,
        weeks: Math.min(YARD_WEEKS, read(itOf.get(id)!).weeks),
        lens: { pxPerCm },
      });
    }
});

test('what hangs is drawn where it hangs: its foot as far above the drawn ground as it is in the air, and the highest leaf inside the picture', () => {
  const { pictures, pxPerCm, lines } = laid(884);
  const hanging = lines.flat().filter(({ place }) => place.dropCm > 0);
  expect(hanging.map(({ place }) => place.kind).sort()).toEqual(['canopy', 'sill']);
  for (const { fromCm, heightPx, slots, place } of hanging)
    for (const { id, topPx } of slots) {
      const { lens } = pictures.get(id)!;
      const footCm = fromCm + (heightPx - lens.originY) / pxPerCm;
      expect(footCm).toBeGreaterThanOrEqual(place.dropCm - 0.01);
      const highest = lens.originY - extentOf(read(itOf.get(id)!)).aboveCm * pxPerCm;
      expect(highest).toBeGreaterThan(0);
      expect(topPx).toBeGreaterThanOrEqual(Math.floor(highest));
    }
});
