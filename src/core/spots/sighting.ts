import { clamp, DEG_PER_RAD, RAD_PER_DEG } from '../units/units';
import type { Obstacle } from './obstacle';
import { turnedTo } from './silhouette';

/**
 * How a device is turned, degrees, as browsers tell it: about its upright axis from north (counter-clockwise), tipped about its short
 * one, and about its long one; and how far its compass may be off.
 */
export interface Turned {
  readonly alpha: number;
  readonly beta: number;
  readonly gamma: number;
  /** `null`: not told. */
  readonly compassDoubtDeg: number | null;
}

/** Where the upper edge of a device points, with the doubt of both. */
export interface Sight {
  readonly bearingDeg: number;
  readonly altitudeDeg: number;
  readonly bearingDoubtDeg: number;
  readonly altitudeDoubtDeg: number;
}

/** Compasses of phones are about this far off near walls and iron, and tilts as far as a hand is steady, degrees. Ours. */
const COMPASS_DOUBT_DEG = 10;
const TILT_DOUBT_DEG = 1.5;

/**
 * Where the upper edge points. The device's long axis turned by Z–X′–Y″: its turn about itself (gamma) moves that axis nowhere.
 * Source: the order of rotations in the Device Orientation specification.
 */
export function sightOf({ alpha, beta, compassDoubtDeg }: Turned): Sight {
  const [a, b] = [alpha * RAD_PER_DEG, beta * RAD_PER_DEG];
  const east = -Math.sin(a) * Math.cos(b);
  const north = Math.cos(a) * Math.cos(b);
  return {
    bearingDeg: (Math.atan2(east, north) * DEG_PER_RAD + 360) % 360,
    altitudeDeg: Math.asin(Math.sin(b)) * DEG_PER_RAD,
    bearingDoubtDeg: Math.max(COMPASS_DOUBT_DEG, compassDoubtDeg ?? 0),
    altitudeDoubtDeg: TILT_DOUBT_DEG,
  };
}

/** A height, with the least and the most that it may be, cm. */
export interface SightedHeight {
  readonly cm: number;
  readonly range: readonly [leastCm: number, mostCm: number];
}

/** How high something is whose top is seen at an altitude from the leaves. @param distanceCm along the ground to it */
export function sightedHeight(
  { altitudeDeg, altitudeDoubtDeg }: Pick<Sight, 'altitudeDeg' | 'altitudeDoubtDeg'>,
  distanceCm: number,
  leafHeightCm: number,
): SightedHeight {
  const at = (deg: number) =>
    Math.max(0, leafHeightCm + distanceCm * Math.tan(clamp(deg, -80, 85) * RAD_PER_DEG));
  return {
    cm: Math.round(at(altitudeDeg)),
    range: [
      Math.round(at(altitudeDeg - altitudeDoubtDeg)),
      Math.round(at(altitudeDeg + altitudeDoubtDeg)),
    ],
  };
}

/** The thing as it was sighted: its bearing, and its height by its distance; a skyline's altitude. */
export function sighted(obstacle: Obstacle, sight: Sight, leafHeightCm: number): Obstacle {
  const turned = turnedTo(obstacle, sight.bearingDeg);
  switch (turned.kind) {
    case 'wall':
    case 'hedge':
      return { ...turned, heightCm: heightOf(turned.distanceCm, 10, 10_000) };
    case 'tree':
      return {
        ...turned,
        heightCm: Math.max(turned.clearCm + 10, heightOf(turned.distanceCm, 50, 6000)),
      };
    case 'skyline':
      return { ...turned, altitudeDeg: Math.round(clamp(sight.altitudeDeg, 0, 80)) };
    case 'eave':
    case 'building':
      return turned;
  }
  function heightOf(distanceCm: number, least: number, most: number): number {
    return clamp(sightedHeight(sight, distanceCm, leafHeightCm).cm, least, most);
  }
}

/** Where the sun stands for somebody who looks out from a wall with the back to it. */
export const SUN_FROM_WALL = {
  'far left': -90,
  left: -45,
  'straight out': 0,
  right: 45,
  'far right': 90,
} as const;
export type SunFromWall = keyof typeof SUN_FROM_WALL;

/** Which way a wall faces, by where the sun is seen from it, in whole degrees. */
export function facingBySun(sunBearingDeg: number, seen: SunFromWall): number {
  return (Math.round(sunBearingDeg - SUN_FROM_WALL[seen]) + 720) % 360;
}
