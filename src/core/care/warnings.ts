import { addDays, type Day } from '../calendar/day';
import { tippingOf } from '../potting/tipping';
import { daysAhead, type CareWorld } from './world';

/** Weather ahead that some containers should be made ready for. */
export type Warning =
  | {
      readonly what: 'heat';
      readonly on: Day;
      readonly maxC: number;
      readonly plantingIds: readonly string[];
    }
  | {
      readonly what: 'wind';
      readonly on: Day;
      readonly windMs: number;
      readonly plantingIds: readonly string[];
    }
  | {
      readonly what: 'rain';
      readonly on: Day;
      readonly rainMm: number;
      readonly plantingIds: readonly string[];
    };

/** Days that are looked ahead. */
const AHEAD = 4;
/** From this day's highest on containers dry out in a day, °C. */
const HOT_C = 29;
/** On such a day it takes more than this share of the water that plants take easily: two of them on end are too much. */
const THIRSTY = 0.5;
/** Gusts are about so much over the mean wind of a day. Usual over open ground. */
const GUST = 1.7;
/** Rain of three days from which what must dry out between waterings rots, mm. */
const LONG_RAIN_MM = 25;

/** What is told of the next days that wants something done before: heat, wind that tips, long rain on what must dry out. One of each at most. */
export function warningsOf(worlds: readonly CareWorld[]): readonly Warning[] {
  const [first] = worlds;
  if (!first) return [];
  const days = daysAhead(first.today, AHEAD);
  return [heat(worlds, days), wind(worlds, days), rain(worlds, days)].filter(
    (warning): warning is Warning => warning !== null && warning.plantingIds.length > 0,
  );
}

const idOf = ({ reading }: CareWorld): string => reading.planting.id;

function heat(worlds: readonly CareWorld[], days: readonly Day[]): Warning | null {
  // Each spot has its own weather.
  const hot = (world: CareWorld, day: Day) => world.weather.on(day).maxC >= HOT_C;
  const on = days.find((day) => worlds.some((world) => hot(world, day)));
  if (!on) return null;
  const there = worlds.filter((world) => hot(world, on));
  return {
    what: 'heat',
    on,
    maxC: Math.max(...there.map(({ weather }) => weather.on(on).maxC)),
    plantingIds: there.filter(({ outlook }) => outlook.timesADay > THIRSTY).map(idOf),
  };
}

function wind(worlds: readonly CareWorld[], days: readonly Day[]): Warning | null {
  const gust = ({ weather }: CareWorld, day: Day) => (weather.on(day).windMs ?? 0) * GUST;
  const on = days.find((day) => worlds.some((world) => tips(world, gust(world, day))));
  if (!on) return null;
  const tipped = worlds.filter((world) => tips(world, gust(world, on)));
  return {
    what: 'wind',
    on,
    windMs: Math.max(...tipped.map((world) => gust(world, on))),
    plantingIds: tipped.map(idOf),
  };
}

/** Does a gust tip it as it stands? What hangs or stands sheltered is left out. */
function tips({ reading, weeksOn, today }: CareWorld, gustMs: number): boolean {
  if (reading.hung || reading.spot.exposure === 'sheltered') return false;
  const tipping = tippingOf(
    reading.planting.container,
    reading.plants,
    reading.sizesAt(weeksOn(today)),
  );
  return tipping !== null && gustMs >= tipping.leastMs;
}

function rain(worlds: readonly CareWorld[], days: readonly Day[]): Warning | null {
  const sum = ({ weather }: CareWorld, from: Day) =>
    [0, 1, 2].reduce((mm, i) => mm + weather.on(addDays(from, i)).rainMm, 0);
  const rots = worlds.filter(
    ({ reading }) => !reading.spot.underCover && reading.all.some(({ kind }) => kind.dryBetween),
  );
  const on = days.find((day) => rots.some((world) => sum(world, day) >= LONG_RAIN_MM));
  if (!on) return null;
  const wet = rots.filter((world) => sum(world, on) >= LONG_RAIN_MM);
  return {
    what: 'rain',
    on,
    rainMm: Math.max(...wet.map((world) => sum(world, on))),
    plantingIds: wet.map(idOf),
  };
}
