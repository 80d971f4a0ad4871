import { frostRisk } from '../../potting/rootZone';
import { climateHere, frostFreeWeeks } from '../../spots/frost';
import { weeksBetween } from '../../units/units';
import type { Check } from '../check';

export interface PotFrostFacts {
  readonly risk: 'cracks' | 'may crack';
  readonly material: string;
  /** Week from which frost is usual again. */
  readonly fromWeek: number;
  readonly coldestC: number;
}

/** Is a pot that frost breaks still out when frost is usual? */
export const potFrost: Check<'pot-frost', PotFrostFacts> = {
  id: 'pot-frost',
  weight: 0,
  certainty: 'a caution',
  source: {
    kind: 'ours',
    reason:
      'Water in porous walls and in wet mix swells by a tenth as it freezes. The maker knows how the pot was fired.',
  },
  limits: { trouble: 0.3, look: 0.9 },
  judge: ({ planting, spot }) => {
    const risk = frostRisk(planting.container);
    const free = frostFreeWeeks(spot);
    if (!free || (risk !== 'cracks' && risk !== 'may crack')) return null;
    // Out past the end of the frost-free weeks, or planted before they begin.
    const out =
      weeksBetween(free.from, planting.endWeek) > weeksBetween(free.from, free.to) ||
      weeksBetween(free.from, planting.plantedWeek) > weeksBetween(free.from, free.to);
    const { coldestC } = climateHere(spot);
    if (!out || coldestC > -2) return null;
    return {
      score: risk === 'cracks' ? 0.5 : 0.7,
      facts: { risk, material: planting.container.material, fromWeek: free.to, coldestC },
      culprits: [],
    };
  },
};
