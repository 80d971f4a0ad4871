import fc from 'fast-check';
import { known, SUNNY, TUB } from '../../../tests/builders/plantings';
import { CLIMATE_IDS, type ClimateId } from '../climate/climates';
import { usualContainer } from '../containers/usual';
import { BOOK } from '../plants/book/index';
import { yearOut } from '../spots/yearOut';
import { soldIn } from './shops';
import { rootsColdC, standingOf, type Stay } from './standing';

const stay = (
  climate: ClimateId,
  latitudeDeg: number,
  plantedWeek: number,
  endWeek: number,
  change: Partial<Stay> = {},
): Stay => ({
  plantedWeek,
  endWeek,
  container: TUB,
  spot: { ...SUNNY, site: { ...SUNNY.site, climate, latitudeDeg } },
  ...change,
});
const lostIn = (id: string, where: Stay) => standingOf(known(id), where).lost;

test('tender plants: too soon is lost at once, in time stands, too late is lost to the autumn', () => {
  const from = (week: number) => lostIn('petunia-white', stay('cool-maritime', 51.5, week, 40));
  expect(from(10)).toMatchObject({ weeks: 0, to: 'frost' });
  expect(from(21)).toBeNull();
  const late = lostIn('petunia-white', stay('cool-maritime', 51.5, 36, 2))!;
  expect(late.weeks).toBeGreaterThan(4);
  expect(late.weeks).toBeLessThan(12);
  expect(lostIn('ivy-green', stay('cool-maritime', 51.5, 40, 20))).toBeNull();
  // Half a year later on the other side of the earth.
  expect(lostIn('petunia-white', stay('cool-maritime', -42, 45, 12))).toBeNull();
  expect(lostIn('petunia-white', stay('cool-maritime', -42, 20, 40))).toMatchObject({ weeks: 0 });
  expect(lostIn('petunia-white', stay('tropical-wet', 2, 45, 20))).toBeNull();
});

test('roots die in a small pot before they do in a large one; the limits told are those the book has', () => {
  const week = { coldC: -15, nightC: -5, dayC: 1 };
  const pot = (topCm: number) =>
    usualContainer('Pot', { kind: 'round', topCm, baseCm: topCm * 0.8, depthCm: topCm }, 'plastic');
  const byPot = [14, 22, 40, 90].map((topCm) => rootsColdC(week, pot(topCm)));
  expect([...byPot].sort((a, b) => a - b)).toEqual(byPot);
  expect(byPot[3]! - byPot[0]!).toBeGreaterThan(3);
  // However thick the wall and large the ball, they hold four kelvin over the coldest day's mean at most.
  const trough = usualContainer(
    'Trough',
    { kind: 'round', topCm: 90, baseCm: 80, depthCm: 90 },
    'stone',
  );
  expect(rootsColdC(week, trough)).toBeCloseTo(-15 + 3 + 4, 6);
  expect(byPot[3]!).toBeLessThan(rootsColdC(week, trough));
  const lost = lostIn('coral-bells-black', stay('short-summer-continental', 46, 40, 16))!;
  expect(lost.to).toBe('frozen roots');
  expect(lost.atC).toBeLessThan(known('coral-bells-black').rootsC);
});

test('what is brought in at ten degrees is lost to cold nights, not to frost; covered for one it lives', () => {
  expect(lostIn('coleus-lime', stay('cool-maritime', 52, 17, 40))).toMatchObject({ weeks: 0 });
  expect(lostIn('coleus-lime', stay('cool-maritime', 52, 23, 39))).toBeNull();
  expect(lostIn('ti-plant-pink', stay('cool-maritime', 52, 23, 39))).toMatchObject({
    to: 'cold nights',
  });
});

test('only what shows in the weeks ahead counts: a tulip of November is worth little then, much in March', () => {
  const tulip = known('tulip-white');
  const at = (from: number, to: number) => standingOf(tulip, stay('cool-maritime', 52, from, to));
  expect(at(12, 20).shows).toBeGreaterThan(2 * at(22, 42).shows);
  expect(at(22, 42).flowering).toBe(0);
  expect(at(22, 42).present).toBeLessThan(0.3);
  const pansy = (from: number) =>
    standingOf(known('pansy-purple'), stay('cool-maritime', 52, from, 40)).lost;
  expect(pansy(14)).toMatchObject({ to: 'gone over' });
});

test('warmth: heat lovers idle by a cold sea, cool-season plants fail in damp heat, and at home are at ease', () => {
  const off = (id: string, climate: ClimateId, latitude: number) => {
    const { tooCool, tooHot, sulks } = standingOf(known(id), stay(climate, latitude, 22, 38));
    return [tooCool > 0, tooHot > 0, sulks > 0.7];
  };
  expect(off('angelonia-white', 'northern-maritime', 57)).toEqual([true, false, false]);
  expect(off('angelonia-white', 'humid-subtropical', 33)).toEqual([false, false, false]);
  expect(off('lobelia-white', 'humid-subtropical', 33)[1]).toBe(true);
  expect(off('lobelia-white', 'cool-maritime', 52)).toEqual([false, false, false]);
});

