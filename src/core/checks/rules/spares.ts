import { plantLines } from '../../shopping/plantCost';
import type { Check } from '../check';

export interface SparesFacts {
  readonly kind: string;
  readonly plants: number;
  readonly bought: number;
  readonly spare: number;
}

/** What a whole pack left over would cost. Ours. */
const LEFT_OVER_COST = 0.5;

/** Does buying by the pack leave plants without a place? */
export const spares: Check<'spares', SparesFacts> = {
  id: 'spares',
  weight: 0.3,
  certainty: 'quite sure',
  source: {
    kind: 'ours',
    reason:
      'Plants needed against plants in whole packs: one or two are spares, one plant out of a pack is a pack bought for nothing.',
  },
  limits: { trouble: 0, look: 0.6 },
  judge: ({ plants }) => {
    const packed = plantLines(plants)
      .filter(({ perSale }) => perSale > 1)
      .sort((a, b) => b.spare / b.perSale - a.spare / a.perSale);
    const worst = packed[0];
    if (!worst) return null;
    return {
      score: 1 - LEFT_OVER_COST * (worst.spare / worst.perSale),
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
