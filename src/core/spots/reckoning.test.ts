import fc from 'fast-check';
import { dayOfWeek, sunDay } from '../sky/days';
import { dayLengthH, halfDayRad, sunVector } from '../sky/sun';
import { DEG_PER_RAD, RAD_PER_DEG } from '../units/units';
import { leavesLetThrough, mirrored, shadeOf, type Obstacle } from './obstacle';
import {
  heatHours,
  lightThrough,
  meanSun,
  midsummerDays,
  monthlySun,
  reckonDay,
  reckonYear,
  weekOfDay,
  type DaySun,
  type Surroundings,
} from './reckoning';
import { lightLabel, lightSpells, sunWhenOf } from './lightLabel';
import { obstacleSchema } from './lightSchema';

const open = (
  latitudeDeg: number,
  obstacles: readonly Obstacle[] = [],
  leafHeightCm = 0,
): Surroundings => ({ latitudeDeg, longitudeDeg: 0, obstacles, leafHeightCm });
const direct = (day: DaySun) => day.directAmMin + day.directPmMin;
const ENDLESS = { leftCm: 1e7, rightCm: 1e7 };
const wall = (change: Partial<Extract<Obstacle, { kind: 'wall' }>>): Obstacle => ({
  id: 'w',
  kind: 'wall',
  bearingDeg: 180,
  distanceCm: 300,
  heightCm: 100,
  ...ENDLESS,
  ...change,
});
const dayOf = (month: number, day: number) =>
  Math.round((Date.UTC(2026, month - 1, day) - Date.UTC(2026, 0, 1)) / 86_400_000);

/** Direct minutes counted one minute at a time: slow and plain. */
function bruteForce(around: Surroundings, day: number): { direct: number; effective: number } {
  const { declinationRad, driftRad } = sunDay(around, day);
  const shades = around.obstacles.map((obstacle) =>
    shadeOf(obstacle, around.leafHeightCm, weekOfDay(day)),
  );
  let [count, effective] = [0, 0];
  for (let minute = 0.5; minute < 1440; minute += 1) {
    const h = (minute / 4 - 180) * RAD_PER_DEG;
    if (Math.abs(h) > halfDayRad(around.latitudeDeg, declinationRad)) continue;
    const light = lightThrough(
      shades,
      ...sunVector(around.latitudeDeg, declinationRad + driftRad * h, h),
    );
    if (light >= 0.95) count += 1;
    effective += light;
  }
  return { direct: count, effective };
}

const bearing = fc.integer({ min: 0, max: 359 });
const run = fc.integer({ min: 50, max: 2000 });
const leaves = {
  evergreen: fc.boolean(),
  leafOnWeek: fc.constant(17),
  leafOffWeek: fc.constant(44),
  letsThrough: fc.double({ min: 0.1, max: 0.3, noNaN: true }),
  bareLetsThrough: fc.double({ min: 0.4, max: 0.75, noNaN: true }),
};
const anyObstacle: fc.Arbitrary<Obstacle> = fc.oneof(
  fc.record({
    id: fc.constant('o'),
    kind: fc.constant('wall' as const),
    bearingDeg: bearing,
    distanceCm: fc.integer({ min: 60, max: 900 }),
    heightCm: fc.integer({ min: 80, max: 600 }),
    leftCm: run,
    rightCm: run,
  }),
  fc.record({
    id: fc.constant('o'),
    kind: fc.constant('hedge' as const),
    bearingDeg: bearing,
    distanceCm: fc.integer({ min: 60, max: 900 }),
    heightCm: fc.integer({ min: 80, max: 400 }),
    leftCm: run,
    rightCm: run,
    ...leaves,
  }),
  fc.record({
    id: fc.constant('o'),
    kind: fc.constant('eave' as const),
    facingDeg: bearing,
    depthCm: fc.integer({ min: 20, max: 300 }),
    backCm: fc.integer({ min: 0, max: 300 }),
    heightCm: fc.integer({ min: 180, max: 400 }),
    leftCm: run,
    rightCm: run,
  }),
  fc.record({
    id: fc.constant('o'),
    kind: fc.constant('tree' as const),
    bearingDeg: bearing,
    distanceCm: fc.integer({ min: 200, max: 1500 }),
    heightCm: fc.integer({ min: 300, max: 1200 }),
    clearCm: fc.integer({ min: 0, max: 250 }),
    widthCm: fc.integer({ min: 150, max: 900 }),
    ...leaves,
  }),
  fc.record({ id: fc.constant('o'), kind: fc.constant('building' as const), facingDeg: bearing }),
  fc
    .record({
      id: fc.constant('o'),
      kind: fc.constant('skyline' as const),
      fromDeg: bearing,
      toDeg: bearing,
      altitudeDeg: fc.integer({ min: 3, max: 40 }),
    })
    .filter(({ fromDeg, toDeg }) => fromDeg !== toDeg),
);
const scene = fc.record({
  latitudeDeg: fc.integer({ min: -60, max: 60 }),
  obstacles: fc.array(anyObstacle, { minLength: 1, maxLength: 5 }),
  leafHeightCm: fc.integer({ min: 0, max: 120 }),
  day: fc.integer({ min: 0, max: 364 }),
});

