import { SHAPE_KINDS } from './fields';
import { shapeSchema } from './schema';
import { halfDepthCm, halfFrontCm, insideDepthCm, type Shape } from './shape';
import { turnedInto } from './usualShape';

const FROM: readonly Shape[] = [
  { kind: 'round', topCm: 40, baseCm: 30, depthCm: 34 },
  { kind: 'round', topCm: 14, baseCm: 10, depthCm: 9 },
  { kind: 'square', topCm: 60, baseCm: 50, depthCm: 80 },
  {
    kind: 'box',
    lengthCm: 110,
    widthCm: 18,
    baseLengthCm: 108,
    baseWidthCm: 16,
    depthCm: 17,
  },
  { kind: 'basket', topCm: 36, depthCm: 18 },
  { kind: 'bowl', topCm: 45, depthCm: 12 },
];
const each = SHAPE_KINDS.flatMap((kind) => FROM.map((from) => [kind, from.kind, from] as const));

test.each(each)('a %s to measure from, made of a %s, is one that can be kept', (kind, _, from) => {
  const shape = turnedInto(kind, from);
  expect(shape.kind).toBe(kind);
  expect(shapeSchema.safeParse(shape).error?.issues ?? []).toEqual([]);
});

test('it is about as large as what it is made of, where its kind allows', () => {
  const pot = FROM[0]!;
  for (const kind of ['round', 'square', 'cylinder', 'barrel', 'urn', 'outline', 'box'] as const) {
    const shape = turnedInto(kind, pot);
    expect([kind, Math.abs(2 * halfFrontCm(shape) - 40) < 4]).toEqual([kind, true]);
    expect([kind, Math.abs(insideDepthCm(shape) - 34) < 2]).toEqual([kind, true]);
  }
  // A long box stays long, and a round pot has the area of it.
  const box = FROM[3]!;
  expect(turnedInto('saddle', box)).toMatchObject({ lengthCm: 110, widthCm: 22 });
  expect(2 * halfDepthCm(turnedInto('round', box))).toBeCloseTo(Math.sqrt(110 * 18), 0);
});

test('what a kind needs at least and bears at most it gets', () => {
  const small = FROM[1]!;
  const large = FROM[2]!;
  expect(turnedInto('box', small)).toMatchObject({ lengthCm: 20, widthCm: 14 });
  expect(turnedInto('bag', small)).toMatchObject({ lengthCm: 40, widthCm: 25 });
  expect(turnedInto('basket', small)).toMatchObject({ topCm: 16, depthCm: 8 });
  // A bowl is no deeper than half its width, a basket neither.
  expect(turnedInto('bowl', large)).toMatchObject({ topCm: 60, depthCm: 30 });
  expect(turnedInto('basket', large)).toMatchObject({ topCm: 60, depthCm: 30 });
  expect(turnedInto('wall', large)).toMatchObject({ widthCm: 60, projectionCm: 30, depthCm: 80 });
  expect(turnedInto('tiered', small)).toMatchObject({
    tiers: [{ topCm: 40 }, { topCm: 27.2 }, { topCm: 16.8 }],
  });
});
