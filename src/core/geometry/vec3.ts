/** A point or direction in space: x right, y up, z toward the viewer at azimuth 0. Centimetres when a point. */
export type Vec3 = readonly [x: number, y: number, z: number];

export function add(a: Vec3, b: Vec3, scale = 1): Vec3 {
  return [a[0] + b[0] * scale, a[1] + b[1] * scale, a[2] + b[2] * scale];
}

export function dot(a: Vec3, b: Vec3): number {
  return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
}

export function cross(a: Vec3, b: Vec3): Vec3 {
  return [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
}

/** Many times faster than `Math.hypot`, whose care for overflow nothing of a plant's size needs. */
export function length(a: Vec3): number {
  return Math.sqrt(a[0] * a[0] + a[1] * a[1] + a[2] * a[2]);
}

/** Unit vector along `a`; straight up when `a` has no length. */
export function unit(a: Vec3): Vec3 {
  const l = length(a);
  return l < 1e-9 ? [0, 1, 0] : [a[0] / l, a[1] / l, a[2] / l];
}

/** The part of `a` square to the unit vector `u`, made unit length. */
export function squareTo(a: Vec3, u: Vec3): Vec3 {
  const d = dot(a, u);
  const v: Vec3 = [a[0] - u[0] * d, a[1] - u[1] * d, a[2] - u[2] * d];
  if (length(v) > 1e-6) return unit(v);
  return unit(Math.abs(u[1]) < 0.9 ? cross(u, [0, 1, 0]) : cross(u, [1, 0, 0]));
}

/** Level direction at an azimuth: 0 toward the viewer (+z), growing toward +x. Radians. */
export function level(azimuthRad: number): Vec3 {
  return [Math.sin(azimuthRad), 0, Math.cos(azimuthRad)];
}
