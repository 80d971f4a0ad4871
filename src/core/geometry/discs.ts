/** A disc on the plan. Plan axes: x right, z toward the viewer. Centimetres. */
export interface Disc {
  readonly xCm: number;
  readonly zCm: number;
  readonly radiusCm: number;
}

/**
 * Gap between the edges of two discs, centimetres.
 * @returns negative when they overlap, by the depth
 */
export function gapCm(a: Disc, b: Disc): number {
  return Math.hypot(a.xCm - b.xCm, a.zCm - b.zCm) - a.radiusCm - b.radiusCm;
}

/** Area two discs share, cm²: the circular-segment (lens) formula. */
export function overlapCm2(a: Disc, b: Disc): number {
  const d = Math.hypot(a.xCm - b.xCm, a.zCm - b.zCm);
  const [r, s] = [a.radiusCm, b.radiusCm];
  if (d >= r + s || r <= 0 || s <= 0) return 0;
  if (d <= Math.abs(r - s)) return Math.PI * Math.min(r, s) ** 2;
  const alpha = Math.acos(Math.max(-1, Math.min(1, (d * d + r * r - s * s) / (2 * d * r))));
  const beta = Math.acos(Math.max(-1, Math.min(1, (d * d + s * s - r * r) / (2 * d * s))));
  return r * r * (alpha - Math.sin(2 * alpha) / 2) + s * s * (beta - Math.sin(2 * beta) / 2);
}
