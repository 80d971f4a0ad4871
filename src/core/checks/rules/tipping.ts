import { tippingOf } from '../../potting/tipping';
import type { Check } from '../check';

export interface TippingFacts {
  /** Winds that would tip it dry, m/s: on planting day and over the season. */
  readonly byWeek: readonly {
    readonly week: number;
    readonly leastMs: number;
    readonly mostMs: number;
  }[];
  readonly leastMs: number;
  readonly mostMs: number;
  /** Week in which it tips soonest. */
  readonly week: number;
  readonly dryKg: number;
  readonly sailM2: number;
}

/** Winds that come every season in most gardens, and those that come most winters, m/s (Beaufort 6 and 8). */
const COMMON_MS = 13;
const STRONG_MS = 19;

/** In what wind does it go over, as it grows? */
export const tipping: Check<'tipping', TippingFacts> = {
  id: 'tipping',
  weight: 0,
  certainty: 'a caution',
  source: {
    kind: 'ours',
    reason:
      'Statics: wind force ½·1.225·v²·Cd·A at the middle of the sail against dry weight over half the base; Cd .5–1, as leaves fold away or stand.',
  },
  limits: { trouble: 0.3, look: 0.9 },
  judge: (reading) => {
    const { container } = reading.planting;
    if (reading.plants.length === 0) return null;
    const weeks = [...new Set([0, 6, 12, reading.weeks].filter((week) => week <= reading.weeks))];
    const byWeek = weeks.map((week) => ({
      week,
      tip: tippingOf(container, reading.plants, reading.sizesAt(week)),
    }));
    if (byWeek.some(({ tip }) => tip === null)) return null;
    const worst = byWeek.reduce((a, b) => (b.tip!.leastMs < a.tip!.leastMs ? b : a));
    const { leastMs, mostMs, dryKg, sailM2 } = worst.tip!;
    if (leastMs >= STRONG_MS) return null;
    return {
      score: mostMs < COMMON_MS ? 0.2 : leastMs < COMMON_MS ? 0.6 : 0.8,
      facts: {
        byWeek: byWeek.map(({ week, tip }) => ({
          week,
          leastMs: tip!.leastMs,
          mostMs: tip!.mostMs,
        })),
        leastMs,
        mostMs,
        week: worst.week,
        dryKg,
        sailM2,
      },
      culprits: [],
    };
  },
};
