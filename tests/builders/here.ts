import type { Here } from '@/core/plants/kind';

/** A kind of which nothing was seen here, as a base to lay sightings on. */
export const NOTHING_HERE: Here = {
  height: null,
  spread: null,
  flowersFrom: null,
  flowersTo: null,
  leastSun: null,
  mostSun: null,
  thirst: null,
  stood: 0,
  badly: 0,
};
