import { isTender } from '../plants/tender';
import { depthWantedCm } from '../plants/rooting';
import { BASKET, BOX, known, SUNNY, TUB } from '../../../tests/builders/plantings';
import { mixL, visibleHeightCm } from '../containers/container';
import type { PlantKind } from '../plants/kind';
import { flowerWorth } from './interest';
import { easeInLight, lightFit } from './light';
import { asksTall, goodRatios, wishedRatios } from './proportion';
import { HIGHEST_CM } from '../plantings/heights';
import { isStrong, overruns } from './vigour';
import { driesOut, mayShareWatering, shareWatering, thirstMatch } from './watering';

const plain = known('petunia-white');
const like = (change: Partial<PlantKind>): PlantKind => ({ ...plain, ...change });
const inHours = (
  least: number,
  most: number,
  afternoon: PlantKind['light']['afternoon'] = plain.light.afternoon,
) => like({ light: { ...plain.light, hours: [least, most], afternoon } });
const sun = (sunHours: number, sunWhen = 'spread') => ({ sunHours, sunWhen });

test('half an hour short of sun and an hour too much are no fault; beyond, each hour costs', () => {
  const kind = inHours(4, 7);
  for (const hours of [3.5, 4, 7, 8])
    expect([hours, lightFit(kind, sun(hours))]).toEqual([hours, { score: 1, fault: 'none' }]);
  expect(lightFit(kind, sun(3.4)).fault).toBe('dark');
  expect(lightFit(kind, sun(2.5)).score).toBeCloseTo(0.7, 9);
  expect(lightFit(kind, sun(8.1)).fault).toBe('bright');
  expect(lightFit(kind, sun(10)).score).toBeCloseTo(0.6, 9);
  expect(lightFit(kind, sun(0)).score).toBeCloseTo(0, 1);
  // One that thrives in twelve hours thrives in sixteen.
  expect(lightFit(inHours(6, 12), sun(16))).toEqual({ score: 1, fault: 'none' });
  expect(lightFit(inHours(6, 11.9), sun(16)).fault).toBe('bright');
});

test('afternoon sun of more than three hours scorches those that it scorches', () => {
  const tender = inHours(2, 6, 'scorches');
  expect(lightFit(tender, sun(4, 'afternoon'))).toEqual({ score: 0.55, fault: 'scorched' });
  expect(lightFit(tender, sun(3, 'afternoon')).fault).toBe('none');
  expect(lightFit(tender, sun(4, 'morning')).fault).toBe('none');
  // Too dark is the graver word.
  expect(lightFit(inHours(6, 9, 'scorches'), sun(4, 'afternoon')).fault).toBe('dark');
});

test('at ease: wholly an hour inside the range, half at its end, not at all two hours beyond', () => {
  const ease = (hours: number) => easeInLight(inHours(4, 8), { sunHours: hours });
  expect([5, 6, 7].map(ease)).toEqual([1, 1, 1]);
  expect([4, 8].map(ease)).toEqual([0.5, 0.5]);
  expect(ease(4.5)).toBeCloseTo(0.75, 9);
  expect([3, 9].map(ease)).toEqual([0.25, 0.25]);
  expect([2, 10, 0].map(ease)).toEqual([0, 0, 0]);
  // No end where there is none: shade plants in the dark, sun plants all day.
  expect(easeInLight(inHours(0, 4), { sunHours: 0 })).toBe(1);
  expect(easeInLight(inHours(6, 12), { sunHours: 15 })).toBe(1);
});

test('a height that is wished for stands in the place of what looks right: low has a most, tall a least', () => {
  const pot = visibleHeightCm(TUB);
  const at = (tallestCm: readonly [number, number]) =>
    wishedRatios(TUB, { tallestCm }).map((ratio) => Math.round(ratio * pot));
  expect(wishedRatios(TUB, {})).toEqual(goodRatios(TUB));
  // Low: at most so much, and as low as one likes.
  expect(at([0, 20])).toEqual([0, 20]);
  // Tall: at least so much, up to four fifths more where the usual is less.
  expect(at([100, HIGHEST_CM])).toEqual([100, 180]);
  expect(at([pot * 0.5, HIGHEST_CM])[1]).toBe(Math.round(pot * 2.1));
  expect(at([60, 90])).toEqual([60, 90]);
  expect(
    [{}, { tallestCm: [0, 30] as const }, { tallestCm: [1, 30] as const }].map(asksTall),
  ).toEqual([false, false, true]);
});

test('how tall looks right goes with the container: low and wide bears more, hung less, long most', () => {
  expect(goodRatios(TUB)).toEqual([0.9, 2.1]);
  expect(goodRatios(BOX)).toEqual([0.9, 2.6]);
  expect(goodRatios(BASKET)).toEqual([0.6, 2.1]);
  const bowl = (depthCm: number) =>
    goodRatios({ ...TUB, shape: { kind: 'bowl', topCm: 50, depthCm } });
  expect(bowl(18)).toEqual([1.3, 2.4]);
  // A dish is for mats and rosettes.
  expect([bowl(16), bowl(16.1)]).toEqual([
    [0.6, 2.4],
    [1.3, 2.4],
  ]);
  // Deep from a tenth more than half its width on.
  const pot = (depthCm: number) =>
    goodRatios({ ...TUB, shape: { kind: 'cylinder', topCm: 40, depthCm } })[0];
  expect([pot(21.9), pot(22.1)]).toEqual([1.3, 0.9]);
});