test('no week is colder than the coldest night of the year by more than a trifle, nor warmer at night than by day', () => {
  fc.assert(
    fc.property(fc.constantFrom(...CLIMATE_IDS), fc.constantFrom(-40, 40), (climate, latitude) => {
      const { spot } = stay(climate, latitude, 1, 52);
      for (const { coldC, nightC, dayC } of yearOut(spot).weeks) {
        expect(coldC).toBeLessThan(nightC);
        expect(nightC).toBeLessThan(dayC);
      }
    }),
    { seed: 18 },
  );
});

test('somewhere in every year something may be set out, in every climate of either half', () => {
  fc.assert(
    fc.property(fc.constantFrom(...CLIMATE_IDS), fc.constantFrom(-40, 40), (climate, latitude) => {
      const weeks = Array.from({ length: 52 }, (_, i) => i + 1);
      expect(
        weeks.some((week) => {
          const end = ((week + 7) % 52) + 1;
          return BOOK.some(
            (kind) => standingOf(kind, stay(climate, latitude, week, end)).lost === null,
          );
        }),
      ).toBe(true);
    }),
    { seed: 151, numRuns: 30 },
  );
});

test('shops: bedding is sold before the frosts are over, sooner in warm places, half a year later in the south', () => {
  const sold = (id: string, climate: ClimateId, latitude: number) =>
    Array.from({ length: 52 }, (_, i) => i + 1).filter((week) =>
      soldIn(known(id), week, stay(climate, latitude, 1, 52).spot),
    );
  const [here, warm, south] = [
    sold('petunia-white', 'cool-maritime', 52),
    sold('petunia-white', 'mediterranean-coast', 41),
    sold('petunia-white', 'southern-temperate', -37),
  ];
  expect([here[0], here[here.length - 1]]).toEqual([15, 28]);
  expect(warm[0]).toBeLessThan(here[0]!);
  expect(south).toContain(44);
  expect(south).not.toContain(20);
});

test('shops: what is tender is sold late only where warm days last eight weeks more', () => {
  const last = (climate: ClimateId, latitude: number) =>
    Array.from({ length: 52 }, (_, i) => i + 1).findLast((week) =>
      soldIn(known('busy-lizzie-white'), week, stay(climate, latitude, 1, 52).spot),
    );
  // No frost before December in either; days of 17 °C end in early October in the first, in mid November in the second.
  expect(last('mild-maritime', 50)).toBe(36);
  expect(last('mediterranean-coast', 42)).toBe(38);
});

test('a damp summer’s heat is borne because it ends: where it never does, for some weeks only', () => {
  const tooHot = (id: string, climate: ClimateId, latitude: number, weeks: number) =>
    standingOf(known(id), stay(climate, latitude, 18, 18 + weeks)).tooHot;
  const wet = (id: string, weeks: number) => tooHot(id, 'tropical-wet', 4, weeks);
  expect(wet('marguerite-pink', 12) - wet('marguerite-pink', 11)).toBeCloseTo(4, 0);
  expect(wet('star-cluster-red', 12)).toBeLessThanOrEqual(0.5);
  expect(wet('coleus-red', 30)).toBe(-Infinity);
  const humid = (weeks: number) => tooHot('marguerite-pink', 'humid-subtropical', 33, weeks);
  expect(humid(12) - humid(8)).toBeLessThan(2);
});

test('a stay of a few weeks may end with the heat: what comes in its last quarter is not counted', () => {
  const hot = (weeks: number) =>
    standingOf(known('nemesia-white'), stay('mediterranean-inland', 39, 12, 12 + weeks)).tooHot;
  const { weeks } = yearOut(stay('mediterranean-inland', 39, 12, 26).spot);
  const most = known('nemesia-white').summer.dryC!;
  // Fourteen weeks are looked at to the tenth, fifteen to the end.
  expect(hot(14)).toBeCloseTo(weeks[12 + 10 - 1]!.dayC - most, 6);
  expect(hot(15)).toBeCloseTo(weeks[12 + 15 - 1]!.dayC - most, 6);
});

test('shops: bedding of summer that a degree of frost would not kill waits for the frost as well, and is sooner where that is', () => {
  const sold = (id: string, week: number, climate: ClimateId, latitude: number) =>
    soldIn(known(id), week, stay(climate, latitude, 1, 52).spot);
  expect(known('marguerite-white').lowestC).toBeLessThan(0);
  expect(sold('marguerite-white', 13, 'cool-maritime', 52)).toBe(false);
  expect(sold('marguerite-white', 13, 'humid-subtropical', 33)).toBe(true);
  // What lives for years comes to the shops there when it does elsewhere.
  expect(
    sold('catmint-blue', known('catmint-blue').inShops[0]![0] - 1, 'humid-subtropical', 33),
  ).toBe(false);
});
