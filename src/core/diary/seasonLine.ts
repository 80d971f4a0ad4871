import { addDays, weeksSince, type Day } from '../calendar/day';
import type { DayWeather } from '../climate/weather';
import type { Reading } from '../checks/reading';
import { dayOf, isOf, type Entry, type What } from '../log/entry';
import { spentOn } from './worth';

/** Something that was seen, on the line of a season. */
export interface Mark {
  readonly day: Day;
  /** Whole weeks since planting. */
  readonly week: number;
  readonly did: What['did'];
  /** Height that was measured, cm; `null`: none was. */
  readonly heightCm: number | null;
}

/** A season as it was expected and as it went, week by week from planting. */
export interface SeasonLine {
  /** The first day of each week. */
  readonly days: readonly Day[];
  /** Height of the tallest plant over the mix as expected, cm: lower and upper edge. */
  readonly heightCm: readonly (readonly [low: number, high: number])[];
  /** Flowers as expected: share of what there can be, 0–1. */
  readonly flower: readonly number[];
  /** Mean of the days' highest, °C, and rain, mm. */
  readonly maxC: readonly number[];
  readonly rainMm: readonly number[];
  readonly marks: readonly Mark[];
  /** Spent on it, pence or cents: what was told. */
  readonly spentMinor: number;
  /** How often it was watered and fed, as told. */
  readonly watered: number;
  readonly fed: number;
}

/** Plants of one kind come out so much smaller and larger than each other. Ours. */
const BAND = 0.18;
const WEEK = 7;

/** What is marked: what was seen or befell, not what is done every day. */
const MARKED: ReadonlySet<What['did']> = new Set([
  'measured',
  'in flower',
  'gone over',
  'looks bad',
  'died',
  'removed',
  'photographed',
  'trimmed',
  'moved',
  'ended',
]);

/**
 * The line of one planting's season.
 * @param held its entries that hold, in order
 * @param weatherOn days as they were, and as they are told ahead
 */
export function seasonLine(
  reading: Reading,
  held: readonly Entry[],
  {
    plantedOn,
    weatherOn,
  }: { readonly plantedOn: Day; readonly weatherOn: (day: Day) => DayWeather },
): SeasonLine {
  const weeks = Array.from({ length: reading.weeks + 1 }, (_, week) => week);
  const days = weeks.map((week) => addDays(plantedOn, week * WEEK));
  const inWeek = (day: Day) => Array.from({ length: WEEK }, (_, i) => weatherOn(addDays(day, i)));
  const count = (did: What['did']) => held.filter(({ what }) => what.did === did).length;
  return {
    days,
    heightCm: weeks.map((week) => {
      const tallest = Math.max(0, ...reading.sizesAt(week).map(({ heightCm }) => heightCm));
      return [tallest * (1 - BAND), tallest * (1 + BAND)];
    }),
    flower: weeks.map((week) => flowerIn(reading, week)),
    maxC: days.map((day) => mean(inWeek(day).map(({ maxC }) => maxC))),
    rainMm: days.map((day) => inWeek(day).reduce((sum, { rainMm }) => sum + rainMm, 0)),
    marks: held.flatMap((entry): Mark[] => {
      if (!MARKED.has(entry.what.did)) return [];
      const day = dayOf(entry);
      return [
        {
          day,
          week: weeksSince(plantedOn, day),
          did: entry.what.did,
          heightCm: isOf(entry, 'measured') ? entry.what.heightCm : null,
        },
      ];
    }),
    spentMinor: held.reduce((sum, entry) => sum + spentOn(entry), 0),
    watered: count('watered'),
    fed: count('fed'),
  };
}

function flowerIn({ all, allSizesAt }: Reading, week: number): number {
  const sizes = allSizesAt(week);
  const flowering = sizes.filter((_, i) => all[i]!.kind.bloom !== null);
  const whole = flowering.reduce((sum, { spreadCm }) => sum + spreadCm ** 2, 0);
  return whole > 0
    ? flowering.reduce((sum, { bloom, spreadCm }) => sum + bloom * spreadCm ** 2, 0) / whole
    : 0;
}

const mean = (values: readonly number[]): number =>
  values.reduce((sum, one) => sum + one, 0) / Math.max(1, values.length);
