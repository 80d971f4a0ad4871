import { isHung } from '../containers/shape';
import { mixAreaCm2 } from '../containers/container';
import { familiarity } from '../plants/familiar';
import { middle, type Company, type PlantKind } from '../plants/kind';
import { NURSERY_SIZES } from '../plants/nursery';
import { printOf } from '../plants/print';
import { hash01, hash32 } from '../random/hash';
import type { Like } from '../plantings/schema';
import { easeInLight } from '../suitability/light';
import { ofTheSeason } from '../suitability/season';
import { easeInSummer, standingOf } from '../suitability/standing';
import { once } from '../work/once';
import type { Ask } from './ask';

/** What each thing about a kind adds to its worth in any role, and what it costs, of about 1. Ours. */
const WORTH = {
  light: 0.2,
  summer: 0.16,
  shows: 0.2,
  showsSoon: 0.08,
  ofTheSeason: 0.1,
  wishedCompany: 0.2,
  liked: 0.16,
  lot: 0.07,
} as const;
const FAMILIAR = { staple: 0.1, known: 0, seldom: -0.14 } as const;
const COST = {
  sulks: 0.15,
  pastOthers: 0.12,
  pastMost: 0.05,
  kitchen: 0.06,
  shrub: 0.06,
  dear: 0.25,
} as const;

/** Shrubs that every planter uses for one season, in spite of what they are. */
const STRUCTURE: readonly Company[] = ['evergreen structure'];

/** What speaks for a kind in any role: the place, the season, the wishes, what it is known for, and a lot that differs from ask to ask. */
export function likingFor(kind: PlantKind, ask: Ask): number {
  const standing = standingOf(kind, ask);
  const isEaten = kind.edible !== null && kind.edible !== 'flowers';
  const past = kind.vigour >= 5 ? COST.pastOthers : kind.vigour === 4 ? COST.pastMost : 0;
  return (
    WORTH.light * easeInLight(kind, ask.spot) +
    WORTH.summer * easeInSummer(standing) +
    WORTH.shows * standing.shows +
    WORTH.showsSoon * standing.showsSoon +
    WORTH.ofTheSeason * ofTheSeason(kind, ask) +
    wished(kind, ask) +
    FAMILIAR[familiarity(kind)] +
    WORTH.lot * hash01(lotOf(ask), printOf(kind)) -
    COST.sulks * standing.sulks -
    past -
    (isEaten && !ask.wishes.kitchen ? COST.kitchen : 0) -
    COST.dear * dearness(kind, ask)
  );
}

/** What a shrub costs in a planting for one season: it takes years to fill out. */
export function shrubCost({ cycle, company }: PlantKind): number {
  return cycle === 'shrub'
    ? (company.every((one) => STRUCTURE.includes(one)) ? 2 : 1) * COST.shrub
    : 0;
}

/** A number of the ask itself, so that another ask draws another lot among equals. */
const lotOf = once((ask: Ask) =>
  [
    Math.round(mixAreaCm2(ask.container)),
    ask.plantedWeek,
    ask.endWeek,
    Math.round(ask.spot.sunHours * 10),
    Math.round(ask.spot.site.latitudeDeg),
    isHung(ask.container.shape) ? 1 : 0,
    ...Array.from(`${ask.wishes.scheme.kind}${ask.spot.site.climate}`, (letter) =>
      letter.charCodeAt(0),
    ),
  ].reduce((lot, one) => hash32(lot, one), ask.seed),
);

/** What its company and what it is liked for add, where they are wished for. */
function wished(kind: PlantKind, { wishes }: Ask): number {
  const likes = wishes.likes ?? [];
  const liked = likes.filter((like) => isLiked(kind, like)).length;
  return (
    (wishes.company && kind.company.includes(wishes.company) ? WORTH.wishedCompany : 0) +
    (likes.length > 0 ? (WORTH.liked * liked) / likes.length : 0)
  );
}

/** Has a kind what is asked of the planting: food for insects, or scent? */
export function isLiked({ wildlife, scent }: PlantKind, like: Like): boolean {
  return like === 'scent' ? scent !== 'none' : wildlife.length > 0;
}

/** How far enough of a kind to fill the container would pass the budget, 0–1; 0 without one. */
function dearness(kind: PlantKind, { container, wishes }: Ask): number {
  if (wishes.budget === null) return 0;
  const each = Math.min(
    ...kind.sold.map(
      ({ size, price, perSale }) => price / (perSale ?? NURSERY_SIZES[size].perSale),
    ),
  );
  const needed = Math.max(
    1,
    (mixAreaCm2(container) * 1.3) / (Math.PI * (middle(kind.spreadCm) / 2) ** 2),
  );
  return Math.min(1, Math.max(0, (each * needed) / wishes.budget - 0.7));
}
