import { mixL, type Container } from '../containers/container';
import { MATERIALS } from '../containers/materials';
import { clamp } from '../units/units';

/** Litres from which a container counts as one hardiness zone less exposed. */
const LARGE_L = 100;
/** One hardiness zone, kelvin. */
const ZONE_K = 10 / 1.8;

/** How much colder a container's roots are than those in the ground: by convention two zones, one when large or thick-walled. K. */
export function rootsColderK(container: Container): {
  readonly k: number;
  readonly because: 'large' | 'insulated' | 'small';
} {
  if (mixL(container) >= LARGE_L) return { k: ZONE_K, because: 'large' };
  if (MATERIALS[container.material].keepsHeat >= 0.8) return { k: ZONE_K, because: 'insulated' };
  return { k: 2 * ZONE_K, because: 'small' };
}

/** Does frost harm the pot itself? The maker's word wins; wet walls and mix that cannot drain make it worse. */
export function frostRisk(
  container: Container,
): 'cracks' | 'may crack' | 'stands' | 'sold as frostproof' {
  if (container.frostProof === true) return 'sold as frostproof';
  const risk = MATERIALS[container.material].frost;
  // A neck narrower than the belly keeps freezing mix from rising.
  const necked =
    container.shape.kind === 'urn' &&
    container.shape.profile.some(
      ({ widthCm }, i, all) => i < all.length - 1 && widthCm > all[all.length - 1]!.widthCm + 1,
    );
  if (container.frostProof === false || (necked && risk === 'may crack')) return 'cracks';
  return risk;
}

/**
 * How much hotter than the air the mix grows on the sunny side, K, as a range: dark walls 5–15 in full sun, pale ones a third of it,
 * porous and thick ones less. A rule of thumb from nursery measurements of black pots; roots of most plants stop at 38 °C.
 */
export function sunHeatK(
  container: Container,
  sunHours: number,
): readonly [least: number, most: number] {
  const { porous, keepsHeat } = MATERIALS[container.material];
  const dark = 1 - clamp((container.colour[0] - 0.3) / 0.55, 0, 0.67);
  const sun = clamp(sunHours / 6, 0, 1);
  const wall = (porous ? 0.7 : 1) * (1 - 0.6 * Math.max(0, keepsHeat - 0.2));
  return [5 * dark * sun * wall, 15 * dark * sun * wall];
}

/** Above this rise, K, dark pots in sun are worth a word: air of 26–28 °C then brings roots past 38. */
export const HOT_K = 10;