test('a strong kind overruns one two steps weaker, and no other', () => {
  const of = (vigour: number) => ({ vigour: vigour as PlantKind['vigour'] });
  expect([3, 4, 5].map((vigour) => isStrong(of(vigour)))).toEqual([false, true, true]);
  expect(overruns(of(4), of(2))).toBe(true);
  expect(overruns(of(4), of(3))).toBe(false);
  expect(overruns(of(3), of(1))).toBe(false);
  expect(overruns(of(5), of(3))).toBe(true);
});

test('one can for both: by steps of thirst, by who must dry out, by who rots', () => {
  const drinks = (thirst: PlantKind['thirst'], change: Partial<PlantKind> = {}) =>
    like({ thirst, dryBetween: false, cycle: 'perennial', ...change });
  const fleshy = (cycle: PlantKind['cycle'], lowestC = 2) =>
    like({ thirst: 'low', dryBetween: true, cycle, lowestC });
  expect(thirstMatch(drinks('high'), drinks('high'))).toBe(1);
  expect(thirstMatch(drinks('high'), drinks('medium'))).toBe(1);
  expect(thirstMatch(drinks('high'), drinks('low'))).toBe(0.68);
  expect(thirstMatch(fleshy('succulent'), fleshy('desert succulent'))).toBe(0.66);
  expect(thirstMatch(fleshy('succulent'), fleshy('succulent'))).toBe(1);
  const beside = (dry: PlantKind) =>
    (['low', 'medium', 'high'] as const).map((thirst) => thirstMatch(drinks(thirst), dry));
  expect(beside(fleshy('succulent'))).toEqual([0.7, 0.3, 0]);
  // Houseleeks live through wet winters, as silver leaves do.
  expect(beside(fleshy('succulent', -20))).toEqual([0.8, 0.66, 0.3]);
  expect(beside(like({ thirst: 'low', dryBetween: true, cycle: 'shrub' }))).toEqual([
    0.8, 0.66, 0.3,
  ]);
  // It does not matter who is asked first.
  expect(thirstMatch(fleshy('succulent'), drinks('high'))).toBe(0);
  expect(mayShareWatering(drinks('high'), fleshy('succulent'))).toBe(false);
  expect(mayShareWatering(drinks('medium'), fleshy('succulent', -20))).toBe(true);
  expect(shareWatering(drinks('medium'), fleshy('succulent', -20))).toBe(false);
  expect(shareWatering(drinks('low'), fleshy('succulent'))).toBe(true);
});

test('it dries out between waterings that are farther apart than it bears: longer in more mix, in shade, over a store, if it must dry', () => {
  const potOf = (litres: number) => {
    // A cylinder of forty centimetres, as deep as it takes.
    let depthCm = 10;
    const made = () => ({ ...TUB, shape: { kind: 'cylinder', topCm: 40, depthCm } }) as typeof TUB;
    while (mixL(made()) < litres) depthCm += 0.05;
    return made();
  };
  const dries = (
    everyDays: number,
    change: Partial<PlantKind> = {},
    { litres = 15, sunHours = 6, reservoirL = 0, by = 'can' } = {},
  ) =>
    driesOut(like({ thirst: 'medium', dryBetween: false, ...change }), {
      spot: {
        ...SUNNY,
        sunHours,
        waters: { ...SUNNY.waters, everyDays, by: by as never, reservoirL },
      },
      container: potOf(litres),
    });
  expect([dries(3), dries(3.4)]).toEqual([false, true]);
  expect([dries(1.5, { thirst: 'high' }), dries(1.8, { thirst: 'high' })]).toEqual([false, true]);
  expect([dries(7.8, { thirst: 'low' }), dries(8.4, { thirst: 'low' })]).toEqual([false, true]);
  expect([dries(9.4, { dryBetween: true }), dries(10, { dryBetween: true })]).toEqual([
    false,
    true,
  ]);
  // Twice the mix bears 2 ^ .4 as long, no sun at all half as long again, two litres below it a day more.
  expect([dries(4.1, {}, { litres: 30 }), dries(4.4, {}, { litres: 30 })]).toEqual([false, true]);
  expect([dries(4.7, {}, { sunHours: 0 }), dries(5, {}, { sunHours: 0 })]).toEqual([false, true]);
  expect([dries(4.1, {}, { reservoirL: 2 }), dries(4.4, {}, { reservoirL: 2 })]).toEqual([
    false,
    true,
  ]);
  expect(dries(14, {}, { by: 'drip' })).toBe(false);
  expect(dries(1, { thirst: 'high' }, { litres: 1 })).toBe(false);
});

test('flowers are worth more, the more of the plant they cover, and no more than all', () => {
  const worth = (cover: number) => flowerWorth(like({ bloom: { ...plain.bloom!, cover } }));
  expect(flowerWorth(like({ bloom: null }))).toBe(0);
  expect(worth(0)).toBeCloseTo(0.45, 9);
  expect(worth(0.2)).toBeCloseTo(0.71, 9);
  expect(worth(0.9)).toBe(1);
});

test('how deep roots want it goes by height, past its limits only; what bears four degrees of frost is no tender plant', () => {
  const high = (cm: number, cycle: PlantKind['cycle']) =>
    depthWantedCm(like({ heightCm: [cm, cm], cycle, fruit: null }));
  expect([40, 41, 90, 91].map((cm) => high(cm, 'annual'))).toEqual([12, 18, 18, 25]);
  expect([40, 41, 90, 91].map((cm) => high(cm, 'perennial'))).toEqual([15, 22, 22, 30]);
  expect([50, 51, 120, 121].map((cm) => high(cm, 'shrub'))).toEqual([20, 30, 30, 40]);
  expect([-4, -3.9].map((lowestC) => isTender({ lowestC }))).toEqual([false, true]);
});
