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

/**
 * Weeks in which tender plants may be out, by the careful dates: frost later in spring, or sooner in autumn, comes in one year of ten.
 * They may go round the year's end.
 * @returns `null` where frost is not usual
 */
export function frostFreeWeeks(
  spot: Pick<Spot, 'site' | 'normals'>,
): { readonly from: number; readonly to: number } | null {
  const dates = frostDates(climateHere(spot));
  return (
    dates && {
      from: weekOfDay(dates.last[0.1]) + 1 > 52 ? 1 : weekOfDay(dates.last[0.1]) + 1,
      to: weekOfDay(dates.first[0.1]),
    }
  );
}
