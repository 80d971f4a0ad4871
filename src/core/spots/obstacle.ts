import type * as z from 'zod';
import { clamp, RAD_PER_DEG, weeksBetween } from '../units/units';
import type { obstacleSchema } from './lightSchema';
import { runsOf } from './runs';

export const OBSTACLE_KINDS = ['building', 'wall', 'hedge', 'eave', 'tree', 'skyline'] as const;
export type ObstacleKind = (typeof OBSTACLE_KINDS)[number];

/** Something that stands between the sun and the leaves. Bearings in degrees clockwise from true north, lengths in cm, heights above the ground. */
export type Obstacle = Readonly<z.infer<typeof obstacleSchema>>;

/**
 * Share of direct sun let through from a direction, 0–1: parts of a unit vector, as numbers because it is asked a million times.
 * The plane of a thing is met at `distance / (sun · bearing)` along the ray, so no angle is ever worked out.
 */
export type Shade = (east: number, north: number, up: number) => number;

/**
 * What one obstacle lets through, for leaves at a height above the ground, in a week of the year.
 * A thing no higher than the leaves shades nothing.
 */
export function shadeOf(obstacle: Obstacle, leafHeightCm: number, week: number): Shade {
  switch (obstacle.kind) {
    case 'building': {
      const [fe, fn] = towards(obstacle.facingDeg);
      return (e, n) => (e * fe + n * fn <= 0 ? 0 : 1);
    }
    case 'wall':
    case 'hedge': {
      const lets = obstacle.kind === 'wall' ? 0 : leavesLetThrough(obstacle, week);
      const top = obstacle.heightCm - leafHeightCm;
      const { distanceCm: d } = obstacle;
      const { leftCm, rightCm } = runsOf(obstacle);
      const [be, bn] = towards(obstacle.bearingDeg);
      return (e, n, u) => {
        const ahead = e * be + n * bn;
        if (ahead <= 0 || top <= 0) return 1;
        const k = d / ahead;
        // Looking at the wall, its right hand is a quarter turn clockwise of its bearing.
        const right = (e * bn - n * be) * k;
        return u * k < top && right >= -leftCm && right <= rightCm ? lets : 1;
      };
    }
    case 'eave': {
      const above = obstacle.heightCm - leafHeightCm;
      const { depthCm, backCm } = obstacle;
      const { leftCm, rightCm } = runsOf(obstacle);
      const [fe, fn] = towards(obstacle.facingDeg);
      return (e, n, u) => {
        if (u <= 0 || above <= 0) return 1;
        const k = above / u;
        const out = (e * fe + n * fn) * k;
        // Looking out from under it, right is a quarter turn clockwise of the way it faces.
        const right = (e * fn - n * fe) * k;
        return out < depthCm && out > -backCm && right >= -leftCm && right <= rightCm ? 0 : 1;
      };
    }
    case 'tree': {
      const lets = leavesLetThrough(obstacle, week);
      const { a2, c2, along, middle, C } = crownOf(obstacle, leafHeightCm);
      const [be, bn] = towards(obstacle.bearingDeg);
      if (obstacle.heightCm <= leafHeightCm) return () => 1;
      // The ray from the leaves meets the crown when t·A·t − 2·B·t + C has a root ahead of it.
      return (e, n, u) => {
        const A = (e * e + n * n) / a2 + (u * u) / c2;
        const B = ((e * be + n * bn) * along) / a2 + (u * middle) / c2;
        return C < 0 || (B > 0 && B * B >= A * C) ? lets : 1;
      };
    }
    case 'skyline': {
      const tan = Math.tan(obstacle.altitudeDeg * RAD_PER_DEG);
      const width = skylineWidthDeg(obstacle);
      const [me, mn] = towards(obstacle.fromDeg + width / 2);
      const least = Math.cos((width / 2) * RAD_PER_DEG);
      return (e, n, u) => {
        const level = Math.hypot(e, n);
        return u < tan * level && e * me + n * mn >= least * level ? 0 : 1;
      };
    }
  }
}

/** How much of the horizon a skyline takes up, degrees: one that ends where it began, after a turn, goes all round. */
export function skylineWidthDeg({
  fromDeg,
  toDeg,
}: {
  readonly fromDeg: number;
  readonly toDeg: number;
}): number {
  const turned = toDeg - fromDeg;
  return turned !== 0 && turned % 360 === 0 ? 360 : ((turned % 360) + 360) % 360;
}

