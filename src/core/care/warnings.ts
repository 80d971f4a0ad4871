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
  const on = days.find((day) => worlds[0]!.weather.on(day).maxC >= HOT_C);
  if (!on) return null;
  const thirsty = worlds.filter(({ outlook }) => outlook.timesADay > 0.9);
  return {
    what: 'heat',
    on,
    maxC: worlds[0]!.weather.on(on).maxC,
    plantingIds: thirsty.map(idOf),
  };
}

function wind(worlds: readonly CareWorld[], days: readonly Day[]): Warning | null {
  const gust = (day: Day) => (worlds[0]!.weather.on(day).windMs ?? 0) * GUST;
  const on = days.find((day) => worlds.some((world) => tips(world, gust(day))));
  if (!on) return null;
  return {
    what: 'wind',
    on,
    windMs: gust(on),
    plantingIds: worlds.filter((world) => tips(world, gust(on))).map(idOf),
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
  const sum = (from: Day) =>
    [0, 1, 2].reduce((mm, i) => mm + worlds[0]!.weather.on(addDays(from, i)).rainMm, 0);
  const on = days.find((day) => sum(day) >= LONG_RAIN_MM);
  if (!on) return null;
  return {
    what: 'rain',
    on,
    rainMm: sum(on),
    plantingIds: worlds
      .filter(
        ({ reading }) =>
          !reading.spot.underCover && reading.all.some(({ kind }) => kind.dryBetween),
      )
      .map(idOf),
  };
}
