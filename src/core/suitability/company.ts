import { COMPANIES, type Company } from '../plants/terms';
import type { PlantKind } from '../plants/kind';
import { once } from '../work/once';

/** Communities that are met with side by side, and how readily, 0–1. What is not named here is not. Ours, from what people plant. */
const BESIDE: Readonly<Partial<Record<Company, Readonly<Partial<Record<Company, number>>>>>> = {
  'summer bedding': {
    'bold tender foliage': 0.85,
    'dry and silver': 0.75,
    'meadow and grasses': 0.6,
    kitchen: 0.4,
    'woodland shade': 0.56,
    'evergreen structure': 0.45,
    'cool-season bedding': 0.45,
  },
  'cool-season bedding': {
    'evergreen structure': 0.9,
    'woodland shade': 0.8,
    alpine: 0.5,
    kitchen: 0.5,
    'dry and silver': 0.65,
    'meadow and grasses': 0.65,
  },
  'bold tender foliage': { moist: 0.7, 'woodland shade': 0.6, 'evergreen structure': 0.3 },
  'woodland shade': {
    'evergreen structure': 0.85,
    moist: 0.75,
    'meadow and grasses': 0.4,
    alpine: 0.4,
  },
  'dry and silver': {
    'meadow and grasses': 0.75,
    alpine: 0.65,
    kitchen: 0.6,
    'evergreen structure': 0.6,
    'soft succulents': 0.5,
    desert: 0.5,
  },
  'meadow and grasses': { 'evergreen structure': 0.55, moist: 0.5, kitchen: 0.4, alpine: 0.4 },
  alpine: { 'soft succulents': 0.65, 'evergreen structure': 0.6 },
  'soft succulents': { desert: 0.65 },
};

/** How readily two communities are met with side by side, 0–1. */
export function besides(a: Company, b: Company): number {
  return a === b ? 1 : (BESIDE[a]?.[b] ?? BESIDE[b]?.[a] ?? 0);
}

const BARELY = 0.1;
/** From here kinds are grown together. Ours. */
export const TOGETHER = 0.55;

/** How readily a kind is met with in each community, 0–1, in the order of the list. */
const standingIn = once(({ company }: Pick<PlantKind, 'company'>): readonly number[] =>
  COMPANIES.map((place) => standsWith({ company }, place)),
);

/** How readily a kind is met with in a community, 0–1. */
export function standsWith({ company }: Pick<PlantKind, 'company'>, place: Company): number {
  return Math.max(...company.map((own) => besides(own, place)));
}

/** How readily two kinds are met with in one container, 0–1: at best they share a community. */
export function keepsCompany(a: PlantKind, b: PlantKind): number {
  let best = BARELY;
  for (const own of a.company)
    for (const other of b.company) best = Math.max(best, besides(own, other));
  return best;
}

/**
 * Of the communities of these kinds, the one in which all are most at home, and how much so: as the least of them is, 0–1.
 * Of equals, the one in which they are most at home together.
 */
export function commonGround(kinds: readonly PlantKind[]): {
  readonly company: Company;
  readonly worth: number;
  readonly stranger: PlantKind | null;
} {
  const standings = kinds.map(standingIn);
  let [at, worth, sum] = [-1, -1, -1];
  for (let place = 0; place < COMPANIES.length; place += 1) {
    let [least, all, most] = [1, 0, 0];
    for (const standing of standings) {
      const one = standing[place]!;
      if (one < least) least = one;
      if (one > most) most = one;
      all += one;
    }
    // A ground that none of them calls its own is none.
    if (most < 1) continue;
    if (least > worth || (least === worth && all > sum)) [at, worth, sum] = [place, least, all];
  }
  const company = COMPANIES[at];
  if (!company) return { company: 'summer bedding', worth: 1, stranger: null };
  return {
    company,
    worth,
    stranger: worth < 1 ? kinds[standings.findIndex((one) => one[at] === worth)]! : null,
  };
}
