import type { Proposal } from '@/core/search/proposal';

/** A proposal with nothing in its way, to be set against others: what differs is told. */
export const proposalOf = (lead: string, more: Partial<Proposal> = {}): Proposal => ({
  school: 'thriller',
  scheme: { kind: 'warm' },
  lead,
  bodies: [`${lead}-body`],
  edges: [],
  places: [],
  cost: 20,
  score: 0.9,
  missing: [],
  coloured: 1,
  promise: 0.8,
  ...more,
});
