import { askFor } from '../../../tests/builders/ask';
import { known } from '../../../tests/builders/plantings';
import { middle } from '../plants/kind';
import { grownHeightCm, hurdleOf, mayReplace } from '../search/ask';
import { bulbsFor, bulbsIn, withBulb } from '../search/bulbs';
import { eligible } from '../search/compose';
import { proposeNow } from '../search/propose';
import { sleepsBeneath, soldDryIn, weeksToFlowers } from './beneath';
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
    ...spot,
    site: { ...spot.site, climate: 'southern-temperate' as const, latitudeDeg: -37 },
  };
  expect([16, 42].map((week) => soldDryIn(tulip, week, south))).toEqual([true, false]);
  const tropics = {
    ...spot,
    site: { ...spot.site, climate: 'tropical-wet' as const, latitudeDeg: 5 },
  };
  expect(soldDryIn(tulip, 42, tropics)).toBe(false);
  // Tulips want a cold winter before they flower; what lives through no frost to speak of does not.
  const desert = {
    ...spot,
    site: { ...spot.site, climate: 'hot-desert' as const, latitudeDeg: 33 },
  };
  expect([spot, desert].map((at) => soldDryIn(tulip, 42, at))).toEqual([true, false]);
  expect(soldDryIn({ ...tulip, lowestC: -6 }, 42, desert)).toBe(true);
});

test('it sleeps beneath what stands to the end of its flowers, and not what goes before', () => {
  const [, last] = tulip.bloom!.weeks;
  expect(sleepsBeneath(tulip, stay(42, last))).toBe(true);
  expect(sleepsBeneath(tulip, stay(42, last - 1))).toBe(false);
  // In full flower in the middle of its weeks: from 16 to 20 that is 18, 28 weeks after 42.
  expect(tulip.bloom!.weeks).toEqual([16, 20]);
  expect(weeksToFlowers(tulip, stay(42, 22))).toBe(28);
});

test('asleep it is not gone: it is asked for from when it comes up', () => {
  const standing = standingOf(tulip, { ...stay(42, 22), container: ask.container });
  expect(standing.present).toBe(1);
  // Its four weeks and a half of flowers are told against the thirteen that it is up, not the thirty-three it is there.
  const inMarch = standingOf(tulip, { ...stay(10, 22), container: ask.container });
  expect(standing.flowering).toBeCloseTo(inMarch.flowering, 9);
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

test('what is seen from the first is never exchanged for what sleeps, nor the other way', () => {
  const autumn = { ...ask, ...stay(42, 22) };
  const [pansy, daffodil] = [known('pansy-blue'), known('daffodil-white')];
  expect(mayReplace(known('viola-orange'), pansy, autumn)).toBe(true);
  expect(hurdleOf(daffodil, autumn)).toBe(null);
  expect(mayReplace(daffodil, pansy, autumn)).toBe(false);
  expect(mayReplace(pansy, tulip, autumn)).toBe(false);
  expect(mayReplace(daffodil, tulip, autumn)).toBe(true);
  // In March all of them are in growth.
  const spring = { ...ask, ...stay(11, 22) };
  expect(mayReplace(daffodil, pansy, spring)).toBe(true);
});

test('what may be chosen to be seen leaves the sleepers out, but not one that is insisted on', () => {
  const autumn = { ...ask, ...stay(42, 22) };
  const sleepers = (must: readonly string[]) =>
    eligible({ ...autumn, wishes: { ...autumn.wishes, must } }).filter((kind) =>
      sleepsBeneath(kind, autumn),
    );
  expect(sleepers([])).toEqual([]);
  expect(sleepers([tulip.id]).map(({ id }) => id)).toEqual([tulip.id]);
  expect(bulbsFor(autumn).length).toBeGreaterThan(3);
  expect(bulbsFor({ ...autumn, wishes: { ...autumn.wishes, company: 'alpine' } })).toEqual([]);
});

test('a bulb beneath is no higher than what leads, comes up through the rest, and another one has its turn', () => {
  const autumn = { ...ask, ...stay(42, 22) };
  const yew = { kind: known('yew-column'), role: 'lead' as const };
  const pansy = { kind: known('pansy-blue'), role: 'body' as const };
  const heights = { lead: grownHeightCm(yew.kind), body: grownHeightCm(pansy.kind) };
  const bulbs = bulbsFor(autumn);
  const chosen = [0, 1, 2].map((turn) => withBulb([yew, pansy], bulbs, turn));
  for (const members of chosen) {
    const bulb = members.find(({ isBeneath }) => isBeneath)!;
    expect(middle(bulb.kind.heightCm)).toBeLessThan(heights.lead);
    expect(middle(bulb.kind.heightCm)).toBeGreaterThanOrEqual(0.9 * heights.body);
  }
  expect(new Set(chosen.map((members) => members[2]!.kind.id)).size).toBeGreaterThan(1);
  // Alone, or under what is lower than any bulb, there is none.
  expect(withBulb([yew], bulbs, 0)).toEqual([yew]);
  const mat = { kind: { ...yew.kind, heightCm: [3, 5] as const }, role: 'lead' as const };
  expect(withBulb([mat, pansy], bulbs, 0)).toEqual([mat, pansy]);
});

test('so many bulbs as there is mix for them, and never a handful too few or a sackful', () => {
  const count = (topCm: number) => {
    const shape = { kind: 'round', topCm, baseCm: topCm, depthCm: 30 } as const;
    return bulbsIn({ container: { ...ask.container, shape } });
  };
  expect([count(15), count(200)]).toEqual([5, 30]);
  expect(count(40)).toBeGreaterThan(5);
  expect(count(40)).toBeLessThan(count(50));
});
