import { clamp } from '../../units/units';
import type { Check } from '../check';
import { rolesPlayed } from '../rolesPlayed';

export interface EvennessFacts {
  readonly kind: string;
  /** The plant furthest from the middle height, and that height, cm. */
  readonly heightCm: number;
  readonly middleCm: number;
}

/** Where a school keeps levels even: does one stick out of the dome? */
export const evenness: Check<'evenness', EvennessFacts> = {
  id: 'evenness',
  weight: 0.8,
  certainty: 'a matter of taste',
  source: {
    kind: 'ours',
    reason: 'Grown heights against their middle; half as much again breaks a dome.',
  },
  limits: { trouble: 0, look: 0.6 },
  judge: (reading) => {
    if (reading.plants.length < 4 || reading.school.weights.evenness === undefined) return null;
    const sizes = reading.grown();
    // The crown makes the dome; the rim may hang as low as it likes.
    const crown = rolesPlayed(reading).filter(({ role }) => role !== 'edge');
    const heights = (crown.length > 0 ? crown.map(({ size }) => size) : sizes)
      .map(({ heightCm }) => heightCm)
      .sort((a, b) => a - b);
    const middleCm = heights[Math.floor(heights.length / 2)]!;
    let out = 0;
    sizes.forEach(({ heightCm }, i) => {
      if (heightCm / middleCm > sizes[out]!.heightCm / middleCm) out = i;
    });
    const { heightCm } = sizes[out]!;
    const over = heightCm / middleCm;
    return {
      score: clamp(1 - Math.max(0, over - 1.5) / 0.9, 0, 1),
      facts: { kind: reading.plants[out]!.kind.id, heightCm, middleCm },
      culprits: over > 1.8 ? [reading.plants[out]!.id] : [],
    };
  },
};
