import { FIGURE_CM, type Figure } from './scenery';
import { wallOf } from '../containers/container';
import { halfDepthCm, halfFrontCm } from '../containers/shape';
import { read, type Reading } from '../checks/reading';
import type { PlantingInSpot } from '../plantings/planting';
import { once } from '../work/once';

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
  let [left, right, above, below] = [
    front,
    front,
    reading.potHeightCm +
      (shape.kind === 'basket' || shape.kind === 'cone' ? shape.topCm * 1.3 : 8),
    4,
  ];
  const { support } = reading.planting;
  if (support) {
    above = Math.max(above, soil + support.heightCm + 2);
    left = Math.max(left, support.widthCm / 2 - support.xCm);
    right = Math.max(right, support.widthCm / 2 + support.xCm);
  }
  reading.plants.forEach((plant, i) => {
    const size = sizes[i]!;
    const half = size.spreadCm * 0.62;
    left = Math.max(left, -(plant.xCm - half));
    right = Math.max(right, plant.xCm + half);
    above = Math.max(above, soil + size.heightCm * 1.08);
    if (reading.hung)
      below = Math.max(below, Math.min(60, size.trailCm * 1.05 - reading.potHeightCm * 0.8));
  });
  // Leaves reach some way past the front and show lower on the picture as the eye looks down.
  return {
    leftCm: Math.max(left, right) + MARGIN_CM,
    rightCm: Math.max(left, right) + MARGIN_CM,
    aboveCm: above + MARGIN_CM,
    belowCm: below + MARGIN_CM * 0.6,
    planAcrossCm: front + 8,
    planDepthCm: halfDepthCm(shape) + wall + 8,
  };
}

/** {@link extentOf} a planting that nobody has read yet: its season is foreseen once, however many drawings of it there are. */
export const extentOfPlanting = once((it: PlantingInSpot): Extent => extentOf(read(it)));

/** Gap between a figure and the planting, and above its head, cm; and how much of it is shown below its crown where the ground lies deep, cm. */
const BESIDE_CM = 6;
const BUST_CM = 62;

/** The room needed with a person or a door beside the planting, and where it stands, cm from the middle. Of one far below only head and shoulders are taken in. */
export function withFigure(
  extent: Extent,
  figure: Figure,
  dropCm: number,
): { readonly extent: Extent; readonly figureAtCm: number } {
  if (figure === 'none') return { extent, figureAtCm: 0 };
  const { highCm, halfCm } = FIGURE_CM[figure];
  const figureAtCm = -(extent.leftCm + BESIDE_CM + halfCm);
  const sideCm = extent.leftCm + 2 * (halfCm + BESIDE_CM);
  return {
    figureAtCm,
    extent: {
      ...extent,
      leftCm: sideCm,
      rightCm: sideCm,
      aboveCm: Math.max(extent.aboveCm, highCm - dropCm + BESIDE_CM),
      belowCm: Math.max(extent.belowCm, Math.min(dropCm + 4, dropCm - highCm + BUST_CM)),
    },
  };
}

/** The eye looks down a little at things on the ground and up at hung baskets, radians, where nobody says from where. Every extent has room for that. */
export const USUAL_PITCH_RAD = { standing: 0.16, fromBelow: -0.26 } as const;

/** Room above and below the foot on the picture, cm, looked at from so high: heights shorten and depths open as the eye rises or falls. */
export function pictureSpan(
  extent: Pick<Extent, 'aboveCm' | 'belowCm' | 'planDepthCm'>,
  pitchRad: number,
): { readonly aboveCm: number; readonly belowCm: number } {
  const opened =
    extent.planDepthCm *
    Math.max(0, Math.abs(Math.sin(pitchRad)) - Math.sin(USUAL_PITCH_RAD.standing));
  return {
    aboveCm: extent.aboveCm * Math.cos(pitchRad) + opened,
    belowCm: extent.belowCm * Math.cos(pitchRad) + opened,
  };
}
