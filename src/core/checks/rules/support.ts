import { reaches, usualSupport } from '../../plantings/support';
import { clamp } from '../../units/units';
import type { Check } from '../check';

export interface SupportFacts {
  readonly kind: string;
  readonly how: 'stake' | 'climb';
  readonly heightCm: number;
}

/** Does anything need a stake or something to climb? What stands near a support that is there has it. */
export const support: Check<'support', SupportFacts> = {
  id: 'support',
  weight: 0,
  certainty: 'a caution',
  source: { kind: 'ours', reason: 'The book’s field for climbers and plants that flop.' },
  limits: { trouble: 0, look: 0.9 },
  judge: (reading) => {
    const { support } = reading.planting;
    const needing = reading
      .grownRows()
      .filter(({ plant }) => plant.kind.support !== 'none' && !(support && reaches(support, plant)))
      .sort((a, b) => b.size.heightCm - a.size.heightCm);
    const first = needing[0];
    if (!first) return null;
    return {
      score: 0.7,
      facts: {
        kind: first.plant.kind.id,
        how: first.plant.kind.support as 'stake' | 'climb',
        heightCm: first.size.heightCm,
      },
      culprits: needing.map(({ plant }) => plant.id),
    };
  },
  fixes: ({ planting, plants }, { facts, culprits }) => {
    const plant = plants.find(({ id }) => id === culprits[0]);
    if (facts.how !== 'climb' || !plant) return [];
    // One as high as the plant grows, round its own stem.
    return [
      {
        kind: 'support',
        support: {
          ...usualSupport(planting.container, 'obelisk'),
          heightCm: clamp(Math.round(facts.heightCm / 5) * 5, 30, 300),
          xCm: plant.xCm,
          zCm: plant.zCm,
        },
      },
    ];
  },
};
