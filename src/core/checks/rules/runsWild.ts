import type { Check } from '../check';

export interface RunsWildFacts {
  readonly kind: string;
  readonly where: string;
}

/** Is anything known to run wild? A caution: local rules decide. */
export const runsWild: Check<'runs-wild', RunsWildFacts> = {
  id: 'runs-wild',
  weight: 0,
  certainty: 'a caution',
  source: {
    kind: 'ours',
    reason:
      'The book’s field for plants that spread from gardens; local lists of invasive plants win.',
  },
  limits: { trouble: 0, look: 0.9 },
  judge: ({ all: plants }) => {
    const wild = plants.filter(({ kind }) => kind.runsWild !== null);
    if (wild.length === 0) return null;
    return {
      score: 0.8,
      facts: { kind: wild[0]!.kind.id, where: wild[0]!.kind.runsWild! },
      culprits: wild.map(({ id }) => id),
    };
  },
};
