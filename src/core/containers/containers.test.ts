import fc from 'fast-check';
import { BASKET, BOX, TUB } from '../../../tests/builders/plantings';
import { areaByHand, holdsPoint, integratedL } from '../../../tests/builders/insideByHand';
import { anyShape } from '../../../tests/builders/shapes';
import { parseWith } from '../files/parse';
import { brimL, mixAreaCm2, mixL } from './container';
import { containerSchema, shapeSchema } from './schema';
import { insetCm, polygonAreaCm2, rect, disc, outlineOf, sectionAreaCm2 } from './section';
import { formOf, rimLengthCm, type Shape } from './shape';
import { usualContainer } from './usual';
import { weightOf } from './weight';

test('volumes agree with lines added up through every shape, over random dimensions, within half a percent', () => {
  const seen = new Set<string>();
  fc.assert(
    fc.property(anyShape, fc.double({ min: 0.15, max: 1, noNaN: true }), (shape, part) => {
      seen.add(shape.kind);
      const height = formOf(shape).depthCm * part;
      expect([
        shape.kind,
        Math.abs(formOf(shape).volumeBelowL(height) / integratedL(shape, height) - 1) < 0.005,
      ]).toEqual([shape.kind, true]);
    }),
    { seed: 41, numRuns: 140 },
  );
  expect([...seen].sort()).toEqual([
    'bag',
    'barrel',
    'basket',
    'bowl',
    'box',
    'cone',
    'cylinder',
    'outline',
    'round',
    'saddle',
    'square',
    'tiered',
    'urn',
    'wall',
  ]);
}, 60_000);

test('cuts through every shape are where its measures put them, edge and area', () => {
  fc.assert(
    fc.property(anyShape, fc.double({ min: 0.1, max: 0.98, noNaN: true }), (shape, part) => {
      const height = formOf(shape).depthCm * part;
      const section = formOf(shape).sectionAt(height);
      // Outlines and what hangs on a wall are not laid out round the middle of the plan, and a slot parts a box: their area must do.
      if (!['outline', 'wall', 'saddle'].includes(shape.kind)) {
        const off = outlineOf(section).filter(
          ([x, z]) =>
            !holdsPoint(shape, x * 0.99, height, z * 0.99) ||
            holdsPoint(shape, x * 1.01, height, z * 1.01),
        );
        expect([shape.kind, off]).toEqual([shape.kind, []]);
      }
      expect([
        shape.kind,
        Math.abs(sectionAreaCm2(section) / areaByHand(shape, height, 400) - 1) < 0.005,
      ]).toEqual([shape.kind, true]);
    }),
    { seed: 43, numRuns: 120 },
  );
});

test('volume grows with height and never falls', () => {
  fc.assert(
    fc.property(anyShape, (shape) => {
      const { depthCm, volumeBelowL } = formOf(shape);
      for (let i = 1; i <= 20; i += 1)
        expect(volumeBelowL((depthCm * i) / 20)).toBeGreaterThanOrEqual(
          volumeBelowL((depthCm * (i - 1)) / 20) - 1e-9,
        );
      expect(volumeBelowL(0)).toBeCloseTo(0, 6);
    }),
    { seed: 44, numRuns: 60 },
  );
});

test('half a barrel holds more than a cone of its widths and less than a cylinder of its mouth', () => {
  const at = (shape: Shape) => formOf(shape).volumeBelowL(Infinity);
  const barrel = at({ kind: 'barrel', topCm: 50, baseCm: 40, depthCm: 36 });
  expect(barrel).toBeGreaterThan(at({ kind: 'round', topCm: 50, baseCm: 40, depthCm: 36 }));
  expect(barrel).toBeLessThan(at({ kind: 'cylinder', topCm: 50, depthCm: 36 }));
});

