import fc from 'fast-check';
import { anyShape } from '../../../tests/builders/shapes';
import { mixL } from '../containers/container';
import { airShare, MIX_IDS, MIXES, mixFactsOf, mixWeights } from '../containers/mixes';
import { formOf } from '../containers/shape';
import { usualContainer } from '../containers/usual';
import { lifting, weightOf } from '../containers/weight';
import { BOOK, kindOf } from '../plants/book/index';
import { NURSERY_SIZES } from '../plants/nursery';
import { shelfKind, SHIPPED } from '../shelf/shipped';
import { fillingOf, SETTLING, wetZone } from './filling';
import { mixFit } from './mixFit';
import { frostRisk, rootsColderK, sunHeatK } from './rootZone';
import { depthWantedCm, hatesLime, rootsIn } from '../plants/rooting';
import { floorPressureKPa, tippingOf, tipSpeedMs, windName } from './tipping';

const POT30 = {
  ...usualContainer('p', { kind: 'round', topCm: 30, baseCm: 22, depthCm: 28 }, 'terracotta'),
  headspaceCm: 3,
};
const known = (id: string) => kindOf(id)!;

test('worked example: 20 kg on a base of 24 cm with .3 m² of sail at 60 cm tips at 14.6 m/s', () => {
  expect(tipSpeedMs({ kg: 20, baseCm: 24, sailM2: 0.3, middleCm: 60, drag: 1 })).toBeCloseTo(
    14.6,
    1,
  );
});

test('worked example: the 30 cm pot weighs 6.34 kg dry and 7.10 wet; of plastic .62', () => {
  const walls = weightOf(POT30, 0).parts.find(({ part }) => part === 'walls')!;
  expect(walls.dryKg).toBeCloseTo(6.34, 1);
  expect(walls.wateredKg).toBeCloseTo(7.1, 1);
  expect(weightOf({ ...POT30, material: 'plastic' }, 0).emptyKg).toBeCloseTo(0.62, 1);
});

test('worked examples: a planted terracotta pot of 30 cm comes to about 18.7 kg, a soaked basket of 30 cm to about 7.6', () => {
  const pot = weightOf(POT30, 0.2);
  // For loads the mix is taken at its capacity and 15 % more.
  const mix = pot.parts.find(({ part }) => part === 'mix')!;
  expect(Math.abs(pot.wateredKg + 0.15 * mix.wateredKg - 18.7)).toBeLessThan(0.2);
  expect(weightOf(shelfKind('Hanging basket, 30'), 0.2).soakedKg).toBeGreaterThan(7.6 * 0.88);
  expect(weightOf(shelfKind('Hanging basket, 30'), 0.2).soakedKg).toBeLessThan(7.6 * 1.12);
});

test('weights: parts add up, dry is lighter than watered and that than soaked, a scale wins over the reckoning', () => {
  for (const container of SHIPPED) {
    const weight = weightOf(container, 0.15);
    for (const state of ['dryKg', 'wateredKg', 'soakedKg'] as const)
      expect(weight.parts.reduce((sum, part) => sum + part[state], 0)).toBeCloseTo(
        weight[state],
        9,
      );
    expect([
      container.name,
      weight.dryKg < weight.wateredKg && weight.wateredKg < weight.soakedKg && weight.emptyKg > 0,
    ]).toEqual([container.name, true]);
  }
  expect(weightOf({ ...POT30, weighedKg: 8.2 }, 0).emptyKg).toBe(8.2);
});

test('a water store weighs what it holds, on top of less mix', () => {
  const plain = weightOf(
    usualContainer('t', { kind: 'cylinder', topCm: 40, depthCm: 40 }, 'plastic'),
    0,
  );
  const stored = weightOf(
    {
      ...usualContainer('t', { kind: 'cylinder', topCm: 40, depthCm: 40 }, 'plastic'),
      reservoirL: 10,
    },
    0,
  );
  expect(stored.parts.find(({ part }) => part === 'reservoir')!.wateredKg).toBe(10);
  expect(stored.wateredKg - plain.wateredKg).toBeCloseTo(10 * (1 - 0.77), 2);
});

