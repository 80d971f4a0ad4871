import fc from 'fast-check';
import { CLIMATE_IDS } from '../climate/climates';
import { frosted } from '../suitability/frost';
import { known } from '../../../tests/builders/plantings';
import { weeksBetween } from '../units/units';
import { climateHere, frostFreeWeeks } from './frost';
import { bookWeek, usualSpot, type Spot } from './spot';

const at = (
  climate: (typeof CLIMATE_IDS)[number],
  latitudeDeg: number,
  change: Partial<Spot> = {},
) =>
  usualSpot({
    id: 's',
    name: 'S',
    site: { latitudeDeg, longitudeDeg: 0, timeZone: 'UTC', climate },
    ...change,
  });
const NONE = { minC: null, maxC: null, rainMm: null, frost: null, coldestC: null, from: 'notes' };

test('weeks without frost begin after the careful spring date and end before the careful autumn one', () => {
  expect(frostFreeWeeks(at('cool-maritime', 51.5))).toEqual({ from: 19, to: 43 });
  expect(frostFreeWeeks(at('subarctic', 65))!.from).toBeGreaterThan(22);
  expect(frostFreeWeeks(at('tropical-wet', 2))).toBeNull();
});

test('in the south they go round the year’s end', () => {
  const weeks = frostFreeWeeks(at('cool-maritime', -42))!;
  expect(weeks.from).toBeGreaterThan(weeks.to);
  expect(weeksBetween(weeks.from, weeks.to)).toBe(25);
});

test('own frost dates rule over typical ones, and what was not told stays typical', () => {
  const own = at('cool-maritime', 51.5, {
    normals: { ...NONE, frost: { lastDay: 140, firstDay: 270, spreadDays: 5 } },
  });
  expect(frostFreeWeeks(own)!.from).toBeGreaterThan(20);
  expect(climateHere(own).maxC).toEqual(climateHere(at('cool-maritime', 51.5)).maxC);
  expect(
    climateHere(at('cool-maritime', 51.5, { normals: { ...NONE, coldestC: -14 } })).coldestC,
  ).toBe(-14);
});

test('tender plants: too soon, in time, too late; hardy ones are not asked', () => {
  const spot = at('cool-maritime', 51.5);
  const petunia = known('petunia-white');
  expect([18, 19, 30, 41, 42].map((week) => frosted(petunia, week, spot))).toEqual([
    true,
    false,
    false,
    false,
    true,
  ]);
  expect(frosted(known('ivy-green'), 4, spot)).toBe(false);
  expect([17, 4].map((week) => frosted(petunia, week, at('tropical-wet', 2)))).toEqual([
    false,
    false,
  ]);
  expect([45, 20].map((week) => frosted(petunia, week, at('cool-maritime', -42)))).toEqual([
    false,
    true,
  ]);
});

test('somewhere in every year a tender plant may be set out, in every climate of either half', () => {
  fc.assert(
    fc.property(fc.constantFrom(...CLIMATE_IDS), fc.constantFrom(-40, 40), (climate, latitude) => {
      const spot = at(climate, latitude);
      expect(
        Array.from({ length: 52 }, (_, i) => frosted(known('petunia-white'), i + 1, spot)).some(
          (late) => !late,
        ),
      ).toBe(true);
    }),
    { seed: 151 },
  );
});

test('the book’s weeks are turned by half a year in the south, and turned back are themselves', () => {
  expect([1, 20, 27, 52].map((week) => bookWeek(week, at('cool-maritime', 51.5)))).toEqual([
    1, 20, 27, 52,
  ]);
  const south = at('cool-maritime', -35);
  for (let week = 1; week <= 52; week += 1)
    expect(bookWeek(bookWeek(week, south), south)).toBe(week);
  expect(bookWeek(46, south)).toBe(20);
});

test('where frost may come on any night the careful dates cross: no week is safe, and winter least of all', () => {
  const spot = at('subarctic', 68, {
    normals: { ...NONE, frost: { lastDay: 185, firstDay: 215, spreadDays: 14 } },
  });
  const free = frostFreeWeeks(spot)!;
  expect(free.from).toBe(free.to);
  for (const week of [2, 20, 29, 45])
    expect(frosted(known('petunia-white'), week, spot)).toBe(true);
  // A little steadier, and there is a summer.
  const steady = at('subarctic', 68, {
    normals: { ...NONE, frost: { lastDay: 165, firstDay: 245, spreadDays: 8 } },
  });
  const summer = frostFreeWeeks(steady)!;
  expect(weeksBetween(summer.from, summer.to)).toBeGreaterThan(6);
  expect(frosted(known('petunia-white'), summer.from, steady)).toBe(false);
});