test.each([
  [
    'round 30 over 22, 28 deep, 3 below the rim',
    usualContainer('a', { kind: 'round', topCm: 30, baseCm: 22, depthCm: 28 }, 'terracotta'),
    3,
    14.983,
    12.923,
  ],
  [
    'box 60 × 18 over 56 × 14, 16 deep',
    usualContainer(
      'b',
      { kind: 'box', lengthCm: 60, widthCm: 18, baseLengthCm: 56, baseWidthCm: 14, depthCm: 16 },
      'plastic',
    ),
    2,
    14.869,
    12.748,
  ],
  [
    'hemisphere 30',
    usualContainer('c', { kind: 'basket', topCm: 30, depthCm: 15 }, 'coir'),
    2,
    7.069,
    5.663,
  ],
  [
    'bowl 45, 16 deep',
    usualContainer('d', { kind: 'basket', topCm: 45, depthCm: 16 }, 'coir'),
    2,
    14.868,
    11.794,
  ],
  [
    'wall basket 40 × 20, 20 deep',
    usualContainer('e', { kind: 'wall', widthCm: 40, projectionCm: 20, depthCm: 20 }, 'coir'),
    2,
    8.378,
    7.125,
  ],
  [
    'box 90 × 20, 18 deep',
    usualContainer(
      'f',
      { kind: 'box', lengthCm: 90, widthCm: 20, baseLengthCm: 90, baseWidthCm: 20, depthCm: 18 },
      'plastic',
    ),
    2,
    32.4,
    28.8,
  ],
])('worked example: %s', (_, container, headspaceCm, full, soil) => {
  expect(brimL(container)).toBeCloseTo(full, 2);
  expect(mixL({ ...container, headspaceCm })).toBeCloseTo(soil, 2);
});

test('worked example: surface of the 30 cm pot is 667 cm² and its terracotta weighs 6.34 kg', () => {
  const pot = {
    ...usualContainer('a', { kind: 'round', topCm: 30, baseCm: 22, depthCm: 28 }, 'terracotta'),
    headspaceCm: 3,
  };
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
  expect(insetCm(disc(10), 10, 0)).toBeCloseTo(0);
  expect(insetCm(rect(30, 8), 29, 0)).toBeCloseTo(1);
  expect(rimLengthCm(BOX.shape)).toBe(220);
});

