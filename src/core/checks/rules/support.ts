import { reaches, usualSupport } from '../../plantings/support';
import { clamp } from '../../units/units';
import type { Check } from '../check';
import type { Reading } from '../reading';

export interface SupportFacts {
  readonly kind: string;
  readonly heightCm: number;
}

/** The tallest plant of those that need holding in some way and have nothing near to hold them. */
function unheld(reading: Reading, how: 'climb' | 'stake') {
  const { support } = reading.planting;
  return reading
    .grownRows()
    .filter(({ plant }) => plant.kind.support === how && !(support && reaches(support, plant)))
    .sort((a, b) => b.size.heightCm - a.size.heightCm);
}

/** Has every climber something to climb? Without, it lies over the others. What stands near a support that is there has it. */
export const support: Check<'support', SupportFacts> = {
  id: 'support',
  weight: 1.4,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason: 'The book’s field for climbers, and what stands in the container.',
  },
  limits: { trouble: 0.35, look: 0.9 },
  judge: (reading) => {
    const needing = unheld(reading, 'climb');
    const first = needing[0];
    if (!first) return null;
    return {
      score: 0.3,
      facts: { kind: first.plant.kind.id, heightCm: first.size.heightCm },
      culprits: needing.map(({ plant }) => plant.id),
    };
  },
  fixes: ({ planting, plants }, { facts, culprits }) => {
    const plant = plants.find(({ id }) => id === culprits[0]);
    if (!plant) return [];
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

/** Does anything flop without a stake? */
export const stakes: Check<'stakes', SupportFacts> = {
  id: 'stakes',
  weight: 0,
  certainty: 'a caution',
  source: { kind: 'ours', reason: 'The book’s field for plants that flop.' },
  limits: { trouble: 0, look: 0.9 },
  judge: (reading) => {
    const needing = unheld(reading, 'stake');
    const first = needing[0];
    if (!first) return null;
    return {
      score: 0.7,
      facts: { kind: first.plant.kind.id, heightCm: first.size.heightCm },
      culprits: needing.map(({ plant }) => plant.id),
    };
  },
};