test('direct minutes within 2 % of counting minute by minute, in sixty scenes', () => {
  fc.assert(
    fc.property(scene, ({ day, ...rest }) => {
      const around = { ...rest, longitudeDeg: 0 };
      const slow = bruteForce(around, day);
      const fast = reckonDay(around, day);
      // Two minutes for the ends of each stretch, which the slow count rounds.
      expect(Math.abs(direct(fast) - slow.direct)).toBeLessThanOrEqual(
        Math.max(3, slow.direct * 0.02),
      );
      expect(
        Math.abs(direct(fast) + fast.dappledEffectiveMin - slow.effective),
      ).toBeLessThanOrEqual(Math.max(4, slow.effective * 0.02));
    }),
    { seed: 111, numRuns: 60 },
  );
});

test('in the open the sun shines all day long, at the poles and the equator too', () => {
  for (const latitude of [-90, -45, 0, 51.5, 90])
    for (const day of [10, 100, 171, 300])
      expect(direct(reckonDay(open(latitude), day))).toBeCloseTo(
        dayLengthH(latitude, sunDay({ longitudeDeg: 0 }, day).declinationRad) * 60,
        3,
      );
});

test('an endless wall toward the equator is a horizon at latitude plus its slope, to the minute', () => {
  const hours = (latitude: number, month: number, day: number) =>
    direct(
      reckonDay(open(latitude, [wall({ bearingDeg: latitude > 0 ? 180 : 0 })]), dayOf(month, day)),
    ) / 60;
  expect(Math.abs(hours(40, 12, 21) - 6.016) * 60).toBeLessThan(1.5);
  expect(Math.abs(hours(51.5, 11, 10) - 4.258) * 60).toBeLessThan(1.5);
  expect(Math.abs(hours(60, 10, 20) - 3.432) * 60).toBeLessThan(1.5);
  // In summer, at these heights, such a wall costs nothing.
  expect(hours(40, 6, 21)).toBeCloseTo(
    dayLengthH(40, sunDay({ longitudeDeg: 0 }, dayOf(6, 21)).declinationRad),
    2,
  );
});

test('a wall that faces the equator has its closed hours; one that faces east or west has half the day', () => {
  const day = dayOf(6, 21);
  const { declinationRad } = sunDay({ longitudeDeg: 0 }, day);
  const facing = (facingDeg: number) =>
    reckonDay(open(45, [{ id: 'b', kind: 'building', facingDeg }]), day);
  expect(
    Math.abs(
      direct(facing(180)) -
        ((2 * Math.acos(Math.tan(declinationRad) / Math.tan(45 * RAD_PER_DEG)) * DEG_PER_RAD) /
          15) *
          60,
    ),
  ).toBeLessThan(1);
  expect([facing(180), facing(0)].map((d) => Math.round(direct(d) / 0.6) / 100)).toEqual([
    expect.closeTo(8.57, 1),
    expect.closeTo(6.85, 1),
  ]);
  expect(facing(90).directPmMin).toBeLessThan(0.5);
  expect(facing(270).directAmMin).toBeLessThan(0.5);
  expect(direct(facing(90))).toBeCloseTo(direct(facing(270)), 0);
  const southEast = facing(135);
  expect([southEast.directAmMin / 60, southEast.directPmMin / 60]).toEqual([
    expect.closeTo(7.71, 1),
    expect.closeTo(1.38, 1),
  ]);
});

