import { addDays, type Day } from '../calendar/day';
import type { DayWeather } from '../climate/weather';
import { drunkBy, RAIN_HOUR, RUNS_OUT, type WaterDay } from './balance';
import { below } from './finger';
import type { Pot } from './pot';

/** When a pot will want water. */
export interface WaterOutlook {
  /** The first round on which it should be watered; `null`: not within the days told ahead. */
  readonly wants: { readonly day: Day; readonly part: 'morning' | 'evening' } | null;
  /** Litres that fill it on that round, or now where it wants none. */
  readonly litres: number;
  /** Share of what the mix holds that is left now, 0–1, and how unsure that is. */
  readonly share: number;
  readonly sdShare: number;
  /** Chance that it is as dry as that by then or sooner. Standard normal on the reckoned water. */
  readonly sure: number;
  /** Rounds a day that a day like the hottest ahead takes. */
  readonly timesADay: number;
}

/** A pot is watered when by the next round it would be below this share of what it holds: plants feel it from a half on, and wilt at none. */
export const WATER_AT = 0.36;
/** Below this share of what it holds a plant hangs its leaves. Ours. */
export const WILTS = 0.08;

/** How many days ahead an outlook is told. */
const AHEAD_DAYS = 7;

/** Until this hour a round is the morning's; at this one the evening's begins. */
const NOON = 12;
const EVENING = 18;
/** From this forecast on two rounds are walked in a day, °C. */
const HOT_C = 27;

/** How many rounds a day takes: two in a hot spell, one else. */
export const roundsOn = ({ maxC }: Pick<DayWeather, 'maxC'>): 1 | 2 => (maxC >= HOT_C ? 2 : 1);

/**
 * When a pot wants water, from how it stands now and the weather ahead.
 * @param now how it stands on a day at an hour
 * @param weeksOn whole weeks since planting on a day
 * @param visitDays whole days from one visit to the next, as promised; 1: every day, and in heat twice
 */
export function waterOutlook({
  pot,
  now,
  hour,
  weatherOn,
  weeksOn,
  visitDays = 1,
  days = AHEAD_DAYS,
}: {
  readonly pot: Pot;
  readonly now: Pick<WaterDay, 'day' | 'waterL' | 'reserveL' | 'thirst' | 'sdL'>;
  readonly hour: number;
  readonly weatherOn: (day: Day) => DayWeather;
  readonly weeksOn: (day: Day) => number;
  readonly visitDays?: number;
  readonly days?: number;
}): WaterOutlook {
  let [water, reserve] = [now.waterL, now.reserveL];
  let drunk = 0;
  let wants: WaterOutlook['wants'] = null;
  let lackL = pot.capL - water + pot.reservoirL - reserve;
  let sure = 0;
  let timesADay = 0;
  const sdAt = () => Math.hypot(now.sdL, now.thirst.sd * drunk);
  const lowL = WATER_AT * pot.capL;
  for (let i = 0; i < days; i += 1) {
    const day = addDays(now.day, i);
    const weather = weatherOn(day);
    const demand = pot.demandL(weather, weeksOn(day)) * now.thirst.factor;
    timesADay = Math.max(timesADay, demand / Math.max(0.01, pot.readyL + pot.reservoirL));
    for (const round of roundsAhead(weather, i === 0 ? hour : 0)) {
      if (wants) break;
      // Rain falls between the two rounds: what is told ahead is half believed.
      const rain = round.rains ? pot.rainL(weather, weeksOn(day)) * BELIEVED : 0;
      const taken = demand * (drunkBy(round.to) - drunkBy(round.from));
      const [afterWater, afterReserve] = afterRound(pot, water, reserve, taken, rain);
      drunk += taken;
      // It must last until somebody comes again.
      const until = laterL(pot, day, visitDays, weatherOn, weeksOn) * now.thirst.factor;
      const left = afterWater + afterReserve - until;
      if (left - sdAt() * CARE < lowL) {
        wants = { day, part: round.part };
        lackL = pot.capL - water + pot.reservoirL - reserve;
        sure = below((lowL - left) / Math.max(0.01, sdAt()));
      } else [water, reserve] = [afterWater, afterReserve];
    }
  }
  return {
    wants,
    litres: lackL * (1 + RUNS_OUT),
    share: now.waterL / pot.capL,
    sdShare: now.sdL / pot.capL,
    sure,
    timesADay,
  };
}

/** Litres that plants take on the days after one on which nobody comes. */
function laterL(
  pot: Pot,
  day: Day,
  visitDays: number,
  weatherOn: (day: Day) => DayWeather,
  weeksOn: (day: Day) => number,
): number {
  let litres = 0;
  for (let k = 1; k < visitDays; k += 1) {
    const later = addDays(day, k);
    litres += pot.demandL(weatherOn(later), weeksOn(later));
  }
  return litres;
}

/** The rounds of a day that are still to be walked, each with the hours until the next one. */
function roundsAhead(
  weather: DayWeather,
  hour: number,
): readonly {
  readonly part: 'morning' | 'evening';
  readonly from: number;
  readonly to: number;
  readonly rains: boolean;
}[] {
  const isMorning = hour < NOON;
  if (roundsOn(weather) === 1)
    return [
      { part: isMorning ? 'morning' : 'evening', from: hour, to: 24, rains: hour < RAIN_HOUR },
    ];
  return [
    ...(isMorning
      ? [{ part: 'morning' as const, from: hour, to: EVENING, rains: hour < RAIN_HOUR }]
      : []),
    { part: 'evening' as const, from: Math.max(EVENING, hour), to: 24, rains: false },
  ];
}

/** What of rain told ahead is reckoned with. */
const BELIEVED = 0.5;
/** How far on the careful side: in standard deviations. */
const CARE = 0.8;

function afterRound(
  pot: Pot,
  water: number,
  reserve: number,
  taken: number,
  rain: number,
): readonly [water: number, reserve: number] {
  const fromReserve = Math.min(reserve, taken);
  return [
    Math.min(pot.capL, Math.max(0, water - taken + fromReserve) + rain),
    reserve - fromReserve,
  ];
}
