import type { PlanPoint } from './section';

/** Two sides of a closed outline that cross or touch, by number, or `null` when none do. */
export function crossesItself(
  points: readonly PlanPoint[],
): readonly [first: number, second: number] | null {
  const n = points.length;
  for (let i = 0; i < n; i += 1)
    for (let j = i + 1; j < n; j += 1) {
      // Neighbours share a corner.
      if (j === i + 1 || (i === 0 && j === n - 1)) continue;
      if (meet(points[i]!, points[(i + 1) % n]!, points[j]!, points[(j + 1) % n]!)) return [i, j];
    }
  return null;
}

const side = (a: PlanPoint, b: PlanPoint, c: PlanPoint): number =>
  (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);

function meet(a: PlanPoint, b: PlanPoint, c: PlanPoint, d: PlanPoint): boolean {
  return side(a, b, c) * side(a, b, d) <= 0 && side(c, d, a) * side(c, d, b) <= 0;
}
