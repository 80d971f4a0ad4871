import { BOX, planted, TUB } from '../../../tests/builders/plantings';
import { opinionOf, tryFixes } from '../checks/opinion';
import { read } from '../checks/reading';
import { mixSurface } from '../containers/container';
import { insetCm } from '../containers/section';
import { kindOf } from '../plants/book/index';
import { growSupport, legsOf } from '../marks/support';
import { vesselOf } from '../marks/vessel';
import { extentOf } from '../seeing/framing';
import { buildScene } from '../seeing/scene';
import { subjectOf } from '../seeing/subject';
import { applyEdit } from './edits';
import { plantingSchema } from './schema';
import { reaches, usualSupport, type Support } from './support';
import { SUPPORT_FORMS } from './supportSchema';

const CLIMBER = 'clematis-violet';
const obelisk: Support = { form: 'obelisk', heightCm: 110, widthCm: 20, xCm: 0, zCm: 0 };

test('what stands within a hand’s breadth of its foot reaches it, a step farther does not; a fan only along its width', () => {
  expect(reaches(obelisk, { xCm: 0, zCm: 24.9 })).toBe(true);
  expect(reaches(obelisk, { xCm: 0, zCm: 25.1 })).toBe(false);
  const fan: Support = { ...obelisk, form: 'trellis', widthCm: 60 };
  expect(reaches(fan, { xCm: 44, zCm: 14 })).toBe(true);
  expect(reaches(fan, { xCm: 46, zCm: 0 })).toBe(false);
  expect(reaches(fan, { xCm: 0, zCm: 16 })).toBe(false);
});

test.each(SUPPORT_FORMS)(
  'a usual %s stands with its feet in the mix, ends at its height and is a valid one',
  (form) => {
    for (const container of [TUB, BOX]) {
      const support = usualSupport(container, form);
      expect(plantingSchema.shape.support.safeParse(support).success).toBe(true);
      const vessel = vesselOf(container, false);
      const mixY = vessel.soilY(support.xCm, support.zCm);
      const marks = growSupport(support, vessel);
      const tops = marks.flatMap(({ p, to }) => [p[1], to[1]]);
      expect(Math.max(...tops)).toBeCloseTo(mixY + support.heightCm, 0);
      expect(Math.min(...tops)).toBeCloseTo(mixY - 2, 5);
      for (const { from } of legsOf(support, vessel))
        expect(insetCm(mixSurface(container), from[0], from[2])).toBeGreaterThan(0);
      // Cut short, or leaves in front of it and behind it could not be told apart.
      for (const { p, to } of marks)
        expect(Math.hypot(to[0] - p[0], to[1] - p[1], to[2] - p[2])).toBeLessThan(10);
    }
  },
);

test('a climber near a support is drawn on its legs; one out of reach stays on its own canes', () => {
  const leaves = (x: number, support?: Support) => {
    const it = planted([[CLIMBER, x, 0]], { container: BOX, ...(support ? { support } : {}) });
    return buildScene(subjectOf(it), 14).marks.filter(({ kind }) => kind === 'leaf');
  };
  const off = (marks: ReturnType<typeof leaves>, x: number) =>
    marks.reduce((sum, { p }) => sum + Math.abs(p[0] - x), 0) / marks.length;
  const wide: Support = { ...obelisk, widthCm: 24, xCm: -18 };
  expect(off(leaves(-10, wide), -18)).toBeLessThan(off(leaves(-10), -18));
  expect(leaves(28, wide)).toEqual(
    leaves(28).map((leaf) => ({ ...leaf, ao: expect.any(Number), sun: expect.any(Number) })),
  );
});

test('set in and taken out it leaves the planting as it was, and the drawing makes room for it', () => {
  const it = planted([[CLIMBER, 0, 0]]);
  const tall: Support = { ...obelisk, heightCm: 280 };
  const there = applyEdit(it.planting, { kind: 'support', support: tall });
  expect(there.support).toEqual(tall);
  expect(applyEdit(there, { kind: 'support', support: null })).toEqual(it.planting);
  expect(extentOf(read({ ...it, planting: there })).aboveCm).toBeGreaterThan(
    extentOf(read(it)).aboveCm + 50,
  );
});

test('the remark on climbing is answered by a support in reach, and offers one as high as the plant', () => {
  const remark = (support?: Support) =>
    opinionOf(
      planted(
        [
          [CLIMBER, 0, 0],
          ['petunia-white', 10, 8],
        ],
        support ? { support } : {},
      ),
    ).remarks.find(({ check }) => check === 'support');
  expect(remark()).toBeDefined();
  expect(remark({ ...obelisk, xCm: 200 })).toBeDefined();
  expect(remark(obelisk)?.severity ?? 'right').toBe('right');
  const fix = tryFixes(
    planted([
      [CLIMBER, 4, 2],
      ['petunia-white', -10, 8],
    ]),
    'support',
    kindOf,
  )!;
  expect(fix.edit).toMatchObject({ kind: 'support', support: { form: 'obelisk', xCm: 4, zCm: 2 } });
  expect(fix.after).toBe(1);
});

test('a support stands about twice as high as its pot is wide, in fives, and no higher than is put up by hand', () => {
  const high = (topCm: number) =>
    usualSupport({ ...TUB, shape: { kind: 'cylinder', topCm, depthCm: 34 } }, 'obelisk').heightCm;
  for (const topCm of [24, 30, 40, 55, 75]) {
    expect(high(topCm) % 5).toBe(0);
    expect(high(topCm) / topCm).toBeGreaterThan(1.7);
    expect(high(topCm) / topCm).toBeLessThan(2.4);
  }
  expect(high(15)).toBe(40);
  expect(high(120)).toBe(180);
});
