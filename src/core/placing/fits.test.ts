import fc from 'fast-check';
import { holdsPoint } from '../../../tests/builders/insideByHand';
import { anyShape } from '../../../tests/builders/shapes';
import { soilHeightCm } from '../containers/container';
import { sideHolesOf } from '../containers/sideHoles';
import { usualContainer } from '../containers/usual';
import { NURSERY_SIZES } from '../plants/nursery';
import { shelfKind, SHIPPED } from '../shelf/shipped';
import { deepEnough, FIT_TOLERANCE_CM, wallRoomCm, worstShortfallCm } from './fit';
import { fitsIn } from './fits';
import { packSame } from './pack';
import { settle } from './settle';
import { packSides, roomFromSidesCm } from './sides';

test('what is packed fits, whatever the shape: no ball leaves the mix or overlaps past the allowance', () => {
  fc.assert(
    fc.property(
      anyShape,
      fc.constantFrom('9cm' as const, '1L' as const, '2L' as const),
      (shape, size) => {
        const container = usualContainer('c', shape, 'plastic');
        const places = packSame(container, size);
        expect([
          shape.kind,
          worstShortfallCm(
            container,
            places.map((p) => ({ ...p, size })),
          ) <=
            FIT_TOLERANCE_CM + 1e-6,
        ]).toEqual([shape.kind, true]);
      },
    ),
    { seed: 71, numRuns: 90 },
  );
});

test('no edge of a packed ball leaves the inside, at any height of it', () => {
  fc.assert(
    fc.property(
      anyShape,
      fc.constantFrom('six-pack' as const, '9cm' as const, '2L' as const),
      (shape, size) => {
        const container = usualContainer('c', shape, 'plastic');
        const ball = NURSERY_SIZES[size];
        if (!deepEnough(container, size)) return;
        const out = packSame(container, size).flatMap(({ xCm, zCm }) =>
          RINGS.flatMap((share) => {
            const up = soilHeightCm(container, xCm, zCm) - ball.heightCm * (1 - share);
            const r = (ball.baseCm + (ball.topCm - ball.baseCm) * share) / 2;
            return EIGHTHS.filter(
              (angle) =>
                !holdsPoint(shape, xCm + r * Math.cos(angle), up, zCm + r * Math.sin(angle), 0.02),
            ).map((angle) => [xCm, up, zCm, angle]);
          }),
        );
        expect([shape.kind, out]).toEqual([shape.kind, []]);
      },
    ),
    { seed: 73, numRuns: 80 },
  );
});

/** Shares of a ball's height, and ways round it, at which its edge is held against the wall. */
const RINGS = [0, 0.2, 0.4, 0.6, 0.8, 1];
const EIGHTHS = Array.from({ length: 8 }, (_, k) => (k * Math.PI) / 4);

test('a larger pot of one shape never takes fewer', () => {
  for (const scale of [1, 1.15, 1.4, 1.9]) {
    const count = (k: number) =>
      packSame(
        usualContainer(
          'b',
          {
            kind: 'outline',
            points: [
              [-38 * k, -28 * k],
              [34 * k, -18 * k],
              [42 * k, 0],
              [34 * k, 18 * k],
              [-38 * k, 28 * k],
            ],
            shares: [0.7, 1],
            depthCm: 24,
          },
          'steel',
        ),
        '1L',
      ).length;
    expect(count(scale * 1.1)).toBeGreaterThanOrEqual(count(scale));
  }
});

test('an outline of a rectangle takes about as many as a box of that size', () => {
  const box = usualContainer(
    'a',
    { kind: 'box', lengthCm: 80, widthCm: 40, baseLengthCm: 80, baseWidthCm: 40, depthCm: 24 },
    'stone',
  );
  const drawn = usualContainer(
    'b',
    {
      kind: 'outline',
      points: [
        [-40, -20],
        [40, -20],
        [40, 20],
        [-40, 20],
      ],
      shares: [1, 1],
      depthCm: 24,
    },
    'stone',
  );
  for (const size of ['9cm', '1L', '2L'] as const)
    expect(packSame(drawn, size).length).toBeGreaterThanOrEqual(packSame(box, size).length * 0.85);
});

test('rectangles: at least 95 % of what close rows take', () => {
  // Close rows by hand: whole rows along the length, each second one shifted, √¾ apart.
  const apart = 8.4 * 0.88;
  for (const [along, rows] of [
    [6, 2],
    [9, 3],
    [12, 4],
  ] as const) {
    const container = usualContainer(
      'r',
      {
        kind: 'box',
        lengthCm: 10.4 + along * apart,
        widthCm: 10.4 + (rows - 1) * apart * Math.sqrt(0.75),
        baseLengthCm: 10.4 + along * apart,
        baseWidthCm: 10.4 + (rows - 1) * apart * Math.sqrt(0.75),
        depthCm: 20,
      },
      'plastic',
    );
    const byHand = Math.ceil(rows / 2) * (along + 1) + Math.floor(rows / 2) * along;
    expect(packSame(container, '9cm').length).toBeGreaterThanOrEqual(Math.floor(byHand * 0.95));
  }
});

