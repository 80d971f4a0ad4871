import { normalOn } from '../climate/season';
import { mixAreaCm2, type Container } from '../containers/container';
import { isHung } from '../containers/shape';
import type { Size } from '../growth/foresee';
import type { PlacedPlant } from '../plantings/planting';
import type { PlantKind } from '../plants/kind';
import { FULL_LEAF_LAYERS, YOUNG_LEAF_LAYERS } from '../plants/leaves';
import { dayOfWeek, sunDay } from '../sky/days';
import { extraterrestrialMJ, referenceEtMm } from '../sky/radiation';
import { dayLengthH } from '../sky/sun';
import { climateHere } from '../spots/frost';
import type { Spot } from '../spots/spot';
import { clamp, RAD_PER_DEG } from '../units/units';

/** How much more a spot dries than open ground does; hanging is a range of 1.4–2.0. */
const EXPOSURE: Readonly<Record<Spot['exposure'], number>> = {
  sheltered: 0.9,
  open: 1.1,
  sill: 1.25,
  balcony: 1.4,
  coast: 1.4,
  hanging: 1.7,
};
/** Declination of the sun at midsummer. */
const MIDSUMMER_RAD = 23.44 * RAD_PER_DEG;
/** A basket fixed to a wall. Ours. */
const WALL_BASKET = 1.35;
/** What a kind drinks against a lush leaf of the same size, by thirst: succulents half. */
const DRINKS: Readonly<Record<PlantKind['thirst'], number>> = { low: 0.6, medium: 0.9, high: 1.15 };
/** Bare damp mix against the reference. */
const BARE = 0.6;

/** Cover of leaves over the ground of one week, and how thick they are. */
export interface Canopy {
  /** Foliage seen from above, all plants together, m²: more than the pot once they spread. */
  readonly areaM2: number;
  /** Share of the mix not under leaves, 0–1. */
  readonly bareShare: number;
}

interface Drinking {
  readonly container: Container;
  readonly spot: Spot;
  readonly plants: readonly Pick<PlacedPlant, 'kind'>[];
  readonly sizes: readonly Size[];
  readonly canopy: Canopy;
}

/**
 * Litres that a planting takes for each mm of reference evapotranspiration: what stands about it, and the leaves there are. Sun is not in it.
 * @see Allen et al. 1998, FAO-56, equation 97 for the cover coefficient
 */
export function drawLPerMm({ container, spot, plants, sizes, canopy }: Drinking): number {
  // A basket against a wall has half the air about it that one on a hook has.
  const exposed =
    container.shape.kind === 'wall'
      ? Math.max(WALL_BASKET, EXPOSURE[spot.exposure])
      : isHung(container.shape)
        ? EXPOSURE.hanging
        : EXPOSURE[spot.exposure];
  const whole = sizes.reduce((sum, { spreadCm }) => sum + spreadCm ** 2, 0) || 1;
  const mean = (of: (i: number) => number) =>
    sizes.reduce((sum, { spreadCm }, i) => sum + of(i) * spreadCm ** 2, 0) / whole;
  const layers = mean(
    (i) => YOUNG_LEAF_LAYERS + (FULL_LEAF_LAYERS - YOUNG_LEAF_LAYERS) * sizes[i]!.share,
  );
  const drinks = mean((i) => {
    const { thirst, here } = plants[i]!.kind;
    return DRINKS[thirst] * (here?.thirst?.factor ?? 1);
  });
  const leaf = plants.length === 0 ? 0 : (0.15 + 1 - Math.exp(-0.7 * layers)) * drinks;
  const bareM2 = (mixAreaCm2(container) / 10_000) * canopy.bareShare;
  return exposed * (leaf * canopy.areaM2 + BARE * bareM2);
}

/** Share of the reference that a spot's sun leaves, by the hours it has of a day's. @param day of the year, from 0 */
export function sunOn(spot: Pick<Spot, 'site' | 'sunHours'>, day: number): number {
  const latitude = spot.site.latitudeDeg;
  const dayH = dayLengthH(latitude, sunDay(spot.site, day).declinationRad);
  // The hours are told for midsummer; on shorter days there are fewer of them.
  const longest = dayLengthH(latitude, Math.sign(latitude || 1) * MIDSUMMER_RAD);
  const hours = spot.sunHours * Math.min(1, dayH / longest);
  return 0.4 + 0.6 * clamp(hours / Math.max(1, dayH), 0, 1);
}

/**
 * Water that a planting takes in a day, litres, in typical weather of a week: reference evapotranspiration, the spot's sun and exposure, and the leaves there are.
 * @param week of the year
 */
export function dailyDemandL({ week, ...drinking }: Drinking & { readonly week: number }): number {
  const { spot } = drinking;
  const climate = climateHere(spot);
  const day = (dayOfWeek(week) + 3) % 365;
  const et0Mm = referenceEtMm({
    minC: normalOn(climate.minC, day),
    maxC: normalOn(climate.maxC, day),
    raMJ: extraterrestrialMJ(spot.site.latitudeDeg, day + 1),
  });
  return et0Mm * sunOn(spot, day) * drawLPerMm(drinking);
}
