import { insetCm, reachOf } from '../../containers/section';
import { rimSection } from '../../containers/shape';
import { clamp } from '../../units/units';
import type { Check } from '../check';
import { changePlaces } from './moves';

export interface EdgePlaceFacts {
  readonly kind: string;
  /** How far from the rim it stands, cm. */
  readonly fromRimCm: number;
}

/** Do trailing plants stand at the rim, where they can trail, and on the side that is seen? */
export const edgePlace: Check<'edge-place', EdgePlaceFacts> = {
  id: 'edge-place',
  weight: 1.2,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Distance of each trailing plant from the rim, as a share of the half width; seen from one side, the back rim does not count.',
  },
  limits: { trouble: 0.1, look: 0.6 },
  judge: (reading) => {
    const rim = rimSection(reading.planting.container.shape);
    const { acrossCm, deepCm } = reachOf(rim);
    const half = Math.min(acrossCm, deepCm);
    const trailing = reading.plants.filter(
      ({ kind }) => kind.trailCm !== null && kind.roles[0] === 'edge',
    );
    if (
      trailing.length === 0 ||
      reading.plants.length < 3 ||
      reading.planting.container.shape.kind === 'tiered'
    )
      return null;
    const ranked = trailing
      .map((plant) => {
        const fromRimCm = Math.max(0, insetCm(rim, plant.xCm, plant.zCm));
        const behind =
          reading.spot.view === 'one side' &&
          plant.zCm < -deepCm * 0.45 &&
          Math.abs(plant.xCm) < acrossCm * 0.6;
        return {
          plant,
          fromRimCm,
          score: behind ? 0.25 : clamp(1.6 - (fromRimCm / half) * 1.65, 0, 1),
        };
      })
      .sort((a, b) => a.score - b.score);
    const worst = ranked[0]!;
    return {
      score: worst.score,
      facts: { kind: worst.plant.kind.id, fromRimCm: worst.fromRimCm },
      culprits: ranked.filter(({ score }) => score < 0.6).map(({ plant }) => plant.id),
    };
  },
  fixes: (reading, verdict) => {
    const id = verdict.culprits[0];
    if (!id) return [];
    const rim = rimSection(reading.planting.container.shape);
    // Change places with what stands at the rim and does not trail.
    return reading.plants
      .filter((p) => p.kind.trailCm === null)
      .sort((a, b) => insetCm(rim, a.xCm, a.zCm) - insetCm(rim, b.xCm, b.zCm))
      .slice(0, 3)
      .map((p) => changePlaces(reading, id, p.id));
  },
};