test('worked example: 120 kg on a quarter of a square metre press 4.71 kPa', () => {
  const side = Math.sqrt(2500) - 2 * 0.25;
  expect(
    floorPressureKPa(
      usualContainer('s', { kind: 'square', topCm: side, baseCm: side, depthCm: 40 }, 'plastic'),
      120,
    ),
  ).toBeCloseTo(4.71, 2);
});

test('filling: what is bought is what is left over by the balls, and settling', () => {
  const filling = fillingOf(POT30, ['3L', '9cm', '9cm'], false);
  const balls = NURSERY_SIZES['3L'].ballL + 2 * NURSERY_SIZES['9cm'].ballL;
  expect(filling.netL).toBeCloseTo(12.923 - balls, 2);
  expect(filling.buyL).toBeCloseTo(filling.netL * (1 + SETTLING), 9);
  expect(filling.rimInViewCm).toBeCloseTo((Math.PI * 30) / 2, 6);
  expect(
    fillingOf(
      POT30,
      Array.from({ length: 30 }, () => '3L' as const),
      false,
    ).netL,
  ).toBe(0);
});

test('filled first to where it says, the tallest ball ends level with the mix', () => {
  fc.assert(
    fc.property(anyShape, (shape) => {
      const container = usualContainer('c', shape, 'plastic');
      const filling = fillingOf(container, ['six-pack', '9cm'], true);
      const deep = formOf(shape).depthCm - container.headspaceCm;
      expect(filling.preFillCm!).toBeCloseTo(Math.max(0, deep - NURSERY_SIZES['9cm'].heightCm), 6);
      expect(filling.preFillL).toBeLessThanOrEqual(filling.fillL + 1e-9);
      expect(filling.topThirdL).toBeLessThanOrEqual(filling.fillL + 1e-9);
    }),
    { seed: 51, numRuns: 60 },
  );
});

test('crocks cost litres and lift the wet zone by their depth; mesh does neither', () => {
  const crocks = { ...POT30, foot: 'crocks' as const, footCm: 5 };
  expect(fillingOf(crocks, [], true).lostL).toBeCloseTo(mixL(POT30) - mixL(crocks), 6);
  expect(wetZone(crocks).withCm[0] - wetZone(crocks).withoutCm[0]).toBe(5);
  expect(fillingOf({ ...POT30, foot: 'mesh' }, [], true).lostL).toBe(0);
});

test('mixes: pores hold what drains and what stays, an own mix of one part is that part, grit makes it heavier and drier', () => {
  for (const id of MIX_IDS)
    expect([
      id,
      airShare(MIXES[id]) > 0.05,
      MIXES[id].wiltShare < MIXES[id].waterShare,
      MIXES[id].poreShare < 1,
    ]).toEqual([id, true, true, true]);
  expect(
    mixFactsOf({ mix: 'acid', ownMix: { parts: [{ part: 'peat-free mix', share: 3 }] } }),
  ).toEqual(MIXES['peat-free']);
  const gritty = mixFactsOf({
    mix: 'acid',
    ownMix: {
      parts: [
        { part: 'peat-free mix', share: 1 },
        { part: 'grit', share: 1 },
      ],
    },
  });
  expect(mixWeights(gritty).dryKgL).toBeGreaterThan(mixWeights(MIXES['peat-free']).dryKgL);
  expect(gritty.waterShare).toBeLessThan(MIXES['peat-free'].waterShare);
  expect(mixWeights(MIXES['peat-free'])).toEqual({
    dryKgL: 0.22,
    capacityKgL: expect.closeTo(0.77),
    soakedKgL: expect.closeTo(1.08),
  });
});

