import type { MeritId } from './merits';

/**
 * What plain plantings have of each merit: the measure that 5, 25, 50, 75 and 95 of 100 stay under. Counted over 589 plantings
 * drawn by lot within the hard limits for 400 random asks. Written by `npm run plain`.
 */
export const PLAIN_MERITS: Readonly<
  Record<MeritId, readonly [number, number, number, number, number]>
> = {
  leaves: [0.373, 0.529, 0.6, 0.6, 0.6],
  colour: [0.0, 0.28, 0.414, 0.596, 0.907],
  show: [0.25, 0.473, 0.612, 0.711, 0.8],
  soon: [0.105, 0.377, 0.536, 0.657, 0.75],
  company: [0.2, 0.588, 0.742, 1.0, 1.0],
  ease: [0.284, 0.482, 0.647, 0.843, 1.0],
  known: [0.45, 0.667, 0.8, 0.9, 1.0],
  season: [0.0, 0.316, 0.7, 0.875, 1.0],
};
