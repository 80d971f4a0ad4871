import type { Check } from '../check';

export interface EdibleFacts {
  readonly eaten: string;
  readonly harmful: string;
}

/** Is anything poisonous planted beside something to eat? */
export const edible: Check<'edible', EdibleFacts | null> = {
  id: 'edible',
  weight: 2,
  certainty: 'a caution',
  source: {
    kind: 'ours',
    reason:
      'Leaves get picked together. Unsure counts as a caution. Only plants sold for eating should be eaten.',
  },
  limits: { trouble: 0.3, look: 0.9 },
  judge: ({ all: plants, planting }) => {
    const eaten = plants.filter(
      ({ kind }) => kind.edible !== null && kind.toxicity.people === 'none known',
    );
    const pick = planting.wishes.kitchen
      ? eaten
      : eaten.filter(({ kind }) => kind.edible !== 'flowers');
    if (pick.length === 0) return null;
    const harmful = plants.filter(
      ({ kind }) => kind.toxicity.people === 'poisonous' || kind.toxicity.people === 'unsure',
    );
    if (harmful.length === 0) return { score: 1, facts: null, culprits: [] };
    return {
      score: harmful.some(({ kind }) => kind.toxicity.people === 'poisonous') ? 0.1 : 0.5,
      facts: { eaten: pick[0]!.kind.id, harmful: harmful[0]!.kind.id },
      culprits: harmful.map(({ id }) => id),
    };
  },
};
