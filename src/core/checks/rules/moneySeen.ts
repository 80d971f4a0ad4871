import { isHung } from '../../containers/shape';
import { briefOf } from '../../plantings/brief';
import { sleepsBeneath, weeksToFlowers } from '../../suitability/beneath';
import { clamp } from '../../units/units';
import type { Check } from '../check';
import { estimateSeen } from '../estimate';
import { sampledWeeks, type Reading } from '../reading';
import { putElsewhere } from './moves';

export interface MoneySeenFacts {
  readonly kind: string;
  /** Share of the least seen plant that shows, the mean over the season, 0–1. */
  readonly share: number;
  /** The same of its flowers, where they were counted; `null` where not. */
  readonly flowers: number | null;
  readonly hidden: number;
  readonly plants: number;
}

/** Seen less than this, a plant is money spent behind others. Ours. */
const HIDDEN = 0.2;

/** What hangs on a wall is moved along it and seen from its ends, so that what stands behind shows there: never more than a look. Ours. */
const FROM_THE_ENDS = 0.13;

/** Is money spent on plants that nobody can see? */
export const moneySeen: Check<'money-seen', MoneySeenFacts> = {
  id: 'money-seen',
  weight: 1.5,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Share of each plant that shows from the viewpoints, young, midway and grown, counted on the drawing (or estimated from bodies and trails); of a basket, which turns, from its better side.',
  },
  limits: { trouble: 0.12, look: 0.6 },
  judge: (reading) => {
    if (reading.plants.length < 2) return null;
    const weeks = sampledWeeks(reading);
    const mean = reading.plants.map(() => 0);
    const counted = reading.seenAt(reading.grownWeek).flowers;
    const stay = briefOf(reading);
    for (const week of weeks)
      sharesSeen(reading, week).forEach((share, i) => (mean[i]! += share / weeks.length));
    // What sleeps beneath the others is bought for its flowers, a drift as one: it is looked at when they are out.
    for (const kind of new Set(reading.plants.map((plant) => plant.kind))) {
      if (!sleepsBeneath(kind, stay)) continue;
      const { share } = reading.seenAt(weeksToFlowers(kind, stay));
      const drift = reading.plants.flatMap((plant, i) => (plant.kind === kind ? [i] : []));
      const best = drift.map((i) => share[i]!).sort((a, b) => b - a);
      const half = best.slice(0, Math.ceil(best.length / 2));
      const seen = half.reduce((sum, one) => sum + one, 0) / half.length;
      for (const i of drift) mean[i] = seen;
    }
    const ranked = reading.plants
      .map((plant, i) => ({ plant, share: mean[i]! }))
      .sort((a, b) => a.share - b.share);
    const hidden = ranked.filter(({ share }) => share < HIDDEN);
    const worst = ranked[0]!;
    const seen =
      clamp((worst.share - 0.03) / 0.3, 0, 1) * (1 - 0.5 * (hidden.length / ranked.length));
    return {
      score: isHung(reading.planting.container.shape) ? Math.max(FROM_THE_ENDS, seen) : seen,
      facts: {
        kind: worst.plant.kind.id,
        share: worst.share,
        flowers: counted?.[reading.plants.indexOf(worst.plant)] ?? null,
        hidden: hidden.length,
        plants: ranked.length,
      },
      culprits: hidden.map(({ plant }) => plant.id),
    };
  },
  fixes: (reading, verdict) =>
    verdict.culprits.slice(0, 2).flatMap((id) => [
      ...putElsewhere(reading, id, [
        [0, 6],
        [-6, 4],
        [6, 4],
      ]),
      { kind: 'remove', place: id } as const,
    ]),
};

/**
 * Share of each plant that shows in a week. A basket on chains turns in the wind and is turned by hand: what is behind today is in front
 * another day.
 */
function sharesSeen(reading: Reading, week: number): readonly number[] {
  const { share } = reading.seenAt(week);
  const { kind } = reading.planting.container.shape;
  if (kind !== 'basket' && kind !== 'cone') return share;
  const plants = reading.plants.map((plant) => ({ ...plant, xCm: -plant.xCm, zCm: -plant.zCm }));
  const turned = estimateSeen({ ...reading, plants }, reading.sizesAt(week)).share;
  return share.map((one, i) => Math.max(one, turned[i]!));
}
