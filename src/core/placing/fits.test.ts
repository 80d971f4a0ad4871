import fc from 'fast-check';
import { anyShape } from '../../../tests/builders/shapes';
import { usualContainer } from '../containers/usual';
import { shelfKind, SHIPPED } from '../shelf/shipped';
import { deepEnough, FIT_TOLERANCE_CM, wallRoomCm, worstShortfallCm } from './fit';
import { fitsIn, sideRows } from './fits';
import { packSame } from './pack';
import { settle } from './settle';

test('what is packed fits, whatever the shape: no ball leaves the mix or overlaps past the allowance', () => {
  fc.assert(fc.property(anyShape, fc.constantFrom('9cm' as const, '1L' as const, '2L' as const), (shape, size) => {
    const container = usualContainer('c', shape, 'plastic');
    const places = packSame(container, size);
    expect([shape.kind, worstShortfallCm(container, places.map((p) => ({ ...p, size }))) <= FIT_TOLERANCE_CM + 1e-6]).toEqual([shape.kind, true]);
  }), { seed: 71, numRuns: 90 });
});

test('a larger pot of one shape never takes fewer', () => {
  for (const scale of [1, 1.15, 1.4, 1.9]) {
    const count = (k: number) => packSame(usualContainer('b', { kind: 'outline', points: [[-38 * k, -28 * k], [34 * k, -18 * k], [42 * k, 0], [34 * k, 18 * k], [-38 * k, 28 * k]], shares: [0.7, 1], depthCm: 24 }, 'steel'), '1L').length;
    expect(count(scale * 1.1)).toBeGreaterThanOrEqual(count(scale));
  }
});

test('an outline of a rectangle takes about as many as a box of that size', () => {
  const box = usualContainer('a', { kind: 'box', lengthCm: 80, widthCm: 40, baseLengthCm: 80, baseWidthCm: 40, depthCm: 24 }, 'stone');
  const drawn = usualContainer('b', { kind: 'outline', points: [[-40, -20], [40, -20], [40, 20], [-40, 20]], shares: [1, 1], depthCm: 24 }, 'stone');
  for (const size of ['9cm', '1L', '2L'] as const) expect(packSame(drawn, size).length).toBeGreaterThanOrEqual(packSame(box, size).length * 0.85);
});

test('rectangles: at least 95 % of what close rows take', () => {
  // Close rows by hand: whole rows along the length, each second one shifted, √¾ apart.
  const apart = 8.4 * 0.88;
  for (const [along, rows] of [[6, 2], [9, 3], [12, 4]] as const) {
    const container = usualContainer('r', { kind: 'box', lengthCm: 10.4 + along * apart, widthCm: 10.4 + (rows - 1) * apart * Math.sqrt(0.75), baseLengthCm: 10.4 + along * apart, baseWidthCm: 10.4 + (rows - 1) * apart * Math.sqrt(0.75), depthCm: 20 }, 'plastic');
    const byHand = Math.ceil(rows / 2) * (along + 1) + Math.floor(rows / 2) * along;
    expect(packSame(container, '9cm').length).toBeGreaterThanOrEqual(Math.floor(byHand * 0.95));
  }
});

test('every shipped container takes something, and nothing deeper than its mix', () => {
  for (const container of SHIPPED) {
    const { top } = fitsIn(container);
    expect([container.name, top['six-pack'].length > 0]).toEqual([container.name, true]);
    for (const size of ['2L', '3L'] as const) if (!deepEnough(container, size)) expect([container.name, size, top[size].length]).toEqual([container.name, size, 0]);
  }
}, 60_000);

test('sides of a basket: no more than holes, none where a ball would stand out of the mix or is longer than the basket is wide', () => {
  const rows = sideRows(shelfKind('Hanging basket, 40'));
  expect(rows.map(({ heightCm }) => heightCm)).toEqual([6, 12]);
  for (const { holes, fits } of rows) for (const count of Object.values(fits)) expect(count).toBeLessThanOrEqual(holes);
  const small = { ...shelfKind('Hanging basket, 30'), sideHoles: [{ heightCm: 1, count: 9 }, { heightCm: 12.9, count: 9 }] };
  expect(sideRows(small).map(({ fits }) => fits['9cm'])).toEqual([0, 0]);
});

test('no ball stands in the slot of a railing box, at any height', () => {
  const { shape } = shelfKind('Railing box');
  if (shape.kind !== 'saddle') throw new Error('The railing box has lost its slot.');
  // Deep slot: a 9 cm ball would reach below its top.
  const box = { ...usualContainer('s', { ...shape, slotHeightCm: 16 }, 'plastic') };
  for (const { zCm } of packSame(box, '9cm')) expect(Math.abs(zCm)).toBeGreaterThan(shape.slotWidthCm / 2 + 6 / 2);
  expect(wallRoomCm(box, '9cm', 0, 0)).toBeLessThan(0);
});

test('a dozen unequal balls settle into a barrow where they fit', () => {
  const wishes = Array.from({ length: 12 }, (_, i) => ({ xCm: 8 * Math.cos(i), zCm: 8 * Math.sin(i), size: (['2L', '9cm', 'six-pack'] as const)[i % 3]!, spreadRadiusCm: 15 }));
  expect(settle(shelfKind('Old barrow'), wishes).shortfallCm).toBeLessThanOrEqual(FIT_TOLERANCE_CM);
});
