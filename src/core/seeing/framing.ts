import { wallOf } from '../containers/container';
import { halfDepthCm, halfFrontCm } from '../containers/shape';
import type { Reading } from '../checks/reading';

/** How much room the drawings of one planting need over the whole season, cm, from the middle of the container's foot. */
export interface Extent {
  readonly leftCm: number;
  readonly rightCm: number;
  readonly aboveCm: number;
  readonly belowCm: number;
  /** Plan, from the middle outward: across and front to back. */
  readonly planAcrossCm: number;
  readonly planDepthCm: number;
}

/** Room left round a drawing, cm. */
const MARGIN_CM = 5;

/**
 * The room needed, from the sizes at the end of growth, so that a drawing does not change its scale while weeks pass.
 * Trails of hung containers are shown as far as 60 cm below the base.
 */
export function extentOf(reading: Reading): Extent {
  const { shape } = reading.planting.container;
  const wall = wallOf(reading.planting.container);
  const front = halfFrontCm(shape) + wall;
  const sizes = reading.grown();
  const soil = reading.potHeightCm - reading.planting.container.headspaceCm;
  let [left, right, above, below] = [front, front, reading.potHeightCm + (shape.kind === 'basket' || shape.kind === 'cone' ? shape.topCm * 1.3 : 8), 4];
  reading.plants.forEach((plant, i) => {
    const size = sizes[i]!;
    const half = size.spreadCm * 0.62;
    left = Math.max(left, -(plant.xCm - half));
    right = Math.max(right, plant.xCm + half);
    above = Math.max(above, soil + size.heightCm * 1.08);
    if (reading.hung) below = Math.max(below, Math.min(60, size.trailCm * 1.05 - reading.potHeightCm * 0.8));
  });
  // Leaves reach some way past the front and show lower on the picture as the eye looks down.
  return { leftCm: Math.max(left, right) + MARGIN_CM, rightCm: Math.max(left, right) + MARGIN_CM, aboveCm: above + MARGIN_CM, belowCm: below + MARGIN_CM * 0.6, planAcrossCm: front + 8, planDepthCm: halfDepthCm(shape) + wall + 8 };
}
