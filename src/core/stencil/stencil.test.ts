import { usualContainer } from '../containers/usual';
import { legsOf } from '../marks/support';
import { BOOK } from '../plants/book/index';
import { wallOf } from '../containers/container';
import type { PlacedPlant, SidePlant } from '../plantings/planting';
import { NURSERY_SIZES } from '../plants/nursery';
import { dripMarks, sunMarks, supportMarks } from './aids';
import { guideMarks } from './guides';
import { containerMarks } from './container';
import { ballMarks, leanMarks } from './plants';
import { outsideReachCm, sideMarks } from './sides';

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

test('side holes stand outside the rim, each row 2.6 cm from the next, the lowest outermost; planted ones with their letter', () => {
  const basket = {
    ...usualContainer('basket', { kind: 'basket', topCm: 40, depthCm: 22 }, 'coir'),
    sideHoles: [
      { heightCm: 6, count: 6 },
      { heightCm: 12, count: 6 },
      { heightCm: 17, count: 6 },
    ],
  };
  const side = { row: 1, hole: 2 } as SidePlant;
  const marks = sideMarks(basket, [side], () => 'B');
  const holes = marks.filter((mark) => mark.kind === 'circle');
  expect(holes).toHaveLength(18);
  const off = holes.map(({ at: [x, z] }) => Math.hypot(x, z) - 20 - wallOf(basket));
  // By row: the lowest farthest out.
  expect(off[0]! - off[6]!).toBeCloseTo(2.6, 1);
  expect(off[6]! - off[12]!).toBeCloseTo(2.6, 1);
  expect(off[12]!).toBeCloseTo(1.5, 1);
  for (let i = 0; i < 18; i += 1) expect(off[i]).toBeCloseTo(off[6 * Math.floor(i / 6)]!, 6);
  // Room is left for the outermost, its radius too.
  expect(outsideReachCm(basket)).toBeCloseTo(off[0]! + holes[0]!.radiusCm, 1);
  expect(outsideReachCm({ sideHoles: basket.sideHoles.slice(0, 1) })).toBeCloseTo(2.55, 9);
  const planted = marks.filter(({ what }) => what === 'planted side' || what === 'side letter');
  expect(planted.map((mark) => ('at' in mark ? mark.at : null))).toEqual([
    holes[8]!.at,
    holes[8]!.at,
  ]);
  expect(marks.find((mark) => mark.kind === 'label')).toMatchObject({ text: 'B' });
});

test('a fan is a line as wide as it is, with a foot across each end; an obelisk a square with its corners crossed', () => {
  const support = { form: 'trellis', heightCm: 100, widthCm: 40, xCm: 3, zCm: -10 } as const;
  const lines = supportMarks(support).map((mark) => (mark.kind === 'line' ? mark.points : []));
  expect(lines).toEqual([
    [
      [-17, -10],
      [23, -10],
    ],
    [
      [-17, -11],
      [-17, -9],
    ],
    [
      [23, -11],
      [23, -9],
    ],
  ]);
  const obelisk = supportMarks({ ...support, form: 'obelisk', widthCm: 20 });
  const corners = obelisk.flatMap((mark) => (mark.kind === 'line' ? mark.points : []));
  expect(obelisk).toHaveLength(3);
  for (const [x, z] of corners) expect([Math.abs(x - 3), Math.abs(z + 10)]).toEqual([10, 10]);
});

test('the arrow of a slant begins at the stem and grows with it: straight outward, or turned to the right of that', () => {
  const arrow = (tiltDeg: number, turnDeg: number) => {
    const [mark] = leanMarks(plant({ xCm: 10, zCm: 0, lean: { tiltDeg, turnDeg } }), {
      container: TUB,
      hung: false,
    });
    return mark?.kind === 'arrow' ? mark : null;
  };
  const straight = arrow(20, 0)!;
  expect(straight.from[0]).toBeCloseTo(11.6, 6);
  expect(straight.to[0]).toBeCloseTo(10 + 2.2 + 20 * 0.09, 6);
  expect(straight.to[1]).toBeCloseTo(0, 6);
  expect(arrow(40, 0)!.to[0]).toBeCloseTo(10 + 2.2 + 40 * 0.09, 6);
  // Looking outward along x, right is toward the front's opposite: by the plan's own axes.
  const turned = arrow(20, 90)!;
  expect(turned.to[0]).toBeCloseTo(10, 6);
  expect(Math.abs(turned.to[1])).toBeCloseTo(4, 6);
  expect(Math.sign(arrow(20, -90)!.to[1])).toBe(-Math.sign(turned.to[1]));
  expect([arrow(1, 0) === null, arrow(0.9, 0) === null]).toEqual([false, true]);
});
