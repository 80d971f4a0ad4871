import { fromPlantingFile, toPlantingFile } from '../files/plantingFile';
import { kindOf } from '../plants/book/index';
import { BASKET, planted } from '../../../tests/builders/plantings';
import { read } from '../checks/reading';
import { opinionOf } from '../checks/opinion';
import { sideHoles } from '../checks/rules/sideHoles';
import type { Container } from '../containers/container';
import { stepsOf } from '../making/steps';
import { needsOf } from '../making/needs';
import { completes, progressOf } from '../making/progress';
import { applyEdit } from '../plantings/edits';
import { USUAL_HOUSE } from '../plantings/house';
import { inSpot, type Planting, type PlantingInSpot } from '../plantings/planting';
import { plantingSchema } from '../plantings/schema';
import { buildScene } from '../seeing/scene';
import { subjectOf } from '../seeing/subject';
import { sideFaults, withSidesPlanted } from './sides';

const WITH_HOLES: Container = {
  ...BASKET,
  sideHoles: [
    { heightCm: 11, count: 5 },
    { heightCm: 3.4, count: 3 },
  ],
};
const kinds = ['lobelia-blue', 'alyssum-white'].map((id) => kindOf(id)!);
const bare = planted([['petunia-white', 0, 0, '9cm']], { container: WITH_HOLES });
const again = (planting: Planting): PlantingInSpot =>
  inSpot(planting, bare.spot, kindOf, bare.house);
const withSides = (sides: Planting['sides']) =>
  again(applyEdit(bare.planting, { kind: 'sides', sides: sides ?? [] }));
const full = withSides(withSidesPlanted(bare.planting, kinds, null));

test('every hole gets a plant, kinds in turn, each row beginning with the next; what is there stays', () => {
  expect(full.sides.map(({ row, hole, kindId }) => [row, hole, kindId])).toEqual([
    ...[0, 1, 2].map((hole) => [0, hole, kinds[hole % 2]!.id]),
    ...[0, 1, 2, 3, 4].map((hole) => [1, hole, kinds[(hole + 1) % 2]!.id]),
  ]);
  const some = withSidesPlanted(bare.planting, [kinds[0]!], [1]);
  expect(some).toHaveLength(5);
  const rest = withSidesPlanted({ ...bare.planting, sides: some }, [kinds[1]!], null);
  expect(rest.slice(0, 5)).toEqual(some);
  expect(rest.slice(5).map(({ row, kindId }) => [row, kindId])).toEqual(
    Array.from({ length: 3 }, () => [0, kinds[1]!.id]),
  );
  // A plant put where another was is another plant.
  const anew = withSidesPlanted({ ...bare.planting, sides: some.slice(1) }, [kinds[1]!], [1]);
  expect(new Set([...some, ...anew].map(({ id }) => id)).size).toBe(6);
});

test('a ball too large, one that would stand out of the mix, and two that press are told apart', () => {
  const [first] = full.planting.sides!;
  const faultsOf = (it: PlantingInSpot) => sideFaults(it.planting.container, it.sides, it.plants);
  expect(faultsOf(withSides([{ ...first!, size: '1L' }])).get(first!.id)).toBe('too large');
  const shallow = again({
    ...full.planting,
    sides: [{ ...first!, size: 'six-pack' }],
    container: { ...WITH_HOLES, sideHoles: [{ heightCm: 0.5, count: 3 }] },
  });
  expect([...faultsOf(shallow).values()]).toEqual(['out of the mix']);
  const tight = {
    ...bare.planting,
    container: { ...WITH_HOLES, sideHoles: [{ heightCm: 7, count: 16 }] },
  };
  const pressed = again({
    ...tight,
    sides: withSidesPlanted(tight, kinds, null).map((side) => ({ ...side, size: '9cm' })),
  });
  const faults = faultsOf(pressed);
  expect(new Set(faults.values())).toEqual(new Set(['presses']));
  // What is left when those are taken out goes in.
  const left = again({
    ...tight,
    sides: pressed.planting.sides!.filter(({ id }) => !faults.has(id)),
  });
  expect([faultsOf(left).size, left.sides.length > 0]).toEqual([0, true]);
});

test('sides are judged: not asked where none are planted, empty holes told, a kind that is too tall, and light for all', () => {
  const judged = (it: PlantingInSpot) => sideHoles.judge(read(it));
  expect(judged(bare)).toBeNull();
  const half = withSides(withSidesPlanted(bare.planting, kinds, [0]));
  expect(judged(half)!.facts).toMatchObject({ fault: 'empty', planted: 3, holes: 8 });
  expect(judged(half)!.score).toBeLessThan(sideHoles.limits.look);
  const tall = kindOf('french-marigold-orange')!;
  const high = withSides(
    withSidesPlanted(bare.planting, [{ ...tall }], null).map((side) => ({
      ...side,
      kindId: 'flax-bronze',
    })),
  );
  expect(judged(high)!.facts.fault).toBe('stands out');
  const checks = (it: PlantingInSpot, id: string) =>
    opinionOf(it).remarks.find(({ check }) => check === id);
  const dry = withSides(
    full.planting.sides!.map((side) => ({ ...side, kindId: 'houseleek-green' })),
  );
  expect(checks(dry, 'thirst')!.score).toBeLessThan(checks(full, 'thirst')!.score);
  const fixed = applyEdit(half.planting, sideHoles.fixes!(read(half), judged(half)!)[0]!);
  expect(fixed.sides).toHaveLength(8);
});

