import { RAD_PER_DEG } from '../units/units';
import { halfDayRad } from './sun';

/**
 * Radiation on a level surface above the air, MJ m⁻² a day.
 * @param day day of the year, 1–366
 * @see Allen et al. 1998, FAO Irrigation and Drainage Paper 56, equations 21–25
 */
export function extraterrestrialMJ(latitudeDeg: number, day: number): number {
  const angle = (2 * Math.PI * day) / 365;
  const dr = 1 + 0.033 * Math.cos(angle);
  const delta = 0.409 * Math.sin(angle - 1.39);
  const phi = latitudeDeg * RAD_PER_DEG;
  const omega = halfDayRad(latitudeDeg, delta);
  return (
    ((24 * 60) / Math.PI) *
    0.082 *
    dr *
    (omega * Math.sin(phi) * Math.sin(delta) + Math.cos(phi) * Math.cos(delta) * Math.sin(omega))
  );
}

/**
 * Reference evapotranspiration from temperatures, mm a day: ±15–20 %, too high where humid, too low where windy and dry.
 * @param raMJ from {@link extraterrestrialMJ}
 * @see Hargreaves & Samani 1985; FAO-56 equation 52
 */
export function referenceEtMm({
  minC,
  maxC,
  raMJ,
}: {
  readonly minC: number;
  readonly maxC: number;
  readonly raMJ: number;
}): number {
  return Math.max(
    0,
    0.0023 * ((minC + maxC) / 2 + 17.8) * Math.sqrt(Math.max(0, maxC - minC)) * 0.408 * raMJ,
  );
}
