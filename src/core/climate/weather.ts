import { extraterrestrialMJ } from '../sky/radiation';
import { hash01 } from '../random/hash';
import { clamp } from '../units/units';
import type { Climate } from './climates';
import { normalOn } from './season';

/** One day's weather. */
export interface DayWeather {
  /** ISO date. */
  readonly date: string;
  readonly minC: number;
  readonly maxC: number;
  readonly rainMm: number;
  /** Mean wind at two metres; `null` when it was not measured. */
  readonly windMs: number | null;
  /** Radiation on a level surface, MJ m⁻²; `null` when it was not measured. */
  readonly radiationMJ: number | null;
}

/** A day told ahead: the further, the less sure. */
export interface Forecast extends DayWeather {
  /** Days ahead of when it was issued, from 1. */
  readonly leadDays: number;
  /** Usual miss of the temperatures, °C. */
  readonly missC: number;
}

/** Something that knows the weather of a place: the simulated service, or a real one. */
export interface WeatherSource {
  /** Days as they were, oldest first. */
  readonly observed: (from: string, days: number) => Promise<readonly DayWeather[]>;
  /** The days after a date as they look from that date. */
  readonly forecast: (issued: string, days: number) => Promise<readonly Forecast[]>;
}

export interface SimulatedPlace {
  readonly climate: Climate;
  readonly latitudeDeg: number;
  readonly seed: number;
}

/** Scatter of daily temperatures about their normals, °C, and how much of a day's is kept by the next. Usual for mid-latitudes: 3–5 °C, lag-one about .7. */
const SCATTER_C = 3.4;
const KEPT = 0.7;
/** Days looked back in summing what is kept: .7¹⁶ is a third of a percent. */
const MEMORY = 16;
/** Ends of a normal draw that is used: beyond, days would be freaks. */
const CUT = 2.6;

/** What a draw is for: its own key, so that no two draws are the same. */
const Why = { heat: 1, wet: 2, amount: 3, wind: 4, sun: 5, missHeat: 6, missWet: 7 } as const;

/** A standard normal draw (Box–Muller), the same for the same keys. */
function normal(seed: number, day: number, why: number): number {
  const u = Math.max(1e-9, hash01(seed, day, why, 0));
  return clamp(
    Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * hash01(seed, day, why, 1)),
    -CUT,
    CUT,
  );
}

/** A draw with memory, unit variance: each day keeps part of the days before. Any day can be asked for by itself. */
function lasting(seed: number, day: number, why: number): number {
  let sum = 0;
  for (let k = 0; k < MEMORY; k += 1) sum += KEPT ** k * normal(seed, day - k, why);
  return sum * Math.sqrt(1 - KEPT * KEPT);
}

/** Share of normal draws below a value (Abramowitz & Stegun 26.2.17, error below 1e−7). */
function below(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z >= 0 ? 1 - tail : tail;
}

const MS_PER_DAY = 86_400_000;

/** Whole days since 1970 of an ISO date. */
export function dayNumber(date: string): number {
  return Math.round(Date.parse(`${date}T00:00:00Z`) / MS_PER_DAY);
}

export function isoDate(day: number): string {
  return new Date(day * MS_PER_DAY).toISOString().slice(0, 10);
}

/** The weather of one simulated day: temperatures that last, rain in spells, both true to the climate's normals over years. */
export function simulatedDay(
  { climate, latitudeDeg, seed }: SimulatedPlace,
  date: string,
): DayWeather {
  const day = dayNumber(date);
  const start = Date.UTC(Number(date.slice(0, 4)), 0, 1) / MS_PER_DAY;
  const ofYear = Math.min(364, day - start);
  const month = Number(date.slice(5, 7)) - 1;
  const wetShare = climate.rainDays[month]! / 30.4;
  const wetness = below(lasting(seed, day, Why.wet));
  const wet = wetness < wetShare;
  const warm = lasting(seed, day, Why.heat) * SCATTER_C;
  const range = normalOn(climate.maxC, ofYear) - normalOn(climate.minC, ofYear);
  // Wet days are dull: their range shrinks; dry ones grow by as much as keeps the mean.
  const shrink = wet ? -0.16 : (0.16 * wetShare) / Math.max(0.05, 1 - wetShare);
  const middle = (normalOn(climate.maxC, ofYear) + normalOn(climate.minC, ofYear)) / 2 + warm;
  const half = (range * (1 + shrink)) / 2;
  const perWetDay = climate.rainMm[month]! / Math.max(0.5, climate.rainDays[month]!);
  const rainMm = wet ? -Math.log(Math.max(1e-6, hash01(seed, day, Why.amount, 0))) * perWetDay : 0;
  const sunShare = clamp(
    climate.sunShare[month]! * (wet ? 0.45 : 1 + (0.55 * wetShare) / Math.max(0.05, 1 - wetShare)) +
      0.16 * normal(seed, day, Why.sun),
    0,
    1,
  );
  const round = (value: number, places = 1) => Math.round(value * 10 ** places) / 10 ** places;
  return {
    date,
    minC: round(middle - half),
    maxC: round(middle + half),
    rainMm: round(rainMm),
    windMs: round(climate.windMs * Math.exp(0.42 * normal(seed, day, Why.wind) - 0.088)),
    // Ångström as in FAO-56 (a .25, b .50).
    radiationMJ: round(extraterrestrialMJ(latitudeDeg, ofYear + 1) * (0.25 + 0.5 * sunShare)),
  };
}

/** Usual miss of a temperature told ahead, °C: about 1 on the first day, 3 after a week. */
export function missAt(leadDays: number): number {
  return 0.8 + 0.32 * leadDays;
}

/** A simulated day as it was told some days before: true, with errors that grow with the lead. */
export function simulatedForecast(
  place: SimulatedPlace,
  issued: string,
  leadDays: number,
): Forecast {
  const date = isoDate(dayNumber(issued) + leadDays);
  const truth = simulatedDay(place, date);
  const missC = missAt(leadDays);
  const key = dayNumber(issued) * 31 + leadDays;
  const off = (why: number) => Math.round(normal(place.seed, key, why) * missC * 10) / 10;
  const shift = off(Why.missHeat);
  // Rain is missed, or told for nothing, more often the further off it is.
  const wrong = hash01(place.seed, key, Why.missWet, 0) < 0.06 + 0.035 * leadDays;
  const other = hash01(place.seed, key, Why.missWet, 1);
  const rainMm = wrong
    ? truth.rainMm > 0
      ? 0
      : Math.round(other * 60) / 10
    : Math.round(truth.rainMm * (1 + (other - 0.5) * 0.16 * leadDays) * 10) / 10;
  return {
    ...truth,
    minC: Math.round((truth.minC + shift) * 10) / 10,
    maxC: Math.round((truth.maxC + shift) * 10) / 10,
    rainMm,
    leadDays,
    missC,
  };
}

/** The simulated service as a source. */
export function simulatedSource(place: SimulatedPlace): WeatherSource {
  return {
    observed: async (from, days) =>
      Array.from({ length: days }, (_, i) => simulatedDay(place, isoDate(dayNumber(from) + i))),
    forecast: async (issued, days) =>
      Array.from({ length: days }, (_, i) => simulatedForecast(place, issued, i + 1)),
  };
}
