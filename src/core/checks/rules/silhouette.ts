import { clamp } from '../../units/units';
import type { Check } from '../check';
import { rolesPlayed } from '../rolesPlayed';

export interface SilhouetteFacts {
  /** Heights above the mix: tallest, middling and lowest plants, cm. */
  readonly tallestCm: number;
  readonly middleCm: number;
  readonly lowestCm: number;
}

/** A lead stands at least this much above the middle, the middle above the lowest. Ours. */
const STEP = 1.3;

/** A lead no taller than the next by this leads nothing; over that range it comes to lead. Ours. */
const LEAST_LEAD = 0.95;
const LEAD_RANGE = 0.2;

/** Does the outline step: tall, middling, low? */
export const silhouette: Check<'silhouette', SilhouetteFacts> = {
  id: 'silhouette',
  weight: 0.8,
  certainty: 'a matter of taste',
  source: {
    kind: 'ours',
    reason:
      'Grown heights of the tallest plant, the middle one and the lowest; steps of a third read as an outline, all of one height as a hedge.',
  },
  limits: { trouble: 0, look: 0.55 },
  judge: (reading) => {
    if (reading.plants.length < 4 || (reading.school.weights.silhouette ?? 1) === 0) return null;
    // One height a kind: three of the lead are still one step.
    const ofKind = new Map<string, number>();
    for (const { plant, size } of reading.grownRows())
      ofKind.set(plant.kindId, Math.max(size.heightCm, ofKind.get(plant.kindId) ?? 0));
    if (ofKind.size < 2) return null;
    const heights = [...ofKind.values()].sort((a, b) => b - a);
    const [tallestCm, middleCm, lowestCm] = [
      heights[0]!,
      heights[Math.floor(heights.length / 2)]!,
      heights[heights.length - 1]!,
    ];
    const step = (high: number, low: number) => clamp((high / low - 1) / (STEP - 1), 0, 1);
    // Held from below, an outline is the trails' affair.
    if (reading.spot.view === 'from below') return null;
    // The lead against the next tallest, whatever role that plays.
    const lead = rolesPlayed(reading)
      .filter(({ role }) => role === 'lead')
      .reduce((most, { size }) => Math.max(most, size.heightCm), 0);
    const leadKinds = new Set(
      rolesPlayed(reading).flatMap(({ role, plant }) => (role === 'lead' ? [plant.kindId] : [])),
    );
    const nextCm = Math.max(
      0,
      ...[...ofKind].flatMap(([id, height]) => (leadKinds.has(id) ? [] : [height])),
    );
    const led = lead > 0 && nextCm > 0 ? clamp((lead / nextCm - LEAST_LEAD) / LEAD_RANGE, 0, 1) : 1;
    return {
      score:
        Math.min(1, 0.4 + 0.6 * led) *
        (heights.length === 2
          ? step(tallestCm, lowestCm)
          : 0.6 * step(tallestCm, middleCm) + 0.4 * step(middleCm, lowestCm)),
      facts: { tallestCm, middleCm, lowestCm },
      culprits: [],
    };
  },
};
