import fc from 'fast-check';
import { clockAheadMin, clockMs, dayOfYear, isTimeZone } from '../sky/clock';
import { RAD_PER_DEG } from '../units/units';
import { loggedSun, midsummerSun, withLightInUse } from './light';
import { shadeOf, OBSTACLE_KINDS } from './obstacle';
import {
  bearingOf,
  heightsAt,
  letsThrough,
  raisedTo,
  turnDeg,
  turnedTo,
  widenedTo,
} from './silhouette';
import { calibrate, compareLog, expectedByHour } from './sunLog';
import { spotSchema } from './schema';
import { obstacleSchema } from './lightSchema';
import { usualSpot, type Spot } from './spot';
import { usualObstacle } from './usualObstacles';

const spotWith = (change: Partial<Spot>) =>
  usualSpot({ id: 's', name: 'S', leafHeightCm: 40, lightFrom: 'reckoned', ...change });
const looked = (date: string, seen: Readonly<Record<number, 'sun' | 'dappled' | 'shade'>>) => ({
  date,
  hours: Array.from({ length: 24 }, (_, hour) => seen[hour] ?? null),
});

test('clocks: summer time is told apart from winter time; a skipped hour is the one after, a doubled one the first', () => {
  expect([
    clockAheadMin('Europe/London', Date.UTC(2026, 0, 10)),
    clockAheadMin('Europe/London', Date.UTC(2026, 6, 10)),
    clockAheadMin('Australia/Adelaide', Date.UTC(2026, 0, 10)),
  ]).toEqual([0, 60, 630]);
  const at = (date: string, hour: number) =>
    new Date(clockMs(date, hour, 'Europe/London')).toISOString();
  expect(at('2026-07-10', 12)).toBe('2026-07-10T11:00:00.000Z');
  expect(at('2026-03-29', 0.5)).toBe('2026-03-29T00:30:00.000Z');
  expect(at('2026-03-29', 1.5)).toBe('2026-03-29T01:30:00.000Z');
  expect(at('2026-03-29', 2.5)).toBe('2026-03-29T01:30:00.000Z');
  expect(at('2026-10-25', 1.5)).toBe('2026-10-25T00:30:00.000Z');
  expect(at('2026-10-25', 2.5)).toBe('2026-10-25T02:30:00.000Z');
  expect([isTimeZone('Europe/Paris'), isTimeZone('Europe/Nowhere')]).toEqual([true, false]);
  expect([dayOfYear('2026-01-01'), dayOfYear('2028-02-29'), dayOfYear('2028-12-31')]).toEqual([
    0, 58, 364,
  ]);
});

test('expected hours follow the clock through the change to summer time', () => {
  const sunny = (date: string) =>
    expectedByHour(spotWith({}), date).flatMap((seen, hour) => (seen === 'sun' ? [hour] : []));
  const [before, after] = [sunny('2026-03-28'), sunny('2026-03-30')];
  expect([before[0], before.at(-1)]).toEqual([6, 17]);
  expect([after[0], after.at(-1)]).toEqual([7, 18]);
});

test('a wall to the west takes the evening; the log that saw it so agrees, one that did not differs by the hour', () => {
  const spot = spotWith({
    obstacles: [
      {
        id: 'w',
        kind: 'wall',
        bearingDeg: 270,
        distanceCm: 120,
        heightCm: 300,
        leftCm: 5000,
        rightCm: 5000,
      },
    ],
  });
  const expected = expectedByHour(spot, '2026-06-21');
  const right = looked('2026-06-21', { 11: expected[11]!, 18: expected[18]! });
  expect(expected[18]).toBe('shade');
  expect(compareLog(spot, right)).toEqual({ date: '2026-06-21', agree: 2, looked: 2, differ: [] });
  expect(compareLog(spot, looked('2026-06-21', { 11: 'shade', 18: 'shade' }))).toMatchObject({
    agree: 1,
    looked: 2,
    differ: [{ hour: 11, seen: 'shade', expected: 'sun' }],
  });
  // At midnight there is nothing to see.
  expect(compareLog(spot, looked('2026-06-21', { 0: 'shade' })).looked).toBe(0);
});

