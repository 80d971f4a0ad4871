import { deltaE } from '../../colour/oklch';
import { leadingColour } from '../../plants/colours';
import { clamp } from '../../units/units';
import type { PlacedPlant } from '../../plantings/planting';
import { ROLES } from '../../plants/kind';
import { schemeOf } from '../coloursSeen';
import type { Check } from '../check';
import { rolesPlayed, type PlantPlaying } from '../rolesPlayed';
import type { PlantGrown, Reading } from '../reading';

export interface NeighboursFacts {
  /** Weighted mean OKLab distance between neighbours. */
  readonly meanDistance: number;
  /** How much oftener than by chance a plant stands next to one of its own kind, −1 to 1. */
  readonly clump: number;
  readonly alike: readonly [string, string] | null;
}

/** Gap over which neighbours stop counting as such, cm (models: e^(−gap/15)). */
const NEIGHBOUR_GAP_CM = 15;
/** OKLab distance within which two leading colours are one. */
const ALIKE = 0.05;
/** Likes next to each other more often than chance by this much are a clump; those not much further than the nearest count as next. Ours. */
const CLUMPED = 0.15;
const NEXT = 1.35;

/** Schemes of close relations flow; contrast schemes part like from like, unless school or house say otherwise. */
const FLOWING: ReadonlySet<string> = new Set([
  'tonal',
  'neighbours',
  'pastel',
  'green-and-white',
  'loved',
]);

function mayTouch(reading: Reading): boolean {
  const { school, house } = reading;
  if (house.neighbours !== 'by scheme') return house.neighbours === 'may touch';
  return school.likeMayTouch ?? FLOWING.has(schemeOf(reading).kind);
}

/** Do colours alternate, or does one colour clump? Tonal schemes may flow. */
export const neighbours: Check<'neighbours', NeighboursFacts> = {
  id: 'neighbours',
  weight: 0.9,
  certainty: 'a matter of taste',
  source: {
    kind: 'ours',
    reason:
      'Colour distance of neighbours weighed by size and nearness; schools differ on whether like colours may touch.',
  },
  limits: { trouble: 0, look: 0.5 },
  judge: (reading) => {
    const kinds = new Set(reading.plants.map(({ kind }) => kind.id));
    if (reading.plants.length < 4 || kinds.size < 3) return null;
    const { meanDistance, alike } = besideEachOther(reading.grownRows());
    const flows = mayTouch(reading);
    const clump = clumpOf(rolesPlayed(reading));
    return {
      score: flows
        ? Math.max(0.55, clamp(meanDistance / 0.12, 0, 1))
        : clamp(meanDistance / 0.16, 0, 1) * clamp(1 - Math.max(0, clump - CLUMPED) * 4, 0.2, 1),
      facts: {
        meanDistance,
        clump,
        alike: alike ? [alike.a.kindId, alike.b.kindId] : null,
      },
      culprits:
        alike && (meanDistance < 0.1 || (clump > CLUMPED && !flows))
          ? [alike.a.id, alike.b.id]
          : [],
    };
  },
};

/** How far the colours of neighbours are apart, and the two most alike that touch. */
function besideEachOther(rows: readonly PlantGrown[]) {
  let sum = 0;
  let weights = 0;
  let alike: { w: number; a: PlacedPlant; b: PlacedPlant } | null = null;
  for (const [i, { plant: a, size }] of rows.entries())
    for (const { plant: b, size: other } of rows.slice(0, i)) {
      const apart = Math.hypot(a.xCm - b.xCm, a.zCm - b.zCm);
      const gap = Math.max(0, apart - (size.spreadCm + other.spreadCm) / 2.6);
      const w = Math.sqrt(size.spreadCm * other.spreadCm) * Math.exp(-gap / NEIGHBOUR_GAP_CM);
      const d = deltaE(leadingColour(a.kind), leadingColour(b.kind));
      sum += w * d;
      weights += w;
      if (d < ALIKE && gap < 2 && (!alike || w > alike.w)) alike = { w, a, b };
    }
  return { meanDistance: sum / weights, alike };
}

/**
 * Share of next neighbours that are of one's own kind, less what dealing the places out by chance would give; among plants that play one
 * role, since a ring of one kind round another is no clump.
 */
function clumpOf(played: readonly PlantPlaying[]): number {
  let [sum, count] = [0, 0];
  for (const role of ROLES) {
    const plants = played.flatMap((row) => (row.role === role ? [row.plant] : []));
    if (new Set(plants.map(({ kindId }) => kindId)).size < 2) continue;
    sum += clumpAmong(plants) * plants.length;
    count += plants.length;
  }
  return count > 0 ? sum / count : 0;
}

function clumpAmong(plants: readonly PlacedPlant[]): number {
  const counts = new Map<string, number>();
  for (const { kindId } of plants) counts.set(kindId, (counts.get(kindId) ?? 0) + 1);
  let sum = 0;
  let chance = 0;
  for (const a of plants) {
    const gaps = plants
      .filter((b) => b !== a)
      .map((b) => ({ same: b.kindId === a.kindId, d: Math.hypot(a.xCm - b.xCm, a.zCm - b.zCm) }));
    const nearest = gaps.reduce((least, { d }) => Math.min(least, d), Infinity);
    const next = gaps.filter(({ d }) => d <= nearest * NEXT + 0.5);
    sum += next.filter(({ same }) => same).length / next.length;
    chance += (counts.get(a.kindId)! - 1) / (plants.length - 1);
  }
  return (sum - chance) / plants.length;
}
