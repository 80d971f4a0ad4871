import type { Container } from '../containers/container';
import { fillingOf, SETTLING } from '../potting/filling';
import type { PlacedPlant } from '../plantings/planting';
import { plantLines, type PlantLine } from './plantCost';

/** Bags of mix as commonly sold, litres and typical price. */
export const BAGS: readonly { readonly litres: number; readonly price: number }[] = [
  { litres: 20, price: 4.5 },
  { litres: 40, price: 7 },
  { litres: 60, price: 9 },
];

/** Slow-release feed, g per litre of mix, by appetite; labels usually say 3–5 and win. */
export const FEED_G_PER_L = { none: 0, light: 2, medium: 3.5, heavy: 5 } as const;
const FEED_BOX_G = 500;
const FEED_BOX_PRICE = 6;

export interface MixNeed {
  /** Mix in place with the root balls out, litres. */
  readonly netL: number;
  /** Litres to buy, settling included. */
  readonly buyL: number;
  readonly bags: readonly { readonly litres: number; readonly count: number }[];
  readonly price: number;
}

export interface ShoppingList {
  readonly plants: readonly PlantLine[];
  readonly mix: MixNeed;
  readonly feed: {
    readonly grams: number;
    readonly gPerL: number;
    readonly boxes: number;
    readonly boxG: number;
    readonly price: number;
  };
  readonly total: number;
}

/** What one container needs: plants in whole packs, mix in bags, feed by dose. */
export function shoppingListOf(container: Container, plants: readonly PlacedPlant[]): ShoppingList {
  return totalOf([{ container, plants }]);
}

/** The same for several containers bought together: packs and bags are rounded up once, over all. */
export function totalOf(
  plantings: readonly { readonly container: Container; readonly plants: readonly PlacedPlant[] }[],
): ShoppingList {
  const lines = plantLines(plantings.flatMap(({ plants }) => plants));
  let netL = 0;
  let grams = 0;
  let feedRate = 0;
  for (const { container, plants } of plantings) {
    const mix = fillingOf(
      container,
      plants.map(({ size }) => size),
      false,
    ).netL;
    const rate =
      plants.length === 0
        ? 0
        : plants.reduce((sum, { kind }) => sum + FEED_G_PER_L[kind.feed], 0) / plants.length;
    netL += mix;
    grams += mix * rate;
    feedRate = Math.max(feedRate, rate);
  }
  const mix = mixNeed(netL);
  const boxes = Math.max(0, Math.ceil(grams / FEED_BOX_G - 1e-9));
  const feed = { grams, gPerL: feedRate, boxes, boxG: FEED_BOX_G, price: boxes * FEED_BOX_PRICE };
  return {
    plants: lines,
    mix,
    feed,
    total: lines.reduce((sum, line) => sum + line.price, 0) + mix.price + feed.price,
  };
}

/** Bags for so many litres in place: the cheapest mix of sizes that is enough, the least waste among equals. */
export function mixNeed(netL: number): MixNeed {
  const buyL = netL * (1 + SETTLING);
  const needed = Math.max(0, buyL - 1e-9);
  const [small, mid, large] = BAGS as [
    (typeof BAGS)[number],
    (typeof BAGS)[number],
    (typeof BAGS)[number],
  ];
  let best: { price: number; litres: number; counts: [number, number, number] } | null = null;
  for (let l = 0; l <= Math.ceil(needed / large.litres); l += 1)
    for (let m = 0; m <= Math.ceil(Math.max(0, needed - l * large.litres) / mid.litres); m += 1) {
      const s = Math.ceil(Math.max(0, needed - l * large.litres - m * mid.litres) / small.litres);
      const price = s * small.price + m * mid.price + l * large.price;
      const litres = s * small.litres + m * mid.litres + l * large.litres;
      if (
        !best ||
        price < best.price - 1e-9 ||
        (Math.abs(price - best.price) < 1e-9 && litres < best.litres)
      )
        best = { price, litres, counts: [s, m, l] };
    }
  const counts = best?.counts ?? [0, 0, 0];
  return {
    netL,
    buyL,
    bags: BAGS.map(({ litres }, i) => ({ litres, count: counts[i]! })).filter(
      ({ count }) => count > 0,
    ),
    price: best?.price ?? 0,
  };
}
