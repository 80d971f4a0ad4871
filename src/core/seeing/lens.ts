import { STUDIO_LIGHT, type Light } from '../marks/light';
import type { Vec3 } from '../geometry/vec3';

/** From where a container is looked at, and where it lands on the picture. */
export interface Lens {
  /** Turned to the right of the front, radians: 0 looks at the front. */
  readonly azimuthRad: number;
  /** Eye above the level, radians; π/2 looks straight down, negative from below. */
  readonly pitchRad: number;
  readonly pxPerCm: number;
  /** Picture point of the container's foot (world origin), pixels, y down. */
  readonly originX: number;
  readonly originY: number;
}

/** A lens with its axes worked out. Parallel projection: rulers stay true at every depth. */
export interface Aim {
  readonly light: Light;
  readonly right: Vec3;
  readonly up: Vec3;
  readonly toward: Vec3;
  readonly pxPerCm: number;
  readonly originX: number;
  readonly originY: number;
}

export function aim(lens: Lens, light: Light = STUDIO_LIGHT): Aim {
  const [ca, sa, cp, sp] = [
    Math.cos(lens.azimuthRad),
    Math.sin(lens.azimuthRad),
    Math.cos(lens.pitchRad),
    Math.sin(lens.pitchRad),
  ];
  return {
    light,
    right: [ca, 0, -sa],
    up: [-sa * sp, cp, -ca * sp],
    toward: [sa * cp, sp, ca * cp],
    pxPerCm: lens.pxPerCm,
    originX: lens.originX,
    originY: lens.originY,
  };
}

/** Where a point in space lands on the picture, px. */
export function pictureOf(lens: Lens, p: Vec3): { readonly x: number; readonly y: number } {
  const a = aim(lens);
  return { x: screenX(a, p), y: screenY(a, p) };
}

export function screenX(a: Aim, p: Vec3): number {
  return a.originX + a.pxPerCm * (a.right[0] * p[0] + a.right[1] * p[1] + a.right[2] * p[2]);
}

export function screenY(a: Aim, p: Vec3): number {
  return a.originY - a.pxPerCm * (a.up[0] * p[0] + a.up[1] * p[1] + a.up[2] * p[2]);
}

/** Nearer to the eye is greater, cm. */
export function depthOf(a: Aim, p: Vec3): number {
  return a.toward[0] * p[0] + a.toward[1] * p[1] + a.toward[2] * p[2];
}
