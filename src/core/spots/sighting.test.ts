import fc from 'fast-check';
import { facingBySun, sighted, sightedHeight, sightOf, SUN_FROM_WALL } from './sighting';
import { usualObstacle } from './usualObstacles';

const rad = (deg: number) => (deg * Math.PI) / 180;
type M = readonly (readonly number[])[];
const times = (a: M, b: M): M =>
  a.map((row) => b[0]!.map((_, j) => row.reduce((sum, v, k) => sum + v * b[k]![j]!, 0)));

test('the upper edge points where the three rotations turn it, one after the other', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 359.9, noNaN: true }),
      fc.double({ min: -89, max: 89, noNaN: true }),
      fc.double({ min: -89, max: 89, noNaN: true }),
      (alpha, beta, gamma) => {
        const [a, b, g] = [rad(alpha), rad(beta), rad(gamma)];
        const z = [
          [Math.cos(a), -Math.sin(a), 0],
          [Math.sin(a), Math.cos(a), 0],
          [0, 0, 1],
        ];
        const x = [
          [1, 0, 0],
          [0, Math.cos(b), -Math.sin(b)],
          [0, Math.sin(b), Math.cos(b)],
        ];
        const y = [
          [Math.cos(g), 0, Math.sin(g)],
          [0, 1, 0],
          [-Math.sin(g), 0, Math.cos(g)],
        ];
        const edge = times(times(times(z, x), y), [[0], [1], [0]]).map(([v]) => v!);
        const { bearingDeg, altitudeDeg } = sightOf({ alpha, beta, gamma, compassDoubtDeg: null });
        const c = Math.cos(rad(altitudeDeg));
        expect(Math.sin(rad(bearingDeg)) * c).toBeCloseTo(edge[0]!, 6);
        expect(Math.cos(rad(bearingDeg)) * c).toBeCloseTo(edge[1]!, 6);
        expect(Math.sin(rad(altitudeDeg))).toBeCloseTo(edge[2]!, 6);
      },
    ),
  );
});

test('a phone flat on the ground with its edge to the east says east, level; tipped up, it looks up', () => {
  const flat = sightOf({ alpha: 270, beta: 0, gamma: 0, compassDoubtDeg: null });
  expect([Math.round(flat.bearingDeg), Math.round(flat.altitudeDeg)]).toEqual([90, 0]);
  expect(sightOf({ alpha: 0, beta: 35, gamma: 0, compassDoubtDeg: null }).altitudeDeg).toBeCloseTo(
    35,
  );
  // What the compass itself is unsure of counts, and it is never surer than phones are.
  expect(flat.bearingDoubtDeg).toBe(10);
  expect(sightOf({ alpha: 0, beta: 0, gamma: 0, compassDoubtDeg: 25 }).bearingDoubtDeg).toBe(25);
});

test('a height is what the tape and the angle make it, and its doubt grows with both', () => {
  const near = sightedHeight({ altitudeDeg: 45, altitudeDoubtDeg: 1.5 }, 300, 40);
  expect(near.cm).toBe(340);
  expect(near.range[0]).toBeLessThan(340);
  expect(near.range[1]).toBeGreaterThan(340);
  const far = sightedHeight({ altitudeDeg: 45, altitudeDoubtDeg: 1.5 }, 900, 40);
  expect(far.range[1] - far.range[0]).toBeGreaterThan(2.5 * (near.range[1] - near.range[0]));
  // Below the leaves, down to the ground and no farther.
  expect(sightedHeight({ altitudeDeg: -60, altitudeDoubtDeg: 1 }, 900, 40).cm).toBe(0);
});

test('what was sighted stands at that bearing, as high as it looked; how far off it is stays told', () => {
  const sight = { bearingDeg: 203, altitudeDeg: 20, bearingDoubtDeg: 10, altitudeDoubtDeg: 1.5 };
  const wall = usualObstacle('wall', 'w', 90);
  const found = sighted(wall, sight, 40);
  if (found.kind !== 'wall' || wall.kind !== 'wall') throw new Error(found.kind);
  expect(found.bearingDeg).toBe(203);
  expect(found.distanceCm).toBe(wall.distanceCm);
  expect(found.heightCm).toBe(sightedHeight(sight, wall.distanceCm, 40).cm);
  const line = sighted(usualObstacle('skyline', 's', 90), sight, 40);
  expect(line.kind === 'skyline' && line.altitudeDeg).toBe(20);
});

test('a wall faces where the sun is when it is seen straight out, and turns with where it is seen', () => {
  expect(facingBySun(180, 'straight out')).toBe(180);
  // The sun in the south on the left hand: one looks west.
  expect(facingBySun(180, 'far left')).toBe(270);
  expect(facingBySun(180, 'far right')).toBe(90);
  expect(facingBySun(10, 'right')).toBe(325);
  for (const seen of Object.keys(SUN_FROM_WALL) as (keyof typeof SUN_FROM_WALL)[]) {
    const facing = facingBySun(123.4, seen);
    expect(facing).toBeGreaterThanOrEqual(0);
    expect(facing).toBeLessThan(360);
  }
});
