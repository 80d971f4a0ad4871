import { GRAVITY, petHarm, type PlantKind } from '../../plants/kind';
import { dangerInReach } from '../../suitability/harm';
import type { Check } from '../check';

export interface ReachFacts {
  readonly kind: string;
  readonly who: 'pets' | 'children' | 'both';
  readonly harm: PlantKind['toxicity']['people'];
  readonly note: string;
}

/** Can a pet or a child reach something harmful? */
export const reach: Check<'reach', ReachFacts | null> = {
  id: 'reach',
  weight: 3,
  certainty: 'a caution',
  source: {
    kind: 'ours',
    reason:
      'The book’s safety fields, kept on the careful side; unsure counts as a caution. The label and a doctor or vet decide.',
  },
  limits: { trouble: 0.4, look: 0.95 },
  judge: ({ all: plants, spot }) => {
    if (!spot.pets && !spot.children) return null;
    if (plants.length === 0) return null;
    const ranked = plants
      .map((plant) => ({ plant, danger: dangerInReach(plant.kind, spot) }))
      .filter(({ danger }) => danger > 0)
      .sort((a, b) => b.danger - a.danger);
    const worst = ranked[0];
    if (!worst) return { score: 1, facts: null, culprits: [] };
    const { kind } = worst.plant;
    const petDanger = spot.pets && GRAVITY[petHarm(kind)] > 0;
    const childDanger =
      spot.children && (GRAVITY[kind.toxicity.people] > 0 || kind.irritant.skin === 'yes');
    const harm =
      GRAVITY[petHarm(kind)] > GRAVITY[kind.toxicity.people]
        ? spot.pets
          ? petHarm(kind)
          : kind.toxicity.people
        : spot.children
          ? kind.toxicity.people
          : petHarm(kind);
    return {
      score: worst.danger === 3 ? 0 : worst.danger === 2 ? 0.35 : 0.8,
      facts: {
        kind: kind.id,
        who: petDanger && childDanger ? 'both' : petDanger ? 'pets' : 'children',
        harm,
        note:
          childDanger && kind.toxicity.people === 'none known'
            ? kind.irritant.note
            : kind.toxicity.note,
      },
      culprits: ranked.map(({ plant }) => plant.id),
    };
  },
};
