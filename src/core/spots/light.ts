import { sunDay } from '../sky/days';
import { halfDayRad, sunVector } from '../sky/sun';
import { RAD_PER_DEG } from '../units/units';
import { sunWhenOf } from './lightLabel';
import { shadeOf } from './obstacle';
import {
  lightThrough,
  meanSun,
  midsummerDays,
  reckonDays,
  weekOfDay,
  type MeanSun,
  type Surroundings,
} from './reckoning';
import { seenBySolarHour } from './sunLog';
import type { Spot } from './spot';

/** What the reckoning needs of a spot. */
export function surroundingsOf({
  site,
  obstacles,
  leafHeightCm,
}: Pick<Spot, 'site' | 'obstacles' | 'leafHeightCm'>): Surroundings {
  return {
    latitudeDeg: site.latitudeDeg,
    longitudeDeg: site.longitudeDeg,
    obstacles,
    leafHeightCm,
  };
}

/** Mean sun at midsummer by the reckoning. */
export function midsummerSun(spot: Pick<Spot, 'site' | 'obstacles' | 'leafHeightCm'>): MeanSun {
  const days = midsummerDays(spot.site.latitudeDeg);
  return meanSun(reckonDays(surroundingsOf(spot), days), days);
}

/**
 * Mean sun at midsummer as the log has it: hours of the sun's day that were looked at count as they were seen, all others as reckoned.
 * @returns `null` when nothing was logged
 */
export function loggedSun(
  spot: Pick<Spot, 'site' | 'obstacles' | 'leafHeightCm' | 'sunLog'>,
): MeanSun | null {
  const seen = seenBySolarHour(spot.sunLog, spot.site);
  if (seen.every((hour) => hour === null)) return null;
  const { latitudeDeg, longitudeDeg } = spot.site;
  const day = midsummerDays(latitudeDeg)[28]!;
  const { declinationRad } = sunDay({ longitudeDeg }, day % 365);
  const half = halfDayRad(latitudeDeg, declinationRad);
  const shades = spot.obstacles.map((obstacle) =>
    shadeOf(obstacle, spot.leafHeightCm, weekOfDay(day % 365)),
  );
  const STEPS = 12;
  const sum = { directAmH: 0, directPmH: 0, dappledH: 0, effectiveH: 0 };
  for (let hour = 0; hour < 24; hour += 1)
    for (let i = 0; i < STEPS; i += 1) {
      const angle = ((hour + (i + 0.5) / STEPS) * 15 - 180) * RAD_PER_DEG;
      if (Math.abs(angle) > half) continue;
      const reckoned = lightThrough(shades, ...sunVector(latitudeDeg, declinationRad, angle));
      const { direct, dappled } = seen[hour] ?? {
        direct: reckoned >= 0.95 ? 1 : 0,
        dappled: reckoned > 0.02 && reckoned < 0.95 ? 1 : 0,
      };
      sum[hour < 12 ? 'directAmH' : 'directPmH'] += direct / STEPS;
      sum.dappledH += dappled / STEPS;
      sum.effectiveH +=
        (direct + dappled * (reckoned > 0.02 && reckoned < 0.95 ? reckoned : 0.3)) / STEPS;
    }
  return { ...sum, directH: sum.directAmH + sum.directPmH };
}

/** The spot with its hours and time of sun taken from what it says they come from. Hours are told to a tenth. */
export function withLightInUse(spot: Spot): Spot {
  if (spot.lightFrom === 'told') return spot;
  const mean = (spot.lightFrom === 'log' ? loggedSun(spot) : null) ?? midsummerSun(spot);
  return { ...spot, sunHours: Math.round(mean.directH * 10) / 10, sunWhen: sunWhenOf(mean) };
}
