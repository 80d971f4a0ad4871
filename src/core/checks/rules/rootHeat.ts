import { sunHeatK } from '../../potting/rootZone';
import { climateHere } from '../../spots/frost';
import type { Check } from '../check';

export interface RootHeatFacts {
  readonly airC: number;
  readonly leastC: number;
  readonly mostC: number;
}

/** Roots of most plants stop growing above this, °C. */
const STOP_C = 38;

/** Does the sun cook the roots through the wall? */
export const rootHeat: Check<'root-heat', RootHeatFacts> = {
  id: 'root-heat',
  weight: 0,
  certainty: 'a caution',
  source: {
    kind: 'ours',
    reason:
      'Rule of thumb from nurseries: dark thin walls in full sun bring mix 5–15 °C over the air; roots of most plants stop near 38 °C.',
  },
  limits: { trouble: 0.3, look: 0.9 },
  judge: ({ planting, spot }) => {
    const airC = Math.max(...climateHere(spot).maxC);
    const [least, most] = sunHeatK(planting.container, spot.sunHours);
    if (airC + most < STOP_C) return null;
    return {
      score: airC + least >= STOP_C ? 0.25 : 0.6,
      facts: { airC, leastC: airC + least, mostC: airC + most },
      culprits: [],
    };
  },
};
