import { frostFreeWeeks } from '../../spots/frost';
import { frosted } from '../../suitability/frost';
import type { Check } from '../check';

export interface ColdFacts {
  readonly kind: string;
  readonly plantedWeek: number;
  readonly safeFrom: number;
  readonly lowestC: number;
}

/** Is anything tender out before the last frost? */
export const cold: Check<'cold', ColdFacts | null> = {
  id: 'cold',
  weight: 2,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Tender plants go out after the last frost, hardened off for 7–14 days. Frost dates are chances: the local ones decide.',
  },
  limits: { trouble: 0.5, look: 0.9 },
  judge: ({ plants, planting, spot }) => {
    if (plants.length === 0) return null;
    const caught = plants.filter(({ kind }) => frosted(kind, planting.plantedWeek, spot));
    const first = caught[0];
    if (!first) return { score: 1, facts: null, culprits: [] };
    return {
      score: 0.2,
      facts: {
        kind: first.kind.id,
        plantedWeek: planting.plantedWeek,
        safeFrom: frostFreeWeeks(spot)!.from,
        lowestC: first.kind.lowestC,
      },
      culprits: caught.map(({ id }) => id),
    };
  },
};
