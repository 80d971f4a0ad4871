import { mixSurface, type Container } from '../containers/container';
import { reachOf } from '../containers/section';
import { clamp } from '../units/units';

/** How far past the mix a plant may be held or put, cm: over the rim, where it can still be seen to stand wrongly. Ours. */
export const BEYOND_CM = 6;

/** The nearest place to a wanted one that is within reach of the container. */
export function withinReach<At extends { readonly xCm: number; readonly zCm: number }>(
  container: Container,
  at: At,
): At {
  const { acrossCm, deepCm } = reachOf(mixSurface(container));
  return {
    ...at,
    xCm: clamp(at.xCm, -acrossCm - BEYOND_CM, acrossCm + BEYOND_CM),
    zCm: clamp(at.zCm, -deepCm - BEYOND_CM, deepCm + BEYOND_CM),
  };
}

/** A shift of several plants, shortened so that none of them leaves the reach of the container. */
export function shiftWithinReach(
  container: Container,
  moving: readonly { readonly xCm: number; readonly zCm: number }[],
  { dxCm, dzCm }: { readonly dxCm: number; readonly dzCm: number },
): { readonly dxCm: number; readonly dzCm: number } {
  const { acrossCm, deepCm } = reachOf(mixSurface(container));
  return {
    dxCm: heldShift(
      dxCm,
      moving.map(({ xCm }) => xCm),
      acrossCm + BEYOND_CM,
    ),
    dzCm: heldShift(
      dzCm,
      moving.map(({ zCm }) => zCm),
      deepCm + BEYOND_CM,
    ),
  };
}

/** A shift along one axis. One that stands outside already may come in, never go further. */
function heldShift(by: number, from: readonly number[], limit: number): number {
  return from.reduce(
    (least, at) =>
      by > 0 ? Math.min(least, Math.max(0, limit - at)) : Math.max(least, Math.min(0, -limit - at)),
    by,
  );
}
