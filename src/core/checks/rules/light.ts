import { lightFit, type LightFault } from '../../suitability/light';
import type { Check } from '../check';

export interface LightFacts {
  readonly haveHours: number;
  readonly kind: string;
  readonly needHours: number;
  readonly mostHours: number;
  readonly fault: LightFault;
}

/** Does every plant get the light it thrives in? The worst one decides. */
export const light: Check<'light', LightFacts> = {
  id: 'light',
  weight: 3,
  certainty: 'quite sure',
  source: {
    kind: 'ours',
    reason:
      'Hours of direct sun against the range each kind thrives in; afternoon sun is hotter. Classes differ between writers, so hours are shown.',
  },
  limits: { trouble: 0.45, look: 0.9 },
  judge: ({ all: plants, spot }) => {
    if (plants.length === 0) return null;
    const judged = plants
      .map((plant) => ({ plant, ...lightFit(plant.kind, spot) }))
      .sort((a, b) => a.score - b.score);
    const worst = judged[0]!;
    const mean = judged.reduce((sum, j) => sum + j.score, 0) / judged.length;
    return {
      score: 0.75 * worst.score + 0.25 * mean,
      facts: {
        haveHours: spot.sunHours,
        kind: worst.plant.kind.id,
        needHours: worst.plant.kind.light.hours[0],
        mostHours: worst.plant.kind.light.hours[1],
        fault: worst.fault,
      },
      culprits: judged.filter((j) => j.fault !== 'none').map((j) => j.plant.id),
    };
  },
};