test('every shipped container takes something, and nothing deeper than its mix', () => {
  for (const container of SHIPPED) {
    const { top } = fitsIn(container);
    expect([container.name, top['six-pack'].length > 0]).toEqual([container.name, true]);
    for (const size of ['2L', '3L'] as const)
      if (!deepEnough(container, size))
        expect([container.name, size, top[size].length]).toEqual([container.name, size, 0]);
  }
}, 60_000);

test('sides of a basket: no more than holes, the larger size no oftener, none where a ball would stand out of the mix', () => {
  const basket = shelfKind('Hanging basket, 40');
  const { sides } = fitsIn(basket);
  expect(sides['six-pack'].map(({ heightCm }) => heightCm)).toEqual([
    ...Array<number>(6).fill(6),
    ...Array<number>(8).fill(12),
  ]);
  expect(sides['9cm'].length).toBeLessThan(sides['six-pack'].length);
  const at = (heightCm: number, count: number) =>
    packSides({ ...shelfKind('Hanging basket, 30'), sideHoles: [{ heightCm, count }] }, '9cm')
      .length;
  expect([at(1, 6), at(12.9, 6)]).toEqual([0, 0]);
  // Feet of balls meet in the middle: six go in through six holes, through nine only every other.
  expect([at(6, 6), at(6, 9)]).toEqual([6, 4]);
});

test('rows of side balls keep clear of each other: as near as a ball is wide they share their holes, well apart they do not', () => {
  const pot = usualContainer('p', { kind: 'cylinder', topCm: 36, depthCm: 40 }, 'plastic');
  const count = (apart: number) =>
    packSides(
      {
        ...pot,
        sideHoles: [
          { heightCm: 10, count: 8 },
          { heightCm: 10 + apart, count: 8 },
        ],
      },
      '9cm',
    ).length;
  expect(count(9)).toBe(16);
  expect(count(1)).toBeLessThan(16);
});

test('what stands over planted sides clears every ball in them, and a row far below takes nothing from the first layer', () => {
  const basket = shelfKind('Hanging basket, 40');
  const { top, sides, over } = fitsIn(basket);
  for (const side of ['six-pack', '9cm'] as const) {
    const clear = roomFromSidesCm(basket, '9cm', sides[side], side);
    expect(over[side]['9cm'].length).toBeLessThan(top['9cm'].length);
    for (const place of over[side]['9cm'])
      expect(clear(place)).toBeGreaterThanOrEqual(-FIT_TOLERANCE_CM);
    expect(
      worstShortfallCm(
        basket,
        over[side]['9cm'].map((p) => ({ ...p, size: '9cm' as const })),
      ),
    ).toBeLessThanOrEqual(FIT_TOLERANCE_CM);
  }
  const deep = fitsIn({
    ...usualContainer('d', { kind: 'cylinder', topCm: 36, depthCm: 50 }, 'plastic'),
    sideHoles: [{ heightCm: 12, count: 8 }],
  });
  expect(deep.over['9cm']['2L']).toEqual(deep.top['2L']);
});

test('holes of a basket on a wall open forward and to the sides, never into the wall', () => {
  const holes = sideHolesOf({
    ...shelfKind('Wall basket'),
    sideHoles: [{ heightCm: 10, count: 7 }],
  })[0]!;
  expect(holes).toHaveLength(7);
  for (const { out } of holes) expect(out[1]).toBeGreaterThan(-0.05);
});

test('no ball stands in the slot of a railing box, at any height', () => {
  const { shape } = shelfKind('Railing box');
  if (shape.kind !== 'saddle') throw new Error('The railing box has lost its slot.');
  // Deep slot: a 9 cm ball would reach below its top.
  const box = { ...usualContainer('s', { ...shape, slotHeightCm: 16 }, 'plastic') };
  for (const { zCm } of packSame(box, '9cm'))
    expect(Math.abs(zCm)).toBeGreaterThan(shape.slotWidthCm / 2 + 6 / 2);
  expect(wallRoomCm(box, { size: '9cm', xCm: 0, zCm: 0 })).toBeLessThan(0);
});

test('a dozen unequal balls settle into a barrow where they fit', () => {
  const wishes = Array.from({ length: 12 }, (_, i) => ({
    xCm: 8 * Math.cos(i),
    zCm: 8 * Math.sin(i),
    size: (['2L', '9cm', 'six-pack'] as const)[i % 3]!,
    spreadRadiusCm: 15,
  }));
  expect(settle(shelfKind('Old barrow'), wishes).shortfallCm).toBeLessThanOrEqual(FIT_TOLERANCE_CM);
});

test('at the level of the mix it is the crown of a ball that needs room, at its foot its base: against a straight wall the crown decides', () => {
  const pot = usualContainer('Pot', { kind: 'cylinder', topCm: 40, depthCm: 40 }, 'plastic');
  const { topCm } = NURSERY_SIZES['3L'];
  // Room left of a wall without slope: to the edge of the crown, with a centimetre of mix between.
  for (const xCm of [0, 5, -9, 14])
    expect(wallRoomCm(pot, { size: '3L', xCm: xCm, zCm: 0 })).toBeCloseTo(
      20 - Math.abs(xCm) - topCm / 2 - 1,
      6,
    );
});
