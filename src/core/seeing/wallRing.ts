import { insideBaseCm, type Container } from '../containers/container';
import { grown, outlineOf } from '../containers/section';
import { sectionAt } from '../containers/shape';
import type { Vec3 } from '../geometry/vec3';
import { screenX, screenY, type Aim } from './lens';

/** A level line round the container at a height above what it stands on. `out` widens the inside by so much, cm. */
export function ring(container: Container, heightCm: number, out: number): readonly Vec3[] {
  const section = sectionAt(container.shape, heightCm - insideBaseCm(container));
  return outlineOf(out === 0 ? section : grown(section, out)).map(([x, z]): Vec3 => [
    x,
    heightCm,
    z,
  ]);
}

export function onScreen(a: Aim, points: readonly Vec3[]): number[] {
  const xy: number[] = [];
  for (const p of points) xy.push(screenX(a, p), screenY(a, p));
  return xy;
}

/** The part of a ring that faces the eye, left to right on the picture; `far` for the other part. */
export function nearHalf(a: Aim, points: readonly Vec3[], far = false): Vec3[] {
  let leftmost = 0;
  let rightmost = 0;
  points.forEach((p, i) => {
    const x = screenX(a, p);
    if (x < screenX(a, points[leftmost]!)) leftmost = i;
    if (x > screenX(a, points[rightmost]!)) rightmost = i;
  });
  const walk = (step: number) => {
    const path: Vec3[] = [];
    for (let i = leftmost; ; i = (i + step + points.length) % points.length) {
      path.push(points[i]!);
      if (i === rightmost) return path;
    }
  };
  const [one, two] = [walk(1), walk(-1)];
  const mean = (path: readonly Vec3[]) =>
    path.reduce((sum, p) => sum + p[0] * a.toward[0] + p[2] * a.toward[2], 0) / path.length;
  return mean(one) >= mean(two) !== far ? one : two;
}

/** A band of the wall between two heights, near side only. */
export function band(
  a: Aim,
  container: Container,
  fromCm: number,
  toCm: number,
  out: number,
): number[] {
  const upper = nearHalf(a, ring(container, toCm, out));
  const lower = nearHalf(a, ring(container, fromCm, out));
  return onScreen(a, [...upper, ...lower.reverse()]);
}
