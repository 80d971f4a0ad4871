import { climateHere } from '../../spots/frost';
import { rainShare } from '../../spots/rain';
import { weekAfter } from '../../units/units';
import type { Check } from '../check';

export interface RainReachesFacts {
  /** What keeps rain off: a roof or eave, or the plants' own leaves. */
  readonly by: 'roof' | 'leaves';
  /** Share of rain that reaches the mix, 0–1. */
  readonly share: number;
}

/** Leaves over rim area from which rain runs off outside. Ours. */
const UMBRELLA = 1.6;
/** What a dense canopy past the rim still lets in (models: shed .5 and more). */
const UNDER_LEAVES = 0.35;

/** Is the rain shadow thought of? Rain does not count under a roof, nor under a dense canopy of leaves. */
export const rainReaches: Check<'rain', RainReachesFacts> = {
  id: 'rain',
  weight: 0,
  certainty: 'a caution',
  source: {
    kind: 'ours',
    reason:
      'Roof, eave and tree as told for the spot, and leaves that reach past the rim and shed rain outside it.',
  },
  limits: { trouble: 0, look: 0.9 },
  judge: (reading) => {
    if (reading.plants.length === 0) return null;
    const { spot, planting } = reading;
    const reaches = rainShare(
      spot,
      climateHere(spot).wetWindFromDeg,
      weekAfter(planting.plantedWeek, 8),
    );
    if (reaches < 0.6) return { score: 0.6, facts: { by: 'roof', share: reaches }, culprits: [] };
    const leaves = reading
      .grown()
      .reduce((sum, { spreadCm }) => sum + Math.PI * (spreadCm / 2) ** 2, 0);
    return leaves > reading.mixCm2 * UMBRELLA * 2
      ? { score: 0.85, facts: { by: 'leaves', share: reaches * UNDER_LEAVES }, culprits: [] }
      : null;
  },
};
