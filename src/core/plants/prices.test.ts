import { known } from '../../../tests/builders/plantings';
import { BOOK } from './book/index';
import type { MARKETS } from './market';
import { plantLines } from '../shopping/plantCost';
import { asSoldIn, priceRange } from './prices';

test('a range lies about the price, in steps that stand on tags', () => {
  expect(priceRange(4)).toEqual([3.25, 5.5]);
  expect(priceRange(22)).toEqual([17.5, 30]);
  for (const { sold } of BOOK)
    for (const { price } of sold) {
      const [low, high] = priceRange(price);
      expect(low).toBeLessThanOrEqual(price + 0.13);
      expect(high).toBeGreaterThan(low);
    }
});

test('each market has its own level; the book itself is European', () => {
  expect(asSoldIn('european', BOOK)).toBe(BOOK);
  const first = (market: (typeof MARKETS)[number]) =>
    asSoldIn(market, [known('box-ball')])[0]!.sold[0]!.price;
  expect(first('european')).toBeLessThan(first('american'));
  expect(first('american')).toBeLessThan(first('australian'));
});

test('bulbs come by the number really sold of their kind, and no lily bulb costs pennies', () => {
  const bags = BOOK.flatMap(({ id, sold }) =>
    sold.filter(({ size }) => size === 'bulb').map((unit) => ({ id, ...unit })),
  );
  expect(bags.length).toBeGreaterThan(30);
  for (const { id, perSale } of bags) expect([id, perSale !== undefined]).toEqual([id, true]);
  const each = (id: string) => {
    const bag = bags.find((one) => one.id === id)!;
    return bag.price / bag.perSale!;
  };
  expect(each('lily-dwarf-white')).toBeGreaterThan(1.2);
  expect(each('crocus-gold')).toBeLessThan(0.5);
  const lily = known('lily-dwarf-white');
  const [line] = plantLines(
    Array.from({ length: 4 }, () => ({ kind: lily, kindId: lily.id, size: 'bulb' as const })),
  );
  expect(line).toMatchObject({ perSale: 3, sales: 2, spare: 2 });
});

test('a large succulent is sold singly', () => {
  for (const { id, sold, heightCm } of BOOK)
    if (sold.some(({ size }) => size === 'four-pack'))
      expect([id, heightCm[0] <= 30]).toEqual([id, true]);
});
