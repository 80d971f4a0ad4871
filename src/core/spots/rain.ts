import { clamp, RAD_PER_DEG } from '../units/units';
import { leavesLetThrough } from './obstacle';
import { turnDeg } from './silhouette';
import type { Spot } from './spot';

/** How far rain is driven sideways for each cm it falls, when a usual wind comes straight in. Ours: drops fall at 4–7 m/s, wet winds near the ground blow 1–3 m/s. */
const SLANT = 0.35;
/** Rain a crown in full leaf keeps off or sends down its stem: measured interception is 15–40 % of summer rain. */
const CROWN_KEEPS = 0.3;
/** Wind felt behind shelter and up high, as a share of open ground's. Ours. */
const WIND_SHARE: Readonly<Record<Spot['exposure'], number>> = {
  sheltered: 0.5,
  open: 1,
  sill: 1,
  balcony: 1.3,
  coast: 1.3,
  hanging: 1.1,
};

/**
 * Share of rain that reaches the mix, 0–1: less under an eave when the wet wind comes from behind, less under a tree in leaf, none under a roof.
 * @param wetWindFromDeg where rain-bearing wind mostly comes from
 */
export function rainShare(
  spot: Pick<Spot, 'underCover' | 'obstacles' | 'leafHeightCm' | 'exposure'>,
  wetWindFromDeg: number,
  week: number,
): number {
  if (spot.underCover) return 0;
  let share = 1;
  for (const obstacle of spot.obstacles) {
    if (obstacle.kind === 'eave' && obstacle.heightCm > spot.leafHeightCm) {
      // Rain that comes from the open side reaches in under the edge; from behind, not at all.
      const facing = Math.cos(turnDeg(obstacle.facingDeg, wetWindFromDeg) * RAD_PER_DEG);
      const reachesIn =
        (obstacle.heightCm - spot.leafHeightCm) *
        SLANT *
        WIND_SHARE[spot.exposure] *
        Math.max(0, facing);
      share *= clamp(1 - obstacle.depthCm / Math.max(1, reachesIn), 0, 1);
    }
    if (
      obstacle.kind === 'tree' &&
      obstacle.heightCm > spot.leafHeightCm &&
      obstacle.distanceCm < obstacle.widthCm / 2
    ) {
      const leaf = obstacle.evergreen
        ? 1
        : 1 -
          (leavesLetThrough(obstacle, week) - obstacle.letsThrough) /
            Math.max(1e-6, obstacle.bareLetsThrough - obstacle.letsThrough);
      share *= 1 - CROWN_KEEPS * leaf;
    }
  }
  return share;
}
