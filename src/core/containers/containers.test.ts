import fc from 'fast-check';
import { BASKET, BOX, TUB } from '../../../tests/builders/plantings';
import { usualContainer } from '../plantings/start';
import { parseWith } from '../files/plantingFile';
import { brimL, mixAreaCm2, mixL, weightOf } from './container';
import { containerSchema } from './schema';
import { shapeSchema } from './schema';
import { insetCm, rimLengthCm, sectionAreaCm2, sectionAt, volumeBelowL, type Shape } from './shape';

/** Volume by adding up 4000 thin slices: the slow plain way. */
function integratedL(shape: Shape, heightCm: number): number {
  const slices = 4000;
  let sum = 0;
  for (let i = 0; i < slices; i += 1) sum += sectionAreaCm2(sectionAt(shape, ((i + 0.5) / slices) * heightCm)) * (heightCm / slices);
  return sum / 1000;
}

const cm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const anyShape: fc.Arbitrary<Shape> = fc.oneof(
  fc.record({ kind: fc.constant('round' as const), topCm: cm(8, 120), baseCm: cm(5, 120), depthCm: cm(5, 100) }),
  fc.record({ kind: fc.constant('box' as const), lengthCm: cm(40, 150), widthCm: cm(15, 60), baseLengthCm: cm(20, 40), baseWidthCm: cm(8, 15), depthCm: cm(8, 60) }),
  fc.tuple(cm(20, 80), cm(0.3, 1)).map(([topCm, share]) => ({ kind: 'basket' as const, topCm, depthCm: Math.max(8, (topCm / 2) * share) })),
);

test('volumes agree with slices added up, for every shape, within half a percent', () => {
  fc.assert(fc.property(anyShape, cm(0.1, 1), (shape, part) => {
    const height = shape.depthCm * part;
    expect(Math.abs(volumeBelowL(shape, height) / integratedL(shape, height) - 1)).toBeLessThan(0.005);
  }), { seed: 41 });
});

test.each([
  ['round 30 over 22, 28 deep, 3 below the rim', usualContainer('a', { kind: 'round', topCm: 30, baseCm: 22, depthCm: 28 }, 'terracotta'), 3, 14.983, 12.923],
  ['box 60 × 18 over 56 × 14, 16 deep', usualContainer('b', { kind: 'box', lengthCm: 60, widthCm: 18, baseLengthCm: 56, baseWidthCm: 14, depthCm: 16 }, 'plastic'), 2, 14.869, 12.748],
  ['hemisphere 30', usualContainer('c', { kind: 'basket', topCm: 30, depthCm: 15 }, 'coir'), 2, 7.069, 5.663],
  ['bowl 45, 16 deep', usualContainer('d', { kind: 'basket', topCm: 45, depthCm: 16 }, 'coir'), 2, 14.868, 11.794],
])('worked example: %s', (_, container, headspaceCm, full, soil) => {
  expect(brimL(container)).toBeCloseTo(full, 2);
  expect(mixL({ ...container, headspaceCm })).toBeCloseTo(soil, 2);
});

test('worked example: surface of the 30 cm pot is 667 cm² and its terracotta weighs 6.34 kg', () => {
  const pot = { ...usualContainer('a', { kind: 'round', topCm: 30, baseCm: 22, depthCm: 28 }, 'terracotta'), headspaceCm: 3 };
  expect(mixAreaCm2(pot)).toBeCloseTo(667, 0);
  expect(weightOf(pot, 0).emptyKg).toBeCloseTo(6.34, 1);
});

test('a soaked container is heavier than a watered one, and that than an empty one', () => {
  for (const container of [TUB, BOX, BASKET]) {
    const { emptyKg, wateredKg, soakedKg } = weightOf(container, 0.2);
    expect(emptyKg).toBeLessThan(wateredKg);
    expect(wateredKg).toBeLessThan(soakedKg);
  }
});

test('a point on the wall has no room, one in the middle has all of it', () => {
  expect(insetCm({ kind: 'disc', radiusCm: 10 }, 10, 0)).toBeCloseTo(0);
  expect(insetCm({ kind: 'rect', halfLengthCm: 30, halfWidthCm: 8 }, 29, 0)).toBeCloseTo(1);
  expect(rimLengthCm(BOX.shape)).toBe(220);
});

test.each<[string, unknown, string, RegExp]>([
  ['negative width', { kind: 'round', topCm: -3, baseCm: 20, depthCm: 20 }, 'topCm', /5–200 cm; got -3/],
  ['no number', { kind: 'round', topCm: Number.NaN, baseCm: 20, depthCm: 20 }, 'topCm', /got NaN/],
  ['absurd depth', { kind: 'round', topCm: 30, baseCm: 20, depthCm: 9000 }, 'depthCm', /5–200 cm; got 9000/],
  ['base longer than the top', { kind: 'box', lengthCm: 50, widthCm: 20, baseLengthCm: 60, baseWidthCm: 18, depthCm: 18 }, 'baseLengthCm', /must not pass the top length/],
  ['basket deeper than half a ball', { kind: 'basket', topCm: 30, depthCm: 16 }, 'depthCm', /half as deep as wide \(15 cm\); got 16/],
  ['unknown shape', { kind: 'cone' }, 'kind', /round, box, basket/],
])('%s is refused by name and value', (_, shape, field, message) => {
  const parsed = parseWith(shapeSchema, shape);
  expect(parsed.ok).toBe(false);
  if (!parsed.ok) {
    expect(parsed.faults[0]!.field).toBe(field);
    expect(parsed.faults[0]!.message).toMatch(message);
  }
});

test('headspace may take half the depth and no more', () => {
  expect(containerSchema.safeParse({ ...BOX, headspaceCm: 9 }).success).toBe(true);
  expect(containerSchema.safeParse({ ...BOX, headspaceCm: 9.1 }).success).toBe(false);
});
