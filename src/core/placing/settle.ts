import type { Container } from '../containers/container';
import { mixSurface, surfacesOf, type Surface } from '../containers/container';
import { insetCm, towardEdge } from '../containers/section';
import { NURSERY_SIZES } from '../plants/nursery';
import { SQUASH, wallRoomOf, worstShortfallCm, type Ball } from './fit';

/** A ball to be settled: where it would like to stand and how much it may wander. */
export interface Wish extends Ball {
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
  const balls = wishes.map((wish): Moving => ({
    wish,
    x: wish.xCm,
    z: wish.zCm,
    radiusCm: (NURSERY_SIZES[wish.size].topCm / 2) * (1 - SQUASH * 0.8),
    wallRoom: wallRoomOf(container, wish),
  }));
  const room = roomOf(container);
  const allPinned = wishes.every(({ pinned }) => pinned);
  for (let round = 0; round < ROUNDS; round += 1) {
    const soft = 0.25 * (1 - round / ROUNDS);
    if (!allPinned)
      balls.forEach((ball, i) => {
        ball.x += (ball.wish.xCm - ball.x) * soft * 0.3;
        ball.z += (ball.wish.zCm - ball.z) * soft * 0.3;
        for (let j = 0; j < i; j += 1) pushApart(ball, balls[j]!, { soft, angleRad: i * 2.4 + j });
      });
    for (const ball of balls) if (!ball.wish.pinned) keepInside(ball, room);
  }
  // Adding nothing makes a plain 0 of −0, which no file can keep.
  const places = balls.map(({ x, z }) => ({
    xCm: Math.round(x * 10) / 10 + 0,
    zCm: Math.round(z * 10) / 10 + 0,
  }));
  return {
    places,
    shortfallCm: worstShortfallCm(
      container,
      places.map((place, i) => ({ ...wishes[i]!, ...place })),
    ),
  };
}

/** A ball on its way: where it is now, cm. What is asked in every round is looked up once: this is done for every ball of every proposal. */
interface Moving {
  readonly wish: Wish;
  readonly radiusCm: number;
  readonly wallRoom: (xCm: number, zCm: number) => number;
  x: number;
  z: number;
}

/** Below this two balls lie in one spot, cm. */
const ONE_SPOT_CM = 1e-3;

/** Parts two balls that touch, and softly those whose grown plants would: the smaller plant gives way more. */
function pushApart(
  one: Moving,
  other: Moving,
  { soft, angleRad }: { readonly soft: number; readonly angleRad: number },
): void {
  const [a, b] = [one.wish, other.wish];
  // Of two that are pinned neither moves; of one, the other takes the whole push.
  if (a.pinned && b.pinned) return;
  const spread = a.spreadRadiusCm + b.spreadRadiusCm;
  let [dx, dz] = [one.x - other.x, one.z - other.z];
  // Square roots in the place of hypot, which is many times slower.
  let d = Math.sqrt(dx * dx + dz * dz);
  if (d < ONE_SPOT_CM) {
    // Two in one spot: part them along a fixed direction that depends on who they are.
    [dx, dz, d] = [Math.cos(angleRad), Math.sin(angleRad), 1];
  }
  const push =
    Math.max(one.radiusCm + other.radiusCm - d, 0) * 0.5 +
    Math.max(spread * SPREAD_SHARE - d, 0) * soft * 0.5;
  if (push <= 0) return;
  const free = (b.spreadRadiusCm + 1) / (Math.max(1, spread) + 2);
  const mine = shareOf(a.pinned, b.pinned, free);
  one.x += (dx / d) * push * mine * 2;
  one.z += (dz / d) * push * mine * 2;
  other.x -= (dx / d) * push * (1 - mine) * 2;
  other.z -= (dz / d) * push * (1 - mine) * 2;
}

/** What one of two takes of a push between them: none when it is pinned, all when the other is, else its free share. */
function shareOf(
  mineStands: boolean | undefined,
  theirsStands: boolean | undefined,
  free: number,
): number {
  if (mineStands) return 0;
  return theirsStands ? 1 : free;
}

/** What bounds the balls: one level of mix of a plain form, or several, or one whose nearest edge must be asked for. */
interface Room {
  readonly levels: readonly Surface[];
  readonly form: 'disc' | 'box' | 'by edge';
}

function roomOf(container: Container): Room {
  const surface = mixSurface(container);
  const levels = surfacesOf(container);
  const byEdge =
    surface.kind === 'polygon' ||
    levels.length > 1 ||
    (surface.kind === 'rect' && surface.slotCm > 0);
  if (byEdge) return { levels, form: 'by edge' };
  return { levels, form: surface.kind === 'disc' ? 'disc' : 'box' };
}

function keepInside(ball: Moving, { levels, form }: Room): void {
  const room = ball.wallRoom(ball.x, ball.z);
  if (room >= 0) return;
  if (form === 'by edge') {
    // The nearest edge gives way inward; of several levels the one with the most room.
    const level = levels.reduce((best, one) =>
      insetCm(one.section, ball.x, ball.z) > insetCm(best.section, ball.x, ball.z) ? one : best,
    );
    const [ox, oz] = towardEdge(level.section, ball.x, ball.z);
    ball.x += ox * room;
    ball.z += oz * room;
    return;
  }
  if (form === 'disc') {
    const d = Math.hypot(ball.x, ball.z);
    if (d < 1e-6) return;
    const back = Math.min(d, -room) / d;
    ball.x -= ball.x * back;
    ball.z -= ball.z * back;
    return;
  }
  // In a box each axis is pulled in on its own.
  ball.x -= pullCm(ball.x, ball.wallRoom(ball.x, 0));
  ball.z -= pullCm(ball.z, ball.wallRoom(0, ball.z));
}

/** How far along one axis a ball is pulled toward the middle, cm. */
const pullCm = (at: number, roomCm: number): number =>
  Math.sign(at) * Math.min(Math.abs(at), Math.max(0, -roomCm));
