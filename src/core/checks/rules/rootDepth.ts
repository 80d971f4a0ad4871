import { mixDepthCm } from '../../containers/container';
import { depthWantedCm, rootsIn } from '../../plants/rooting';
import type { Check } from '../check';

export interface RootDepthFacts {
  readonly depthCm: number;
  /** The kind that wants most. */
  readonly kind: string;
  readonly wantedCm: number;
}

/** Is the mix deep enough for what is to grow in it? */
export const rootDepth: Check<'root-depth', RootDepthFacts> = {
  id: 'root-depth',
  weight: 0.6,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Rules of thumb: bedding 12 cm, larger annuals 18–25, fruiting vegetables 28, shrubs 20–40. Watered and fed often, roots manage with two thirds.',
  },
  limits: { trouble: 0.3, look: 0.9 },
  judge: ({ plants, planting }) => {
    if (plants.length === 0) return null;
    const depthCm = mixDepthCm(planting.container);
    const wanting = plants
      .filter(({ kind }) => rootsIn(kind, depthCm) === 'too shallow')
      .sort((a, b) => depthWantedCm(b.kind) - depthWantedCm(a.kind));
    const first =
      wanting[0] ?? [...plants].sort((a, b) => depthWantedCm(b.kind) - depthWantedCm(a.kind))[0]!;
    return {
      score:
        wanting.length === 0 ? 1 : Math.max(0.2, 0.75 - 0.5 * (wanting.length / plants.length)),
      facts: { depthCm, kind: first.kind.id, wantedCm: depthWantedCm(first.kind) },
      culprits: wanting.map(({ id }) => id),
    };
  },
};
