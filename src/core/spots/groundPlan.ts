import { clamp, DEG_PER_RAD, RAD_PER_DEG } from '../units/units';
import type { Obstacle } from './obstacle';
import { runsOf } from './runs';
import { bearingOf, turnedTo } from './silhouette';

/** A point on the ground, cm east and north of the container. */
export type GroundPoint = readonly [eastCm: number, northCm: number];

/** What stands around as it is seen from above. */
export type GroundShape =
  /** A wall, fence, hedge or the building behind; `Infinity` long where it does not end. */
  | { readonly kind: 'line'; readonly from: GroundPoint; readonly to: GroundPoint }
  | { readonly kind: 'area'; readonly corners: readonly GroundPoint[] }
  | { readonly kind: 'round'; readonly at: GroundPoint; readonly radiusCm: number }
  /** Too far for a distance: only its bearings are known. */
  | { readonly kind: 'far'; readonly fromDeg: number; readonly toDeg: number };

/** A wall behind a container is drawn this far behind its middle, cm. Ours: about half a pot. */
const BEHIND_CM = 30;
/** Nearest and farthest that a hand may put something, cm: as the schema asks. */
const NEAR_CM = { wall: 5, hedge: 5, tree: 20 } as const;
const FAR_CM = 20_000;
const DEEPEST_EAVE_CM = 2000;

const along = (bearingDeg: number, cm: number): GroundPoint => [
  Math.sin(bearingDeg * RAD_PER_DEG) * cm,
  Math.cos(bearingDeg * RAD_PER_DEG) * cm,
];
const plus = ([e, n]: GroundPoint, [de, dn]: GroundPoint): GroundPoint => [e + de, n + dn];

/** @param endlessCm how far something that does not end is drawn */
export function groundShapeOf(obstacle: Obstacle, endlessCm: number): GroundShape {
  const run = (cm: number) => Math.min(cm, endlessCm);
  switch (obstacle.kind) {
    case 'building': {
      const foot = along(obstacle.facingDeg + 180, BEHIND_CM);
      return line(foot, obstacle.facingDeg, endlessCm, endlessCm);
    }
    case 'wall':
    case 'hedge': {
      const { leftCm, rightCm } = runsOf(obstacle);
      return line(
        along(obstacle.bearingDeg, obstacle.distanceCm),
        obstacle.bearingDeg,
        run(leftCm),
        run(rightCm),
      );
    }
    case 'eave': {
      const { leftCm, rightCm } = runsOf(obstacle);
      const { facingDeg, depthCm, backCm } = obstacle;
      const [left, right] = [
        along(facingDeg - 90, run(leftCm)),
        along(facingDeg + 90, run(rightCm)),
      ];
      const [out, back] = [along(facingDeg, depthCm), along(facingDeg + 180, backCm)];
      return {
        kind: 'area',
        corners: [plus(out, left), plus(out, right), plus(back, right), plus(back, left)],
      };
    }
    case 'tree':
      return {
        kind: 'round',
        at: along(obstacle.bearingDeg, obstacle.distanceCm),
        radiusCm: obstacle.widthCm / 2,
      };
    case 'skyline':
      return { kind: 'far', fromDeg: obstacle.fromDeg, toDeg: obstacle.toDeg };
  }
}

/** A line square to the way one looks at it: its left hand a quarter turn before the bearing, its right one after. */
function line(
  middle: GroundPoint,
  bearingDeg: number,
  leftCm: number,
  rightCm: number,
): GroundShape {
  return {
    kind: 'line',
    from: plus(middle, along(bearingDeg - 90, leftCm)),
    to: plus(middle, along(bearingDeg + 90, rightCm)),
  };
}

/** Where something is taken hold of, to which the tape runs from the container; `null` where no tape reaches. */
export function anchorOf(obstacle: Obstacle): GroundPoint | null {
  switch (obstacle.kind) {
    case 'building':
      return along(obstacle.facingDeg + 180, BEHIND_CM);
    case 'wall':
    case 'hedge':
    case 'tree':
      return along(obstacle.bearingDeg, obstacle.distanceCm);
    case 'eave':
      return along(obstacle.facingDeg, obstacle.depthCm);
    case 'skyline':
      return null;
  }
}

/** What the tape says from the container to it, cm; `null` where none runs. */
export function tapeCm(obstacle: Obstacle): number | null {
  if (obstacle.kind === 'eave') return obstacle.depthCm;
  return obstacle.kind === 'wall' || obstacle.kind === 'hedge' || obstacle.kind === 'tree'
    ? obstacle.distanceCm
    : null;
}

/** Bearing of a point from the container, degrees, and its distance, cm. */
export function polarOf([eastCm, northCm]: GroundPoint): {
  readonly bearingDeg: number;
  readonly distanceCm: number;
} {
  return {
    bearingDeg: (Math.atan2(eastCm, northCm) * DEG_PER_RAD + 360) % 360,
    distanceCm: Math.hypot(eastCm, northCm),
  };
}

/** The thing with what it is taken hold of by at a point: nearer, farther, at another bearing, in whole degrees and centimetres. */
export function movedTo(obstacle: Obstacle, to: GroundPoint): Obstacle {
  const { bearingDeg, distanceCm } = polarOf(to);
  const turned = turnedTo(obstacle, bearingDeg);
  switch (turned.kind) {
    case 'wall':
    case 'hedge':
    case 'tree':
      return {
        ...turned,
        distanceCm: Math.round(clamp(distanceCm, NEAR_CM[turned.kind], FAR_CM)),
      };
    case 'eave':
      return { ...turned, depthCm: Math.round(clamp(distanceCm, 0, DEEPEST_EAVE_CM)) };
    case 'building':
    case 'skyline':
      return turned;
  }
}

/** The thing so much farther off or nearer. */
export function pushed(obstacle: Obstacle, byCm: number): Obstacle {
  const tape = tapeCm(obstacle);
  if (tape === null) return obstacle;
  return movedTo(obstacle, along(bearingOf(obstacle), Math.max(1, tape + byCm)));
}

/** How far the plan must reach so that all of which a distance is known is on it, cm. */
export function planReachCm(obstacles: readonly Obstacle[]): number {
  const far = obstacles.map((obstacle) => {
    const tape = tapeCm(obstacle) ?? 0;
    return obstacle.kind === 'tree' ? tape + obstacle.widthCm / 2 : tape;
  });
  return clamp(Math.max(300, ...far) * 1.18, 350, FAR_CM * 1.2);
}
