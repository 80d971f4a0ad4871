import type { Container } from '../containers/container';
import { mixSurface, surfacesOf, type Surface } from '../containers/container';
import { insetCm, towardEdge } from '../containers/section';
import { NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';
import { SQUASH, wallRoomCm, worstShortfallCm } from './fit';

/** How far inside one level of mix a point lies, cm. */
const roomOn = ({ section }: Surface, xCm: number, zCm: number): number =>
  insetCm(section, xCm, zCm);

/** A ball to be settled: where it would like to stand and how much it may wander. */
export interface Wish {
  readonly xCm: number;
  readonly zCm: number;
  readonly size: NurserySizeId;
  /** Plan radius the plant grows to, cm: neighbours are asked, not made, to leave room for it. */
  readonly spreadRadiusCm: number;
  /** It stands where it stands: others give way. */
  readonly pinned?: boolean;
}

export interface Settled {
  readonly xCm: number;
  readonly zCm: number;
}

const ROUNDS = 90;
/** Share of the grown radii that neighbours are asked to keep apart; the rest is welcome overlap. */
const SPREAD_SHARE = 0.42;

/**
 * Pushes root balls apart and off the wall, gently back toward the places wished for, until they fit.
 * Position-based relaxation: hard pushes for balls and wall, soft ones for grown spread, fading out.
 * @returns the places and the worst shortfall left, cm (0 when all fit)
 */
export function settle(
  container: Container,
  wishes: readonly Wish[],
): { readonly places: readonly Settled[]; readonly shortfallCm: number } {
  const x = wishes.map((w) => w.xCm);
  const z = wishes.map((w) => w.zCm);
  // Square roots in the place of hypot, and radii looked up once: this is done for every ball of every proposal.
  const radii = wishes.map(({ size }) => (NURSERY_SIZES[size].topCm / 2) * (1 - SQUASH * 0.8));
  const pinned = wishes.filter((wish) => wish.pinned).length;
  const surface = mixSurface(container);
  const levels = surfacesOf(container);
  for (let round = 0; round < ROUNDS; round += 1) {
    const soft = 0.25 * (1 - round / ROUNDS);
    for (let i = 0; i < wishes.length; i += 1) {
      if (wishes[i]!.pinned && pinned === wishes.length) continue;
      x[i]! += (wishes[i]!.xCm - x[i]!) * soft * 0.3;
      z[i]! += (wishes[i]!.zCm - z[i]!) * soft * 0.3;
      for (let j = 0; j < i; j += 1) {
        const [a, b] = [wishes[i]!, wishes[j]!];
        const balls = radii[i]! + radii[j]!;
        const grown = (a.spreadRadiusCm + b.spreadRadiusCm) * SPREAD_SHARE;
        let dx = x[i]! - x[j]!;
        let dz = z[i]! - z[j]!;
        let d = Math.sqrt(dx * dx + dz * dz);
        if (d < 1e-3) {
          // Two in one spot: part them along a fixed direction that depends on who they are.
          dx = Math.cos(i * 2.4 + j);
          dz = Math.sin(i * 2.4 + j);
          d = 1;
        }
        const push = Math.max(balls - d, 0) * 0.5 + Math.max(grown - d, 0) * soft * 0.5;
        if (push <= 0) continue;
        const total = Math.max(1, a.spreadRadiusCm + b.spreadRadiusCm);
        // Of two that are pinned neither moves; of one, the other takes the whole push.
        if (a.pinned && b.pinned) continue;
        const mine = a.pinned ? 0 : b.pinned ? 1 : (b.spreadRadiusCm + 1) / (total + 2);
        x[i]! += (dx / d) * push * mine * 2;
        z[i]! += (dz / d) * push * mine * 2;
        x[j]! -= (dx / d) * push * (1 - mine) * 2;
        z[j]! -= (dz / d) * push * (1 - mine) * 2;
      }
    }
    for (let i = 0; i < wishes.length; i += 1) if (!wishes[i]!.pinned) keepInside(i);
  }
  // Adding nothing makes a plain 0 of −0, which no file can keep.
  const places = wishes.map((_, i) => ({
    xCm: Math.round(x[i]! * 10) / 10 + 0,
    zCm: Math.round(z[i]! * 10) / 10 + 0,
  }));
  return {
    places,
    shortfallCm: worstShortfallCm(
      container,
      places.map((p, i) => ({ ...p, size: wishes[i]!.size })),
    ),
  };

  function keepInside(i: number): void {
    const room = wallRoomCm(container, wishes[i]!.size, x[i]!, z[i]!);
    if (room >= 0) return;
    if (
      surface.kind === 'polygon' ||
      levels.length > 1 ||
      (surface.kind === 'rect' && surface.slotCm > 0)
    ) {
      // The nearest edge gives way inward; of several levels the one with the most room.
      const level = levels.reduce((best, one) =>
        roomOn(one, x[i]!, z[i]!) > roomOn(best, x[i]!, z[i]!) ? one : best,
      );
      const [ox, oz] = towardEdge(level.section, x[i]!, z[i]!);
      x[i]! += ox * room;
      z[i]! += oz * room;
      return;
    }
    if (surface.kind === 'disc') {
      const d = Math.hypot(x[i]!, z[i]!);
      if (d < 1e-6) return;
      const back = Math.min(d, -room) / d;
      x[i]! -= x[i]! * back;
      z[i]! -= z[i]! * back;
      return;
    }
    // In a box each axis is pulled in on its own.
    const overX = Math.abs(x[i]!) > 0 ? Math.min(0, roomAlong('x', i)) : 0;
    const overZ = Math.abs(z[i]!) > 0 ? Math.min(0, roomAlong('z', i)) : 0;
    x[i]! -= Math.sign(x[i]!) * Math.min(Math.abs(x[i]!), -overX);
    z[i]! -= Math.sign(z[i]!) * Math.min(Math.abs(z[i]!), -overZ);
  }

  function roomAlong(axis: 'x' | 'z', i: number): number {
    return axis === 'x'
      ? wallRoomCm(container, wishes[i]!.size, x[i]!, 0)
      : wallRoomCm(container, wishes[i]!.size, 0, z[i]!);
  }
}
