import { USUAL_HOUSE } from '../plantings/house';
import fc from 'fast-check';
import { BOOK } from '../plants/book/index';
import { known, planted, SUNNY } from '../../../tests/builders/plantings';
import { applyEdit } from '../plantings/edits';
import { inSpot } from '../plantings/planting';
import { kindOf } from '../plants/book/index';
import {
  betaResponse,
  conditionsAt,
  freely,
  lightFactor,
  warmthByWeek,
  warmthFactor,
} from './conditions';
import { foresee, sizeAlone, type Grower } from './foresee';
import { growthShare, logisticStep, seasonShare } from './growth';
import { seasonOf } from './seasonOf';

const grower = (id: string, xCm = 0, zCm = 0, size: Grower['size'] = '9cm'): Grower => ({
  kind: known(id),
  size,
  xCm,
  zCm,
});
const FREE = freely(12);

test('a plant alone never shrinks through the season, and never passes its full size', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...BOOK),
      fc.integer({ min: 0, max: 25 }),
      fc.double({ min: 1, max: 12, noNaN: true }),
      (kind, week, hours) => {
        const season = foresee(
          [{ kind, size: kind.sold[0]!.size, xCm: 0, zCm: 0 }],
          freely(hours),
          20,
        );
        const [now, later] = [season.at(week)[0]!.share, season.at(week + 1)[0]!.share];
        expect(later).toBeGreaterThanOrEqual(now);
        expect(later).toBeLessThanOrEqual(1);
      },
    ),
    { seed: 51 },
  );
});

test('in good light and warmth a kind is nine tenths grown in its weeks to fill; week by week comes to the closed form', () => {
  for (const id of ['petunia-white', 'flax-bronze', 'ivy-green']) {
    const kind = known(id);
    expect(growthShare(kind, '9cm', kind.weeksToFill, 1)).toBeCloseTo(0.9, 6);
    const hours = kind.light.hours[0] + 2;
    const whole = Math.floor(kind.weeksToFill);
    expect(sizeAlone(kind, { size: '9cm', week: 20 }, whole, freely(hours)).share).toBeCloseTo(
      growthShare(kind, '9cm', whole, 1),
      6,
    );
  }
});

test('worked values of the logistic curve and of the temperature response', () => {
  // 8 cm toward 40, r .07 a day.
  expect(40 * logisticStep(8 / 40, 1, 0.07 * 20)).toBeCloseTo(20.14, 2);
  expect(40 * logisticStep(8 / 40, 1, 0.07 * 60)).toBeCloseTo(37.74, 2);
  expect(betaResponse(10, [5, 24, 38])).toBeCloseTo(0.327, 3);
  expect(betaResponse(18, [5, 24, 38])).toBeCloseTo(0.854, 3);
  expect(betaResponse(30, [5, 24, 38])).toBeCloseTo(0.829, 3);
  expect([betaResponse(5, [5, 24, 38]), betaResponse(38, [5, 24, 38])]).toEqual([0, 0]);
});

test('less light, cold and hunger slow growth; enough light is enough', () => {
  const petunia = known('petunia-white');
  expect(lightFactor(petunia, { sunHours: petunia.light.hours[0] })).toBe(1);
  expect(lightFactor(petunia, { sunHours: petunia.light.hours[0] - 0.5 })).toBeLessThan(1);
  const at = (change: Partial<typeof FREE>, weeks = 12) =>
    sizeAlone(petunia, { size: '9cm', week: 20 }, weeks, { ...FREE, ...change });
  expect(at({ sunHours: 2 }, 6).spreadCm).toBeLessThan(at({}, 6).spreadCm);
  expect(at({ warmthC: [11] }, 6).spreadCm).toBeLessThan(at({}, 6).spreadCm);
  expect(at({ hungryFromWeek: 5 }).bloom).toBeLessThan(at({}).bloom);
  // Hunger begins when the mix has nothing left, not before.
  expect(at({ hungryFromWeek: 5 }, 5)).toEqual(at({}, 5));
  // What bears frost grows in weather in which tender plants stand still.
  expect(warmthFactor(known('ivy-green'), 9)).toBeGreaterThan(warmthFactor(petunia, 9) * 2);
});

