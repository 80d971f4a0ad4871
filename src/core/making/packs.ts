import type { NurserySizeId } from '../plants/nursery';

/** Something that can be bought: so many plants of one kind and size, in whole packs. */
export interface Offer {
  readonly id: string;
  readonly size: NurserySizeId;
  /** Plants in one pack. */
  readonly perSale: number;
  /** Price of one pack in pence or cents: whole numbers, so that sums are exact. */
  readonly priceMinor: number;
  /** Packs that can be had; `null` when nothing limits them. */
  readonly stock: number | null;
}

/** Places of one kind that take the same sizes: from the smallest to the largest that does, by root ball. */
export interface Want {
  readonly from: NurserySizeId;
  readonly to: NurserySizeId;
  readonly count: number;
}

export interface Bought {
  readonly offer: Offer;
  readonly packs: number;
}

export interface PackMix {
  readonly bought: readonly Bought[];
  readonly priceMinor: number;
  /** Plants that no offer answers. */
  readonly short: number;
  /** Plants left over after planting, by size. */
  readonly spare: Readonly<Partial<Record<NurserySizeId, number>>>;
}

/** A plant that cannot be had counts for more than any that can, pence or cents. */
const MISSED = 1e12;

/**
 * The cheapest packs that give every place a plant of a size it takes; of what cannot be had, as little as possible.
 *
 * Sizes are gone through from the smallest to the largest. At each, the places that run out of sizes soonest are served first, which
 * is best whatever comes later, so that only how many are served need be tried.
 * @param sizes every size there is, smallest root ball first
 */
export function cheapestPacks(
  wants: readonly Want[],
  offers: readonly Offer[],
  sizes: readonly NurserySizeId[],
): PackMix {
  const { left, bulk } = bulkOf(wants, offers, sizes);
  const rank = new Map(sizes.map((size, i) => [size, i]));
  const windows = left
    .map(({ from, to, count }) => ({ from: rank.get(from)!, to: rank.get(to)!, count }))
    .filter(({ count }) => count > 0);
  const supplies = sizes.map((size, at) => {
    const here = offers.filter((offer) => offer.size === size);
    const there = here.reduce((sum, { perSale, stock }) => sum + perSale * (stock ?? Infinity), 0);
    const taken = windows
      .filter(({ from, to }) => from <= at && to >= at)
      .reduce((sum, { count }) => sum + count, 0);
    return supplyOf(here, Math.min(taken, there));
  });
  /** Cheapest way on from a size, by the places that still wait: how many of them run out after each size. */
  const known = new Map<string, Way>();
  const from = (at: number, waiting: readonly number[]): Way => {
    if (at === sizes.length) return NOTHING;
    const key = `${at}:${waiting.join()}`;
    const held = known.get(key);
    if (held) return held;
    const now = [...waiting];
    for (const { from: first, to, count } of windows)
      if (first === at) now[to] = (now[to] ?? 0) + count;
    const found = best(at, now);
    known.set(key, found);
    return found;
  };
  const best = (at: number, waiting: readonly number[]): Way => {
    const levels = supplies[at]!;
    const all = waiting.reduce((sum, n) => sum + n, 0);
    let winner: Way | null = null;
    for (const level of levels) {
      const served = Math.min(level.plants, all);
      const left = servedSoonestFirst(waiting, served);
      const missed = left[at] ?? 0;
      left[at] = 0;
      const rest = from(at + 1, left);
      const cost = level.cost + missed * MISSED + rest.cost;
      if (!winner || cost < winner.cost) winner = { cost, missed, level, rest };
      if (level.plants >= all) break;
    }
    return winner!;
  };
  return mixOf(from(0, []), { offers, sizes, wants, bulk });
}

/**
 * What is surely bought of a want that is so large that only its rest is worth weighing up: packs of the offer that is cheapest for each
 * plant, where nothing limits it.
 *
 * Where plants of a size are dealt to one want after the other, a want shares at most its first and its last pack of that size: at most
 * `shared` plants come from packs that do not serve it alone. Of whole packs of other offers that are no cheaper there are fewer than the cheapest has plants:
 * among as many, some would add up to a multiple of it, and could be changed for it at no more cost. What is cheaper still is limited, and
 * counted as bought to the last.
 */
function bulkOf(
  wants: readonly Want[],
  offers: readonly Offer[],
  sizes: readonly NurserySizeId[],
): { readonly left: readonly Want[]; readonly bulk: ReadonlyMap<Offer, number> } {
  const rank = (size: NurserySizeId) => sizes.indexOf(size);
  const each = ({ priceMinor, perSale }: Offer) => priceMinor / perSale;
  const bulk = new Map<Offer, number>();
  const left = wants.map((want) => {
    const inside = offers.filter(
      ({ size }) => rank(size) >= rank(want.from) && rank(size) <= rank(want.to),
    );
    const [best] = inside.filter(({ stock }) => stock === null).sort((a, b) => each(a) - each(b));
    if (!best) return want;
    const largest = Math.max(...inside.map(({ perSale }) => perSale));
    const shared = 2 * new Set(inside.map(({ size }) => size)).size * largest;
    const cheaper = inside
      .filter((offer) => each(offer) < each(best))
      .reduce((sum, { perSale, stock }) => sum + perSale * (stock ?? 0), 0);
    const packs = Math.floor(
      (want.count - shared - cheaper - best.perSale * largest) / best.perSale,
    );
    if (packs <= 0) return want;
    bulk.set(best, (bulk.get(best) ?? 0) + packs);
    return { ...want, count: want.count - packs * best.perSale };
  });
  return { left, bulk };
}

