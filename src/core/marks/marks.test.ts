import { BOOK } from '../plants/book/index';
import { known, TUB, BASKET } from '../../../tests/builders/plantings';
import { freely } from '../growth/conditions';
import { sizeAlone } from '../growth/foresee';
import { length, type Vec3 } from '../geometry/vec3';
import { growPlant } from './grow';
import { lightMarks } from './light';
import type { Mark } from './mark';
import { vesselOf } from './vessel';

const vessel = vesselOf(TUB, false);
const marksOf = (id: string, weeks: number, seed = 5, x = 0, z = 0): Mark[] => {
  const kind = known(id);
  return growPlant(
    { kind, xCm: x, zCm: z, seed },
    sizeAlone(kind, { size: kind.sold[0]!.size, week: 20 }, weeks, freely(14)),
    vessel,
    0,
  );
};

test('every kind of the book is drawn, with finite points, unit directions and not too many marks', () => {
  for (const kind of BOOK) {
    const marks = growPlant(
      { kind, xCm: 3, zCm: 5, seed: 9 },
      {
        share: 1,
        heightCm: kind.heightCm[1],
        spreadCm: kind.spreadCm[1],
        trailCm: kind.trailCm?.[1] ?? 0,
        bloom: 1,
        fruit: 1,
        shaded: 0,
      },
      vessel,
      0,
    );
    expect([kind.id, marks.length > 5, marks.length < 1600]).toEqual([kind.id, true, true]);
    // Hundreds of thousands of marks: asked plainly, told at once.
    expect([kind.id, marks.filter((mark) => !isSound(mark))]).toEqual([kind.id, []]);
  }
});

const isUnit = (v: Vec3): boolean => Math.abs(length(v) - 1) < 5e-6;

function isSound(mark: Mark): boolean {
  if (!mark.p.every(Number.isFinite)) return false;
  return mark.kind !== 'leaf' || (isUnit(mark.u) && isUnit(mark.n) && mark.lengthCm > 0);
}

test('the same seed gives the same plant; another seed another', () => {
  expect(marksOf('petunia-magenta', 8)).toEqual(marksOf('petunia-magenta', 8));
  expect(marksOf('petunia-magenta', 8, 6)).not.toEqual(marksOf('petunia-magenta', 8));
});

test('a young plant has fewer marks than a grown one, and no flowers on planting day', () => {
  const [young, grown] = [marksOf('petunia-magenta', 0), marksOf('petunia-magenta', 12)];
  expect(young.length).toBeLessThan(grown.length);
  expect(young.filter(({ kind }) => kind === 'flower')).toHaveLength(0);
  expect(grown.filter(({ kind }) => kind === 'flower').length).toBeGreaterThan(8);
});

test('a leaf plant has no flowers, a kitchen plant has fruit in its season', () => {
  expect(marksOf('coleus-lime', 12).some(({ kind }) => kind === 'flower')).toBe(false);
  expect(marksOf('tomato-bush-red', 14).some(({ kind }) => kind === 'fruit')).toBe(true);
});

test('trailing stems hang below the rim, stay off the wall and end on the ground, not in it', () => {
  const marks = marksOf('silver-nickel-vine', 16, 3, 0, 17);
  const low = Math.min(...marks.map(({ p }) => p[1]));
  expect(low).toBeLessThan(vessel.rimY - 15);
  expect(low).toBeGreaterThan(0);
  for (const mark of marks)
    if (mark.kind === 'stem' && mark.to[1] < vessel.rimY - 3)
      expect(vessel.insideCm(...mark.to)).toBeLessThan(1.5);
});

test('from a basket trails hang free, far below its base', () => {
  const kind = known('silver-nickel-vine');
  const marks = growPlant(
    { kind, xCm: 0, zCm: 14, seed: 2 },
    { share: 1, heightCm: 6, spreadCm: 30, trailCm: 80, bloom: 0, fruit: 0, shaded: 0 },
    vesselOf(BASKET, true),
    0,
  );
  expect(Math.min(...marks.map(({ p }) => p[1]))).toBeLessThan(-20);
});

test('light: the heart of a dense plant is darker than its skin, and a neighbour on the sun side takes light away', () => {
  const alone = marksOf('pelargonium-scarlet', 12);
  lightMarks(alone);
  const byHeight = [...alone].sort((a, b) => a.p[1] - b.p[1]);
  const mean = (list: readonly Mark[]) => list.reduce((sum, { ao }) => sum + ao, 0) / list.length;
  expect(mean(byHeight.slice(0, 40))).toBeLessThan(mean(byHeight.slice(-40)));
  const shaded = marksOf('pelargonium-scarlet', 12);
  lightMarks([...shaded, ...marksOf('canna-orange', 12, 8, -18, 14)]);
  expect(shaded.reduce((sum, { sun }) => sum + sun, 0)).toBeLessThan(
    alone.reduce((sum, { sun }) => sum + sun, 0),
  );
});
