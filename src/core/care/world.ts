import { addDays, daysBetween, type Day } from '../calendar/day';
import type { Reading } from '../checks/reading';
import type { DayWeather, Forecast } from '../climate/weather';
import { dayOf, hourOf, type Entry, type What } from '../log/entry';
import type { Life } from '../log/life';
import { mixL } from '../containers/container';
import { mixFactsOf } from '../containers/mixes';
import { heldShare } from '../water/storage';
import { weightOf } from '../containers/weight';
import { balanceOf, type WaterDay } from './balance';
import { waterEvents, type Measures } from './happened';
import { waterOutlook, type WaterOutlook } from './outlook';
import { potOf, type Pot } from './pot';

/** Weather by local day: as it was, and as it is told ahead. */
export interface Weather {
  readonly on: (day: Day) => DayWeather;
  /** How far a temperature told for a day may be out, °C: 0 for what was measured. */
  readonly missC: (day: Day) => number;
}

/** What care of one planting is reckoned from. Nothing in it is stored. */
export interface CareWorld {
  readonly reading: Reading;
  readonly life: Life & { readonly plantedOn: Day };
  /** Its entries that hold, in order. */
  readonly held: readonly Entry[];
  readonly today: Day;
  /** Local hour, 0–24. */
  readonly hour: number;
  readonly weather: Weather;
  readonly pot: Pot;
  readonly water: WaterDay;
  /** What turns a weight or a reading of it into water. */
  readonly filled: Measures;
  /** The last days up to today, of which it is the last. */
  readonly lately: readonly WaterDay[];
  /** Poured since planting, litres. */
  readonly pouredL: number;
  readonly outlook: WaterOutlook;
  /** Whole weeks since planting on a day. */
  readonly weeksOn: (day: Day) => number;
}

/** Joins what is known of a planting that stands. @returns `null` for one that does not stand planted on that day */
export function careWorld(
  reading: Reading,
  {
    life,
    held,
    today,
    hour,
    weather,
  }: {
    readonly life: Life;
    readonly held: readonly Entry[];
    readonly today: Day;
    readonly hour: number;
    readonly weather: Weather;
  },
): CareWorld | null {
  const { plantedOn } = life;
  if (plantedOn === null || plantedOn > today || (life.overOn !== null && life.overOn <= today))
    return null;
  const pot = potOf(reading);
  const { container } = reading.planting;
  const facts = mixFactsOf(container);
  const full = heldShare(container);
  const weeksOn = (day: Day) => Math.max(0, Math.floor(daysBetween(plantedOn, day) / 7));
  // What is told of hours to come has not happened yet; a quarter of one is how finely time is asked.
  const past = held.filter((entry) => {
    const day = dayOf(entry);
    return day < today || (day === today && hourOf(entry) <= hour + 0.25);
  });
  const filled = {
    drainedKg:
      weightOf(container, foliageM2(reading, weeksOn(today))).wateredKg +
      // Weights are told for a usual depth.
      mixL(container) * (full - facts.waterShare),
    capL: pot.capL,
    fullShare: full,
    wiltShare: facts.wiltShare,
  };
  const days = balanceOf({
    pot,
    plantedOn,
    until: today,
    untilHour: hour,
    weatherOn: weather.on,
    events: waterEvents(past, filled),
  });
  const water = days[days.length - 1]!;
  return {
    reading,
    life: { ...life, plantedOn },
    held: past,
    today,
    hour,
    weather,
    pot,
    water,
    filled,
    lately: days.slice(-LATELY_DAYS),
    pouredL: days.reduce((sum, { wateredL }) => sum + wateredL, 0),
    outlook: waterOutlook({
      pot,
      now: water,
      hour,
      weatherOn: weather.on,
      weeksOn,
      visitDays: Math.max(1, Math.round(reading.spot.waters.everyDays)),
    }),
    weeksOn,
  };
}

/** Days over which it is looked whether a drip line does what it should. */
const LATELY_DAYS = 14;

function foliageM2(reading: Reading, week: number): number {
  return reading
    .allSizesAt(week)
    .reduce((sum, { spreadCm }) => sum + (0.5 * Math.PI * (spreadCm / 2) ** 2) / 10_000, 0);
}

/** The last day on which something was done, of these sorts; `null`: never. */
export function lastDay(
  { held }: Pick<CareWorld, 'held'>,
  dids: readonly What['did'][],
): Day | null {
  const entry = held.findLast(({ what }) => dids.includes(what.did));
  return entry ? dayOf(entry) : null;
}

/** The last day on which a task of a rule was told as done; `null`: never. */
export function lastDone({ held, reading }: CareWorld, rule: string): Day | null {
  const begins = `${reading.planting.id} ${rule} `;
  const entry = held.findLast(
    ({ what }) => what.did === 'task done' && what.task.startsWith(begins),
  );
  return entry ? dayOf(entry) : null;
}

/** Weather from days that were measured and days told ahead; a day that neither has is a usual one of the climate. */
export function weatherFrom(
  known: ReadonlyMap<Day, DayWeather>,
  ahead: ReadonlyMap<Day, Forecast>,
  usual: (day: Day) => DayWeather,
): Weather {
  return {
    on: (day) => known.get(day) ?? ahead.get(day) ?? usual(day),
    missC: (day) => (known.has(day) ? 0 : (ahead.get(day)?.missC ?? USUAL_MISS_C)),
  };
}
/** A usual day of the climate is out by about so much, °C. */
const USUAL_MISS_C = 3.5;

/** Days from today on, as many as asked for. */
export function daysAhead(today: Day, count: number): readonly Day[] {
  return Array.from({ length: count }, (_, i) => addDays(today, i));
}
