import { addDays, daysBetween, type Day } from '../calendar/day';
import type { DayWeather } from '../climate/weather';
import { ALWAYS_SD, bandOf, faded, heard, leftToDrink, UNTOLD, type Thirst } from './finger';
import type { WaterEvent } from './happened';
import type { Pot } from './pot';

/** How a pot's water stands at the end of a day, with all that came and went in it, litres. */
export interface WaterDay {
  readonly day: Day;
  /** Above wilting: in the mix and in the reservoir. */
  readonly waterL: number;
  readonly reserveL: number;
  readonly rainL: number;
  readonly wateredL: number;
  readonly drunkL: number;
  /** What ran out below, or over the rim. */
  readonly drainedL: number;
  /** What a finger, a scale or a probe put right. */
  readonly correctedL: number;
  /** What the plants would have taken, were there enough. */
  readonly wantedL: number;
  readonly thirst: Thirst;
  /** How unsure the water is, litres: standard deviation. */
  readonly sdL: number;
}

/** A pot's water as it is carried from day to day. */
export interface Water {
  w: number;
  reserve: number;
  thirst: Thirst;
  /** Reckoned to have been drunk since the water was last known. */
  drunkSinceL: number;
}

/** When plants drink, local hours: evenly between these. */
const DRINKS = { from: 7, to: 20 } as const;
/** Below this share of what it holds, a mix that repels takes only so much of what is poured at one go. */
const REPELS_BELOW = 0.15;
const TAKES = 0.55;
/** Poured until it runs, so much of the deficit runs out below on the way. Ours. */
export const RUNS_OUT = 0.06;
/** Drip lines run early. */
const DRIPS_HOUR = 6;
/** Rain falls in the middle of the day. */
export const RAIN_HOUR = 13;

/** Share of a day's drinking that is done by an hour. */
export const drunkBy = (hour: number): number =>
  Math.min(1, Math.max(0, (hour - DRINKS.from) / (DRINKS.to - DRINKS.from)));

/** A pot as it is watered in on planting day. */
export function fullPot(pot: Pot): Water {
  return { w: pot.capL, reserve: pot.reservoirL, thirst: UNTOLD, drunkSinceL: 0 };
}

export interface BalanceAsk {
  readonly pot: Pot;
  readonly plantedOn: Day;
  /** The last day reckoned; of it only what is before this hour, 24: all of it. */
  readonly until: Day;
  readonly untilHour?: number;
  readonly weatherOn: (day: Day) => DayWeather;
  readonly events: ReadonlyMap<Day, readonly WaterEvent[]>;
}

/** The water of a pot, day by day from planting: full on that day. */
export function balanceOf({
  pot,
  plantedOn,
  until,
  untilHour = 24,
  weatherOn,
  events,
}: BalanceAsk): readonly WaterDay[] {
  const water = fullPot(pot);
  const days: WaterDay[] = [];
  const count = daysBetween(plantedOn, until);
  for (let i = 0; i <= count; i += 1) {
    const day = addDays(plantedOn, i);
    days.push(
      oneDay(pot, water, {
        day,
        week: Math.floor(i / 7),
        weather: weatherOn(day),
        events: events.get(day) ?? [],
        untilHour: i === count ? untilHour : 24,
      }),
    );
  }
  return days;
}

