import fc from 'fast-check';
import {
  anchorOf,
  groundShapeOf,
  movedTo,
  planReachCm,
  polarOf,
  pushed,
  tapeCm,
} from './groundPlan';
import { obstacleSchema } from './lightSchema';
import { shadeOf, type Obstacle } from './obstacle';
import { bearingOf } from './silhouette';
import { usualObstacle } from './usualObstacles';

const KINDS = ['building', 'wall', 'hedge', 'eave', 'tree', 'skyline'] as const;
const around = (kind: (typeof KINDS)[number], bearing = 120) => usualObstacle(kind, 'it', bearing);
const dir = (bearingDeg: number, up: number) => {
  const [r, c] = [(bearingDeg * Math.PI) / 180, Math.cos(Math.atan(up))];
  return [Math.sin(r) * c, Math.cos(r) * c, Math.sin(Math.atan(up))] as const;
};

test('a wall on the plan hides the sun where it stands and not past its ends', () => {
  const wall = { ...around('wall', 90), distanceCm: 300, leftCm: 100, rightCm: 400, heightCm: 500 };
  const shape = groundShapeOf(wall as Obstacle, 9000);
  if (shape.kind !== 'line') throw new Error(shape.kind);
  const shade = shadeOf(wall as Obstacle, 50, 25);
  const [a, b] = [polarOf(shape.from).bearingDeg, polarOf(shape.to).bearingDeg];
  // Looking east its left hand is to the north.
  expect(a).toBeLessThan(90);
  expect(b).toBeGreaterThan(90);
  for (const [bearing, lets] of [
    [a + 1, 0],
    [a - 1, 1],
    [b - 1, 0],
    [b + 1, 1],
  ] as const)
    expect([bearing, shade(...dir(bearing, 0.2))]).toEqual([bearing, lets]);
});

test('what does not end is drawn as far as is asked, what ends no farther than it is', () => {
  const long = groundShapeOf({ ...around('wall', 0), leftCm: 5000, rightCm: 120 } as Obstacle, 800);
  if (long.kind !== 'line') throw new Error(long.kind);
  expect(long.from[0]).toBeCloseTo(-800);
  expect(long.to[0]).toBeCloseTo(120);
});

test('something dragged to a place stands there, whatever it is, as far as it may', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...KINDS),
      fc.integer({ min: -2500, max: 2500 }),
      fc.integer({ min: -2500, max: 2500 }),
      (kind, east, north) => {
        fc.pre(Math.hypot(east, north) > 400);
        const moved = movedTo(around(kind), [east, north]);
        const to = polarOf([east, north]);
        expect(obstacleSchema.safeParse(moved).success).toBe(true);
        expect(Math.abs(((bearingOf(moved) - to.bearingDeg + 540) % 360) - 180)).toBeLessThan(1.01);
        const tape = tapeCm(moved);
        if (tape !== null && kind !== 'eave')
          expect(Math.abs(tape - to.distanceCm)).toBeLessThan(1.01);
      },
    ),
  );
});

test('the tape runs to where it is taken hold of', () => {
  for (const kind of ['wall', 'hedge', 'tree', 'eave'] as const) {
    const it = around(kind);
    expect(polarOf(anchorOf(it)!).distanceCm).toBeCloseTo(tapeCm(it)!, 0);
    expect(tapeCm(pushed(it, 50))).toBe(Math.round(tapeCm(it)! + 50));
    expect(bearingOf(pushed(it, 50))).toBe(bearingOf(it));
  }
  expect(anchorOf(around('skyline'))).toBeNull();
  expect(pushed(around('building'), 50)).toEqual(around('building'));
});

test('nothing is put nearer or farther than can be told, and the plan reaches past all of it', () => {
  expect(tapeCm(pushed(around('wall'), -1e6))).toBe(5);
  expect(tapeCm(pushed(around('tree'), -1e6))).toBe(20);
  expect(tapeCm(pushed(around('hedge'), 1e6))).toBe(20_000);
  const tree = { ...around('tree'), distanceCm: 1400, widthCm: 700 } as Obstacle;
  expect(planReachCm([tree])).toBeGreaterThan(1750);
  expect(planReachCm([])).toBe(354);
  // A tree counts to its far side, a wall to where the tape ends; about a fifth is left round it.
  expect(planReachCm([tree])).toBeCloseTo((1400 + 350) * 1.18, 6);
  const wall = { ...around('wall'), distanceCm: 900 } as Obstacle;
  expect(planReachCm([wall])).toBeCloseTo(900 * 1.18, 6);
  expect(planReachCm([wall, tree])).toBe(planReachCm([tree]));
  // What has no distance asks for no room.
  expect(planReachCm([around('skyline')])).toBe(354);
  expect(planReachCm([{ ...tree, distanceCm: 20_000 } as Obstacle])).toBeLessThanOrEqual(24_000);
});
