import type { MeritId } from './merits';

/**
 * What plain plantings have of each merit: the measure that 5, 25, 50, 75 and 95 of 100 stay under. Counted over 585 plantings
 * drawn by lot within the hard limits for 400 random asks. Written by `npm run plain`.
 */
export const PLAIN_MERITS: Readonly<
  Record<MeritId, readonly [number, number, number, number, number]>
> = {
  leaves: [0.367, 0.522, 0.6, 0.6, 0.6],
  colour: [0.0, 0.28, 0.414, 0.589, 0.904],
  show: [0.25, 0.485, 0.622, 0.732, 0.809],
  soon: [0.127, 0.379, 0.541, 0.657, 0.75],
  company: [0.2, 0.6, 0.746, 1.0, 1.0],
  ease: [0.285, 0.47, 0.631, 0.863, 1.0],
  known: [0.4, 0.65, 0.8, 0.9, 1.0],
};
