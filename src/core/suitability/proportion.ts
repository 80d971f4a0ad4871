import { isLong, type Container } from '../containers/container';
import { reachOf } from '../containers/section';
import { insideDepthCm, isHung, rimSection } from '../containers/shape';

/** A dish so shallow, cm, is for mats and rosettes. Ours. */
export const DISH_CM = 16;

/** Tallest plant over visible height that looks right: 1–2 for pots, more for low wide bowls, less for dishes, baskets and sills. */
export function goodRatios(container: Container): readonly [least: number, most: number] {
  const { shape } = container;
  if (isHung(shape)) return [0.6, 2.1];
  const { acrossCm, deepCm } = reachOf(rimSection(shape));
  if (isLong(container) || shape.kind === 'bag') return [0.9, 2.6];
  if (insideDepthCm(shape) <= DISH_CM) return [0.6, 2.4];
  return insideDepthCm(shape) < Math.min(acrossCm, deepCm) * 1.1 ? [1.3, 2.4] : [0.9, 2.1];
}
