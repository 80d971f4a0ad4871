import { visibleHeightCm } from '../containers/container';
import type { PlantingInSpot } from '../plantings/planting';
import { EYE_HEIGHT_CM } from '../spots/spot';

/** What is seen of each plant, by index. */
export interface Seen {
  /** Of what the plant shows when nothing stands before it, the share that is seen, 0–1; the mean over the viewpoints. */
  readonly share: readonly number[];
  /** Picture area that is seen, cm²; the mean over the viewpoints. */
  readonly areaCm2: readonly number[];
  /** The same share of its flowers, plumes and fruit; 1 where it shows none. `null` when they were not told apart. */
  readonly flowers: readonly number[] | null;
}

/** A way of looking at a container: turned and raised, radians. */
export interface Look {
  readonly azimuthRad: number;
  readonly pitchRad: number;
  /** What this viewpoint counts among the others; they sum to 1. */
  readonly weight: number;
}

/** Distance of a passer-by where no viewpoint is told, cm; and how far from below a hung one is looked at, radians. Ours. */
const PASSING_CM = 220;
const FROM_BELOW_RAD = -0.45;
const STEEPEST_RAD = 0.7;

/** From where a planting is judged: the front, or four sides; from every viewpoint that is told, by its weight, else as someone who passes. */
export function looksOf({
  planting,
  spot,
}: Pick<PlantingInSpot, 'planting' | 'spot'>): readonly Look[] {
  const middle = spot.dropCm + visibleHeightCm(planting.container);
  const passer = { heightCm: EYE_HEIGHT_CM.standing, distanceCm: PASSING_CM, weight: 1 };
  const eyes = spot.eyes
    .filter(({ weight }) => weight > 0)
    .map(({ floorCm, kind, distanceCm, weight }) => ({
      heightCm: floorCm + EYE_HEIGHT_CM[kind],
      distanceCm,
      weight,
    }));
  const from = spot.view === 'from below' || eyes.length === 0 ? [passer] : eyes;
  const whole = from.reduce((sum, { weight }) => sum + weight, 0);
  const sides = spot.view === 'one side' ? [0] : [0, 1, 2, 3];
  return from.flatMap(({ heightCm, distanceCm, weight }) => {
    const pitchRad =
      spot.view === 'from below'
        ? FROM_BELOW_RAD
        : Math.max(
            FROM_BELOW_RAD,
            Math.min(STEEPEST_RAD, Math.atan2(heightCm - middle, distanceCm)),
          );
    return sides.map((side) => ({
      azimuthRad: (side * Math.PI) / 2,
      pitchRad,
      weight: weight / whole / sides.length,
    }));
  });
}
