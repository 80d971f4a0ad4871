import { clamp } from '../../units/units';
import type { PlantKind } from '../../plants/kind';
import type { Check } from '../check';

export interface LightFacts {
  readonly haveHours: number;
  readonly kind: string;
  readonly needHours: number;
  readonly mostHours: number;
  /** Too dark, too bright, scorched by afternoon sun, or content. */
  readonly fault: 'dark' | 'bright' | 'scorched' | 'none';
}

/** A kind that thrives in this many hours bears all the sun there is, however long the day. */
const ALL_DAY_H = 12;

/** How content one kind is with the light, 0–1, and what is wrong with it. */
export function lightFit(
  kind: PlantKind,
  spot: { readonly sunHours: number; readonly sunWhen: string },
): { readonly score: number; readonly fault: LightFacts['fault'] } {
  const [least, most] = kind.light.hours;
  const dark = Math.max(0, least - spot.sunHours);
  const bright = most >= ALL_DAY_H ? 0 : Math.max(0, spot.sunHours - most);
  const scorch =
    kind.light.afternoon === 'scorches' && spot.sunWhen === 'afternoon' && spot.sunHours > 3
      ? 0.45
      : 0;
  const score = clamp(1 - dark * 0.28 - bright * 0.15 - scorch, 0, 1);
  return {
    score,
    fault: faultOf(dark, scorch, bright),
  };
}

/** Hours short or over that a kind bears without showing it. */
const BORNE_H = 0.4;

function faultOf(darkH: number, scorch: number, brightH: number): LightFacts['fault'] {
  if (darkH > BORNE_H) return 'dark';
  if (scorch > 0) return 'scorched';
  return brightH > BORNE_H ? 'bright' : 'none';
}

/** Does every plant get the light it thrives in? The worst one decides. */
export const light: Check<'light', LightFacts> = {
  id: 'light',
  weight: 3,
  certainty: 'quite sure',
  source: {
    kind: 'ours',
    reason:
      'Hours of direct sun against the range each kind thrives in; afternoon sun is hotter. Classes differ between writers, so hours are shown.',
  },
  limits: { trouble: 0.45, look: 0.9 },
  judge: ({ plants, spot }) => {
    if (plants.length === 0) return null;
    const judged = plants
      .map((plant) => ({ plant, ...lightFit(plant.kind, spot) }))
      .sort((a, b) => a.score - b.score);
    const worst = judged[0]!;
    const mean = judged.reduce((sum, j) => sum + j.score, 0) / judged.length;
    return {
      score: 0.75 * worst.score + 0.25 * mean,
      facts: {
        haveHours: spot.sunHours,
        kind: worst.plant.kind.id,
        needHours: worst.plant.kind.light.hours[0],
        mostHours: worst.plant.kind.light.hours[1],
        fault: worst.fault,
      },
      culprits: judged.filter((j) => j.fault !== 'none').map((j) => j.plant.id),
    };
  },
};