test('whom a mix suits: succulents want grit, the thirsty do not, heathers want no lime', () => {
  expect(mixFit(MIXES['peat-free'], known('echeveria-blue'))).toBe('stays wet');
  expect(mixFit(MIXES.gritty, known('echeveria-blue'))).toBe('suits');
  expect(mixFit(MIXES.gritty, known('lobelia-blue'))).toBe('holds little');
  expect(mixFit(MIXES.aquatic, known('petunia-white'))).toBe('airless');
  const heather = BOOK.find(hatesLime)!;
  expect(mixFit(MIXES['loam-based'], heather)).toBe('limy');
  expect(mixFit(MIXES.acid, heather)).not.toBe('limy');
});

test('depth: a kind roots well at what it wants, makes do at two thirds, not below', () => {
  const canna = known('canna-orange');
  const wanted = depthWantedCm(canna);
  expect([
    rootsIn(canna, wanted),
    rootsIn(canna, wanted - 0.1),
    rootsIn(canna, wanted * 0.65),
    rootsIn(canna, wanted * 0.64),
  ]).toEqual(['well', 'makes do', 'makes do', 'too shallow']);
  expect(BOOK.filter((kind) => rootsIn(kind, 12) === 'too shallow').length).toBeGreaterThan(5);
});

test('tipping: a taller crown tips sooner, a heavier pot later, what hangs does not', () => {
  const size = (heightCm: number) => ({
    share: 1,
    heightCm,
    spreadCm: 50,
    trailCm: 0,
    bloom: 0,
    fruit: 0,
    shaded: 0,
  });
  const plants = [{ xCm: 0, zCm: 0 }];
  const at = (container: typeof POT30, heightCm: number) =>
    tippingOf(container, plants, [size(heightCm)])!.leastMs;
  expect(at(POT30, 90)).toBeLessThan(at(POT30, 40));
  expect(at({ ...POT30, mix: 'loam-based' }, 90)).toBeGreaterThan(at(POT30, 90));
  expect(tippingOf(shelfKind('Hanging basket, 30'), plants, [size(30)])).toBeNull();
  expect(
    tippingOf(
      POT30,
      [
        { xCm: 0, zCm: 0 },
        { xCm: 0, zCm: 3 },
      ],
      [size(60), size(60)],
    )!.sailM2,
  ).toBeCloseTo(tippingOf(POT30, plants, [size(60)])!.sailM2, 6);
  expect([windName(5), windName(13), windName(17.2), windName(30)]).toEqual([
    'a light wind',
    'a strong wind',
    'a gale',
    'a storm',
  ]);
});

test('frost and heat: the maker’s word wins, a necked jar is worse, dark thin walls grow hottest, large and wooden ones are kinder', () => {
  expect(frostRisk(POT30)).toBe('cracks');
  expect(frostRisk({ ...POT30, frostProof: true })).toBe('sold as frostproof');
  expect(frostRisk({ ...shelfKind('Belly jar'), frostProof: null })).toBe('cracks');
  expect(frostRisk({ ...shelfKind('Straight glazed pot'), frostProof: null })).toBe('may crack');
  const black = { ...POT30, material: 'plastic' as const, colour: [0.2, 0, 0] as const };
  expect(sunHeatK(black, 8)).toEqual([5, 15]);
  expect(sunHeatK({ ...black, colour: [0.95, 0, 0] }, 8)[1]).toBeLessThan(6);
  expect(sunHeatK(black, 0)).toEqual([0, 0]);
  expect(rootsColderK(POT30).k).toBeCloseTo(11.1, 1);
  expect(rootsColderK(shelfKind('Half barrel'))).toMatchObject({
    k: expect.closeTo(5.56, 1),
    because: 'insulated',
  });
});

test('who lifts: both sides of each filter', () => {
  expect([lifting(16), lifting(16.1), lifting(33), lifting(33.1)]).toEqual([
    'one',
    'two',
    'two',
    'trolley',
  ]);
});
