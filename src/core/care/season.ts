import { addDays, daysBetween, type Day } from '../calendar/day';
import type { DayWeather } from '../climate/weather';
import { seasonWeeks } from '../plantings/planting';
import { oneDay, type Water } from './balance';
import { WATER_AT, WILTS } from './outlook';
import type { Pot } from './pot';
import { usualDay } from './spotWeather';
import type { CareWorld } from './world';

/** What a planting's water comes to over its season, and whether what was promised keeps it. */
export interface SeasonWater {
  readonly plantingId: string;
  /** Poured since planting, litres: as told, or as much as fills it where it was told only that it was watered. */
  readonly pouredL: number;
  /** Still to be poured until the end, in usual weather, litres. */
  readonly aheadL: number;
  /** The last day of its season. */
  readonly until: Day;
  /** How often it is watered by promise; a drip line, or a reservoir, is counted too. */
  readonly everyDays: number;
  /** `null`: the promise keeps it, on hot days as well. */
  readonly unkept: Unkept | null;
}

/** When watering as promised does not bring a planting through hot days. */
export interface Unkept {
  readonly from: Day;
  readonly to: Day;
  /** How often the worst such day wants it watered. */
  readonly timesADay: number;
}

/** A day of heat as comes one day in ten is so much warmer than a usual one, K: 1.28 standard deviations of 3.4. */
const HOT_K = 4.4;
const VISIT_HOUR = 8;
const WEEK = 7;

/** The water of a planting's season: what was poured, what is still wanted, and what the promise of its spot is worth on hot days. */
export function seasonWater(world: CareWorld): SeasonWater {
  const { reading, life, today } = world;
  const { planting, spot } = reading;
  const until = addDays(life.plantedOn, WEEK * seasonWeeks(planting));
  return {
    plantingId: planting.id,
    pouredL: world.pouredL,
    aheadL: aheadL(world, until),
    until,
    everyDays: spot.waters.everyDays,
    unkept: unkeptOf(world, today > until ? today : until),
  };
}

function aheadL(world: CareWorld, until: Day): number {
  const { pot, water: now, today, weeksOn, reading } = world;
  const { spot } = reading;
  const water: Water = {
    w: now.waterL,
    reserve: now.reserveL,
    thirst: now.thirst,
    drunkSinceL: 0,
  };
  const every = Math.max(1, Math.round(spot.waters.everyDays));
  let litres = 0;
  for (let i = 1; i <= daysBetween(today, until); i += 1) {
    const day = addDays(today, i);
    const week = weeksOn(day);
    const weather = usualDay(spot, day);
    const wanted = pot.demandL(weather, week) * water.thirst.factor * every;
    const isLow = water.w + water.reserve - wanted < WATER_AT * pot.capL;
    const { wateredL } = oneDay(pot, water, {
      day,
      week,
      weather,
      events:
        i % every === 0 && isLow && !pot.isDripped
          ? [{ hour: VISIT_HOUR, kind: 'watered', litres: null }]
          : [],
      untilHour: 24,
    });
    litres += wateredL;
  }
  return litres;
}

function unkeptOf({ pot, today, water, weeksOn, reading }: CareWorld, until: Day): Unkept | null {
  const { spot } = reading;
  // A line that runs every morning is a promise of its own.
  const every = pot.isDripped ? Math.min(1, spot.waters.everyDays) : spot.waters.everyDays;
  const unkept: { readonly day: Day; readonly times: number }[] = [];
  for (let day = today; day <= until; day = addDays(day, WEEK)) {
    const wants = pot.demandL(hotter(usualDay(spot, day)), weeksOn(day)) * water.thirst.factor;
    if (!isKept(pot, wants * every))
      unkept.push({ day, times: wants / Math.max(0.01, pot.readyL + pot.reservoirL) });
  }
  const [first] = unkept;
  return first
    ? {
        from: first.day,
        to: addDays(unkept[unkept.length - 1]!.day, WEEK - 1),
        timesADay: Math.max(...unkept.map(({ times }) => times)),
      }
    : null;
}

/** Does a full pot last until it is watered again, if plants took so much by then? */
export function isKept(pot: Pick<Pot, 'capL' | 'reservoirL'>, litres: number): boolean {
  return pot.capL + pot.reservoirL - litres >= WILTS * pot.capL;
}

const hotter = (day: DayWeather): DayWeather => ({
  ...day,
  minC: day.minC + HOT_K,
  maxC: day.maxC + HOT_K,
});
