import fc from 'fast-check';
import { BOOK } from '../plants/book/index';
import { known } from '../../../tests/builders/plantings';
import { growthShare, lightFactor, seasonShare, sizeAt } from './growth';

test('a plant never shrinks through the season, and never passes its full size', () => {
  fc.assert(fc.property(fc.constantFrom(...BOOK), fc.integer({ min: 0, max: 25 }), fc.double({ min: 0.35, max: 1, noNaN: true }), (kind, week, light) => {
    const size = kind.sold[0]!.size;
    const [now, later] = [growthShare(kind, size, week, light), growthShare(kind, size, week + 1, light)];
    expect(later).toBeGreaterThan(now);
    expect(later).toBeLessThanOrEqual(1);
  }), { seed: 51 });
});

test('in good light a kind is nine tenths grown in its weeks to fill', () => {
  for (const id of ['petunia-white', 'flax-bronze', 'ivy-green']) expect(growthShare(known(id), '9cm', known(id).weeksToFill, 1)).toBeCloseTo(0.9, 6);
});

test('less light, slower growth; enough light is enough', () => {
  const petunia = known('petunia-white');
  expect(lightFactor(petunia, { sunHours: petunia.light.hours[0] })).toBe(1);
  expect(lightFactor(petunia, { sunHours: petunia.light.hours[0] - 0.5 })).toBeLessThan(1);
  expect(sizeAt(petunia, { size: '9cm', week: 20 }, 6, 0.5).spreadCm).toBeLessThan(sizeAt(petunia, { size: '9cm', week: 20 }, 6, 1).spreadCm);
});

test('flowering swells, holds and fades, round the end of the year too', () => {
  expect(seasonShare([20, 30], 19)).toBe(0);
  expect(seasonShare([20, 30], 20)).toBeCloseTo(1 / 3);
  expect(seasonShare([20, 30], 25)).toBe(1);
  expect(seasonShare([20, 30], 31)).toBe(0);
  expect(seasonShare([46, 10], 2)).toBe(1);
  expect(seasonShare([46, 10], 20)).toBe(0);
});

test('a larger nursery pot starts larger', () => {
  const flax = known('cabbage-palm-red');
  expect(growthShare(flax, '2L', 0, 1)).toBeGreaterThan(growthShare(flax, '9cm', 0, 1));
});
