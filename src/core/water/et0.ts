import type { DayWeather } from '../climate/weather';
import { extraterrestrialMJ, referenceEtMm } from '../sky/radiation';
import { dayOfYear } from '../sky/clock';

/** Saturation vapour pressure, kPa. FAO-56 equation 11. */
const saturatedKPa = (c: number): number => 0.6108 * Math.exp((17.27 * c) / (c + 237.3));

const STEFAN_BOLTZMANN = 4.903e-9;
const KELVIN = 273.16;

export interface DayMeasured {
  readonly minC: number;
  readonly maxC: number;
  /** Mean wind at two metres, m/s. */
  readonly windMs: number;
  /** Radiation on a level surface, and above the air, MJ m⁻². */
  readonly radiationMJ: number;
  readonly raMJ: number;
  /** Actual vapour pressure, kPa; left out: the air is damp to the lowest temperature, as it usually is over watered ground. */
  readonly vapourKPa?: number;
  readonly altitudeM?: number;
}

/**
 * Reference evapotranspiration, mm a day, after Penman and Monteith.
 * @see Allen et al. 1998, FAO-56, equations 6–8, 37–40
 */
export function penmanMonteithMm({
  minC,
  maxC,
  windMs,
  radiationMJ,
  raMJ,
  vapourKPa = saturatedKPa(minC),
  altitudeM = 0,
}: DayMeasured): number {
  const meanC = (minC + maxC) / 2;
  const pressure = 101.3 * ((293 - 0.0065 * altitudeM) / 293) ** 5.26;
  const gamma = 0.000665 * pressure;
  const saturated = (saturatedKPa(minC) + saturatedKPa(maxC)) / 2;
  const slope = (4098 * saturatedKPa(meanC)) / (meanC + 237.3) ** 2;
  const clearMJ = (0.75 + 2e-5 * altitudeM) * raMJ;
  const cloudless = Math.min(1, clearMJ > 0 ? radiationMJ / clearMJ : 0);
  const back =
    ((STEFAN_BOLTZMANN * ((maxC + KELVIN) ** 4 + (minC + KELVIN) ** 4)) / 2) *
    (0.34 - 0.14 * Math.sqrt(vapourKPa)) *
    (1.35 * cloudless - 0.35);
  const netMJ = 0.77 * radiationMJ - back;
  const top =
    0.408 * slope * netMJ + ((gamma * 900) / (meanC + 273)) * windMs * (saturated - vapourKPa);
  return Math.max(0, top / (slope + gamma * (1 + 0.34 * windMs)));
}

/** Reference evapotranspiration of a day, mm: after Penman and Monteith where wind and radiation were measured, else after Hargreaves and Samani. */
export function et0Mm(day: DayWeather, latitudeDeg: number): number {
  const raMJ = extraterrestrialMJ(latitudeDeg, dayOfYear(day.date) + 1);
  return day.windMs !== null && day.radiationMJ !== null
    ? penmanMonteithMm({ ...day, windMs: day.windMs, radiationMJ: day.radiationMJ, raMJ })
    : referenceEtMm({ ...day, raMJ });
}
