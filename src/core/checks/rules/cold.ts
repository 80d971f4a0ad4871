import type { PlantKind } from '../../plants/kind';
import { weekAfter } from '../../units/units';
import type { Check } from '../check';

export interface ColdFacts {
  readonly kind: string;
  readonly plantedWeek: number;
  readonly safeFrom: number;
  readonly lowestC: number;
}

/**
 * Weeks of the year without frost where nothing better is known: mid-May to mid-October of a cool temperate garden.
 * The gardener’s own frost dates replace them once a spot has them.
 */
export const FROST_FREE = { from: 20, to: 42 } as const;

/** Would this kind be caught by frost if planted then and left until the end? Kinds that bear −4 °C are not asked. */
export function frosted(kind: PlantKind, plantedWeek: number): boolean {
  return kind.lowestC > -4 && (plantedWeek < FROST_FREE.from || plantedWeek > FROST_FREE.to - 2);
}

/** Is anything tender out before the last frost? */
export const cold: Check<'cold', ColdFacts | null> = {
  id: 'cold',
  weight: 2,
  certainty: 'fairly sure',
  source: { kind: 'ours', reason: 'Tender plants go out after the last frost, hardened off for 7–14 days. Frost dates are chances: the local ones decide.' },
  limits: { trouble: 0.5, look: 0.9 },
  judge: ({ plants, planting }) => {
    if (plants.length === 0) return null;
    const caught = plants.filter(({ kind }) => frosted(kind, planting.plantedWeek));
    const first = caught[0];
    if (!first) return { score: 1, facts: null, culprits: [] };
    return { score: 0.2, facts: { kind: first.kind.id, plantedWeek: planting.plantedWeek, safeFrom: weekAfter(FROST_FREE.from, 0), lowestC: first.kind.lowestC }, culprits: caught.map(({ id }) => id) };
  },
};
