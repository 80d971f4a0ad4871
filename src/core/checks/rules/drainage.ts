import { usualDrainHoles } from '../../containers/usual';
import type { Check } from '../check';

export interface DrainageFacts {
  readonly holes: number;
  readonly suggested: number;
}

/** Is there a way out for water? A lined wire basket drains by itself. */
export const drainage: Check<'drainage', DrainageFacts> = {
  id: 'drainage',
  weight: 2.5,
  certainty: 'quite sure',
  source: {
    kind: 'ours',
    reason:
      'Without a hole mix drowns roots. About one hole for every 25 cm of length, mesh over it; a coarse layer raises the wet zone and helps nothing.',
  },
  limits: { trouble: 0.5, look: 0.8 },
  judge: ({ planting }) => {
    const { container } = planting;
    // Lined wire and cloth drain by themselves; what is meant for water plants must not.
    if (
      container.material === 'coir' ||
      container.material === 'fabric' ||
      container.mix === 'aquatic'
    )
      return null;
    const suggested = Math.max(1, usualDrainHoles(container.shape));
    const holes = container.drainHoles;
    return {
      score: holes === 0 ? 0 : holes >= suggested ? 1 : 0.7,
      facts: { holes, suggested },
      culprits: [],
    };
  },
  fixes: (_, verdict) => [{ kind: 'container', change: { drainHoles: verdict.facts.suggested } }],
};
