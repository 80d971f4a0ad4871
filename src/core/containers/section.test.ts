import fc from 'fast-check';
import {
  disc,
  edgeLengthCm,
  grown,
  insetCm,
  outlineOf,
  polygon,
  reachOf,
  rect,
  sectionAreaCm2,
  spanOf,
  towardEdge,
  turnedAreaCm2,
  type PlanPoint,
  type Section,
} from './section';

/** A rectangle of 30 by 20 cm, as such and as corners, turning either way. */
const CORNERS: readonly PlanPoint[] = [
  [-15, -10],
  [15, -10],
  [15, 10],
  [-15, 10],
];
const PLAIN = rect(15, 10);
const AS_POINTS = polygon(CORNERS);
const REVERSED = polygon([...CORNERS].reverse());
/** On an axis of the middle two ways are as far, or all are. */
const isMiddle = (x: number, z: number) => Math.abs(x) < 0.001 || Math.abs(z) < 0.001;
const inside = fc.tuple(
  fc.double({ min: -14.9, max: 14.9, noNaN: true }),
  fc.double({ min: -9.9, max: 9.9, noNaN: true }),
);

test('a rectangle given by its corners is the same as one given by its sides: area, edge, reach, room and the way out', () => {
  for (const section of [AS_POINTS, REVERSED]) {
    expect(sectionAreaCm2(section)).toBeCloseTo(sectionAreaCm2(PLAIN), 9);
    expect(edgeLengthCm(section)).toBeCloseTo(100, 9);
    expect(reachOf(section)).toEqual(reachOf(PLAIN));
    expect(spanOf(section)).toEqual(spanOf(PLAIN));
  }
  fc.assert(
    fc.property(inside, ([x, z]) => {
      expect(insetCm(AS_POINTS, x, z)).toBeCloseTo(insetCm(PLAIN, x, z), 9);
      // Where two sides are as near, either way is right.
      if (Math.abs(15 - Math.abs(x) - (10 - Math.abs(z))) < 1e-6 || isMiddle(x, z)) return;
      const [a, b] = [towardEdge(AS_POINTS, x, z), towardEdge(PLAIN, x, z)];
      expect(a[0]).toBeCloseTo(b[0], 6);
      expect(a[1]).toBeCloseTo(b[1], 6);
    }),
    { seed: 5 },
  );
});

test('the way to the edge has length one, and going as far as there is room ends on the edge', () => {
  const sections: readonly Section[] = [disc(20), disc(20, 6), PLAIN, AS_POINTS, REVERSED];
  fc.assert(
    fc.property(fc.constantFrom(...sections), inside, (section, [x, z]) => {
      const room = insetCm(section, x, z);
      if (room < 0.01 || isMiddle(x, z)) return;
      const [dx, dz] = towardEdge(section, x, z);
      expect(Math.hypot(dx, dz)).toBeCloseTo(1, 6);
      expect(insetCm(section, x + dx * room, z + dz * room)).toBeCloseTo(0, 4);
    }),
    { seed: 6 },
  );
});

test('on the very edge the way out is square to it and of length one', () => {
  for (const [x, z] of [
    [15, 3],
    [-15, -4],
    [6, 10],
    [-2, -10],
  ] as const) {
    const [dx, dz] = towardEdge(AS_POINTS, x, z);
    expect(Math.hypot(dx, dz)).toBeCloseTo(1, 9);
    // Along one axis only, whichever side it is.
    expect(Math.abs(dx * dz)).toBeLessThan(1e-9);
    expect(Math.abs(x) === 15 ? Math.abs(dx) : Math.abs(dz)).toBeCloseTo(1, 9);
  }
});

test('outside there is no room: the figure is the distance with a minus', () => {
  expect(insetCm(AS_POINTS, 18, 14)).toBeCloseTo(-5, 9);
  expect(insetCm(AS_POINTS, 0, 12)).toBeCloseTo(-2, 9);
  expect(insetCm(disc(20), 25, 0)).toBeCloseTo(-5, 9);
});

test('a section grown by so much has its edge so much farther out, and shrunk again it is as it was', () => {
  for (const section of [disc(20), PLAIN]) {
    const wide = grown(section, 3);
    expect(insetCm(wide, 0, 0) - insetCm(section, 0, 0)).toBeCloseTo(3, 9);
    expect(sectionAreaCm2(grown(wide, -3))).toBeCloseTo(sectionAreaCm2(section), 6);
  }
});

test('the outline runs along the edge all the way round', () => {
  for (const section of [disc(20), PLAIN, AS_POINTS]) {
    const points = outlineOf(section);
    for (const [x, z] of points) expect(Math.abs(insetCm(section, x, z))).toBeLessThan(1e-6);
    expect(Math.abs(turnedAreaCm2(points)) / sectionAreaCm2(section)).toBeGreaterThan(0.98);
  }
});
