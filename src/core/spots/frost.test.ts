import { CLIMATE_IDS } from '../climate/climates';
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
  // A little steadier, and there is a summer.
  const steady = at('subarctic', 68, {
    normals: { ...NONE, frost: { lastDay: 165, firstDay: 245, spreadDays: 8 } },
  });
  const summer = frostFreeWeeks(steady)!;
  expect(weeksBetween(summer.from, summer.to)).toBeGreaterThan(6);
});
