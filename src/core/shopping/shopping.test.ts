import fc from 'fast-check';
import { BOOK } from '../plants/book/index';
import { planted, TUB } from '../../../tests/builders/plantings';
import { mixL } from '../containers/container';
import { SETTLING } from '../potting/filling';
import { BAGS, mixNeed, shoppingListOf, totalOf } from './shoppingList';
import { plantLines } from './plantCost';
import { benchesOf, STOPS } from './stops';

test('plants are bought in whole packs: one over six needs two six-packs, six need one', () => {
  const six = (n: number) =>
    planted(Array.from({ length: n }, (_, i) => ['alyssum-white', i, 0, 'six-pack'] as const))
      .plants;
  expect(plantLines(six(6))[0]).toMatchObject({ sales: 1, spare: 0 });
  expect(plantLines(six(7))[0]).toMatchObject({ sales: 2, spare: 5 });
});

test('bags hold at least what is needed, and no cheaper choice of bags would', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 400, noNaN: true }), (netL) => {
      const need = mixNeed(netL);
      const litres = need.bags.reduce((sum, bag) => sum + bag.litres * bag.count, 0);
      expect(need.buyL).toBeCloseTo(netL * (1 + SETTLING), 6);
      expect(litres).toBeGreaterThanOrEqual(need.buyL - 1e-6);
      for (const { litres: size, price } of BAGS)
        expect(need.price).toBeLessThanOrEqual(Math.ceil((need.buyL - 1e-9) / size) * price + 1e-6);
    }),
    { seed: 81 },
  );
  expect(mixNeed(0).bags).toEqual([]);
});

test('worked example: root balls are taken off the mix', () => {
  const { plants } = planted([
    ['pelargonium-scarlet', 0, 0, '1L'],
    ['alyssum-white', 5, 5, 'six-pack'],
  ]);
  expect(shoppingListOf(TUB, plants).mix.netL).toBeCloseTo(mixL(TUB) - 1.11, 6);
});

test('buying for two containers rounds up once', () => {
  const { plants } = planted([['alyssum-white', 0, 0, 'six-pack']]);
  expect(
    totalOf([
      { container: TUB, plants },
      { container: TUB, plants },
    ]).plants[0]!.sales,
  ).toBe(1);
});

const lineKey = ({
  kindId,
  size,
  count,
}: {
  readonly kindId: string;
  readonly size: string;
  readonly count: number;
}) => `${kindId} ${size} ${count > 0 ? 'there' : 'out'}`;

test('benches of a stop: the same for a day and seed, mostly the same next day, other after the deliveries', () => {
  for (const stop of STOPS) {
    const today = benchesOf(BOOK, stop, 1, '2026-05-18');
    expect(benchesOf(BOOK, stop, 1, '2026-05-18')).toEqual(today);
    const kept = (day: string) => {
      const then = new Set(benchesOf(BOOK, stop, 1, day).map(lineKey));
      return today.filter((line) => then.has(lineKey(line))).length / today.length;
    };
    expect(kept('2026-05-19')).toBeGreaterThan(kept('2026-06-08'));
    const out = today.filter(({ count }) => count === 0).length / today.length;
    expect([stop.id, out > 1 - stop.there - 0.05 && out < 1 - stop.there + 0.25]).toEqual([
      stop.id,
      true,
    ]);
  }
});

test('a stop sells only its sizes; what is past its best is cheaper and says so', () => {
  const stall = STOPS.find(({ id }) => id === 'market')!;
  const lines = benchesOf(BOOK, stall, 3, '2026-05-18');
  expect([...new Set(lines.map(({ size }) => size))].sort()).toEqual([
    '9cm',
    'four-pack',
    'six-pack',
  ]);
  const price = (tired: boolean) => {
    const these = lines.filter((line) => line.tired === tired);
    return (
      these.reduce(
        (sum, line) =>
          sum +
          line.price /
            BOOK.find(({ id }) => id === line.kindId)!.sold.find(({ size }) => size === line.size)!
              .price,
        0,
      ) / these.length
    );
  };
  expect(price(true)).toBeLessThan(price(false) * 0.8);
  expect(
    lines
      .filter(({ tired }) => tired)
      .every(({ note }) => ['leggy', 'pot-bound', 'dry at the edge'].includes(note)),
  ).toBe(true);
});

test('a bench holds one to twenty-four packs as it comes in and fewer as the week goes on; prices lie about a tenth either way of the stop’s own', () => {
  const stop = STOPS.find(({ id }) => id === 'barn')!;
  const weeks = Array.from({ length: 7 }, (_, i) => `2026-05-${String(18 + i)}`);
  const lines = weeks.flatMap((day) => benchesOf(BOOK, stop, 1, day));
  const there = lines.filter(({ count }) => count > 0);
  const mean = (list: readonly number[]) => list.reduce((sum, one) => sum + one, 0) / list.length;
  expect(Math.max(...lines.map(({ count }) => count))).toBe(24);
  expect(there.some(({ count }) => count === 1)).toBe(true);
  const on = (days: number) =>
    mean(lines.filter((line) => line.daysIn === days && line.count > 0).map(({ count }) => count));
  expect(on(0)).toBeGreaterThan(11.5);
  expect(on(0)).toBeLessThan(13.5);
  expect(on(6)).toBeLessThan(on(0) - 2);
  // Deliveries come in on every day of the week, for one kind or another.
  expect(new Set(lines.map(({ daysIn }) => daysIn)).size).toBe(7);
  const usual = (line: (typeof lines)[number]) =>
    BOOK.find(({ id }) => id === line.kindId)!.sold.find(({ size }) => size === line.size)!.price;
  for (const line of lines) {
    const share = line.price / (usual(line) * stop.priceShare * (line.tired ? 0.7 : 1));
    const rounding = 0.051 / (usual(line) * stop.priceShare * (line.tired ? 0.7 : 1));
    expect(share).toBeGreaterThanOrEqual(Math.min(0.9 - rounding, 1));
    expect(share).toBeLessThanOrEqual(Math.max(1.1 + rounding, 0.1 / usual(line) + 1.2));
  }
});

test('worked example: twenty litres of mix are one small bag; feed is the mean appetite on the litres, in whole boxes', () => {
  // With the settling included it is a little more than what lies in place.
  const within = (litres: number) => mixNeed(litres / (1 + SETTLING)).bags;
  const bought = (litres: number) =>
    within(litres).reduce((sum, bag) => sum + bag.litres * bag.count, 0);
  expect(bought(19.9)).toBe(20);
  expect(bought(20.1)).toBe(40);
  expect(BAGS.map(({ litres }) => litres)).toEqual([20, 40, 60]);
  const fed = (feed: 'none' | 'light' | 'medium' | 'heavy') => {
    const it = planted([['alyssum-white', 0, 0, '9cm']], { container: TUB });
    const plants = it.plants.map((plant) => ({ ...plant, kind: { ...plant.kind, feed } }));
    return shoppingListOf(TUB, plants).feed;
  };
  expect((['none', 'light', 'medium', 'heavy'] as const).map((feed) => fed(feed).gPerL)).toEqual([
    0, 2, 3.5, 5,
  ]);
  const { grams, boxes, price } = fed('heavy');
  expect(grams).toBeGreaterThan(50);
  expect(boxes).toBe(Math.ceil(grams / 500));
  expect(price).toBe(boxes * 6);
  expect(fed('none')).toMatchObject({ grams: 0, boxes: 0, price: 0 });
});
