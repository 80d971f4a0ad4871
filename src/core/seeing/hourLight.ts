import type { Light } from '../marks/light';
import { frontBearingDeg } from '../spots/front';
import type { Spot } from '../spots/spot';
import { sunThen } from '../spots/sunPath';
import { RAD_PER_DEG } from '../units/units';

/**
 * The light a container at a spot stands in at an hour of the clock, in the middle of a week: the sun's true direction seen from its front,
 * and what of it gets past what stands around.
 * @returns `null` at night
 */
export function hourLight(
  spot: Pick<Spot, 'site' | 'obstacles' | 'leafHeightCm' | 'eyes'>,
  week: number,
  hour: number,
): Light | null {
  const { altitudeDeg, bearingDeg, through } = sunThen(spot, week, hour);
  if (altitudeDeg <= 0) return null;
  const [alt, off] = [
    altitudeDeg * RAD_PER_DEG,
    (bearingDeg - frontBearingDeg(spot)) * RAD_PER_DEG,
  ];
  // Right of the picture lies a quarter turn anticlockwise of the front: who looks at the front faces the other way.
  return {
    toSun: [-Math.cos(alt) * Math.sin(off), Math.sin(alt), Math.cos(alt) * Math.cos(off)],
    sunShare: through,
  };
}
