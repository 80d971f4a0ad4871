import { plantLines } from '../../shopping/plantCost';
import type { Check } from '../check';

export interface SparesFacts {
  readonly kind: string;
  readonly plants: number;
  readonly bought: number;
  readonly spare: number;
}

/** Does buying by the pack leave plants without a place? */
export const spares: Check<'spares', SparesFacts> = {
  id: 'spares',
  weight: 0.3,
  certainty: 'quite sure',
  source: {
    kind: 'ours',
    reason:
      'Plants needed against plants in whole packs: one left over has no place; several go into the next pot.',
  },
  limits: { trouble: 0, look: 0.75 },
  judge: ({ plants }) => {
    const packed = plantLines(plants)
      .filter(({ perSale }) => perSale > 1)
      .sort((a, b) => Number(b.spare === 1) - Number(a.spare === 1) || b.spare - a.spare);
    const worst = packed[0];
    if (!worst) return null;
    return {
      score: worst.spare === 0 ? 1 : worst.spare === 1 ? 0.65 : 0.85,
      facts: {
        kind: worst.kindId,
        plants: worst.plants,
        bought: worst.plants + worst.spare,
        spare: worst.spare,
      },
      culprits:
        worst.spare > 0
          ? plants
              .filter(({ kindId, size }) => kindId === worst.kindId && size === worst.size)
              .map(({ id }) => id)
          : [],
    };
  },
};
