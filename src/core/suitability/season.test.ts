import { known, SUNNY } from '../../../tests/builders/plantings';
import type { ClimateId } from '../climate/climates';
import { isForShrubs, leastStay, ofTheSeason } from './season';
import { keptThere } from './shops';
import { usualEndWeek } from './usualStay';

const at = (climate: ClimateId, latitudeDeg: number, sunHours = 6) => ({
  ...SUNNY,
  sunHours,
  site: { ...SUNNY.site, climate, latitudeDeg },
});
const NORTH = at('cool-maritime', 52);
const GULF = at('warm-humid-subtropical', 28);
const stay = (plantedWeek: number, weeks: number, spot = NORTH) => ({
  plantedWeek,
  endWeek: ((plantedWeek + weeks - 1) % 52) + 1,
  spot,
});
const of = (id: string, ...when: Parameters<typeof stay>) => ofTheSeason(known(id), stay(...when));

test('a short stay from the end of summer is of the autumn: its flowers and grasses before evergreens', () => {
  expect(of('mum-bronze', 36, 11)).toBe(1);
  expect(of('fountain-grass-green', 36, 11)).toBe(1);
  expect(of('spindle-gold', 36, 11)).toBeLessThan(0.5);
  // A week too early, too late, or for too long it is not.
  expect(of('mum-bronze', 30, 11)).toBeLessThan(1);
  expect(of('spindle-gold', 41, 11)).toBeGreaterThan(0.5);
  expect(of('spindle-gold', 36, 19)).toBeGreaterThan(0.5);
});

test('a short stay from the end of winter is of the spring: its bedding, and no shrubs for a few weeks', () => {
  expect(of('pansy-blue', 10, 11)).toBe(1);
  expect(of('spindle-gold', 10, 11)).toBe(0);
  expect(isForShrubs(stay(10, 11))).toBe(false);
  // A week too early, or for too long, it is not.
  expect(isForShrubs(stay(5, 11))).toBe(true);
  expect(of('spindle-gold', 5, 11)).toBeGreaterThan(0.5);
  expect([isForShrubs(stay(10, 14)), isForShrubs(stay(1, 15))]).toEqual([false, true]);
});

test('a mild winter is one of flowers, a cold one of evergreens as well', () => {
  expect(of('spindle-gold', 45, 18)).toBeGreaterThan(of('spindle-gold', 45, 18, GULF));
  expect(of('petunia-white', 45, 18, GULF)).toBeGreaterThan(of('petunia-white', 45, 18));
  expect(of('pansy-blue', 45, 18, GULF)).toBe(1);
});

test('shrubs come first where they stay, or in a real winter', () => {
  const isFor = (...when: Parameters<typeof stay>) => isForShrubs(stay(...when));
  expect([isFor(14, 34), isFor(14, 35)]).toEqual([false, true]);
  expect([isFor(21, 20), isFor(44, 20), isFor(36, 11)]).toEqual([false, true, false]);
  expect(isFor(44, 20, GULF)).toBe(false);
});

test('shops keep nothing that lives for years where its first summer ends it; what lives a season they do', () => {
  const skimmia = known('skimmia-red-bud');
  expect(keptThere(skimmia, NORTH)).toBe(true);
  expect(keptThere(skimmia, GULF)).toBe(false);
  expect(keptThere(known('pansy-blue'), GULF)).toBe(true);
  expect(keptThere({ ...skimmia, cycle: 'annual' }, GULF)).toBe(true);
});

test('nor what wants a winter where summers are hot and no night is cool; a cool highland keeps it', () => {
  const [monsoon, highland] = [at('tropical-seasonal', 18), at('tropical-highland', 5)];
  const coralBells = known('coral-bells-silver');
  expect(keptThere(coralBells, monsoon)).toBe(false);
  expect(keptThere(coralBells, highland)).toBe(true);
  expect(keptThere(coralBells, NORTH)).toBe(true);
  // What takes no harm from a missing winter is kept.
  expect(keptThere({ ...coralBells, lowestC: -5 }, monsoon)).toBe(true);
});

test('a winter of days at 14 °C is one of flowers too; what is planted as summer ends may end with the frost', () => {
  const SOUTH = at('humid-subtropical', 31);
  expect(of('pansy-blue', 45, 18, SOUTH)).toBe(1);
  expect(isForShrubs(stay(45, 18, SOUTH))).toBe(false);
  expect(isForShrubs(stay(45, 18))).toBe(true);
  // Planted at the end of July or sooner it has the summer before it.
  expect([leastStay(stay(30, 12)), leastStay(stay(31, 12)), leastStay(stay(36, 20))]).toEqual([
    0.85, 0.7, 0.85,
  ]);
});

test('where nobody says until when, summer plantings are looked at until the frost, others for half a year; south of the equator as well', () => {
  expect([7, 8, 20, 34, 35].map((week) => usualEndWeek(week, NORTH))).toEqual([33, 42, 42, 42, 9]);
  const south = at('southern-temperate', -38);
  for (const week of [8, 20, 34, 35])
    expect(usualEndWeek(((week + 25) % 52) + 1, south)).toBe(
      ((usualEndWeek(week, NORTH) + 25) % 52) + 1,
    );
  // Without seasons there is no frost to wait for.
  expect(usualEndWeek(20, at('tropical-wet', 3))).toBe(46);
});

test('autumn and spring begin and end in their weeks', () => {
  expect(
    [30, 31, 40, 41].map(
      (week) => of('mum-bronze', week, 8) === 1 && of('spindle-gold', week, 8) < 0.5,
    ),
  ).toEqual([false, true, true, false]);
  expect([5, 6].map((week) => isForShrubs(stay(week, 10)))).toEqual([true, false]);
  // Eighteen weeks of autumn at most, fourteen of spring.
  expect([leastStay(stay(36, 18)), leastStay(stay(36, 19))]).toEqual([0.7, 0.85]);
});
