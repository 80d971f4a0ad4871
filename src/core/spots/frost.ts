import { climateAt, type Climate } from '../climate/climates';
import { frostDates } from '../climate/season';
import { weekOfDay } from './reckoning';
import type { Spot } from './spot';

/** The climate of a spot with the gardener's own figures laid over the typical ones. */
export function climateHere({ site, normals }: Pick<Spot, 'site' | 'normals'>): Climate {
  const typical = climateAt(site.climate, site.latitudeDeg);
  if (!normals) return typical;
  const own = <T>(value: T | null, otherwise: T) => value ?? otherwise;
  return {
    ...typical,
    minC: own(normals.minC as Climate['minC'] | null, typical.minC),
    maxC: own(normals.maxC as Climate['maxC'] | null, typical.maxC),
    rainMm: own(normals.rainMm as Climate['rainMm'] | null, typical.rainMm),
    frost: own(normals.frost, typical.frost),
    coldestC: own(normals.coldestC, typical.coldestC),
  };
}

/** A summer whose careful dates leave less than this between them has no weeks that are safe, days. */
const LEAST_FREE_DAYS = 7;
const DAYS_PER_YEAR = 365;

/**
 * Weeks in which tender plants may be out, by the careful dates: frost later in spring, or sooner in autumn, comes in one year of ten.
 * They may go round the year's end. Where those dates meet or cross, the one week of midsummer is all there is.
 * @returns `null` where frost is not usual
 */
export function frostFreeWeeks(
  spot: Pick<Spot, 'site' | 'normals'>,
): { readonly from: number; readonly to: number } | null {
  const dates = frostDates(climateHere(spot));
  if (!dates) return null;
  const { last, first, freeDays } = dates;
  const later = turned(last[0.1] - last[0.5]);
  const sooner = turned(first[0.5] - first[0.1]);
  if (freeDays - later - sooner < LEAST_FREE_DAYS) {
    const middle = weekOfDay((last[0.5] + Math.round(freeDays / 2)) % DAYS_PER_YEAR);
    return { from: middle, to: middle };
  }
  const from = weekOfDay(last[0.1]) + 1;
  return { from: from > 52 ? 1 : from, to: weekOfDay(first[0.1]) };
}

const turned = (days: number) => ((days % DAYS_PER_YEAR) + DAYS_PER_YEAR) % DAYS_PER_YEAR;
