import type { PlantKind } from '../../plants/kind';
import { frostFreeWeeks } from '../../spots/frost';
import type { Spot } from '../../spots/spot';
import { weeksBetween } from '../../units/units';
import type { Check } from '../check';

export interface ColdFacts {
  readonly kind: string;
  readonly plantedWeek: number;
  readonly safeFrom: number;
  readonly lowestC: number;
}

/** Weeks before the first autumn frost in which planting something tender is not worth it. */
const TOO_LATE_WEEKS = 2;

/** Would this kind be caught by frost if planted then and left until the end? Kinds that bear −4 °C are not asked. */
export function frosted(
  kind: PlantKind,
  plantedWeek: number,
  spot: Pick<Spot, 'site' | 'normals'>,
): boolean {
  if (kind.lowestC <= -4) return false;
  const free = frostFreeWeeks(spot);
  if (!free) return false;
  return weeksBetween(free.from, plantedWeek) > weeksBetween(free.from, free.to) - TOO_LATE_WEEKS;
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
