import { visibleHeightCm } from '../containers/container';
import { deepEnough } from '../placing/fit';
import { frosted } from '../suitability/frost';
import { dangerInReach } from '../suitability/harm';
import { interestOfKind } from '../suitability/interest';
import { lightFit } from '../suitability/light';
import { goodRatios } from '../suitability/proportion';
import { kindFitsScheme } from '../suitability/scheme';
import type { Brief } from '../plantings/brief';
import { middle, type PlantKind } from '../plants/kind';

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

/** Grown height in a good season, cm. */
export function grownHeightCm(kind: PlantKind): number {
  return middle(kind.heightCm);
}
