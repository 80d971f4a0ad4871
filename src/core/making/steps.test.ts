import fc from 'fast-check';
import { HALT } from '../../../tests/builders/halt';
import { BASKET, planted, TUB } from '../../../tests/builders/plantings';
import { anyShape } from '../../../tests/builders/shapes';
import { read } from '../checks/reading';
import { rolesPlayed } from '../checks/rolesPlayed';
import { mixFloorCm } from '../containers/container';
import { insideDepthCm } from '../containers/shape';
import { usualContainer } from '../containers/usual';
import { hash01 } from '../random/hash';
import { NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';
import { USUAL_HOUSE, type House } from '../plantings/house';
import { allPlants, type PlantingInSpot } from '../plantings/planting';
import { isBehind, plantingOrder, type WorkedFrom } from './order';
import { levelsOf, stepsOf, type MakingStep } from './steps';

const steps = (it: PlantingInSpot, house: Partial<House> = {}) =>
  stepsOf(read(it), { ...USUAL_HOUSE, ...house });
const find = <D extends MakingStep['what']['do']>(all: readonly MakingStep[], what: D) =>
  all.flatMap((one) =>
    one.what.do === what ? [one.what as Extract<MakingStep['what'], { do: D }>] : [],
  );

test('fill level, ball and headspace together are the depth, for every shape and mix of sizes (seed 19)', () => {
  const sizes: readonly NurserySizeId[] = ['six-pack', '9cm', '1L', '2L', 'bulb'];
  let held = 0;
  fc.assert(
    fc.property(
      anyShape,
      fc.array(fc.constantFrom(...sizes), { minLength: 1, maxLength: 6 }),
      (shape, balls) => {
        const container = usualContainer('Any', shape, 'plastic');
        const it = planted(
          balls.map((size) => ['alyssum-white', 0, 0, size] as const),
          { container },
        );
        const { fillCm, mixCm, belowRimCm } = levelsOf(it);
        const tallest = Math.max(...balls.map((size) => NURSERY_SIZES[size].heightCm));
        const depth = insideDepthCm(shape);
        expect(fillCm + belowRimCm).toBeCloseTo(depth, 6);
        expect(mixCm + container.headspaceCm).toBeCloseTo(depth, 6);
        // Where the mix is shallower than the ball, it stands on the floor.
        if (mixCm - tallest < mixFloorCm(container))
          expect(fillCm).toBeCloseTo(mixFloorCm(container), 6);
        else {
          held += 1;
          expect(fillCm + tallest + container.headspaceCm).toBeCloseTo(depth, 6);
        }
      },
    ),
    { seed: 19, numRuns: 300 },
  );
  expect(held).toBeGreaterThan(150);
});

test('every ball ends level with the mix, or as much lower as it is set deeper', () => {
  for (const it of HALT)
    for (const { plant } of find(steps(it), 'plant')) {
      // What goes through a side lies lower.
      if (plant.through) continue;
      const { size } = it.plants.find(({ id }) => id === plant.placeId)!;
      const { mixCm } = levelsOf(it);
      const top = plant.ballFloorCm + NURSERY_SIZES[size].heightCm;
      expect(top).toBeGreaterThanOrEqual(mixCm - plant.deeperCm - 1e-6);
    }
});

test.each<WorkedFrom>(['the front', 'all round'])(
  'nothing is set in behind a plant that is in already, worked from %s: 200 plantings by lot',
  (from) => {
    for (let seed = 0; seed < 200; seed += 1) {
      const it = planted(
        Array.from({ length: 3 + (seed % 9) }, (_, i) => [
          (['flax-bronze', 'coleus-lime', 'lobelia-blue'] as const)[i % 3]!,
          (hash01(seed, i, 1) - 0.5) * 36,
          (hash01(seed, i, 2) - 0.5) * 36,
        ]),
      );
      const playing = rolesPlayed(read(it));
      const order = plantingOrder(playing, from);
      expect([...order].sort()).toEqual(it.plants.map(({ id }) => id).sort());
      const set = (id: string) => {
        const { xCm, zCm, size } = it.plants.find((plant) => plant.id === id)!;
        return { id, xCm, zCm, halfCm: NURSERY_SIZES[size].topCm / 2 };
      };
      order.forEach((late, j) =>
        order.slice(0, j).forEach((early) => {
          expect([seed, isBehind(set(late), set(early), from)]).toEqual([seed, false]);
        }),
      );
    }
  },
);

test('where nothing stands in the way the lead goes in first, the edge last', () => {
  for (const it of HALT) {
    const playing = rolesPlayed(read(it));
    const role = new Map(playing.map(({ plant, role: part }) => [plant.id, part]));
    const order = plantingOrder(playing, 'the front').map((id) => role.get(id));
    if (order.includes('lead') && order.includes('edge'))
      expect(order.lastIndexOf('edge')).toBeGreaterThan(order.indexOf('lead'));
  }
});

test('every plant has one step, keys are used once, and a caution is given once', () => {
  for (const it of HALT) {
    const all = steps(it);
    expect(new Set(all.map(({ key }) => key)).size).toBe(all.length);
    expect(
      find(all, 'plant')
        .map(({ plant }) => plant.placeId)
        .sort(),
    ).toEqual(
      allPlants(it)
        .map(({ id }) => id)
        .sort(),
    );
    const cautions = all.flatMap((step) => step.cautions.map((one) => JSON.stringify(one)));
    expect(new Set(cautions).size).toBe(cautions.length);
    expect(all[all.length - 1]!.what.do).toBe('put out');
  }
});

test('the house says what lies over the holes, what feeds, and what becomes of the roots', () => {
  const it = planted([['petunia-white', 0, 0, '9cm']]);
  const pot = { ...it, planting: { ...it.planting, container: { ...TUB, foot: 'none' as const } } };
  expect(find(steps(pot, { drainage: 'mesh' }), 'foot')[0]!.over).toBe('mesh');
  expect(find(steps(pot, { drainage: 'coarse layer' }), 'foot')[0]!.over).toBe('coarse');
  expect(find(steps(pot, { feed: 'organic pellets' }), 'feed').map(({ what }) => what)).toEqual([
    'pellets',
  ]);
  const roots = (answer: House['roots']) =>
    find(steps(pot, { roots: answer }), 'plant')[0]!.plant.roots;
  expect([roots('leave alone'), roots('always loosen'), roots('loosen when circling')]).toEqual([
    'leave',
    'loosen',
    'loosen if circling',
  ]);
  const basket = { ...it, planting: { ...it.planting, container: BASKET } };
  expect(find(steps(basket), 'foot')[0]!.over).toBe('liner');
  expect(steps(basket).flatMap(({ cautions }) => cautions.map(({ mind }) => mind))).toEqual(
    expect.arrayContaining(['ladder', 'load', 'mix dust']),
  );
});

test('bulbs stand under twice their height of mix; a stem that roots goes deeper, another does not', () => {
  const it = planted([
    ['tulip-orange', 0, 0, 'bulb'],
    ['french-marigold-orange', 8, 0, '9cm'],
    ['petunia-white', -8, 0, '9cm'],
  ]);
  const deeper = Object.fromEntries(
    find(steps(it), 'plant').map(({ plant }) => [plant.kindId, plant.deeperCm]),
  );
  const ids = it.plants.map(({ kindId }) => kindId);
  expect(deeper[ids[0]!]).toBeCloseTo(2 * NURSERY_SIZES.bulb.heightCm, 6);
  expect(deeper[ids[1]!]).toBeGreaterThan(0);
  expect(deeper[ids[2]!]).toBe(0);
});