test('hours looked at count as seen, the rest as reckoned', () => {
  const open = spotWith({});
  const reckoned = midsummerSun(open);
  expect(loggedSun(open)).toBeNull();
  const shady = loggedSun({
    ...open,
    sunLog: [looked('2026-06-21', { 13: 'shade', 14: 'shade', 15: 'shade', 16: 'shade' })],
  })!;
  expect(reckoned.directH - shady.directH).toBeGreaterThan(3.4);
  expect(reckoned.directH - shady.directH).toBeLessThan(4.7);
  expect(shady.directAmH).toBeCloseTo(reckoned.directAmH, 0);
});

test('the light in use is told, reckoned or logged as the spot says', () => {
  const obstacles = [{ id: 'b', kind: 'building' as const, facingDeg: 90 }];
  expect(withLightInUse(spotWith({ lightFrom: 'told', sunHours: 3, obstacles })).sunHours).toBe(3);
  const reckoned = withLightInUse(spotWith({ sunHours: 3, obstacles }));
  expect(reckoned).toMatchObject({ sunWhen: 'morning' });
  expect(reckoned.sunHours).toBeCloseTo(8.1, 0);
  const log = withLightInUse(
    spotWith({
      lightFrom: 'log',
      obstacles,
      sunLog: [
        looked('2026-06-21', { 7: 'shade', 8: 'shade', 9: 'shade', 10: 'shade', 11: 'shade' }),
      ],
    }),
  );
  expect(log.sunHours).toBeLessThan(reckoned.sunHours - 3);
});

test('calibrating finds the wall that is higher than it was told', () => {
  const wall = (heightCm: number) => ({
    id: 'w',
    kind: 'wall' as const,
    bearingDeg: 180,
    distanceCm: 150,
    heightCm,
    leftCm: 5000,
    rightCm: 5000,
  });
  const truth = spotWith({ obstacles: [wall(280)] });
  const days = ['2026-04-20', '2026-09-10'].map((date) => ({
    date,
    hours: expectedByHour(truth, date),
  }));
  const told = spotWith({ obstacles: [wall(200)], sunLog: days });
  expect(
    days.map((day) => compareLog(told, day).differ.length).reduce((a, b) => a + b),
  ).toBeGreaterThan(0);
  const fitted = calibrate(told);
  expect(fitted.differ).toBe(0);
  expect(fitted.obstacles[0]).toMatchObject({ heightCm: 280 });
  expect(calibrate({ ...truth, sunLog: days }).obstacles).toEqual(truth.obstacles);
});

test('a silhouette covers just the sky from which the shade comes', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...OBSTACLE_KINDS),
      fc.integer({ min: 0, max: 359 }),
      fc.integer({ min: 0, max: 3599 }),
      fc.integer({ min: 5, max: 885 }),
      (kind, at, bearing10, altitude10) => {
        const usual = usualObstacle(kind, 'o', at);
        // Trees beside, over and all round the leaves.
        const obstacle =
          usual.kind === 'tree'
            ? { ...usual, distanceCm: [700, 150, 400][at % 3]!, clearCm: [200, 90, 0][at % 3]! }
            : usual;
        const [bearing, altitude] = [(bearing10 + 0.37) / 10, altitude10 / 10];
        const cover = heightsAt(obstacle, 40, bearing);
        // Right on an edge both answers are right.
        if (cover && cover.some((edge) => Math.abs(edge - altitude) < 0.2)) return;
        const [a, b] = [altitude * RAD_PER_DEG, bearing * RAD_PER_DEG];
        const light = shadeOf(obstacle, 40, 30)(
          Math.cos(a) * Math.sin(b),
          Math.cos(a) * Math.cos(b),
          Math.sin(a),
        );
        expect(light).toBe(
          cover && altitude > cover[0] && altitude < cover[1] ? letsThrough(obstacle, 30) : 1,
        );
      },
    ),
    { seed: 121, numRuns: 600 },
  );
});

