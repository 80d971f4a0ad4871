import type { Day } from '../calendar/day';
import { dayOf, isOf, holding, type Entry, type EntryThat } from '../log/entry';
import type { Planting } from '../plantings/planting';
import type { KindId } from '../plants/kind';
import type { NurserySizeId } from '../plants/nursery';
import type { Bit, FeedLine, MixLine, Needs } from './needs';
import { SIZES_BY_BALL } from './sizes';
import type { TripPlan } from './trip';

/** A kind in a size it is sold in. */
export interface Unit {
  readonly kindId: KindId;
  readonly size: NurserySizeId;
}

/** One thing to buy. */
export interface BuyLine {
  /** The same for the same thing from day to day: what is ticked is found again by it. */
  readonly key: string;
  /** Where; `null` for what any shop has. */
  readonly stop: string | null;
  readonly packs: number;
  /** Price of one pack, pence or cents. */
  readonly packMinor: number;
  readonly what:
    | {
        readonly kind: 'plants';
        readonly kindId: KindId;
        readonly size: NurserySizeId;
        readonly perSale: number;
        /** Left over after planting. */
        readonly spare: number;
        /** Packs there; `null` when not known. */
        readonly stock: number | null;
        /** What was chosen beforehand for when it is not to be had; the plantings may differ. */
        readonly orElse: readonly Unit[];
      }
    | { readonly kind: 'mix'; readonly line: MixLine }
    | { readonly kind: 'feed'; readonly line: FeedLine }
    | { readonly kind: 'bit'; readonly line: Bit };
}

/** Plants to buy stop by stop, in the order of the stops, each in walking order: trays and small pots first, tall and heavy ones last. */
export function plantLines(
  plan: TripPlan,
  orElseOf: (kindId: KindId) => readonly Unit[] = NOTHING_ELSE,
): readonly BuyLine[] {
  const lines = plan.kinds.flatMap(({ kindId, bought, spare, stops }) =>
    bought.map(({ offer, packs }, i): BuyLine => ({
      key: `plants ${kindId} ${offer.size} ${stops[i]}`,
      stop: stops[i]!,
      packs,
      packMinor: offer.priceMinor,
      what: {
        kind: 'plants',
        kindId,
        size: offer.size,
        perSale: offer.perSale,
        // Told with the last of that size that is bought.
        spare:
          bought.findLastIndex((other) => other.offer.size === offer.size) === i
            ? (spare[offer.size] ?? 0)
            : 0,
        stock: offer.stock,
        orElse: orElseOf(kindId),
      },
    })),
  );
  const rank = ({ stop, what }: BuyLine) =>
    plan.stops.indexOf(stop!) * 100 +
    (what.kind === 'plants' ? SIZES_BY_BALL.indexOf(what.size) : 0);
  return [...lines].sort((a, b) => rank(a) - rank(b) || (a.key < b.key ? -1 : 1));
}

const NOTHING_ELSE = () => [];

/** What some plantings take where a kind is not to be had, each once. */
export function secondChoicesFor(
  kindId: KindId,
  plantings: readonly Pick<Planting, 'secondChoices'>[],
): readonly Unit[] {
  const found = new Map<string, Unit>();
  for (const { secondChoices = [] } of plantings)
    for (const { insteadOf, kindId: to, size } of secondChoices)
      if (insteadOf === kindId) found.set(`${to} ${size}`, { kindId: to, size });
  return [...found.values()];
}

/** Mix, feed and small things. */
export function otherLines({ mixes, feeds, bits }: Needs): readonly BuyLine[] {
  const line = (
    key: string,
    what: BuyLine['what'],
    packs: number,
    priceMinor: number,
  ): BuyLine => ({ key, stop: null, packs, packMinor: Math.round(priceMinor / packs), what });
  return [
    ...mixes
      .filter(({ bags }) => bags.length > 0)
      .map((one) => line(`mix ${one.mix}`, { kind: 'mix', line: one }, 1, one.priceMinor)),
    ...feeds.map((one) =>
      line(`feed ${one.what}`, { kind: 'feed', line: one }, one.packs, one.priceMinor),
    ),
    ...bits.map((one) =>
      line(
        `bit ${one.kindId ? `${one.what} ${one.kindId}` : one.what}`,
        { kind: 'bit', line: one },
        1,
        one.priceMinor,
      ),
    ),
  ];
}

/** What a line comes to, pence or cents. */
export function lineMinor({ packs, packMinor }: Pick<BuyLine, 'packs' | 'packMinor'>): number {
  return packs * packMinor;
}

export type BoughtEntry = EntryThat<'bought'>;

/** What was bought for some plantings and still holds, in order. */
export function boughtFor(
  log: readonly Entry[],
  plantingIds: ReadonlySet<string>,
): readonly BoughtEntry[] {
  return holding(log).filter(
    (entry): entry is BoughtEntry =>
      isOf(entry, 'bought') && (entry.of.plantingIds ?? []).some((id) => plantingIds.has(id)),
  );
}

/** What was told of each line on a day, the last word of each. What was bought on other days is no answer to that day's list. */
export function answersOn(
  day: Day,
  bought: readonly BoughtEntry[],
): ReadonlyMap<string, BoughtEntry> {
  return new Map(
    bought.filter((entry) => dayOf(entry) === day).map((entry) => [entry.what.key, entry]),
  );
}

/**
 * Plants of each kind that were bought before a day and not used yet: what stands planted by now has taken its own.
 * @param perSale plants in one pack of a kind and size
 * @param used plants of a kind that a planting has taken; 0 while it is not planted
 */
export function plantsBoughtBefore(
  day: Day,
  bought: readonly BoughtEntry[],
  {
    perSale,
    used,
  }: {
    readonly perSale: (kindId: KindId, size: string) => number;
    readonly used: (plantingId: string, kindId: KindId) => number;
  },
): ReadonlyMap<KindId, number> {
  const plants = new Map<KindId, number>();
  const taken = new Set<string>();
  for (const entry of bought) {
    if (dayOf(entry) >= day) continue;
    const [what, kindId = '', size = ''] = entry.what.key.split(' ');
    if (what !== 'plants') continue;
    let there = entry.what.got * perSale(kindId, size);
    for (const id of entry.of.plantingIds ?? []) {
      // Bought twice for one planting, it is used once.
      if (taken.has(`${id} ${kindId}`)) continue;
      taken.add(`${id} ${kindId}`);
      there -= used(id, kindId);
    }
    plants.set(kindId, Math.max(0, (plants.get(kindId) ?? 0) + there));
  }
  return plants;
}

export interface Till {
  /** What is in the trolley by now, at the price paid where it was told. */
  readonly spentMinor: number;
  /** What is still to be bought, at the price asked. */
  readonly openMinor: number;
  /** Packs that were looked for and not got. */
  readonly missing: number;
  readonly ticked: number;
}

/** The sum of a list as it stands. */
export function tillOf(lines: readonly BuyLine[], answers: ReadonlyMap<string, BoughtEntry>): Till {
  let [spentMinor, openMinor, missing, ticked] = [0, 0, 0, 0];
  for (const line of lines) {
    const told = answers.get(line.key)?.what;
    if (!told) {
      openMinor += lineMinor(line);
      continue;
    }
    ticked += 1;
    spentMinor += told.paidMinor ?? told.got * line.packMinor;
    missing += Math.max(0, line.packs - told.got);
  }
  return { spentMinor, openMinor, missing, ticked };
}