test('an endless eave over a wall that faces the equator: none at midsummer when deep, only mornings and evenings in October', () => {
  const eave = (depthCm: number, heightCm: number): readonly Obstacle[] => [
    { id: 'b', kind: 'building', facingDeg: 180 },
    { id: 'e', kind: 'eave', facingDeg: 180, depthCm, backCm: 0, heightCm, ...ENDLESS },
  ];
  expect(direct(reckonDay(open(40, eave(60, 180)), dayOf(6, 21)))).toBeLessThan(1);
  expect(direct(reckonDay(open(40, eave(45, 180)), dayOf(6, 21))) / 60).toBeCloseTo(3.61, 1);
  const october = reckonDay(open(40, eave(180, 100)), dayOf(10, 20));
  expect(direct(october) / 60).toBeCloseTo(2.66, 1);
});

test('one more thing round about never gives more sun', () => {
  fc.assert(
    fc.property(scene, anyObstacle, ({ day, ...rest }, more) => {
      const around = { ...rest, longitudeDeg: 0 };
      const [before, after] = [
        reckonDay(around, day),
        reckonDay({ ...around, obstacles: [...around.obstacles, more] }, day),
      ];
      expect(direct(after)).toBeLessThanOrEqual(direct(before) + 0.6);
      expect(direct(after) + after.dappledEffectiveMin).toBeLessThanOrEqual(
        direct(before) + before.dappledEffectiveMin + 0.6,
      );
    }),
    { seed: 112, numRuns: 80 },
  );
});

test('a mirrored scene has mirrored mornings and afternoons', () => {
  fc.assert(
    fc.property(scene, ({ day, ...rest }) => {
      // At the solstices the sun does not drift, so that the mirror is exact.
      const solstice = day % 2 ? 171 : 354;
      const around = { ...rest, longitudeDeg: 0 };
      const here = reckonDay(around, solstice);
      const there = reckonDay({ ...around, obstacles: around.obstacles.map(mirrored) }, solstice);
      expect(Math.abs(there.directAmMin - here.directPmMin)).toBeLessThan(1.5);
      expect(Math.abs(there.directPmMin - here.directAmMin)).toBeLessThan(1.5);
    }),
    { seed: 113, numRuns: 60 },
  );
});

test('half a year apart, the southern mirror of a scene has the same sun', () => {
  const north = reckonDay(
    open(48, [wall({ bearingDeg: 200, heightCm: 220, leftCm: 150, rightCm: 150 })]),
    171,
  );
  const south = reckonDay(
    open(-48, [wall({ bearingDeg: 340, heightCm: 220, leftCm: 150, rightCm: 150 })]),
    354,
  );
  expect(direct(south)).toBeCloseTo(direct(north), -1);
});

test('leaves come in spring and go in autumn; evergreens stay', () => {
  const tree = {
    id: 't',
    kind: 'tree',
    bearingDeg: 180,
    distanceCm: 500,
    heightCm: 800,
    clearCm: 200,
    widthCm: 500,
    evergreen: false,
    leafOnWeek: 17,
    leafOffWeek: 44,
    letsThrough: 0.2,
    bareLetsThrough: 0.6,
  } as const;
  expect([10, 17, 20, 30, 44, 47].map((week) => leavesLetThrough(tree, week))).toEqual(
    [0.6, 0.6, 0.2, 0.2, 0.2, 0.6].map((v) => expect.closeTo(v, 9)),
  );
  expect(leavesLetThrough({ ...tree, evergreen: true }, 2)).toBe(0.2);
  // The other half of the year, in the south.
  expect(leavesLetThrough({ ...tree, leafOnWeek: 40, leafOffWeek: 18 }, 2)).toBeCloseTo(0.2, 9);
});

test('a thing lower than the leaves shades nothing', () => {
  expect(reckonDay(open(50, [wall({ heightCm: 90 })], 90), 20)).toEqual(
    reckonDay(open(50, [], 90), 20),
  );
  expect(direct(reckonDay(open(50, [wall({ heightCm: 190 })], 90), 340))).toBeLessThan(
    direct(reckonDay(open(50, [], 90), 340)),
  );
});