test('a side plant grows out of its hole: below the rim and outside the wall, and the others stay in their order', () => {
  const scene = buildScene(subjectOf(full), 10);
  expect(scene.sizes).toHaveLength(1 + 8);
  const at = full.sides.findIndex(({ hole, row }) => row === 1 && hole === 0);
  const { out, xCm, zCm } = full.sides[at]!;
  const own = scene.marks.filter(({ plant }) => plant === 1 + at);
  expect(own.length).toBeGreaterThan(10);
  const outside = own.filter(
    ({ p: [x, , z] }) => (x - xCm) * out[0] + (z - zCm) * out[1] > 0,
  ).length;
  expect(outside / own.length).toBeGreaterThan(0.8);
  expect(own.filter(({ p: [, y] }) => y < scene.vessel.rimY).length / own.length).toBeGreaterThan(
    0.5,
  );
  expect(read(full).grown()).toHaveLength(1);
});

test('a hole takes one plant, and a container without the hole keeps it waiting', () => {
  const [first, second] = full.planting.sides!;
  const twice = plantingSchema.safeParse({
    ...full.planting,
    sides: [first, { ...second!, hole: first!.hole }],
  });
  expect(twice.error?.issues[0]?.message).toContain('takes one plant');
  const other = again({ ...full.planting, container: { ...WITH_HOLES, sideHoles: [] } });
  expect([other.sides.length, other.planting.sides?.length]).toEqual([0, 8]);
  expect(applyEdit(full.planting, { kind: 'sides', sides: [] })).not.toHaveProperty('sides');
});

test('making: every row is filled to and planted before the next, lowest first; all are bought, soaked and told as in', () => {
  const steps = stepsOf(read(full), USUAL_HOUSE);
  const keys = steps.map(({ key }) => key);
  const fills = steps.flatMap(({ key, what }) =>
    what.do === 'fill' ? [[key, what.toCm] as const] : [],
  );
  expect(fills.map(([key]) => key)).toEqual(['fill row 0', 'fill', 'fill row 1']);
  for (const { id, row } of full.sides) {
    expect(keys.indexOf(`plant ${id}`)).toBeGreaterThan(keys.indexOf(`fill row ${row}`));
    expect(keys.indexOf(`plant ${id}`)).toBeLessThan(keys.indexOf(`plant ${full.plants[0]!.id}`));
  }
  const soak = steps.find(({ what }) => what.do === 'soak')!.what;
  expect(soak).toMatchObject({ balls: 9 });
  const needs = needsOf([full], { house: USUAL_HOUSE, owned: () => 0, isReused: () => false });
  expect(
    needs.plants.reduce((sum, { wants }) => sum + wants.reduce((n, { count }) => n + count, 0), 0),
  ).toBe(9);
  const plantSteps = keys.filter((key) => key.startsWith('plant '));
  const held = plantSteps.slice(0, -1).map((key, i) => ({
    id: String(i),
    at: '2026-05-16T09:00:00+01:00',
    zone: 'Europe/London',
    of: { plantingId: full.planting.id },
    what: { did: 'step', key, how: i === 0 ? 'skipped' : 'done', minutes: null } as const,
  }));
  const done = completes(steps, progressOf(steps, held), { key: plantSteps.at(-1)!, how: 'done' }, [
    ...full.plants,
    ...full.sides,
  ])!;
  expect([done.wentIn.length, done.missing]).toEqual([8, [full.sides[0]!.id]]);
  const planting = applyEdit(full.planting, {
    kind: 'plant',
    plantedWeek: 20,
    missing: done.missing,
  });
  expect(planting.sides).toHaveLength(7);
});

test('what is sown round the rim is bought once and sown before watering in', () => {
  const sown = again(applyEdit(bare.planting, { kind: 'sow', kinds: ['nasturtium-orange'] }));
  const keys = stepsOf(read(sown), USUAL_HOUSE).map(({ key }) => key);
  expect(keys.indexOf('sow')).toBe(keys.indexOf('water in') - 1);
  const { bits } = needsOf([sown, sown], {
    house: USUAL_HOUSE,
    owned: () => 0,
    isReused: () => false,
  });
  expect(bits.filter(({ what }) => what === 'seed')).toEqual([
    expect.objectContaining({ amount: 1, unit: 'packets', kindId: 'nasturtium-orange' }),
  ]);
  expect(applyEdit(sown.planting, { kind: 'sow', kinds: [] })).not.toHaveProperty('rimSeeds');
});

test('a file names the kinds in the sides and round the rim, and keeps those this book does not have as strangers', () => {
  const { planting } = full;
  const sown = { ...planting, rimSeeds: ['nasturtium-orange'] };
  const file = toPlantingFile(sown, full.spot, kindOf);
  expect(file.plants.map(({ id }) => id)).toEqual(
    expect.arrayContaining(['petunia-white', ...kinds.map(({ id }) => id), 'nasturtium-orange']),
  );
  const poorer = (id: string) => (id === kinds[0]!.id ? null : kindOf(id));
  const back = fromPlantingFile(file, poorer).planting;
  expect(back.strangers.map(({ kindId }) => kindId)).toEqual([kinds[0]!.id]);
  expect(back.sides).toEqual(planting.sides);
});
