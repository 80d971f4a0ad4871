import { mixHeightCm, mixSurface, type Container } from '../containers/container';
import { insetCm, sectionAt } from '../containers/shape';
import { gapCm } from '../geometry/discs';
import type { Place } from '../plantings/planting';
import { NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';

/** Mix between a root ball and the wall, cm: it keeps roots from drying and burning. The usual advice is 2–3; 1 is the least. */
export const RIM_BUFFER_CM = 1;
/** How far two root balls may be squeezed into each other, as a share of their mean width. */
export const SQUASH = 0.12;

/**
 * Room left between a root ball and the wall where it is tightest, cm. The walls are straight or hollow, so the ball's
 * top and bottom edges decide.
 * @returns negative when the ball does not fit there
 */
export function wallRoomCm(container: Container, size: NurserySizeId, xCm: number, zCm: number): number {
  const ball = NURSERY_SIZES[size];
  const top = insetCm(mixSurface(container), xCm, zCm) - ball.topCm / 2;
  const low = insetCm(sectionAt(container.shape, mixHeightCm(container) - ball.heightCm), xCm, zCm) - ball.baseCm / 2;
  return Math.min(top, low) - RIM_BUFFER_CM;
}

/** Is the mix deep enough for this nursery size? */
export function deepEnough(container: Container, size: NurserySizeId): boolean {
  return mixHeightCm(container) >= NURSERY_SIZES[size].heightCm;
}

/**
 * Room between two root balls beyond the squeeze allowed, cm.
 * @returns negative when they do not fit side by side
 */
export function ballRoomCm(a: Pick<Place, 'xCm' | 'zCm' | 'size'>, b: Pick<Place, 'xCm' | 'zCm' | 'size'>): number {
  const [ra, rb] = [NURSERY_SIZES[a.size].topCm / 2, NURSERY_SIZES[b.size].topCm / 2];
  return gapCm({ xCm: a.xCm, zCm: a.zCm, radiusCm: ra }, { xCm: b.xCm, zCm: b.zCm, radiusCm: rb }) + SQUASH * (ra + rb);
}

/** The worst shortfall of room in a set of places, cm; 0 when all fit. */
export function worstShortfallCm(container: Container, places: readonly Pick<Place, 'xCm' | 'zCm' | 'size'>[]): number {
  let worst = 0;
  places.forEach((place, i) => {
    worst = Math.min(worst, wallRoomCm(container, place.size, place.xCm, place.zCm));
    for (let j = 0; j < i; j += 1) worst = Math.min(worst, ballRoomCm(place, places[j]!));
  });
  return -worst;
}

/** Shortfalls smaller than this, cm, are within what a hand can tease. */
export const FIT_TOLERANCE_CM = 0.3;
