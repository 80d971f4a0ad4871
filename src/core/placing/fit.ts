import { fillable, mixDepthCm, surfacesOf, type Container } from '../containers/container';
import { insetCm } from '../containers/section';
import { gapCm } from '../geometry/discs';
import type { Place } from '../plantings/planting';
import { NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';

/** Mix between a root ball and the wall, cm: it keeps roots from drying and burning. The usual advice is 2–3; 1 is the least. */
export const RIM_BUFFER_CM = 1;
/** How far two root balls may be squeezed into each other, as a share of their mean width. */
export const SQUASH = 0.12;

/**
 * Room left between a root ball and the wall where it is tightest, cm: at its top and bottom edges, and where the wall bends between them.
 * Of several levels of mix the roomiest counts.
 * @returns negative when the ball does not fit there
 */
export function wallRoomCm(container: Container, size: NurserySizeId, xCm: number, zCm: number): number {
  const ball = NURSERY_SIZES[size];
  const form = fillable(container);
  let best = -Infinity;
  for (const { section, heightCm, floorCm } of surfacesOf(container)) {
    const foot = heightCm - ball.heightCm;
    if (foot < floorCm - 1e-6 && surfacesOf(container).length > 1) continue;
    let room = insetCm(section, xCm, zCm) - ball.topCm / 2;
    for (const bend of form.jutsCm) {
      if (bend <= foot || bend >= heightCm || bend < floorCm) continue;
      const width = ball.baseCm + ((ball.topCm - ball.baseCm) * (bend - foot)) / ball.heightCm;
      room = Math.min(room, insetCm(form.sectionAt(bend), xCm, zCm) - width / 2);
    }
    room = Math.min(room, insetCm(form.sectionAt(Math.max(floorCm, foot)), xCm, zCm) - ball.baseCm / 2);
    best = Math.max(best, room);
  }
  return best - RIM_BUFFER_CM;
}

/** Is the mix deep enough for this nursery size? */
export function deepEnough(container: Container, size: NurserySizeId): boolean {
  return mixDepthCm(container) >= NURSERY_SIZES[size].heightCm;
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
