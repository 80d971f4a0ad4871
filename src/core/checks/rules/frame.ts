import type { Check } from '../check';

export interface FrameFacts {
  /** Plants that keep their leaves and stay out, of how many. */
  readonly kept: number;
  readonly plants: number;
}

/** An evergreen frame: does enough of it stand through winter? */
export const frame: Check<'frame', FrameFacts> = {
  id: 'frame',
  weight: 1,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason: 'Plants that keep their leaves and need not come in; a third of them makes a frame.',
  },
  limits: { trouble: 0.3, look: 0.8 },
  judge: ({ plants, school }) => {
    if (plants.length < 2 || school.weights.frame === undefined) return null;
    const kept = plants.filter(
      ({ kind }) => kind.foliage.evergreen && kind.bringInC === null && kind.lowestC <= -5,
    );
    return {
      score: Math.min(1, kept.length / plants.length / 0.34),
      facts: { kept: kept.length, plants: plants.length },
      culprits: [],
    };
  },
};
