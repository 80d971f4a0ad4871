import { USUAL_HOUSE } from '@/core/plantings/house';
import { plantedOf } from '@/ui/session/planted';
import { rillbankHalt } from '@/demo/rillbankHalt';
import { kindOf } from '@/core/plants/book/index';
import { read } from '@/core/checks/reading';
import { extentOf } from '@/core/seeing/framing';
import { linesOf, placeRow, rowPx, rowsOf, scaleFor, YARD_WEEKS } from './yardLayout';
import { SIDE_RULER_PX } from '@/ui/controls/rulerSize';

const { spots, plantings, entries } = rillbankHalt();
const house = USUAL_HOUSE;
const rows = rowsOf(plantedOf({ spots, plantings, entries, house }, kindOf));

test('every planting stands at its spot, and a spot without one takes no room', () => {
  expect(rows.flatMap(({ its }) => its.map(({ planting }) => planting.id)).sort()).toEqual(
    plantings.map(({ id }) => id).sort(),
  );
  for (const { spot, its } of rows)
    expect(its.every(({ planting }) => planting.spotId === spot.id)).toBe(true);
  const more = [...spots, { ...spots[0]!, id: 'bare' }];
  expect(rowsOf(plantedOf({ spots: more, plantings, entries, house }, kindOf))).toHaveLength(
    rows.length,
  );
});

test.each([884, 600, 340])(
  'on a ground %i px wide every line of rows fits it, unless one row alone is wider',
  (width) => {
    const scale = scaleFor(rows, width);
    expect(scale).toBeGreaterThanOrEqual(0.9);
    const lines = linesOf(rows, scale, width);
    expect(new Set(lines)).toEqual(new Set(rows));
    expect(lines).toHaveLength(rows.length);
    // Rows flow as words do: filling lines greedily in this order takes no more lines than rows one below the other.
    let [used, count] = [0, 1];
    for (const row of lines) {
      const need = rowPx(row, scale);
      if (used > 0 && used + 16 + need > width) [used, count] = [need, count + 1];
      else used += (used > 0 ? 16 : 0) + need;
      expect(need > width ? used === need : used <= width).toBe(true);
    }
    expect(count).toBeLessThanOrEqual(rows.length);
  },
);

test('a wider ground never makes drawings smaller, and a roomy one lets them grow past the usual', () => {
  const scales = [320, 500, 700, 900, 1149, 1200, 1700].map((width) => scaleFor(rows, width));
  expect(scales).toEqual([...scales].sort((a, b) => a - b));
  expect(scaleFor(rows, 1150)).toBeLessThanOrEqual(1.6);
  expect(scaleFor(rows, 1720)).toBeGreaterThan(1.6);
});

test('pictures of a row stand side by side in order, to one scale, without covering each other', () => {
  for (const row of rows) {
    const { placed, heightPx } = placeRow(row, YARD_WEEKS, 1.6);
    let free = SIDE_RULER_PX;
    for (const { it, leftPx, middlePx, picture } of placed) {
      expect(leftPx).toBeGreaterThanOrEqual(free);
      free = leftPx + picture.widthPx;
      expect(middlePx).toBeCloseTo(leftPx + picture.widthPx / 2, -0.5);
      const { leftCm, rightCm } = extentOf(read(it));
      expect(picture.widthPx).toBe(Math.round((leftCm + rightCm) * 1.6));
      expect([picture.heightPx, picture.lens.pxPerCm, picture.weeks]).toEqual([
        heightPx,
        1.6,
        Math.min(YARD_WEEKS, read(it).weeks),
      ]);
    }
  }
});

test('what hangs is drawn where it hangs: its foot as far above the drawn ground as it is in the air, and the highest leaf inside the picture', () => {
  const hanging = rows.filter(({ spot }) => spot.dropCm > 0);
  expect(hanging.length).toBeGreaterThan(0);
  for (const row of hanging) {
    const { placed, fromCm, heightPx } = placeRow(row, YARD_WEEKS, 1.5);
    for (const {
      it,
      picture: { lens },
    } of placed) {
      const footCm = fromCm + (heightPx - lens.originY) / 1.5;
      expect(footCm).toBeGreaterThanOrEqual(row.spot.dropCm - 0.01);
      expect(lens.originY - extentOf(read(it)).aboveCm * 1.5).toBeGreaterThan(0);
    }
  }
});
