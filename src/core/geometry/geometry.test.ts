import fc from 'fast-check';
import { gapCm, overlapCm2 } from './discs';
import { convexHull } from './hull';
import { add, cross, dot, length, squareTo, unit } from './vec3';

test('two discs of radius 10, 10 cm apart, share 122.84 cm²', () => {
  expect(
    overlapCm2({ xCm: 0, zCm: 0, radiusCm: 10 }, { xCm: 10, zCm: 0, radiusCm: 10 }),
  ).toBeCloseTo(122.84, 2);
});

test('discs that touch share nothing and have no gap; one inside another shares the whole of the smaller', () => {
  const a = { xCm: 0, zCm: 0, radiusCm: 5 };
  expect(overlapCm2(a, { xCm: 8, zCm: 0, radiusCm: 3 })).toBe(0);
  expect(gapCm(a, { xCm: 8, zCm: 0, radiusCm: 3 })).toBeCloseTo(0);
  expect(overlapCm2(a, { xCm: 1, zCm: 0, radiusCm: 2 })).toBeCloseTo(Math.PI * 4);
});

test('shared area is the same either way round and never more than the smaller disc', () => {
  const disc = fc.record({
    xCm: fc.double({ min: -40, max: 40, noNaN: true }),
    zCm: fc.double({ min: -40, max: 40, noNaN: true }),
    radiusCm: fc.double({ min: 0.1, max: 40, noNaN: true }),
  });
  fc.assert(
    fc.property(disc, disc, (a, b) => {
      const shared = overlapCm2(a, b);
      expect(shared).toBeCloseTo(overlapCm2(b, a), 6);
      expect(shared).toBeLessThanOrEqual(Math.PI * Math.min(a.radiusCm, b.radiusCm) ** 2 + 1e-6);
      expect(shared).toBeGreaterThanOrEqual(0);
    }),
    { seed: 11 },
  );
});

test('a hull holds every point, turning one way', () => {
  const point = fc.tuple(fc.integer({ min: -50, max: 50 }), fc.integer({ min: -50, max: 50 }));
  fc.assert(
    fc.property(fc.array(point, { minLength: 3, maxLength: 40 }), (points) => {
      const hull = convexHull(points);
      fc.pre(hull.length >= 3);
      hull.forEach((a, i) => {
        const b = hull[(i + 1) % hull.length]!;
        for (const p of points)
          expect(
            (b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]),
          ).toBeGreaterThanOrEqual(0);
      });
    }),
    { seed: 12 },
  );
});

test('the square part of a vector is unit and square to the axis, even when they are parallel', () => {
  const axis = unit([0.3, 1, -0.2]);
  for (const v of [
    [1, 0, 0],
    [0.3, 1, -0.2],
    [0, -1, 0],
  ] as const) {
    const s = squareTo(v, axis);
    expect(length(s)).toBeCloseTo(1, 6);
    expect(dot(s, axis)).toBeCloseTo(0, 6);
  }
});

test('a point goes along another once, or as many times as is said', () => {
  expect(add([1, 2, 3], [10, 20, 30])).toEqual([11, 22, 33]);
  expect(add([1, 2, 3], [10, 20, 30], -0.5)).toEqual([-4, -8, -12]);
});

test('the cross product stands square on both, and turns the other way when they change places', () => {
  const axis = fc.integer({ min: -9, max: 9 });
  const vector = fc.tuple(axis, axis, axis);
  expect(cross([1, 0, 0], [0, 1, 0])).toEqual([0, 0, 1]);
  fc.assert(
    fc.property(vector, vector, (a, b) => {
      const c = cross(a, b);
      expect(dot(a, c)).toBe(0);
      expect(dot(b, c)).toBe(0);
      expect(add(c, cross(b, a))).toEqual([0, 0, 0]);
      // Its length is the area between them.
      expect(length(c) ** 2).toBeCloseTo(dot(a, a) * dot(b, b) - dot(a, b) ** 2, 6);
    }),
    { seed: 12 },
  );
});

test('a disc of no size shares nothing, whichever of the two it is', () => {
  const disc = { xCm: 0, zCm: 0, radiusCm: 5 };
  for (const radiusCm of [0, -1]) {
    expect(overlapCm2(disc, { xCm: 1, zCm: 0, radiusCm })).toBe(0);
    expect(overlapCm2({ xCm: 1, zCm: 0, radiusCm }, disc)).toBe(0);
  }
});