test.each<[string, unknown, string, RegExp]>([
  [
    'negative width',
    { kind: 'round', topCm: -3, baseCm: 20, depthCm: 20 },
    'topCm',
    /5–200 cm; got -3/,
  ],
  ['no number', { kind: 'round', topCm: Number.NaN, baseCm: 20, depthCm: 20 }, 'topCm', /got NaN/],
  [
    'absurd depth',
    { kind: 'round', topCm: 30, baseCm: 20, depthCm: 9000 },
    'depthCm',
    /5–200 cm; got 9000/,
  ],
  [
    'base longer than the top',
    { kind: 'box', lengthCm: 50, widthCm: 20, baseLengthCm: 60, baseWidthCm: 18, depthCm: 18 },
    'baseLengthCm',
    /must not pass the top length/,
  ],
  [
    'basket deeper than half a ball',
    { kind: 'basket', topCm: 30, depthCm: 16 },
    'depthCm',
    /half as deep as wide \(15 cm\); got 16/,
  ],
  [
    'base wider than a neck allows',
    {
      kind: 'urn',
      profile: [
        { heightCm: 0, widthCm: 60 },
        { heightCm: 30, widthCm: 20 },
      ],
    },
    'profile[0].widthCm',
    /2\.5 times the neck above it \(20 cm\).*got 60/,
  ],
  [
    'heights out of order',
    {
      kind: 'urn',
      profile: [
        { heightCm: 0, widthCm: 20 },
        { heightCm: 30, widthCm: 20 },
        { heightCm: 20, widthCm: 25 },
      ],
    },
    'profile[2].heightCm',
    /must rise .*got 20/,
  ],
  [
    'an outline that crosses itself',
    {
      kind: 'outline',
      points: [
        [-30, -20],
        [30, 20],
        [30, -20],
        [-30, 20],
      ],
      shares: [0.8, 1],
      depthCm: 20,
    },
    'points',
    /must not cross itself; its sides 1 and 3 do/,
  ],
  [
    'a slot as wide as the box',
    {
      kind: 'saddle',
      lengthCm: 60,
      widthCm: 20,
      baseLengthCm: 58,
      baseWidthCm: 18,
      depthCm: 18,
      slotWidthCm: 15,
      slotHeightCm: 8,
    },
    'slotWidthCm',
    /2 cm or more on either side.*got 15/,
  ],
  [
    'a tier as wide as the one below',
    {
      kind: 'tiered',
      tiers: [
        { topCm: 40, baseCm: 30, depthCm: 20 },
        { topCm: 38, baseCm: 20, depthCm: 15 },
      ],
    },
    'tiers[1].topCm',
    /4 cm or more narrower.*got 38/,
  ],
  ['unknown shape', { kind: 'star' }, 'kind', /round, cylinder, bowl/],
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

test.each<[string, object, string, RegExp]>([
  [
    'walls thicker than the pot',
    { wallCm: 19.5 },
    'wallCm',
    /thinner than half the container's inside \(19\.0 cm\); got 19\.5/,
  ],
  [
    'a reservoir larger than the pot',
    { reservoirL: 60 },
    'reservoirL',
    /at most 60% of the .* L inside; got 60/,
  ],
  [
    'holes above the rim',
    { sideHoles: [{ heightCm: 40, count: 6 }] },
    'sideHoles[0].heightCm',
    /2 cm or more below the rim.*got 40/,
  ],
  ['no wall at all', { wallCm: 0 }, 'wallCm', /more than 0/],
  ['litres that cannot be', { pouredL: 400 }, 'pouredL', /within four times .*got 400/],
  ['crocks to the brim', { foot: 'crocks', footCm: 32 }, 'footCm', /3 cm or more of mix.*got 32/],
])('%s is refused by name and value', (_, change, field, message) => {
  const parsed = parseWith(containerSchema, {
    ...usualContainer('Pot', { kind: 'round', topCm: 38, baseCm: 28, depthCm: 34 }, 'terracotta'),
    ...change,
  });
  expect(parsed.ok).toBe(false);
  if (!parsed.ok) {
    expect(parsed.faults[0]!.field).toBe(field);
    expect(parsed.faults[0]!.message).toMatch(message);
  }
});

test('litres poured win over the shape, and the headspace is taken off by the area of the top', () => {
  const pot = usualContainer(
    'Sink',
    { kind: 'box', lengthCm: 60, widthCm: 40, baseLengthCm: 60, baseWidthCm: 40, depthCm: 20 },
    'stone',
  );
  expect(brimL(pot)).toBeCloseTo(48);
  const poured: typeof pot = { ...pot, pouredL: 40, volumeFrom: 'poured' };
  expect(brimL(poured)).toBe(40);
  expect(mixL(poured)).toBeCloseTo(40 - (60 * 40 * pot.headspaceCm) / 1000, 6);
});

test('a liner, a reservoir and a coarse layer each take from the mix what they fill', () => {
  const pot = usualContainer('Pot', { kind: 'cylinder', topCm: 40, depthCm: 40 }, 'plastic');
  const area = Math.PI * 20 * 20;
  expect(mixL(pot) - mixL({ ...pot, reservoirL: 6 })).toBeCloseTo(6, 3);
  expect(mixL(pot) - mixL({ ...pot, foot: 'crocks', footCm: 5 })).toBeCloseTo((area * 5) / 1000, 6);
  expect(mixL(pot) - mixL({ ...pot, foot: 'mesh', footCm: 5 })).toBe(0);
  expect(mixL({ ...pot, linerCm: 1 }) / mixL(pot)).toBeCloseTo((19 / 20) ** 2, 6);
});

test('a polygon of many sides has a circle\u2019s area', () => {
  const points = Array.from(
    { length: 200 },
    (_, i) => [10 * Math.cos((i * Math.PI) / 100), 10 * Math.sin((i * Math.PI) / 100)] as const,
  );
  expect(polygonAreaCm2(points)).toBeCloseTo(Math.PI * 100, 0);
});
