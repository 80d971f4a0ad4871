import type { PlantKind } from './kind';
import type { Market } from './market';
import { namedIn } from './namesThere';

/** What shops of a market ask against the book's typical prices, each in its own money. Ours, from price tags. */
const LEVEL: Readonly<Record<Market, number>> = { european: 1, american: 1.6, australian: 2.2 };

/** What cheap and dear shops ask against the typical price. Ours. */
const CHEAP = 0.8;
const DEAR = 1.35;

/** Prices as people read them on tags: in quarters below 5, halves below 20, whole ones above. */
function asTagged(price: number): number {
  const step = price < 5 ? 0.25 : price < 20 ? 0.5 : 1;
  return Math.max(step, Math.round(price / step) * step);
}

/**
 * What a sale is likely to cost, from a cheap shop to a dear one.
 * @param typical the typical price of one sale in the market's own money
 */
export function priceRange(typical: number): readonly [low: number, high: number] {
  return [asTagged(typical * CHEAP), asTagged(typical * DEAR)];
}

/** A European price as a market asks it, in its own money. */
export function priceIn(market: Market, price: number): number {
  return market === 'european' ? price : asTagged(price * LEVEL[market]);
}

/** Kinds as a market sells and calls them: the book's own prices and names are European. */
export function asSoldIn(market: Market, kinds: readonly PlantKind[]): readonly PlantKind[] {
  if (market === 'european') return kinds;
  return kinds.map((kind) => ({
    ...namedIn(market, kind),
    sold: kind.sold.map((unit) => ({ ...unit, price: priceIn(market, unit.price) })),
    ...(kind.early
      ? { early: kind.early.map((unit) => ({ ...unit, price: priceIn(market, unit.price) })) }
      : {}),
  }));
}
