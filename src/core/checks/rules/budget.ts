import { clamp } from '../../units/units';
import { plantCost } from '../../shopping/plantCost';
import type { Check } from '../check';

export interface BudgetFacts {
  readonly cost: number;
  readonly budget: number;
}

/** Do the plants cost what was set aside? */
export const budget: Check<'budget', BudgetFacts> = {
  id: 'budget',
  weight: 1.5,
  certainty: 'fairly sure',
  source: { kind: 'ours', reason: 'Typical prices for whole packs; the shop decides.' },
  limits: { trouble: 0.5, look: 0.99 },
  judge: ({ all: plants, planting }) => {
    const limit = planting.wishes.budget;
    if (limit === null || plants.length === 0) return null;
    const cost = plantCost(plants);
    const over = Math.max(0, cost - limit) / limit;
    const dearest = [...plants].sort((a, b) => priceOf(b) - priceOf(a))[0]!;
    return {
      score: clamp(1 - over * 2, 0, 1),
      facts: { cost, budget: limit },
      culprits: over > 0 ? [dearest.id] : [],
    };
  },
  fixes: (_, verdict) => verdict.culprits.map((place) => ({ kind: 'remove', place })),
};

function priceOf(plant: Parameters<(typeof budget)['judge']>[0]['plants'][number]): number {
  return plant.kind.sold.find((s) => s.size === plant.size)?.price ?? 0;
}
