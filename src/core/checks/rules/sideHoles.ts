import { sideHolesOf } from '../../containers/sideHoles';
import { sideFaults, withSidesPlanted, type SideFault } from '../../placing/sides';
import { middle, type KindId, type PlantKind } from '../../plants/kind';
import { clamp } from '../../units/units';
import type { Check } from '../check';

export interface SideHolesFacts {
  readonly holes: number;
  readonly planted: number;
  readonly fault: SideFault | 'stands out' | 'empty' | 'none';
  /** The kind that has the fault; `null` where it is not one plant's. */
  readonly kind: KindId | null;
  /** How many plants have a fault of their own. */
  readonly many: number;
}

/** What stands up taller than this out of a side hangs its head, cm. Ours. */
const STANDS_OUT_CM = 32;

/** Do the plants in the side holes go in, cover the wall, and hang well there? */
export const sideHoles: Check<'side-holes', SideHolesFacts> = {
  id: 'side-holes',
  weight: 2,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Geometry: a ball is pushed through its hole and lies in the mix, clear of those beside and above it. Low and trailing kinds cover a side; tall ones bend.',
  },
  limits: { trouble: 0.5, look: 0.9 },
  judge: ({ planting, sides, plants }) => {
    if (sides.length === 0) return null;
    const holes = sideHolesOf(planting.container).flat().length;
    const faults = sideFaults(planting.container, sides, plants);
    const tall = sides.filter(({ id, kind }) => !faults.has(id) && standsOut(kind));
    const first = sides.find(({ id }) => faults.has(id)) ?? tall[0];
    const many = faults.size + tall.length;
    const bare = 1 - sides.length / Math.max(1, holes);
    return {
      score: clamp(
        1 -
          (0.55 * Math.sign(faults.size) + (0.45 * faults.size) / sides.length) -
          0.3 * (tall.length / sides.length) -
          0.4 * bare,
        0,
        1,
      ),
      facts: {
        holes,
        planted: sides.length,
        fault: first ? (faults.get(first.id) ?? 'stands out') : bare > 0 ? 'empty' : 'none',
        kind: first?.kindId ?? null,
        many,
      },
      culprits: [...faults.keys(), ...tall.map(({ id }) => id)],
    };
  },
  fixes: ({ planting, sides }, { facts, culprits }) => {
    if (facts.fault === 'none') return [];
    if (facts.fault !== 'empty')
      return [
        {
          kind: 'sides',
          sides: (planting.sides ?? []).filter(({ id }) => !culprits.includes(id)),
        },
      ];
    const kinds = [...new Map(sides.map(({ kind }) => [kind.id, kind])).values()];
    return [{ kind: 'sides', sides: withSidesPlanted(planting, kinds, null) }];
  },
};

/** What trails hangs; what is low stays where it is put. */
const standsOut = (kind: PlantKind): boolean =>
  kind.trailCm === null && middle(kind.heightCm) > STANDS_OUT_CM;
