import fc from 'fast-check';
import { BOOK } from '../plants/book/index';
import { planted, TUB } from '../../../tests/builders/plantings';
import { mixL } from '../containers/container';
import { SETTLING } from '../potting/filling';
import { BAGS, mixNeed, shoppingListOf, totalOf } from './shoppingList';
import { plantLines } from './plantCost';
import { stockOn } from './stock';

test('plants are bought in whole packs: one over six needs two six-packs, six need one', () => {
  const six = (n: number) => planted(Array.from({ length: n }, (_, i) => ['alyssum-white', i, 0, 'six-pack'] as const)).plants;
  expect(plantLines(six(6))[0]).toMatchObject({ sales: 1, spare: 0 });
  expect(plantLines(six(7))[0]).toMatchObject({ sales: 2, spare: 5 });
});

test('bags hold at least what is needed, and no cheaper choice of bags would', () => {
  fc.assert(fc.property(fc.double({ min: 0.1, max: 400, noNaN: true }), (netL) => {
    const need = mixNeed(netL);
    const litres = need.bags.reduce((sum, bag) => sum + bag.litres * bag.count, 0);
    expect(need.buyL).toBeCloseTo(netL * (1 + SETTLING), 6);
    expect(litres).toBeGreaterThanOrEqual(need.buyL - 1e-6);
    for (const { litres: size, price } of BAGS) expect(need.price).toBeLessThanOrEqual(Math.ceil((need.buyL - 1e-9) / size) * price + 1e-6);
  }), { seed: 81 });
  expect(mixNeed(0).bags).toEqual([]);
});

test('worked example: root balls are taken off the mix', () => {
  const { plants } = planted([['pelargonium-scarlet', 0, 0, '1L'], ['alyssum-white', 5, 5, 'six-pack']]);
  expect(shoppingListOf(TUB, plants).mix.netL).toBeCloseTo(mixL(TUB) - 1.11, 6);
});

test('buying for two containers rounds up once', () => {
  const { plants } = planted([['alyssum-white', 0, 0, 'six-pack']]);
  expect(totalOf([{ container: TUB, plants }, { container: TUB, plants }]).plants[0]!.sales).toBe(1);
});

test('the simulated stock is the same for a day and seed, differs by day, and is out of some things', () => {
  const today = stockOn(BOOK, 1, '2026-05-18');
  expect(stockOn(BOOK, 1, '2026-05-18')).toEqual(today);
  expect(stockOn(BOOK, 1, '2026-05-19')).not.toEqual(today);
  const out = today.filter(({ count }) => count === 0).length / today.length;
  expect(out).toBeGreaterThan(0.05);
  expect(out).toBeLessThan(0.3);
});
