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
  source: { kind: 'ours', reason: 'Without a hole mix drowns roots. About one hole for every 25 cm of length, mesh over it; a coarse layer raises the wet zone and helps nothing.' },
  limits: { trouble: 0.5, look: 0.8 },
  judge: ({ planting }) => {
    const { container } = planting;
    if (container.shape.kind === 'basket' && container.material === 'coir') return null;
    const suggested = container.shape.kind === 'box' ? Math.max(2, Math.round(container.shape.lengthCm / 25)) : container.shape.topCm > 35 ? 3 : 1;
    const holes = container.drainHoles;
    return { score: holes === 0 ? 0 : holes >= suggested ? 1 : 0.7, facts: { holes, suggested }, culprits: [] };
  },
  fixes: (_, verdict) => [{ kind: 'container', change: { drainHoles: verdict.facts.suggested } }],
};
