import { usualContainer } from '../containers/usual';
import { legsOf } from '../marks/support';
import { BOOK } from '../plants/book/index';
import type { PlacedPlant } from '../plantings/planting';
import { NURSERY_SIZES } from '../plants/nursery';
import { dripMarks, sunMarks, supportMarks } from './aids';
import { guideMarks } from './guides';
import { containerMarks } from './container';
import { ballMarks, leanMarks } from './plants';

const TUB = usualContainer(
  'tub',
  { kind: 'round', topCm: 40, baseCm: 30, depthCm: 35 },
  'terracotta',
);
const plant = (change: Partial<PlacedPlant> = {}): PlacedPlant => ({
  id: 'a',
  kind: BOOK[0]!,
  kindId: BOOK[0]!.id,
  xCm: 10,
  zCm: -4,
  size: '9cm',
  seed: 1,
  ...change,
});

test('the rim is drawn in the middle of the wall', () => {
  const [rim] = containerMarks({ ...TUB, wallCm: 2 });
  expect(rim).toMatchObject({ kind: 'section', what: 'rim' });
  expect(rim?.kind === 'section' && rim.section).toMatchObject({ kind: 'disc', radiusCm: 21 });
});

test('balls are shown at their true size, each with its letter', () => {
  const marks = ballMarks([plant()], () => 'C');
  expect(marks).toEqual([
    { kind: 'circle', what: 'ball', at: [10, -4], radiusCm: NURSERY_SIZES['9cm'].topCm / 2 },
    { kind: 'label', what: 'letter', at: [10, -4], text: 'C' },
  ]);
});

test('a plant that slants points outward, further the more it slants; an upright one does not', () => {
  const pot = { container: TUB, hung: false };
  expect(leanMarks(plant(), pot)).toEqual([]);
  expect(leanMarks(plant({ lean: { tiltDeg: 0.5, turnDeg: 0 } }), pot)).toEqual([]);
  const reach = (tiltDeg: number) => {
    const [arrow] = leanMarks(plant({ lean: { tiltDeg, turnDeg: 0 } }), pot);
    if (arrow?.kind !== 'arrow') throw new Error('no arrow');
    return Math.hypot(...arrow.to);
  };
  expect(reach(10)).toBeGreaterThan(Math.hypot(10, 4));
  expect(reach(30)).toBeGreaterThan(reach(10));
});

test('the sun in the south stands toward the front of a spot that looks south', () => {
  const noon = { hour: 12, bearingDeg: 180, altitudeDeg: 60, through: 1 };
  const marks = sunMarks(TUB, [noon], 180, (hour) => `${hour} h`);
  const [tick, first, last] = marks;
  if (tick?.kind !== 'line' || first?.kind !== 'label') throw new Error('no tick');
  expect(tick.what).toBe('sun');
  expect(tick.points[1]![0]).toBeCloseTo(0);
  expect(tick.points[1]![1]).toBeGreaterThan(tick.points[0]![1]);
  expect(first.text).toBe('sun 12 h');
  expect(last).toMatchObject({ text: '12.5 h' });
});

test('round a box the sun’s ticks and hours stand outside its edges, at every bearing', () => {
  const box = usualContainer(
    'box',
    { kind: 'box', lengthCm: 90, widthCm: 20, baseLengthCm: 90, baseWidthCm: 20, depthCm: 18 },
    'metal',
  );
  for (let bearingDeg = 0; bearingDeg < 360; bearingDeg += 7) {
    const marks = sunMarks(
      box,
      [{ hour: 9, bearingDeg, altitudeDeg: 30, through: 1 }],
      200,
      String,
    );
    const points = marks.flatMap((mark) =>
      mark.kind === 'line' ? mark.points : mark.kind === 'label' ? [mark.at] : [],
    );
    expect(points).toHaveLength(4);
    for (const [x, z] of points) expect(Math.abs(x) > 45 || Math.abs(z) > 10).toBe(true);
  }
});

test('in shade the ticks are short and no hours are told', () => {
  const shaded = { hour: 8, bearingDeg: 90, altitudeDeg: 20, through: 0.49 };
  const marks = sunMarks(TUB, [shaded], 180, String);
  expect(marks.map(({ what }) => what)).toEqual(['shade']);
  const lit = sunMarks(TUB, [{ ...shaded, through: 0.5 }], 180, String);
  expect(lit.map(({ what }) => what)).toEqual(['sun', 'sun hour', 'sun hour']);
});

test('a wigwam has a line for every leg', () => {
  const support = { form: 'wigwam', xCm: 2, zCm: 1, widthCm: 20, heightCm: 120 } as const;
  expect(supportMarks(support)).toHaveLength(legsOf(support, { soilY: () => 0 }).length);
});

test('emitters lie within the rim', () => {
  const marks = dripMarks(TUB, [plant(), plant({ id: 'b', xCm: -8 })]);
  expect(marks.length).toBeGreaterThan(0);
  for (const mark of marks)
    expect(mark.kind === 'symbol' && Math.hypot(...mark.at)).toBeLessThan(20);
});

test('a guide to a plant that is gone draws nothing', () => {
  const guide = { kind: 'touch', of: 'gone' } as never;
  expect(guideMarks([guide], { acrossCm: 20, deepCm: 20 }, [plant()])).toEqual([]);
});
