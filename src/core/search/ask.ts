import { visibleHeightCm } from '../containers/container';
import { deepEnough } from '../placing/fit';
import { goodRatios } from '../checks/rules/proportion';
import { frosted } from '../checks/rules/cold';
import { lightFit } from '../checks/rules/light';
import { dangerInReach } from '../checks/rules/reach';
import { kindFitsScheme } from '../checks/rules/scheme';
import type { Brief } from '../plantings/brief';
import { middle, type PlantKind } from '../plants/kind';
import { leafWeeks, within } from '../plants/season';
import { isOrdinaryGreen } from '../colour/schemes';
import { seasonShare } from '../growth/growth';
import { bookWeek } from '../spots/spot';
import { weekAfter, weeksBetween } from '../units/units';
import { once } from '../work/once';

/** What the gardener asks for. */
export interface Ask extends Brief {
  /** Kinds to choose from: the book, or what is in stock. */
  readonly kinds: readonly PlantKind[];
  readonly seed: number;
}

/** Wishes and facts that may rule a kind out altogether. */
export type Hurdle =
  'never' | 'light' | 'reach' | 'cold' | 'season' | 'size' | 'depth' | 'kitchen' | 'scheme';

/** Scheme fit below which a kind is not considered. */
const LEAST_SCHEME_FIT = 0.5;
/** Light fit below which a kind is not considered. */
const LEAST_LIGHT_FIT = 0.7;

/**
 * The first thing that rules a kind out.
 * @returns `null` when it may be used
 */
export function hurdleOf(kind: PlantKind, ask: Ask): Hurdle | null {
  const { container, spot, wishes } = ask;
  if (wishes.never.includes(kind.id)) return 'never';
  // What the gardener insists on has only safety and frost to answer to.
  const must = wishes.must.includes(kind.id);
  if (
    wishes.kitchen &&
    (kind.edible === null ||
      kind.toxicity.people === 'poisonous' ||
      kind.toxicity.people === 'unsure')
  )
    return 'kitchen';
  if (!must && lightFit(kind, spot).score < LEAST_LIGHT_FIT) return 'light';
  if (dangerInReach(kind, spot) >= 2) return 'reach';
  if (frosted(kind, ask.plantedWeek, spot)) return 'cold';
  if (must) return null;
  if (interestOfKind(kind, ask) < 0.15) return 'season';
  const [, mostRatio] = goodRatios(container);
  if (kind.heightCm[0] > visibleHeightCm(container) * mostRatio * 1.1) return 'size';
  if (kind.sold.every(({ size }) => !deepEnough(container, size, kind))) return 'depth';
  if (kindFitsScheme(kind, wishes.scheme) < LEAST_SCHEME_FIT) return 'scheme';
  return null;
}

/** How much of the season a kind is worth looking at, 0–1: weeks in flower or fruit, or leaves that are not plain green. */
export function interestOfKind(
  kind: PlantKind,
  ask: Pick<Ask, 'plantedWeek' | 'endWeek' | 'spot'>,
): number {
  const key = (ask.plantedWeek * 64 + ask.endWeek) * 2 + Number(ask.spot.site.latitudeDeg >= 0);
  const held = interestsOf(kind);
  let found = held.get(key);
  if (found === undefined) held.set(key, (found = reckonInterest(kind, ask)));
  return found;
}

/** What was reckoned for a kind, by season and hemisphere. */
const interestsOf = once((_kind: PlantKind) => new Map<number, number>());

function reckonInterest(
  kind: PlantKind,
  { plantedWeek, endWeek, spot }: Pick<Ask, 'plantedWeek' | 'endWeek' | 'spot'>,
): number {
  const weeks = weeksBetween(plantedWeek, endWeek);
  let shown = 0;
  let inLeaf = 0;
  const leaf = leafWeeks(kind);
  for (let w = 0; w <= weeks; w += 1) {
    const week = bookWeek(weekAfter(plantedWeek, w), spot);
    if (within(leaf, week)) inLeaf += 1;
    shown += Math.max(
      kind.bloom ? seasonShare(kind.bloom.weeks, week) : 0,
      kind.fruit ? seasonShare(kind.fruit.weeks, week) : 0,
    );
  }
  const flowers =
    (shown / (weeks + 1)) * Math.min(1, 0.5 + (kind.bloom?.cover ?? (kind.fruit ? 0.3 : 0)) * 1.4);
  // Bulbs die back: their leaves are no interest. Otherwise coloured or bold leaves hold all season.
  const leaves =
    kind.habit === 'bulb'
      ? 0
      : (inLeaf / (weeks + 1)) *
        (!isOrdinaryGreen(kind.foliage.main) || kind.foliage.pattern !== 'plain'
          ? 0.85
          : kind.foliage.texture === 'bold' || kind.habit === 'fern' || kind.habit === 'grass'
            ? 0.7
            : 0.35);
  return Math.max(flowers, leaves);
}

/** Grown height in a good season, cm. */
export function grownHeightCm(kind: PlantKind): number {
  return middle(kind.heightCm);
}
