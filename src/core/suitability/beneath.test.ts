import { askFor } from '../../../tests/builders/ask';
import { known } from '../../../tests/builders/plantings';
import { hurdleOf } from '../search/ask';
import { proposeNow } from '../search/propose';
import { sleepsBeneath, soldDryIn, weeksAsleep, weeksToFlowers } from './beneath';
import { standingOf } from './standing';

const ask = askFor();
const NORTH = { site: { ...ask.spot.site, climate: 'cool-maritime' as const, latitudeDeg: 52 } };
const spot = { ...ask.spot, ...NORTH };
const stay = (plantedWeek: number, endWeek: number, at = spot) => ({
  plantedWeek,
  endWeek,
  spot: at,
});
const tulip = known('tulip-white');

test('bulbs of spring are sold dry in autumn, other things and other weeks are not', () => {
  expect([35, 36, 49, 50].map((week) => soldDryIn(tulip, week, spot))).toEqual([
    false,
    true,
    true,
    false,
  ]);
  expect(soldDryIn(known('autumn-crocus'), 40, spot)).toBe(false);
  expect(soldDryIn(known('pansy-blue'), 40, spot)).toBe(false);
  const south = {
    site: { ...spot.site, climate: 'southern-temperate' as const, latitudeDeg: -37 },
  };
  expect([16, 42].map((week) => soldDryIn(tulip, week, south))).toEqual([true, false]);
  const tropics = { site: { ...spot.site, climate: 'tropical-wet' as const, latitudeDeg: 5 } };
  expect(soldDryIn(tulip, 42, tropics)).toBe(false);
});

test('it sleeps beneath what stands to the end of its flowers, and not what goes before', () => {
  const [, last] = tulip.bloom!.weeks;
  expect(sleepsBeneath(tulip, stay(42, last))).toBe(true);
  expect(sleepsBeneath(tulip, stay(42, last - 1))).toBe(false);
  expect(weeksAsleep(tulip, stay(42, 22))).toBe(tulip.inLeaf[0] + 52 - 42);
  const inFlower = weeksToFlowers(tulip, stay(42, 22));
  expect(inFlower).toBeGreaterThan(weeksAsleep(tulip, stay(42, 22)));
  expect(inFlower).toBeLessThan(weeksToFlowers(known('tulip-green-striped'), stay(42, 22)) + 1);
});

test('asleep it is not gone: it is asked for from when it comes up', () => {
  const standing = standingOf(tulip, { ...stay(42, 22), container: ask.container });
  expect(standing.present).toBeGreaterThan(0.9);
  const hurdle = (plantedWeek: number, endWeek: number) =>
    hurdleOf(tulip, { ...ask, ...stay(plantedWeek, endWeek) });
  expect(hurdle(42, 22)).toBe(null);
  expect(hurdle(42, 8)).toBe('shops');
  expect(hurdle(30, 48)).toBe('shops');
});

test('what is planted in October for spring has bulbs beneath it, lower than its lead, and none in May', () => {
  const bulbsOf = (plantedWeek: number, endWeek: number) =>
    proposeNow(
      { ...ask, ...stay(plantedWeek, endWeek), wishes: { ...ask.wishes, fullInWeeks: 8 } },
      { wanted: 6, effort: 20, improve: 0 },
    ).map(({ places }) => places.filter(({ size }) => size === 'bulb'));
  const autumn = bulbsOf(42, 22);
  expect(autumn.length).toBeGreaterThan(0);
  expect(autumn.filter((bulbs) => bulbs.length >= 5).length).toBeGreaterThanOrEqual(
    autumn.length / 2,
  );
  // Not the same ones beneath them all.
  const sorts = new Set(autumn.flatMap((bulbs) => bulbs.map(({ kindId }) => kindId)));
  expect(sorts.size).toBeGreaterThan(1);
  for (const bulbs of bulbsOf(20, 40)) expect(bulbs).toEqual([]);
});
