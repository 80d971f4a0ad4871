import { GRAVITY, petHarm, type PlantKind } from '../../plants/kind';
import type { Spot } from '../../spots/spot';
import type { Check } from '../check';

export interface ReachFacts {
  readonly kind: string;
  readonly who: 'pets' | 'children' | 'both';
  readonly harm: PlantKind['toxicity']['people'];
  readonly note: string;
}

/** The worse of what a kind may do to those who can reach it, 0 none known – 3 poisonous. Irritant sap counts as mild for children. */
export function dangerInReach(kind: PlantKind, spot: Pick<Spot, 'pets' | 'children'>): number {
  const pets = spot.pets ? GRAVITY[petHarm(kind)] : 0;
  const children = spot.children
    ? Math.max(GRAVITY[kind.toxicity.people], kind.irritant.skin === 'yes' ? 1 : 0)
    : 0;
  return Math.max(pets, children);
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
  judge: ({ plants, spot }) => {
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
