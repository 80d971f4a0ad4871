import { isHung } from '../../containers/shape';
import type { Check } from '../check';

/** Usual cautions of the work, where they matter. */
export type Caution = 'overhead' | 'mix dust' | 'stores' | 'power' | 'eating' | 'tools';

export interface HandlingFacts {
  readonly cautions: readonly Caution[];
}

/** Height above the ground from which a fall, of plant or planter, does harm, cm. Ours. */
const OVERHEAD_CM = 150;

/** What to mind while handling it: height, dust, stores, power, food, blades. */
export const handling: Check<'handling', HandlingFacts> = {
  id: 'handling',
  weight: 0,
  certainty: 'a caution',
  source: {
    kind: 'ours',
    reason:
      'Usual cautions: ladders and what hangs over a path; mix dust and legionella; feeds and slug bait locked away; electricity near water; only plants sold for eating; sharp tools.',
  },
  limits: { trouble: 0, look: 0.9 },
  judge: ({ all: plants, spot, planting }) => {
    if (plants.length === 0) return null;
    const cautions: Caution[] = [];
    if (spot.dropCm >= OVERHEAD_CM || (isHung(planting.container.shape) && spot.dropCm >= 120))
      cautions.push('overhead');
    if (
      planting.wishes.kitchen ||
      plants.some(({ kind }) => kind.edible !== null && kind.edible !== 'flowers')
    )
      cautions.push('eating');
    if (spot.children || spot.pets) cautions.push('stores');
    if (planting.container.mix === 'aquatic' || spot.waters.by === 'drip') cautions.push('power');
    cautions.push('mix dust');
    if (planting.care.trims.length > 0 || plants.some(({ kind }) => kind.bloom?.deadhead))
      cautions.push('tools');
    return { score: 0.8, facts: { cautions }, culprits: [] };
  },
};
