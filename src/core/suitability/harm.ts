import { GRAVITY, petHarm, type PlantKind } from '../plants/kind';
import type { Spot } from '../spots/spot';

/** The worse of what a kind may do to those who can reach it, 0 none known – 3 poisonous. Irritant sap counts as mild for children. */
export function dangerInReach(kind: PlantKind, spot: Pick<Spot, 'pets' | 'children'>): number {
  const pets = spot.pets ? GRAVITY[petHarm(kind)] : 0;
  const children = spot.children
    ? Math.max(GRAVITY[kind.toxicity.people], kind.irritant.skin === 'yes' ? 1 : 0)
    : 0;
  return Math.max(pets, children);
}
