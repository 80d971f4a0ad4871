import { mixSurface, type Container } from '../containers/container';
import type { Place, PlaceId } from '../plantings/planting';
import { NURSERY_SIZES } from '../plants/nursery';

/** A line or ring that a plant under the hand has been drawn to, in plan centimetres: shown while it holds. */
export type Guide =
  | { readonly kind: 'middle' | 'column' | 'row'; readonly axis: 'x' | 'z'; readonly atCm: number }
  | { readonly kind: 'mirror'; readonly of: PlaceId }
  | { readonly kind: 'ring'; readonly radiusCm: number }
  | { readonly kind: 'touch'; readonly of: PlaceId };

export interface Snapped {
  readonly xCm: number;
  readonly zCm: number;
  readonly guides: readonly Guide[];
}

/**
 * Where a plant that is being moved would be helped to: across from a sister of its kind, ball to ball with a neighbour, in line with others or
 * the middle, on the ring that sisters stand on. Only what lies within reach draws it, the nearest of each sort.
 * @param reachCm how near is near enough; 0 lets go of everything
 */
export function snapped(
  container: Container,
  others: readonly Place[],
  moving: Pick<Place, 'kindId' | 'size'>,
  at: { readonly xCm: number; readonly zCm: number },
  reachCm: number,
): Snapped {
  if (reachCm <= 0) return { ...at, guides: [] };
  const sisters = others.filter(({ kindId }) => kindId === moving.kindId);
  const mirror = nearest(
    sisters,
    ({ xCm, zCm }) => Math.hypot(-xCm - at.xCm, zCm - at.zCm),
    reachCm,
  );
  if (mirror && Math.abs(mirror.xCm) > reachCm)
    return { xCm: -mirror.xCm, zCm: mirror.zCm, guides: [{ kind: 'mirror', of: mirror.id }] };
  const x = line(others, at.xCm, 'x', reachCm);
  const z = line(others, at.zCm, 'z', reachCm);
  if (x || z)
    return {
      xCm: x?.atCm ?? at.xCm,
      zCm: z?.atCm ?? at.zCm,
      guides: [x, z].filter((guide) => guide !== null),
    };
  const radius = Math.hypot(at.xCm, at.zCm);
  const onRing =
    mixSurface(container).kind === 'disc'
      ? nearest(sisters, (one) => Math.abs(Math.hypot(one.xCm, one.zCm) - radius), reachCm)
      : null;
  if (onRing && radius > reachCm) {
    const radiusCm = Math.hypot(onRing.xCm, onRing.zCm);
    return {
      xCm: (at.xCm / radius) * radiusCm,
      zCm: (at.zCm / radius) * radiusCm,
      guides: [{ kind: 'ring', radiusCm }],
    };
  }
  const room = (one: Place) =>
    (NURSERY_SIZES[one.size].topCm + NURSERY_SIZES[moving.size].topCm) / 2;
  const far = (one: Place) => Math.hypot(one.xCm - at.xCm, one.zCm - at.zCm);
  const beside = nearest(others, (one) => Math.abs(far(one) - room(one)), reachCm);
  if (beside && far(beside) > 0.1) {
    const by = room(beside) / far(beside);
    return {
      xCm: beside.xCm + (at.xCm - beside.xCm) * by,
      zCm: beside.zCm + (at.zCm - beside.zCm) * by,
      guides: [{ kind: 'touch', of: beside.id }],
    };
  }
  return { ...at, guides: [] };
}

/** The middle or another plant's line across, whichever is nearer. */
function line(
  others: readonly Place[],
  at: number,
  axis: 'x' | 'z',
  reachCm: number,
): Extract<Guide, { axis: 'x' | 'z' }> | null {
  const of = (one: Place) => (axis === 'x' ? one.xCm : one.zCm);
  if (Math.abs(at) <= reachCm) return { kind: 'middle', axis, atCm: 0 };
  const one = nearest(others, (other) => Math.abs(of(other) - at), reachCm);
  return one && { kind: axis === 'x' ? 'column' : 'row', axis, atCm: of(one) };
}

function nearest<T>(list: readonly T[], far: (one: T) => number, within: number): T | null {
  let [best, least]: [T | null, number] = [null, within];
  for (const one of list) {
    const d = far(one);
    if (d <= least) [best, least] = [one, d];
  }
  return best;
}