test('what is dragged ends under the hand, and still parses', () => {
  for (const kind of OBSTACLE_KINDS) {
    const put = usualObstacle(kind, 'o', 200);
    expect(Math.abs(turnDeg(bearingOf(turnedTo(put, 95)), 95))).toBeLessThanOrEqual(1);
    for (const altitude of [0.2, 12, 37, 89])
      expect(obstacleSchema.safeParse(raisedTo(put, 40, altitude)).error?.issues).toBeUndefined();
    for (const bearing of [140, 199, 200, 201, 260])
      for (const side of ['left', 'right'] as const)
        expect(
          obstacleSchema.safeParse(widenedTo(put, side, bearing)).error?.issues,
        ).toBeUndefined();
  }
  for (const kind of ['wall', 'hedge', 'tree', 'skyline'] as const)
    expect(
      Math.abs(heightsAt(raisedTo(usualObstacle(kind, 'o', 200), 40, 30), 40, 200)![1] - 30),
    ).toBeLessThan(1);
  expect(
    Math.abs(heightsAt(raisedTo(usualObstacle('eave', 'o', 200), 40, 60), 40, 200)![0] - 60),
  ).toBeLessThan(1.5);
  const wide = widenedTo(usualObstacle('wall', 'o', 200), 'right', 240);
  expect([heightsAt(wide, 40, 239), heightsAt(wide, 40, 241)].map((c) => c !== null)).toEqual([
    true,
    false,
  ]);
});

test('a spot of the first files still parses, with what is usual for the rest; bad sites and viewpoints are named', () => {
  const old = {
    id: 's',
    name: 'S',
    sunHours: 5,
    sunWhen: 'spread',
    view: 'one side',
    pets: false,
    children: false,
    underCover: false,
    dropCm: 0,
  };
  expect(spotSchema.parse(old)).toEqual(
    usualSpot({ id: 's', name: 'S', sunHours: 5, leafHeightCm: 60 }),
  );
  const fault = (change: unknown) =>
    spotSchema.safeParse({ ...old, ...(change as object) }).error?.issues[0];
  expect(
    fault({
      site: { latitudeDeg: 91, longitudeDeg: 0, timeZone: 'UTC', climate: 'cool-maritime' },
    }),
  ).toMatchObject({ path: ['site', 'latitudeDeg'], message: 'Latitude must be -90–90 °; got 91.' });
  const eye = {
    id: 'e',
    name: 'Sink',
    kind: 'standing',
    bearingDeg: 0,
    distanceCm: 220,
    floorCm: 0,
    sill: { heightCm: 90, nearCm: 180, farCm: 200 },
    weight: 1,
  };
  expect(fault({ eyes: [eye] })).toBeUndefined();
  expect(
    fault({ eyes: [{ ...eye, sill: { heightCm: 90, nearCm: 210, farCm: 200 } }] })?.path,
  ).toEqual(['eyes', 0, 'sill', 'nearCm']);
  expect(
    fault({ eyes: [{ ...eye, sill: { heightCm: 90, nearCm: 180, farCm: 230 } }] })?.message,
  ).toMatch(/must end before the container \(220 cm\); got 230/);
  expect(fault({ leafHeightCm: 260, obstacles: [usualObstacle('eave', 'a', 1)] })).toMatchObject({
    path: ['obstacles', 0, 'heightCm'],
    message: 'An eave must be above the leaves (260 cm); got 250.',
  });
  expect(
    fault({
      leafHeightCm: 450,
      obstacles: [{ ...usualObstacle('tree', 'a', 1), distanceCm: 100 }],
    }),
  ).toMatchObject({ path: ['obstacles', 0, 'distanceCm'] });
  expect(
    fault({ obstacles: [{ ...usualObstacle('tree', 'a', 1), distanceCm: 100 }] }),
  ).toBeUndefined();
  expect(
    fault({
      obstacles: [
        usualObstacle('wall', 'a', 358),
        usualObstacle('tree', 't', 0),
        usualObstacle('hedge', 'b', 2),
      ],
    }),
  ).toBeUndefined();
  expect(
    fault({
      obstacles: [
        usualObstacle('wall', 'a', 358),
        usualObstacle('tree', 't', 0),
        { ...usualObstacle('wall', 'b', 2), distanceCm: 205 },
      ],
    }),
  ).toMatchObject({
    path: ['obstacles', 2, 'kind'],
    message: 'This wall stands where a wall stands already: number 1 and number 3 overlap.',
  });
  for (const kind of OBSTACLE_KINDS)
    expect([
      kind,
      fault({ obstacles: [usualObstacle(kind, 'a', 100), usualObstacle(kind, 'b', 107)] }),
      fault({ obstacles: [usualObstacle(kind, 'a', 100), usualObstacle(kind, 'b', 103)] })?.path,
    ]).toEqual([kind, undefined, ['obstacles', 1, 'kind']]);
  expect(
    fault({ obstacles: [usualObstacle('wall', 'a', 1), usualObstacle('tree', 'a', 1)] })?.message,
  ).toMatch(/used once; got "a" again/);
});
