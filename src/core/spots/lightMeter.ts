import { clockMs } from '../sky/clock';
import { sunAt } from '../sky/sun';
import { RAD_PER_DEG } from '../units/units';
import { expectedByHour, type SunSeen } from './sunLog';
import type { Spot } from './spot';

/** Sunlight outside the air, klx, and what clear air takes of it. */
const OUTSIDE_KLX = 128;
const TAKEN = 0.21;

/**
 * Light of a clear sky on level ground, thousands of lux: from the sun, and from the rest of the sky.
 * @see IES, Recommended practice for the calculation of daylight availability (1984), clear sky
 */
export function clearSkyKlx(altitudeDeg: number): { readonly sun: number; readonly sky: number } {
  if (altitudeDeg <= 0) return { sun: 0, sky: 0 };
  const up = Math.sin(altitudeDeg * RAD_PER_DEG);
  return { sun: OUTSIDE_KLX * Math.exp(-TAKEN / up) * up, sky: 0.8 + 15.5 * Math.sqrt(up) };
}

/** Share of the sun's light from which it counts as sun, and as dappled. Ours. */
const SUN_FROM = 0.6;
const DAPPLED_FROM = 0.15;
/** With the sun lower than this a meter cannot tell sun from shade, degrees. */
const LEAST_ALTITUDE_DEG = 15;
/** Light let through by what is dappled, as a meter under it has it. */
const THROUGH: Readonly<Record<SunSeen, number>> = { sun: 1, dappled: 0.3, shade: 0 };

/** Where the sun stands in the middle of a clock hour. */
function altitudeAt({ site }: Pick<Spot, 'site'>, date: string, hour: number): number {
  return sunAt(site, clockMs(date, hour + 0.5, site.timeZone)).altitudeDeg;
}

/** What a light meter would show in a clock hour of a bright day by what is reckoned, klx. */
export function expectedKlx(
  spot: Pick<Spot, 'site' | 'obstacles' | 'leafHeightCm'>,
  date: string,
  hour: number,
): number {
  const { sun, sky } = clearSkyKlx(altitudeAt(spot, date, hour));
  const seen = expectedByHour(spot, date)[Math.floor(hour)];
  return seen ? sun * THROUGH[seen] + sky : sky;
}

/** What a meter's light says of a clock hour on a bright day; `null`: the sun is too low to tell. */
export function seenFromKlx(
  klx: number,
  spot: Pick<Spot, 'site'>,
  date: string,
  hour: number,
): SunSeen | null {
  const altitudeDeg = altitudeAt(spot, date, hour);
  if (altitudeDeg < LEAST_ALTITUDE_DEG) return null;
  const { sun, sky } = clearSkyKlx(altitudeDeg);
  const share = (klx - sky) / sun;
  return share >= SUN_FROM ? 'sun' : share >= DAPPLED_FROM ? 'dappled' : 'shade';
}
