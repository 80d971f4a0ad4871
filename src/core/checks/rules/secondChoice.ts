import { STOPS } from '../../shopping/stops';
import type { Check } from '../check';

export interface SecondChoiceFacts {
  readonly kinds: readonly string[];
}

/** Is something in it hard to come by, and no second choice named? */
export const secondChoice: Check<'second-choice', SecondChoiceFacts> = {
  id: 'second-choice',
  weight: 0,
  certainty: 'a caution',
  source: {
    kind: 'ours',
    reason:
      'Kinds sold in one size that only one of the simulated stops sells. Shops run out: have a second choice.',
  },
  limits: { trouble: 0, look: 0.9 },
  judge: ({ all: plants }) => {
    const rare = plants.filter(
      ({ kind }) =>
        STOPS.filter(({ sizes }) =>
          kind.sold.some(({ size }) => sizes === null || sizes.includes(size)),
        ).length < 2,
    );
    if (rare.length === 0) return null;
    return {
      score: 0.7,
      facts: { kinds: [...new Set(rare.map(({ kindId }) => kindId))] },
      culprits: rare.map(({ id }) => id),
    };
  },
};
