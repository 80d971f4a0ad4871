import { planted } from '../../../tests/builders/plantings';
import { read } from './reading';
import { canopyM2, seasonCare } from './seasonCare';
import { yardSeason } from './yardSeason';

const at = (plantedWeek: number, endWeek: number) =>
  read(planted([['petunia-white', 0, 0]], { plantedWeek, endWeek }));

test('weeks of several plantings lie on one year: thirst and minutes add up where they overlap, what there is to see is their mean', () => {
  const [early, late] = [at(18, 30), at(22, 40)];
  const season = yardSeason([late, early])!;
  expect(season.fromWeek).toBe(18);
  expect(season.standing).toHaveLength(40 - 18 + 1);
  expect(season.standing[0]).toBe(1);
  expect(season.standing[6]).toBe(2);
  const [a, b] = [seasonCare(early), seasonCare(late)];
  expect(season.thirstL[6]).toBeCloseTo(a[6]!.thirstL + b[2]!.thirstL, 9);
  expect(season.minutes[20]).toBeCloseTo(b[16]!.minutes, 9);
  expect(Math.max(...season.interest, ...season.hidden)).toBeLessThanOrEqual(1);
});

test('one planted less than half a year before comes before; none is no season', () => {
  const season = yardSeason([at(20, 38), at(50, 16)])!;
  expect(season.fromWeek).toBe(50);
  expect(season.standing[0]).toBe(1);
  expect(season.standing.length).toBeLessThanOrEqual(60);
  expect(yardSeason([])).toBeNull();
});

test('leaves seen from above: one plant covers its disc, two in one place no more, two apart twice as much', () => {
  const cover = (...at: readonly (readonly [x: number, spreadCm: number])[]) =>
    canopyM2(
      {
        all: at.map(([xCm]) => ({ xCm, zCm: 0 })) as never,
        allSizesAt: () => at.map(([, spreadCm]) => ({ spreadCm })) as never,
      },
      0,
    );
  const disc = Math.PI * 0.2 ** 2;
  expect(cover([0, 40])).toBeCloseTo(disc, 3);
  expect(cover([0, 40], [0, 40])).toBeCloseTo(disc, 3);
  expect(cover([0, 40], [60, 40])).toBeCloseTo(2 * disc, 3);
  expect(cover()).toBe(0);
});
