import { clamp } from '../../units/units';
import { halfDepthCm, halfFrontCm } from '../../containers/shape';
import type { Check } from '../check';

export interface BalanceFacts {
  /** Lean of visual mass to the right (+) or left (−), −1 to 1 of the half width. */
  readonly lean: number;
  /** Widest stretch of rim without a plant near it, as a share of the rim in view. */
  readonly bareRim: number;
}

/** Nearness to the rim that counts as dressing it, cm beyond the leaves. */
const RIM_REACH_CM = 3;

/** Is visual mass level from side to side, and the rim dressed all round where it is seen? */
export const balance: Check<'balance', BalanceFacts> = {
  id: 'balance',
  weight: 1.2,
  certainty: 'fairly sure',
  source: { kind: 'ours', reason: 'Height × spread as visual mass, its middle against the container; bare stretches of rim measured where they are seen.' },
  limits: { trouble: 0.25, look: 0.6 },
  judge: (reading) => {
    if (reading.plants.length < 3) return null;
    const { shape } = reading.planting.container;
    const sizes = reading.grown();
    let mass = 0;
    let moment = 0;
    let depthMoment = 0;
    reading.plants.forEach((plant, i) => {
      const m = (sizes[i]!.heightCm + sizes[i]!.trailCm * 0.6) * sizes[i]!.spreadCm;
      mass += m;
      moment += m * plant.xCm;
      depthMoment += m * plant.zCm;
    });
    const lean = moment / mass / halfFrontCm(shape);
    const all = reading.spot.view !== 'one side';
    const depthLean = all ? depthMoment / mass / halfDepthCm(shape) : 0;
    const bareRim = bareStretch(reading, all);
    return {
      score: clamp(1 - Math.max(0, Math.hypot(lean, depthLean) - 0.1) * 2.2 - Math.max(0, bareRim - 0.34) * 1.8, 0, 1),
      facts: { lean, bareRim },
      culprits: [],
    };
  },
};

function bareStretch(reading: Parameters<(typeof balance)['judge']>[0], all: boolean): number {
  const { shape } = reading.planting.container;
  const sizes = reading.grown();
  const steps = 48;
  const dressed: boolean[] = [];
  for (let i = 0; i < steps; i += 1) {
    // Round: angles over the whole rim or the front half of it. Box: along the front edge.
    const t = i / steps;
    const angle = all ? t * 2 * Math.PI : -Math.PI / 2 + t * Math.PI;
    const [x, z] = shape.kind === 'box' ? [(-0.5 + t) * shape.lengthCm, shape.widthCm / 2] : [(Math.sin(angle) * shape.topCm) / 2, (Math.cos(angle) * shape.topCm) / 2];
    dressed.push(reading.plants.some((p, k) => Math.hypot(p.xCm - x, p.zCm - z) <= sizes[k]!.spreadCm / 2 + RIM_REACH_CM));
  }
  let longest = 0;
  let run = 0;
  for (let i = 0; i < steps * (all ? 2 : 1); i += 1) {
    run = dressed[i % steps] ? 0 : run + 1;
    longest = Math.max(longest, Math.min(run, steps));
  }
  return longest / steps;
}
