import { clamp, DEG_PER_RAD, RAD_PER_DEG } from '../units/units';
import { crownOf, leavesLetThrough, skylineWidthDeg, type Obstacle } from './obstacle';
import { runsOf } from './runs';

/** Part of the sky, by altitude, that a thing covers at one bearing: degrees, low first. */
export type Cover = readonly [lowDeg: number, highDeg: number];

const atan = (y: number, x: number) => Math.atan2(y, x) * DEG_PER_RAD;

/** A bearing difference in −180..180. */
export function turnDeg(fromDeg: number, toDeg: number): number {
  return ((((toDeg - fromDeg) % 360) + 540) % 360) - 180;
}

/**
 * What a thing covers of the sky at a bearing, for leaves at a height: the same geometry as `shadeOf`, told as altitudes.
 * @returns `null` where it covers nothing
 */
export function heightsAt(
  obstacle: Obstacle,
  leafHeightCm: number,
  bearingDeg: number,
): Cover | null {
  switch (obstacle.kind) {
    case 'building':
      return Math.cos((bearingDeg - obstacle.facingDeg) * RAD_PER_DEG) <= 1e-9 ? [0, 90] : null;
    case 'wall':
    case 'hedge': {
      const top = obstacle.heightCm - leafHeightCm;
      const off = turnDeg(obstacle.bearingDeg, bearingDeg) * RAD_PER_DEG;
      if (top <= 0 || Math.cos(off) <= 1e-9) return null;
      const right = Math.tan(off) * obstacle.distanceCm;
      const { leftCm, rightCm } = runsOf(obstacle);
      if (right < -leftCm || right > rightCm) return null;
      return [0, atan(top * Math.cos(off), obstacle.distanceCm)];
    }
    case 'eave': {
      const above = obstacle.heightCm - leafHeightCm;
      if (above <= 0) return null;
      const off = turnDeg(obstacle.facingDeg, bearingDeg) * RAD_PER_DEG;
      const [cos, sin] = [Math.cos(off), Math.sin(off)];
      const { leftCm, rightCm } = runsOf(obstacle);
      // How far the roof reaches along this bearing before one of its edges is passed.
      const reach = Math.min(
        cos > 1e-9 ? obstacle.depthCm / cos : Infinity,
        cos < -1e-9 ? obstacle.backCm / -cos : Infinity,
        sin > 1e-9 ? rightCm / sin : Infinity,
        sin < -1e-9 ? leftCm / -sin : Infinity,
      );
      return reach <= 0 ? null : [atan(above, reach), 90];
    }
    case 'tree': {
      if (obstacle.heightCm <= leafHeightCm) return null;
      const { a2, c2, along, middle, C } = crownOf(obstacle, leafHeightCm);
      if (C < 0) return [0, 90];
      const cos = Math.cos(turnDeg(obstacle.bearingDeg, bearingDeg) * RAD_PER_DEG);
      // The edge of the crown is where B² = A·C, a quadratic P·t² + 2Q·t + R in the slope t; it counts only ahead of the leaves (B > 0).
      const P = (middle * middle) / (c2 * c2) - C / c2;
      const Q = (along * middle * cos) / (a2 * c2);
      const R = (along * along * cos * cos) / (a2 * a2) - C / a2;
      const ahead = (slope: number) => (along * cos) / a2 + (slope * middle) / c2 > 0;
      const inner = Q * Q - P * R;
      if (inner < 0) return P > 0 && ahead(1e3) ? [0, 90] : null;
      const slopes = [(-Q - Math.sqrt(inner)) / P, (-Q + Math.sqrt(inner)) / P]
        .filter(ahead)
        .sort((p, q) => p - q);
      const altitude = (slope: number) => Math.max(0, atan(slope, 1));
      // Overhead is covered too: from the lower edge up.
      if (P >= 0) return slopes.length === 0 ? null : [altitude(slopes[slopes.length - 1]!), 90];
      return slopes.length < 2 || slopes[1]! <= 0
        ? null
        : [altitude(slopes[0]!), altitude(slopes[1]!)];
    }
    case 'skyline': {
      const width = skylineWidthDeg(obstacle);
      return (((bearingDeg - obstacle.fromDeg) % 360) + 360) % 360 <= width
        ? [0, obstacle.altitudeDeg]
        : null;
    }
  }
}

