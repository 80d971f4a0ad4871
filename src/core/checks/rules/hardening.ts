import { bookWeek } from '../../spots/spot';
import type { Check } from '../check';

export interface HardeningFacts {
  readonly kinds: readonly string[];
  /** Hours of sun they come out to. */
  readonly hours: number;
}

/** Book weeks in which tender plants come out of sheltered houses. */
const FROM_HOUSES = [10, 24] as const;

/** Leaves from a sheltered house scorch in noon sun and chill at night: is there something to harden off? */
export const hardening: Check<'hardening', HardeningFacts> = {
  id: 'hardening',
  weight: 0,
  certainty: 'a caution',
  source: {
    kind: 'ours',
    reason:
      'Tender kinds bought in spring were grown under cover; 7–14 days of shade by day and shelter by night is the usual advice.',
  },
  limits: { trouble: 0, look: 0.9 },
  judge: ({ all: plants, planting, spot }) => {
    const week = bookWeek(planting.plantedWeek, spot);
    if (week < FROM_HOUSES[0] || week > FROM_HOUSES[1]) return null;
    const soft = plants.filter(({ kind }) => kind.lowestC > -3);
    if (soft.length === 0) return null;
    return {
      score: 0.75,
      facts: { kinds: [...new Set(soft.map(({ kindId }) => kindId))], hours: spot.sunHours },
      culprits: soft.map(({ id }) => id),
    };
  },
};