/** A choice at one size and the best that follows from it. */
interface Way {
  readonly cost: number;
  readonly missed: number;
  readonly level: Level | null;
  readonly rest: Way | null;
}
const NOTHING: Way = { cost: 0, missed: 0, level: null, rest: null };

/** So many plants of one size and what they cost at least. */
interface Level {
  readonly plants: number;
  readonly cost: number;
  readonly packs: readonly number[];
}

/** What plants of one size cost, as the steps at which one more costs more; none bought first. */
function supplyOf(offers: readonly Offer[], most: number): readonly Level[] {
  // Cheapest cost of at least n plants, and the packs of each offer that make it.
  let costs: number[] = Array.from({ length: most + 1 }, (_, n) => (n === 0 ? 0 : Infinity));
  let packs: (readonly number[])[] = costs.map(() => []);
  offers.forEach((offer, which) => {
    const limit = Math.min(offer.stock ?? Infinity, Math.ceil(most / offer.perSale));
    const [nextCosts, nextPacks] = [[...costs], packs.map((list) => [...list])];
    for (let n = 1; n <= most; n += 1)
      for (let k = 1; k <= limit; k += 1) {
        const before = Math.max(0, n - k * offer.perSale);
        const cost = costs[before]! + k * offer.priceMinor;
        if (cost < nextCosts[n]!) {
          nextCosts[n] = cost;
          nextPacks[n] = [...packs[before]!];
          nextPacks[n]![which] = k;
        }
        if (before === 0) break;
      }
    [costs, packs] = [nextCosts, nextPacks];
  });
  const levels: Level[] = [{ plants: 0, cost: 0, packs: [] }];
  for (let n = 1; n <= most && costs[n]! < Infinity; n += 1) {
    const level = { plants: n, cost: costs[n]!, packs: packs[n]! };
    // More plants for the same money take the place of fewer.
    if (level.cost === levels[levels.length - 1]!.cost) levels[levels.length - 1] = level;
    else levels.push(level);
  }
  return levels;
}

function servedSoonestFirst(waiting: readonly number[], served: number): number[] {
  let rest = served;
  return Array.from(waiting, (n = 0) => {
    const taken = Math.min(n, rest);
    rest -= taken;
    return n - taken;
  });
}

function mixOf(
  way: Way,
  {
    offers,
    sizes,
    wants,
    bulk,
  }: {
    readonly offers: readonly Offer[];
    readonly sizes: readonly NurserySizeId[];
    readonly wants: readonly Want[];
    readonly bulk: ReadonlyMap<Offer, number>;
  },
): PackMix {
  const bought: Bought[] = [];
  const spare: Partial<Record<NurserySizeId, number>> = {};
  const supply = new Map<NurserySizeId, number>();
  let short = 0;
  let at: Way | null = way;
  for (const size of sizes) {
    const here = offers.filter((offer) => offer.size === size);
    here.forEach((offer, i) => {
      const packs = (at?.level?.packs[i] ?? 0) + (bulk.get(offer) ?? 0);
      if (packs > 0) bought.push({ offer, packs });
    });
    const plants = bought
      .filter(({ offer }) => offer.size === size)
      .reduce((sum, { offer, packs }) => sum + packs * offer.perSale, 0);
    if (plants > 0) supply.set(size, plants);
    short += at?.missed ?? 0;
    at = at?.rest ?? null;
  }
  for (const [size, used] of usedOf(wants, supply, sizes))
    if (supply.get(size)! > used) spare[size] = supply.get(size)! - used;
  return {
    bought,
    priceMinor: bought.reduce((sum, { offer, packs }) => sum + packs * offer.priceMinor, 0),
    short,
    spare,
  };
}

/** How many plants of each size bought find a place. */
function usedOf(
  wants: readonly Want[],
  supply: ReadonlyMap<NurserySizeId, number>,
  sizes: readonly NurserySizeId[],
): ReadonlyMap<NurserySizeId, number> {
  const used = new Map<NurserySizeId, number>();
  for (const dealt of dealOut(wants, supply, sizes))
    for (const size of dealt) used.set(size, (used.get(size) ?? 0) + 1);
  for (const size of supply.keys()) if (!used.has(size)) used.set(size, 0);
  return used;
}

/**
 * Which size each place of a want gets, from what was bought; places that get nothing come short.
 * @returns for every want its sizes, smallest first
 */
export function dealOut(
  wants: readonly Want[],
  supply: ReadonlyMap<NurserySizeId, number>,
  sizes: readonly NurserySizeId[],
): readonly (readonly NurserySizeId[])[] {
  const rank = new Map(sizes.map((size, i) => [size, i]));
  const left = wants.map(({ count }) => count);
  const dealt: NurserySizeId[][] = wants.map(() => []);
  sizes.forEach((size, at) => {
    let there = supply.get(size) ?? 0;
    const open = wants
      .map((want, i) => ({ i, from: rank.get(want.from)!, to: rank.get(want.to)! }))
      .filter(({ i, from, to }) => from <= at && to >= at && left[i]! > 0)
      .sort((a, b) => a.to - b.to);
    for (const { i } of open)
      for (; there > 0 && left[i]! > 0; there -= 1) {
        left[i] = left[i]! - 1;
        dealt[i]!.push(size);
      }
  });
  return dealt;
}
