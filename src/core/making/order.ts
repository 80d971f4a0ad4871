import type { PlantPlaying } from '../checks/rolesPlayed';
import { NURSERY_SIZES } from '../plants/nursery';
import type { PlaceId } from '../plantings/planting';
import type { Role } from '../plants/kind';

/** Width of the hand that sets a ball in, cm. Ours. */
const HAND_CM = 8;

/** From where the planter works: from the front, or from all round. */
export type WorkedFrom = 'the front' | 'all round';

interface Set {
  readonly id: PlaceId;
  readonly xCm: number;
  readonly zCm: number;
  readonly halfCm: number;
  readonly role: Role;
}

const ROLE_RANK: Readonly<Record<Role, number>> = { lead: 0, body: 1, edge: 2 };

/**
 * The order in which to plant: lead, then body, then edge, as far as nothing has to be set in behind a plant that is in already; from
 * all round, between the middle and one that is in.
 */
export function plantingOrder(
  playing: readonly PlantPlaying[],
  from: WorkedFrom,
): readonly PlaceId[] {
  let waiting = playing.map(({ plant, role }): Set => ({
    id: plant.id,
    xCm: plant.xCm,
    zCm: plant.zCm,
    halfCm: NURSERY_SIZES[plant.size].topCm / 2,
    role,
  }));
  const order: PlaceId[] = [];
  while (waiting.length > 0) {
    // What would stand in the way of another that still waits has to wait itself.
    const free = waiting.filter((one) => !waiting.some((other) => isBehind(other, one, from)));
    const next = [...free].sort(
      (a, b) => rankOf(a, from) - rankOf(b, from) || (a.id < b.id ? -1 : 1),
    )[0]!;
    order.push(next.id);
    waiting = waiting.filter((one) => one !== next);
  }
  return order;
}

/** By part, then from the back to the front (from the middle outward), then from left to right. */
function rankOf({ role, xCm, zCm }: Set, from: WorkedFrom): number {
  const depth = from === 'the front' ? zCm : Math.hypot(xCm, zCm);
  return ROLE_RANK[role] * 1e6 + depth * 100 + xCm / 10;
}

/** Would the hand that sets in `one` have to reach over `inTheWay`? */
export function isBehind(
  one: Omit<Set, 'role'>,
  inTheWay: Omit<Set, 'role'>,
  from: WorkedFrom,
): boolean {
  if (one.id === inTheWay.id) return false;
  const clear = Math.max(one.halfCm, HAND_CM / 2) + inTheWay.halfCm;
  if (from === 'the front')
    return inTheWay.zCm > one.zCm + 1e-6 && Math.abs(inTheWay.xCm - one.xCm) < clear;
  const [r, other] = [Math.hypot(one.xCm, one.zCm), Math.hypot(inTheWay.xCm, inTheWay.zCm)];
  if (other <= r + 1e-6) return false;
  // In the very middle a hand comes from any side that is free: from the front, say.
  const [ux, uz] = r < 1 ? [0, 1] : [one.xCm / r, one.zCm / r];
  const aside = Math.abs(inTheWay.xCm * uz - inTheWay.zCm * ux);
  return inTheWay.xCm * ux + inTheWay.zCm * uz > 0 && aside < clear;
}
