import fc from 'fast-check';
import type { Shape } from '@/core/containers/shape';

const cm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** A closed outline that never crosses itself: radii at even angles. */
const star = fc
  .array(cm(15, 60), { minLength: 5, maxLength: 14 })
  .map((radii) =>
    radii.map((r, i): [number, number] => [
      r * Math.cos((i / radii.length) * 2 * Math.PI),
      r * Math.sin((i / radii.length) * 2 * Math.PI),
    ]),
  );

/** Every shape over its usual range of sizes. */
export const anyShape: fc.Arbitrary<Shape> = fc.oneof(
  fc.record({
    kind: fc.constant('round' as const),
    topCm: cm(8, 120),
    baseCm: cm(5, 120),
    depthCm: cm(5, 100),
  }),
  fc.record({ kind: fc.constant('cylinder' as const), topCm: cm(8, 120), depthCm: cm(5, 100) }),
  fc
    .tuple(cm(15, 90), cm(0.3, 1))
    .map(([topCm, share]): Shape => ({ kind: 'bowl', topCm, depthCm: (topCm / 2) * share })),
  fc.array(fc.tuple(cm(3, 20), cm(12, 28)), { minLength: 2, maxLength: 6 }).map((steps): Shape => {
    let at = 0;
    return {
      kind: 'urn',
      profile: [
        { heightCm: 0, widthCm: 18 },
        ...steps.map(([up, widthCm]) => ({ heightCm: (at += up), widthCm })),
      ],
    };
  }),
  fc.record({
    kind: fc.constant('square' as const),
    topCm: cm(8, 80),
    baseCm: cm(5, 80),
    depthCm: cm(5, 80),
  }),
  fc.record({
    kind: fc.constant('box' as const),
    lengthCm: cm(40, 150),
    widthCm: cm(15, 60),
    baseLengthCm: cm(20, 40),
    baseWidthCm: cm(8, 15),
    depthCm: cm(8, 60),
  }),
  fc.record({
    kind: fc.constant('saddle' as const),
    lengthCm: cm(40, 100),
    widthCm: cm(20, 40),
    baseLengthCm: cm(30, 40),
    baseWidthCm: cm(16, 20),
    depthCm: cm(16, 30),
    slotWidthCm: cm(3, 10),
    slotHeightCm: cm(4, 12),
  }),
  fc.tuple(cm(30, 80), cm(0.6, 1), cm(20, 60)).map(([topCm, share, depthCm]): Shape => ({
    kind: 'barrel',
    topCm,
    baseCm: topCm * share,
    depthCm,
  })),
  fc.record({
    kind: fc.constant('wall' as const),
    widthCm: cm(20, 90),
    projectionCm: cm(10, 40),
    depthCm: cm(10, 40),
  }),
  fc.tuple(cm(20, 80), cm(0.3, 1)).map(([topCm, share]): Shape => ({
    kind: 'basket',
    topCm,
    depthCm: Math.max(8, (topCm / 2) * share),
  })),
  fc.record({ kind: fc.constant('cone' as const), topCm: cm(20, 60), depthCm: cm(15, 60) }),
  fc
    .tuple(cm(50, 70), cm(28, 40), cm(14, 20), cm(12, 30))
    .map(([low, middle, high, depthCm]): Shape => ({
      kind: 'tiered',
      tiers: [low, middle, high].map((topCm) => ({ topCm, baseCm: topCm * 0.75, depthCm })),
    })),
  fc
    .tuple(cm(60, 120), cm(30, 50), cm(10, 25))
    .map(([lengthCm, widthCm, depthCm]): Shape => ({ kind: 'bag', lengthCm, widthCm, depthCm })),
  fc
    .tuple(star, fc.array(cm(0.3, 1.2), { minLength: 1, maxLength: 6 }), cm(8, 50))
    .map(([points, shares, depthCm]): Shape => ({
      kind: 'outline',
      points,
      shares: [...shares, 1],
      depthCm,
    })),
);
