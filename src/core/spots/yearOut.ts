import { climateAt } from '../climate/climates';
import { frostDates, normalOn } from '../climate/season';
import { dayOfWeek } from '../sky/days';
import { WEEKS_PER_YEAR } from '../units/units';
import { once } from '../work/once';
import { climateHere } from './frost';
import type { Spot } from './spot';

/** One week of a usual year out of doors, °C. */
export interface WeekOut {
  /** The coldest night that comes in one year of ten. */
  readonly coldC: number;
  /** A usual night, and a usual day's highest. */
  readonly nightC: number;
  readonly dayC: number;
}

export interface YearOut {
  /** From week 1. */
  readonly weeks: readonly WeekOut[];
  /** Mean daily highest of the warmest month. */
  readonly warmestC: number;
  /** Does summer's heat come with rain? */
  readonly humid: boolean;
}

/** How far a rare night lies under a usual one in warm months, K. Ours: nights scatter by 2–3 K there. */
const SUMMER_DROP_K = 5;
/** A wall and a roof hold the night back so far, K. Ours. */
const SHELTER_K = 1.5;
/** Rainy days a month in the three warmest months from which heat is damp. Ours. */
const HUMID_RAIN_DAYS = 7.5;

/**
 * What a spot's climate does to plants, week by week. A rare night lies furthest under a usual one in the coldest weeks, where
 * the mean coldest night of the year is the one in ten of its weeks; where frost dates are known, that night is 0 °C on the careful
 * ones; between, it goes with the usual night.
 */
export const yearOut = once(reckonYear);

function reckonYear(spot: Pick<Spot, 'site' | 'normals' | 'exposure' | 'underCover'>): YearOut {
  const climate = climateHere(spot);
  const { minC, maxC } = climate;
  const usual = Array.from({ length: WEEKS_PER_YEAR }, (_, i) => {
    const day = (dayOfWeek(i + 1) + 3) % 365;
    return { nightC: normalOn(minC, day), dayC: normalOn(maxC, day) };
  });
  const coldest = Math.min(...usual.map(({ nightC }) => nightC));
  const winterDrop = Math.max(SUMMER_DROP_K, coldest - climate.coldestC);
  const dates = frostDates(climate);
  const warmest = Math.max(...usual.map(({ nightC }) => nightC));
  const frostNight = dates
    ? (normalOn(minC, dates.last[0.1]) + normalOn(minC, dates.first[0.1])) / 2
    : null;
  const dropAt = (nightC: number): number => {
    if (frostNight === null || frostNight <= coldest + 1)
      return between(nightC, coldest, winterDrop, warmest, SUMMER_DROP_K);
    return nightC <= frostNight
      ? between(nightC, coldest, winterDrop, frostNight, frostNight)
      : between(nightC, frostNight, frostNight, Math.max(frostNight + 1, warmest), SUMMER_DROP_K);
  };
  const held =
    spot.underCover || spot.exposure === 'sheltered' || spot.exposure === 'sill' ? SHELTER_K : 0;
  const warmMonths = [...maxC.keys()].sort((a, b) => maxC[b]! - maxC[a]!).slice(0, 3);
  return {
    weeks: usual.map(({ nightC, dayC }) => ({
      coldC: nightC - dropAt(nightC) + held,
      nightC: nightC + held / 2,
      dayC,
    })),
    warmestC: Math.max(...maxC),
    humid:
      warmMonths.reduce(
        (sum, month) =>
          sum + climateAt(spot.site.climate, spot.site.latitudeDeg).rainDays[month]! / 3,
        0,
      ) >= HUMID_RAIN_DAYS,
  };
}

/** Straight between two points, level beyond them. */
function between(x: number, x0: number, y0: number, x1: number, y1: number): number {
  const t = x1 === x0 ? 0 : Math.min(1, Math.max(0, (x - x0) / (x1 - x0)));
  return y0 + (y1 - y0) * t;
}