/** One day, or as much of it as has gone by. @param water is carried on: changed to how it stands after it */
export function oneDay(
  pot: Pot,
  water: Water,
  {
    day,
    week,
    weather,
    events,
    untilHour,
  }: {
    readonly day: Day;
    readonly week: number;
    readonly weather: DayWeather;
    readonly events: readonly WaterEvent[];
    readonly untilHour: number;
  },
): WaterDay {
  const sums = { rainL: 0, wateredL: 0, drunkL: 0, drainedL: 0, correctedL: 0, wantedL: 0 };
  const demandL = pot.demandL(weather, week);
  const rain = pot.rainL(weather, week);
  let done = 0;
  let rained = false;
  const drinkUntil = (hour: number) => {
    const share = drunkBy(hour) - done;
    if (share > 0) drink(pot, water, demandL * share, sums);
    done = Math.max(done, drunkBy(hour));
  };
  const rainFalls = () => {
    drinkUntil(RAIN_HOUR);
    sums.rainL += rain;
    pour(pot, water, rain, sums);
    rained = true;
  };
  // A line that runs gives what was drunk since.
  if (pot.isDripped && untilHour >= DRIPS_HOUR) waterIt(pot, water, null, sums);
  for (const event of events) {
    if (!rained && event.hour >= RAIN_HOUR) rainFalls();
    drinkUntil(event.hour);
    if (event.kind === 'watered') waterIt(pot, water, event.litres, sums);
    else putRight(pot, water, event, sums);
  }
  if (!rained && untilHour >= RAIN_HOUR) rainFalls();
  drinkUntil(untilHour);
  if (untilHour >= 24) water.thirst = faded(water.thirst);
  return {
    day,
    waterL: water.w,
    reserveL: water.reserve,
    ...sums,
    thirst: water.thirst,
    sdL: Math.min(
      pot.capL / 2,
      Math.hypot(
        ALWAYS_SD * pot.capL,
        water.thirst.sd * water.drunkSinceL * leftToDrink(water.w, pot.capL),
      ),
    ),
  };
}

type Sums = {
  rainL: number;
  wateredL: number;
  drunkL: number;
  drainedL: number;
  correctedL: number;
  wantedL: number;
};

/** Plants drink what they want while it is there, less once half of it is gone; the reservoir is drawn on first. */
function drink(pot: Pot, water: Water, demandL: number, sums: Sums): void {
  const wanted = demandL * water.thirst.factor;
  sums.wantedL += wanted;
  const fromReserve = Math.min(water.reserve, wanted);
  water.reserve -= fromReserve;
  const rest = wanted - fromReserve;
  // FAO-56 equation 84: from half on, uptake falls in a straight line to none at wilting.
  const dryFrom = pot.capL - pot.readyL;
  const before = water.w;
  const easy = Math.min(rest, Math.max(0, before - dryFrom));
  const hard = rest - easy;
  const left = before - easy;
  // The straight line, followed through the step: what is left falls off exponentially.
  const slowed = dryFrom > 0 ? left * (1 - Math.exp(-hard / dryFrom)) : Math.min(left, hard);
  water.w = Math.max(0, left - slowed);
  const drunk = fromReserve + before - water.w;
  sums.drunkL += drunk;
  water.drunkSinceL += drunk;
}

/** Water from above: into the mix, then the reservoir; the rest runs off. */
function pour(pot: Pot, water: Water, litres: number, sums: Sums): void {
  const sheds = pot.repels && water.w < REPELS_BELOW * pot.capL;
  const goesIn = litres * (sheds ? TAKES : 1);
  const intoMix = Math.min(goesIn, pot.capL - water.w);
  water.w += intoMix;
  const intoReserve = Math.min(litres - intoMix, pot.reservoirL - water.reserve);
  water.reserve += intoReserve;
  sums.drainedL += litres - intoMix - intoReserve;
}

function waterIt(pot: Pot, water: Water, litres: number | null, sums: Sums): void {
  if (litres !== null) {
    sums.wateredL += litres;
    pour(pot, water, litres, sums);
    return;
  }
  // Until it ran: whoever pours sees it run, and goes on until it is full.
  const lacking = pot.capL - water.w + pot.reservoirL - water.reserve;
  const runsOut = lacking * RUNS_OUT;
  sums.wateredL += lacking + runsOut;
  sums.drainedL += runsOut;
  water.w = pot.capL;
  water.reserve = pot.reservoirL;
  water.drunkSinceL = 0;
}

/** A finger rules the state at once; what it teaches of thirst is shrunk. */
function putRight(
  pot: Pot,
  water: Water,
  event: Extract<WaterEvent, { readonly kind: 'known' }>,
  sums: Sums,
): void {
  const word = heard(water.thirst, bandOf(event.band), {
    waterL: water.w,
    drunkL: water.drunkSinceL,
    capL: pot.capL,
  });
  sums.correctedL += word.waterL - water.w;
  water.w = word.waterL;
  water.thirst = word.thirst;
  water.drunkSinceL = 0;
}