/** A crown as an ellipsoid seen from the leaves: squared radii, how far off and how high its middle lies, and its equation's constant: negative when the leaves are inside. */
export function crownOf(
  {
    distanceCm,
    heightCm,
    clearCm,
    widthCm,
  }: Pick<Extract<Obstacle, { kind: 'tree' }>, 'distanceCm' | 'heightCm' | 'clearCm' | 'widthCm'>,
  leafHeightCm: number,
): {
  readonly a2: number;
  readonly c2: number;
  readonly along: number;
  readonly middle: number;
  readonly C: number;
} {
  const a2 = (widthCm / 2) ** 2;
  const c2 = ((heightCm - clearCm) / 2) ** 2;
  const middle = (heightCm + clearCm) / 2 - leafHeightCm;
  return {
    a2,
    c2,
    along: distanceCm,
    middle,
    C: (distanceCm * distanceCm) / a2 + (middle * middle) / c2 - 1,
  };
}

/** Unit vector of a bearing, east and north. */
function towards(bearingDeg: number): readonly [number, number] {
  return [Math.sin(bearingDeg * RAD_PER_DEG), Math.cos(bearingDeg * RAD_PER_DEG)];
}

/** What leaves and twigs let through in a week. Leaf dates may go round the year's end; leaves come and go over three weeks. */
export function leavesLetThrough(
  obstacle: Extract<Obstacle, { kind: 'hedge' | 'tree' }>,
  week: number,
): number {
  const { evergreen, leafOnWeek, leafOffWeek, letsThrough, bareLetsThrough } = obstacle;
  if (evergreen) return letsThrough;
  const since = weeksBetween(leafOnWeek, week);
  const inLeaf = weeksBetween(leafOnWeek, leafOffWeek);
  const turning = 3;
  const leaves =
    since < inLeaf ? clamp(since / turning, 0, 1) : clamp(1 - (since - inLeaf) / turning, 0, 1);
  return bareLetsThrough + (letsThrough - bareLetsThrough) * leaves;
}

/** How near two things of a kind may be told and still be two, degrees and cm. Ours: less is the same wall told twice. */
const SAME_DEG = 6;
const SAME_CM = 10;

/** Do two things stand on the same ground: the same wall, roof, crown or skyline told twice? */
export function overlap(a: Obstacle, b: Obstacle): boolean {
  const near = (p: number, q: number) => Math.abs(((p - q + 540) % 360) - 180) < SAME_DEG;
  if ((a.kind === 'wall' || a.kind === 'hedge') && (b.kind === 'wall' || b.kind === 'hedge'))
    return near(a.bearingDeg, b.bearingDeg) && Math.abs(a.distanceCm - b.distanceCm) < SAME_CM;
  if (a.kind === 'building' && b.kind === 'building') return near(a.facingDeg, b.facingDeg);
  if (a.kind === 'eave' && b.kind === 'eave')
    return near(a.facingDeg, b.facingDeg) && Math.abs(a.heightCm - b.heightCm) < SAME_CM;
  if (a.kind === 'tree' && b.kind === 'tree')
    return near(a.bearingDeg, b.bearingDeg) && Math.abs(a.distanceCm - b.distanceCm) < SAME_CM;
  return (
    a.kind === 'skyline' &&
    b.kind === 'skyline' &&
    near(a.fromDeg, b.fromDeg) &&
    near(a.toDeg, b.toDeg)
  );
}

/** The same scene seen in a mirror that swaps east and west. */
export function mirrored(obstacle: Obstacle): Obstacle {
  const turn = (deg: number) => (360 - deg) % 360;
  switch (obstacle.kind) {
    case 'building':
      return { ...obstacle, facingDeg: turn(obstacle.facingDeg) };
    case 'eave':
      return {
        ...obstacle,
        facingDeg: turn(obstacle.facingDeg),
        leftCm: obstacle.rightCm,
        rightCm: obstacle.leftCm,
      };
    case 'wall':
    case 'hedge':
      return {
        ...obstacle,
        bearingDeg: turn(obstacle.bearingDeg),
        leftCm: obstacle.rightCm,
        rightCm: obstacle.leftCm,
      };
    case 'tree':
      return { ...obstacle, bearingDeg: turn(obstacle.bearingDeg) };
    case 'skyline':
      return { ...obstacle, fromDeg: turn(obstacle.toDeg), toDeg: turn(obstacle.fromDeg) };
  }
}
