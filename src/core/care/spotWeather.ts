import { climateAt } from '../climate/climates';
import { normalOn } from '../climate/season';
import {
  dayNumber,
  isoDate,
  simulatedDay,
  simulatedForecast,
  type DayWeather,
  type Forecast,
} from '../climate/weather';
import type { Day } from '../calendar/day';
import { dayOfYear } from '../sky/clock';
import { climateHere } from '../spots/frost';
import type { Spot } from '../spots/spot';
import { weatherFrom, type Weather } from './world';

/** The simulated service's own: what it answers to the Spot room and what is reckoned here are one weather. */
const SERVICE_SEED = 1;
/** Days that the simulated service tells ahead. */
const TOLD_AHEAD = 7;

/** A usual day of a spot's climate: rain as a drizzle that comes to the month's sum. */
export function usualDay(spot: Spot, date: Day): DayWeather {
  const { minC, maxC, rainMm } = climateHere(spot);
  const day = dayOfYear(date);
  return {
    date,
    minC: normalOn(minC, day),
    maxC: normalOn(maxC, day),
    rainMm: normalOn(rainMm, day) / 30.4,
    windMs: null,
    radiationMJ: null,
  };
}

/**
 * Weather at a spot: days the gardener keeps records of; else as the simulated service tells them, measured until today and told ahead for
 * a week; beyond that a usual day. The service is reckoned here, so that it answers without a network.
 */
export function spotWeather(spot: Spot, records: readonly DayWeather[], today: Day): Weather {
  const place = {
    climate: climateAt(spot.site.climate, spot.site.latitudeDeg),
    latitudeDeg: Math.round(spot.site.latitudeDeg),
    seed: SERVICE_SEED,
  };
  const kept = new Map(records.map((day) => [day.date, day]));
  const told = new Map<Day, DayWeather>();
  const now = dayNumber(today);
  const ahead = new Map<Day, Forecast>(
    Array.from({ length: TOLD_AHEAD }, (_, i) => [
      isoDate(now + i + 1),
      simulatedForecast(place, today, i + 1),
    ]),
  );
  const weather = weatherFrom(kept, ahead, (day) => usualDay(spot, day));
  return {
    on: (day) => {
      if (day > today || kept.has(day)) return weather.on(day);
      const found = told.get(day) ?? simulatedDay(place, day);
      told.set(day, found);
      return found;
    },
    missC: (day) => (day <= today ? 0 : weather.missC(day)),
  };
}