test('months are means of their days, and heat counts afternoons for more', () => {
  const year = reckonYear(open(51.5, [{ id: 'b', kind: 'building', facingDeg: 270 }]));
  expect(monthlySun(year)[5]!.directH).toBeCloseTo(
    meanSun(
      year,
      Array.from({ length: 30 }, (_, i) => 151 + i),
    ).directH,
    9,
  );
  const june = monthlySun(year)[5]!;
  expect(sunWhenOf(june)).toBe('afternoon');
  expect(heatHours(june, 0)).toBeCloseTo(june.directPmH * 1.15 + june.directAmH * 0.85, 9);
  expect(heatHours(june, 0.2)).toBeCloseTo(heatHours(june, 0) * 1.2, 9);
});

test('labels on both sides of each threshold, by habit; dappled where leaves let most of it through', () => {
  const of = (directH: number, dappledH = 0) => ({
    directH,
    directAmH: directH / 2,
    directPmH: directH / 2,
    dappledH,
    effectiveH: directH + dappledH * 0.3,
  });
  expect([6, 5.99, 4, 3.99, 2, 1.99].map((h) => lightLabel(of(h), 'plain'))).toEqual([
    'full sun',
    'part sun',
    'part sun',
    'part shade',
    'part shade',
    'shade',
  ]);
  expect([3, 2.99].map((h) => lightLabel(of(h), 'british'))).toEqual(['part sun', 'shade']);
  expect([4, 3.99].map((h) => lightLabel(of(h), 'american'))).toEqual(['part sun', 'shade']);
  expect(lightLabel(of(7), 'kitchen')).toBe('part sun');
  expect(lightLabel(of(1, 6), 'plain')).toBe('dappled');
  expect(lightLabel(of(1, 0.9), 'plain')).toBe('shade');
  expect(lightLabel(of(0.2, 1), 'plain')).toBe('shade');
});

test('a corner that the sun reaches only in high summer is told so', () => {
  const year = reckonYear(open(51.5, [wall({ bearingDeg: 180, distanceCm: 100, heightCm: 165 })]));
  const spells = lightSpells(
    year,
    Array.from({ length: 330 }, (_, i) => 10 + i),
    'plain',
  );
  expect(spells[0]!.label).toBe('shade');
  expect(spells.some(({ label }) => label === 'full sun' || label === 'part sun')).toBe(true);
  expect(spells[spells.length - 1]!.label).toBe('shade');
  for (let i = 1; i < spells.length; i += 1)
    expect(spells[i]!.label).not.toBe(spells[i - 1]!.label);
});

test('midsummer is in June in the north and round Christmas in the south; weeks and days agree', () => {
  expect([midsummerDays(50)[28], midsummerDays(-50)[28]]).toEqual([171, 354]);
  for (let week = 1; week <= 52; week += 1) expect(weekOfDay(dayOfWeek(week))).toBe(week);
});

test('inside-out and absurd obstacles are refused at their field', () => {
  const fault = (obstacle: unknown) => obstacleSchema.safeParse(obstacle).error?.issues[0];
  const tree = {
    id: 't',
    kind: 'tree',
    bearingDeg: 180,
    distanceCm: 500,
    heightCm: 300,
    clearCm: 300,
    widthCm: 500,
    evergreen: false,
    leafOnWeek: 17,
    leafOffWeek: 44,
    letsThrough: 0.2,
    bareLetsThrough: 0.6,
  };
  expect(fault(tree)).toMatchObject({
    path: ['clearCm'],
    message: 'Clear stem must be below the top (300 cm); got 300.',
  });
  expect(fault({ ...tree, clearCm: 100, bareLetsThrough: 0.1 })).toMatchObject({
    path: ['bareLetsThrough'],
  });
  expect(fault({ ...wall({}), leftCm: 0, rightCm: 5 })).toMatchObject({ path: ['rightCm'] });
  expect(fault({ ...wall({}), ...{ leftCm: 100, rightCm: 100 }, distanceCm: -2 })).toMatchObject({
    path: ['distanceCm'],
    message: 'Distance must be 5–20000 cm; got -2.',
  });
  expect(fault({ ...wall({}), kind: 'moat' })?.message).toMatch(
    /building, wall, hedge, eave, tree or skyline/,
  );
});
