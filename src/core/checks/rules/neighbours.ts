import { deltaE } from '../../colour/oklch';
import { leadingColour } from '../../plants/colours';
import { clamp } from '../../units/units';
import type { Check } from '../check';

export interface NeighboursFacts {
  /** Weighted mean OKLab distance between neighbours. */
  readonly meanDistance: number;
  readonly alike: readonly [string, string] | null;
}

/** Gap over which neighbours stop counting as such, cm (models: e^(−gap/15)). */
const NEIGHBOUR_GAP_CM = 15;

/** Do colours alternate, or does one colour clump? Tonal schemes may flow. */
export const neighbours: Check<'neighbours', NeighboursFacts> = {
  id: 'neighbours',
  weight: 0.9,
  certainty: 'a matter of taste',
  source: { kind: 'ours', reason: 'Colour distance of neighbours weighed by size and nearness; schools differ on whether like colours may touch.' },
  limits: { trouble: 0, look: 0.4 },
  judge: (reading) => {
    const kinds = new Set(reading.plants.map(({ kind }) => kind.id));
    if (reading.plants.length < 4 || kinds.size < 3) return null;
    const sizes = reading.grown();
    let sum = 0;
    let weights = 0;
    let worst: { w: number; pair: readonly [number, number] } | null = null;
    reading.plants.forEach((a, i) => {
      for (let j = 0; j < i; j += 1) {
        const b = reading.plants[j]!;
        const gap = Math.max(0, Math.hypot(a.xCm - b.xCm, a.zCm - b.zCm) - (sizes[i]!.spreadCm + sizes[j]!.spreadCm) / 2.6);
        const w = Math.sqrt(sizes[i]!.spreadCm * sizes[j]!.spreadCm) * Math.exp(-gap / NEIGHBOUR_GAP_CM);
        const d = deltaE(leadingColour(a.kind), leadingColour(b.kind));
        sum += w * d;
        weights += w;
        if (d < 0.05 && gap < 2 && (!worst || w > worst.w)) worst = { w, pair: [i, j] };
      }
    });
    const meanDistance = sum / weights;
    const alike = worst as { pair: readonly [number, number] } | null;
    return {
      score: clamp(meanDistance / 0.2, 0, 1),
      facts: { meanDistance, alike: alike ? [reading.plants[alike.pair[0]]!.kind.id, reading.plants[alike.pair[1]]!.kind.id] : null },
      culprits: alike && meanDistance < 0.1 ? [reading.plants[alike.pair[0]]!.id, reading.plants[alike.pair[1]]!.id] : [],
    };
  },
};
