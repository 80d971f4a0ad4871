import { clamp } from '../../units/units';
import { halfFrontCm } from '../../containers/shape';
import { NURSERY_SIZES } from '../../plants/nursery';
import type { Check } from '../check';
import { putElsewhere } from './moves';

export interface PairsFacts {
  readonly kind: string;
  readonly fault: 'sizes' | 'places';
  /** How far the second stands from where it would match, cm; 0 when sizes differ. */
  readonly offCm: number;
}

/** A pair this nearly matched looks like a mistake; further off it looks meant. Shares of the half width. Ours. */
const NEARLY = [0.1, 0.42] as const;

/** Is a pair that wants to match not quite matched? The eye hunts for the difference. */
export const pairs: Check<'pairs', PairsFacts> = {
  id: 'pairs',
  weight: 0.6,
  certainty: 'a matter of taste',
  source: {
    kind: 'ours',
    reason:
      'Two of a kind left and right of the middle: their places mirrored, or turned half round, and their nursery sizes compared.',
  },
  limits: { trouble: 0, look: 0.7 },
  judge: (reading) => {
    // On a ring that is seen from all sides a pair need not stand across, unless the school says so.
    if (reading.spot.view !== 'one side' && (reading.school.weights.pairs ?? 1) < 1.5) return null;
    const half = halfFrontCm(reading.planting.container.shape);
    const groups = new Map<string, (typeof reading.plants)[number][]>();
    for (const plant of reading.plants)
      groups.set(plant.kindId, [...(groups.get(plant.kindId) ?? []), plant]);
    let asked = false;
    let worst: (PairsFacts & { readonly score: number; readonly ids: readonly string[] }) | null =
      null;
    const note = (facts: PairsFacts, score: number, ids: readonly string[]) => {
      if (!worst || score < worst.score) worst = { ...facts, score, ids };
    };
    for (const [kind, group] of groups) {
      if (group.length !== 2) continue;
      const [a, b] = group as [(typeof group)[number], (typeof group)[number]];
      asked = true;
      if (a.size !== b.size)
        note(
          { kind, fault: 'sizes', offCm: 0 },
          Math.max(
            0.2,
            0.6 - Math.abs(NURSERY_SIZES[a.size].ballL - NURSERY_SIZES[b.size].ballL) * 0.1,
          ),
          [a.id, b.id],
        );
      // Seen from one side a pair stands left and right; all round it may as well stand across.
      const mirrored = Math.hypot(a.xCm + b.xCm, a.zCm - b.zCm);
      const across = Math.hypot(a.xCm + b.xCm, a.zCm + b.zCm);
      const off = Math.min(mirrored, across);
      const share = off / half;
      const apart = Math.hypot(a.xCm - b.xCm, a.zCm - b.zCm) / half;
      if (apart > 0.7 && share > NEARLY[0] && share < NEARLY[1])
        note(
          { kind, fault: 'places', offCm: off },
          clamp(1 - ((share - NEARLY[0]) / 0.1) * 0.5, 0.3, 1),
          [b.id, a.id],
        );
    }
    if (!asked) return null;
    if (!worst) return { score: 1, facts: { kind: '', fault: 'places', offCm: 0 }, culprits: [] };
    const { score, ids, ...facts } = worst as PairsFacts & {
      readonly score: number;
      readonly ids: readonly string[];
    };
    return { score, facts, culprits: score < 0.7 ? ids : [] };
  },
  fixes: (reading, verdict) => {
    const [b, a] = verdict.culprits.map((id) => reading.plants.find((p) => p.id === id));
    if (!a || !b || verdict.facts.fault !== 'places') return [];
    return putElsewhere(reading, b.id, [
      [-a.xCm - b.xCm, a.zCm - b.zCm],
      [-a.xCm - b.xCm, -a.zCm - b.zCm],
    ]);
  },
};