/** How much light a thing lets through in a week, 0–1. */
export function letsThrough(obstacle: Obstacle, week: number): number {
  return obstacle.kind === 'tree' || obstacle.kind === 'hedge'
    ? leavesLetThrough(obstacle, week)
    : 0;
}

/** Bearing by which a thing is held: its middle. */
export function bearingOf(obstacle: Obstacle): number {
  switch (obstacle.kind) {
    case 'building':
      return (obstacle.facingDeg + 180) % 360;
    case 'eave':
      return obstacle.facingDeg;
    case 'skyline':
      return (obstacle.fromDeg + skylineWidthDeg(obstacle) / 2) % 360;
    default:
      return obstacle.bearingDeg;
  }
}

const whole = (deg: number) => ((Math.round(deg) % 360) + 360) % 360;
const cm = (value: number, least: number, most: number) =>
  clamp(Math.round(value / 5) * 5, least, most);

/** A thing turned to another bearing. */
export function turnedTo(obstacle: Obstacle, bearingDeg: number): Obstacle {
  switch (obstacle.kind) {
    case 'building':
      return { ...obstacle, facingDeg: whole(bearingDeg + 180) };
    case 'eave':
      return { ...obstacle, facingDeg: whole(bearingDeg) };
    case 'skyline': {
      const by = turnDeg(bearingOf(obstacle), bearingDeg);
      return {
        ...obstacle,
        fromDeg: whole(obstacle.fromDeg + by),
        toDeg: whole(obstacle.toDeg + by),
      };
    }
    default:
      return { ...obstacle, bearingDeg: whole(bearingDeg) };
  }
}

/** A thing whose edge straight ahead is dragged to an altitude: walls and trees grow, eaves reach further out or less. */
export function raisedTo(obstacle: Obstacle, leafHeightCm: number, altitudeDeg: number): Obstacle {
  const tan = Math.tan(clamp(altitudeDeg, 1, 88) * RAD_PER_DEG);
  switch (obstacle.kind) {
    case 'building':
      return obstacle;
    case 'skyline':
      return { ...obstacle, altitudeDeg: clamp(Math.round(altitudeDeg), 0, 80) };
    case 'eave':
      return { ...obstacle, depthCm: cm((obstacle.heightCm - leafHeightCm) / tan, 0, 2000) };
    case 'tree':
      return { ...obstacle, heightCm: crownHeight(obstacle, leafHeightCm, altitudeDeg) };
    default:
      return { ...obstacle, heightCm: cm(leafHeightCm + obstacle.distanceCm * tan, 10, 10000) };
  }
}

/** Height at which a crown's upper edge stands at an altitude, by halving: the edge rises with the height. */
function crownHeight(
  tree: Extract<Obstacle, { kind: 'tree' }>,
  leafHeightCm: number,
  altitudeDeg: number,
): number {
  const least = Math.max(50, tree.clearCm + 20);
  let [low, high] = [least, 6000];
  for (let i = 0; i < 16; i += 1) {
    const heightCm = (low + high) / 2;
    const cover = heightsAt({ ...tree, heightCm }, leafHeightCm, tree.bearingDeg);
    if (cover && cover[1] > altitudeDeg) high = heightCm;
    else low = heightCm;
  }
  return cm((low + high) / 2, least, 6000);
}

/** A thing whose left or right end is dragged to a bearing. */
export function widenedTo(
  obstacle: Obstacle,
  side: 'left' | 'right',
  bearingDeg: number,
): Obstacle {
  const off = turnDeg(bearingOf(obstacle), bearingDeg);
  const run = (sign: number, distanceCm: number) =>
    cm(distanceCm * Math.tan(clamp(sign * off, 0, 89) * RAD_PER_DEG), 5, 5000);
  switch (obstacle.kind) {
    case 'building':
    case 'eave':
      return obstacle;
    case 'skyline':
      return side === 'left'
        ? { ...obstacle, fromDeg: whole(bearingDeg) }
        : { ...obstacle, toDeg: whole(bearingDeg) };
    case 'tree':
      return {
        ...obstacle,
        widthCm: cm(
          2 * obstacle.distanceCm * Math.tan(clamp(Math.abs(off), 1, 80) * RAD_PER_DEG),
          20,
          4000,
        ),
      };
    default:
      return side === 'left'
        ? { ...obstacle, leftCm: run(-1, obstacle.distanceCm) }
        : { ...obstacle, rightCm: run(1, obstacle.distanceCm) };
  }
}
