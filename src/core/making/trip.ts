import type { KindId } from '../plants/kind';
import type { PlantNeed } from './needs';
import { cheapestPacks, type Offer, type PackMix } from './packs';
import { SIZES_BY_BALL } from './sizes';

/** Somewhere to buy: what it has of each kind, and what going there costs. */
export interface TripStop {
  readonly id: string;
  /** Fare, fuel or postage, pence or cents. */
  readonly tripMinor: number;
  readonly offersOf: (kindId: KindId) => readonly Offer[];
}

/** What to buy of one kind, and where. */
export interface KindPlan extends PackMix {
  readonly kindId: KindId;
  /** Stop of each thing bought, in the order of `bought`. */
  readonly stops: readonly string[];
}

export interface TripPlan {
  /** Stops to go to, in the order in which they were given. */
  readonly stops: readonly string[];
  readonly kinds: readonly KindPlan[];
  readonly plantsMinor: number;
  readonly tripsMinor: number;
  /** Plants that none of the stops has. */
  readonly short: number;
}

/**
 * The cheapest set of stops that has everything, or as much of it as can be had: every set is tried, each kind bought at its cheapest
 * in it.
 * @param stops at most 10
 */
export function cheapestTrip(needs: readonly PlantNeed[], stops: readonly TripStop[]): TripPlan {
  let best: TripPlan | null = null;
  const known = new Map<string, KindPlan>();
  for (let set = 0; set < 1 << stops.length; set += 1) {
    const going = stops.filter((_, i) => set & (1 << i));
    const plan = planFor(needs, going, known);
    if (!best || isBetter(plan, best)) best = plan;
  }
  return best!;
}

/** What to buy when one goes to just these stops. */
export function tripTo(needs: readonly PlantNeed[], stops: readonly TripStop[]): TripPlan {
  return planFor(needs, stops, new Map());
}

const costOf = ({ plantsMinor, tripsMinor }: TripPlan): number => plantsMinor + tripsMinor;

function isBetter(plan: TripPlan, than: TripPlan): boolean {
  if (plan.short !== than.short) return plan.short < than.short;
  if (costOf(plan) !== costOf(than)) return costOf(plan) < costOf(than);
  return plan.stops.length < than.stops.length;
}

function planFor(
  needs: readonly PlantNeed[],
  stops: readonly TripStop[],
  known: Map<string, KindPlan>,
): TripPlan {
  const kinds = needs.map((need) => {
    // Stops that do not have it change nothing: what was found without them holds.
    const having = stops.filter(({ offersOf }) => offersOf(need.kindId).length > 0);
    const key = `${need.kindId} ${having.map(({ id }) => id).join()}`;
    let plan = known.get(key);
    if (!plan) known.set(key, (plan = kindPlan(need, having)));
    return plan;
  });
  // A stop at which nothing is bought is not gone to.
  const used = new Set(kinds.flatMap((kind) => kind.stops));
  const going = stops.filter(({ id }) => used.has(id));
  return {
    stops: going.map(({ id }) => id),
    kinds,
    plantsMinor: kinds.reduce((sum, { priceMinor }) => sum + priceMinor, 0),
    tripsMinor: going.reduce((sum, { tripMinor }) => sum + tripMinor, 0),
    short: kinds.reduce((sum, { short }) => sum + short, 0),
  };
}

function kindPlan({ kindId, wants }: PlantNeed, stops: readonly TripStop[]): KindPlan {
  const offers = stops.flatMap(({ id, offersOf }) =>
    offersOf(kindId).map((offer) => ({ ...offer, stop: id })),
  );
  const mix = cheapestPacks(wants, offers, SIZES_BY_BALL);
  const stopOf = new Map<Offer, string>(offers.map((offer) => [offer, offer.stop]));
  return { kindId, ...mix, stops: mix.bought.map(({ offer }) => stopOf.get(offer)!) };
}