test('little mix for many keeps them smaller, by the power law of roots', () => {
  const alone = foresee([grower('petunia-white')], { ...FREE, mixL: 1.2 }, 20).at(20)[0]!;
  const quarter = foresee([grower('petunia-white')], { ...FREE, mixL: 0.3 }, 20).at(20)[0]!;
  expect(quarter.spreadCm / alone.spreadCm).toBeCloseTo(0.788, 2);
  expect(foresee([grower('petunia-white')], { ...FREE, mixL: 400 }, 20).at(20)).toEqual(
    foresee([grower('petunia-white')], FREE, 20).at(20),
  );
});

test('a tall leafy neighbour takes light: the shaded one flowers less and stays smaller; far apart both are as alone', () => {
  const near = foresee(
    [grower('canna-bronze', 0, 0, '3L'), grower('petunia-white', 6, 6)],
    { ...FREE, sunHours: 7 },
    20,
  ).at(14);
  const far = foresee(
    [grower('canna-bronze', 0, 0, '3L'), grower('petunia-white', 200, 0)],
    { ...FREE, sunHours: 7 },
    20,
  ).at(14);
  expect(near[1]!.shaded).toBeGreaterThan(0.3);
  expect(near[1]!.bloom).toBeLessThan(far[1]!.bloom);
  expect(near[1]!.share).toBeLessThan(far[1]!.share);
  expect(far[1]!.shaded).toBe(0);
  expect(near[0]).toEqual(far[0]);
});

test('a trim sets a plant back, its flowers return, and what it shaded gains', () => {
  const plants = [grower('potato-vine-lime', 0, 0), grower('coral-bells-plum', 8, 0)];
  const without = foresee(plants, { ...FREE, sunHours: 6 }, 20);
  const trimmed = foresee(
    plants,
    { ...FREE, sunHours: 6, trims: [{ plant: 0, weeks: 6, cut: 0.4 }] },
    20,
  );
  expect(trimmed.at(5)).toEqual(without.at(5));
  expect(trimmed.at(6)[0]!.share).toBeCloseTo(without.at(6)[0]!.share * 0.6, 6);
  expect(trimmed.at(7)[0]!.share).toBeCloseTo(trimmed.at(6)[0]!.share, 6);
  expect(trimmed.at(14)[0]!.share).toBeGreaterThan(trimmed.at(7)[0]!.share);
  expect(trimmed.at(8)[1]!.shaded).toBeLessThanOrEqual(without.at(8)[1]!.shaded);
  const petunia = (trims: (typeof FREE)['trims'], week: number) =>
    foresee([grower('petunia-white')], { ...FREE, trims }, 20).at(week)[0]!.bloom;
  const cut = [{ plant: 0, weeks: 8, cut: 0.4 }];
  expect(petunia(cut, 9)).toBeLessThan(petunia([], 9) * 0.7);
  expect(petunia(cut, 13)).toBeGreaterThan(petunia(cut, 9));
});

test('the order in which plants are listed does not matter, nor which side is left', () => {
  const plants = [
    grower('canna-bronze', 0, -5, '3L'),
    grower('petunia-white', 9, 6),
    grower('coleus-lime', -9, 3),
  ];
  const sizes = foresee(plants, FREE, 20).at(12);
  expect(foresee([...plants].reverse(), FREE, 20).at(12)).toEqual([...sizes].reverse());
  expect(
    foresee(
      plants.map((p) => ({ ...p, xCm: -p.xCm })),
      FREE,
      20,
    ).at(12),
  ).toEqual(sizes);
});

test('warmth by week follows the climate, in either half of the earth; a planting starts at its own week', () => {
  const year = warmthByWeek(SUNNY);
  expect(Math.max(...year)).toBe(Math.max(year[28]!, year[29]!, year[30]!, year[27]!));
  const south = warmthByWeek({ ...SUNNY, site: { ...SUNNY.site, latitudeDeg: -38 } });
  expect(south[2]!).toBeGreaterThan(south[28]!);
  const it = planted([['petunia-white', 0, 0]]);
  expect(
    conditionsAt(it.spot, {
      container: it.planting.container,
      plantedWeek: 21,
      feeding: 'as usual',
      trims: [],
    }).warmthC[0],
  ).toBe(year[20]);
});

