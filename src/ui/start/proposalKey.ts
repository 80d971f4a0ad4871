import type { Proposal } from '@/core/search/proposal';

/** Two proposals with one key plant the same. */
export const proposalKey = ({ places }: Pick<Proposal, 'places'>): string =>
  places.map(({ kindId, size, xCm, zCm }) => `${kindId}${size}${xCm},${zCm}`).join();