test('a planned trim of a planting is in its season, and goes with its plant', () => {
  const it = planted([
    ['petunia-white', 0, 0],
    ['coleus-lime', 10, 0],
  ]);
  const trimmed = inSpot(
    applyEdit(it.planting, { kind: 'trim', place: 'p1', weeks: 4, cut: 0.4 }),
    it.spot,
    kindOf,
    USUAL_HOUSE,
  );
  expect(seasonOf(trimmed).at(4)[1]!.share).toBeLessThan(seasonOf(it).at(4)[1]!.share);
  expect(seasonOf(trimmed).at(3)).toEqual(seasonOf(it).at(3));
  const back = applyEdit(trimmed.planting, { kind: 'untrim', place: 'p1', weeks: 4 });
  expect(back).toEqual(it.planting);
});

test('flowering swells, holds and fades, round the end of the year too', () => {
  expect(seasonShare([20, 30], 19)).toBe(0);
  expect(seasonShare([20, 30], 20)).toBeCloseTo(1 / 3);
  expect(seasonShare([20, 30], 25)).toBe(1);
  expect(seasonShare([20, 30], 31)).toBe(0);
  expect(seasonShare([46, 10], 2)).toBe(1);
  expect(seasonShare([46, 10], 20)).toBe(0);
});

test('a larger nursery pot starts larger', () => {
  const flax = known('cabbage-palm-red');
  expect(growthShare(flax, '2L', 0, 1)).toBeGreaterThan(growthShare(flax, '9cm', 0, 1));
});

test('on the day of planting, and before it, a plant is what it was in its nursery pot', () => {
  for (const id of ['petunia-white', 'ivy-green', 'canna-bronze']) {
    const kind = known(id);
    const { size } = kind.sold[0]!;
    expect(growthShare(kind, size, 0, 1)).toBe(growthShare(kind, size, 9, 0));
    expect(growthShare(kind, size, -3, 1)).toBe(growthShare(kind, size, 0, 1));
    expect(growthShare(kind, size, 1, 1)).toBeGreaterThan(growthShare(kind, size, 0, 1));
  }
});

test('a trimmed plant ends a little lower than one that was left alone; a trim of another plant, or of a week that does not come, changes nothing', () => {
  const grown = (trims: (typeof FREE)['trims']) =>
    foresee([grower('petunia-white'), grower('coleus-lime', 90, 0)], { ...FREE, trims }, 24);
  const alone = grown([]);
  const cut = grown([{ plant: 0, weeks: 6, cut: 0.4 }]);
  // The knife takes an eighth of what it can become, for good.
  const ratio = cut.at(24)[0]!.heightCm / alone.at(24)[0]!.heightCm;
  expect(ratio).toBeLessThan(0.93);
  expect(ratio).toBeGreaterThan(0.8);
  expect(cut.at(24)[1]).toEqual(alone.at(24)[1]);
  expect(grown([{ plant: 0, weeks: 40, cut: 0.4 }]).at(24)).toEqual(alone.at(24));
  expect(grown([{ plant: 7, weeks: 6, cut: 0.4 }]).at(24)).toEqual(alone.at(24));
  // Two trims, told in any order, are two trims, each in its week.
  const [early, late] = [
    { plant: 0, weeks: 4, cut: 0.3 },
    { plant: 0, weeks: 9, cut: 0.3 },
  ];
  const both = grown([late, early]);
  for (const week of [3, 4, 8, 9, 10, 20])
    expect(both.at(week)).toEqual(grown([early, late]).at(week));
  expect(both.at(8)).toEqual(grown([early]).at(8));
  expect(both.at(9)[0]!.share).toBeLessThan(grown([early]).at(9)[0]!.share);
});

test('what flowers in every week of the year flowers at its best in all of them, also where one year meets the next', () => {
  for (const week of [1, 2, 26, 51, 52]) expect(seasonShare([1, 52], week)).toBe(1);
  expect(seasonShare([1, 51], 1)).toBeLessThan(1);
  expect(seasonShare([1, 51], 52)).toBe(0);
});
