import { addDays, daysBetween, type Day } from '../calendar/day';
import { waterOutlook } from './outlook';
import type { CareWorld } from './world';

/** What becomes of a container while nobody comes. */
export interface AwayPot {
  readonly plantingId: string;
  /** The first day on which it should be watered; `null`: it lasts. */
  readonly wantsOn: Day | null;
  /** Every so many days a neighbour should come; 0: not at all. */
  readonly everyDays: number;
  /** Litres each time. */
  readonly litres: number;
  /** What would make it last: moved into shade, a saucer, or drip; `null`: none of it is enough, or none is needed. */
  readonly helps: 'shade' | 'saucer' | 'drip' | null;
}

/** Shade halves the sun's share of what is taken: about so much less. Ours. */
const SHADE_SAVES = 0.45;
/** A full saucer holds about this share of what a mix holds ready. */
const SAUCER_ADDS = 0.35;

/** What to ask of a neighbour, container by container, and what would make it unnecessary. All are watered on the day of leaving. */
export function awayPlan(
  worlds: readonly CareWorld[],
  { from, to }: { readonly from: Day; readonly to: Day },
): readonly AwayPot[] {
  const gone = Math.max(1, daysBetween(from, to));
  return worlds.map((world) => {
    const { pot, weather, weeksOn, water } = world;
    const lasts = (demandShare: number, moreL: number): Day | null =>
      waterOutlook({
        pot: {
          ...pot,
          reservoirL: pot.reservoirL + moreL,
          demandL: (day, week) => pot.demandL(day, week) * demandShare,
        },
        now: {
          ...water,
          day: from,
          waterL: pot.capL,
          reserveL: pot.reservoirL + moreL,
        },
        hour: 20,
        weatherOn: weather.on,
        weeksOn,
        days: gone + 1,
      }).wants?.day ?? null;
    const wantsOn = lasts(1, 0);
    const everyDays = wantsOn === null ? 0 : Math.max(1, daysBetween(from, wantsOn));
    const ok = (day: Day | null) => day === null || day >= to;
    const helps = ok(wantsOn)
      ? null
      : ok(lasts(SHADE_SAVES, 0))
        ? 'shade'
        : ok(lasts(SHADE_SAVES, SAUCER_ADDS * pot.readyL))
          ? 'saucer'
          : 'drip';
    return {
      plantingId: world.reading.planting.id,
      wantsOn: ok(wantsOn) ? null : wantsOn,
      everyDays: ok(wantsOn) ? 0 : everyDays,
      litres: ok(wantsOn)
        ? 0
        : Math.min(
            pot.capL,
            everyDays *
              pot.demandL(weather.on(addDays(from, 1)), weeksOn(from)) *
              water.thirst.factor,
          ),
      helps,
    };
  });
}

/** The days on which a neighbour comes to a container, until whoever is away is back; none: it lasts. */
export function visitsTo(
  { wantsOn, everyDays }: Pick<AwayPot, 'wantsOn' | 'everyDays'>,
  to: Day,
): readonly Day[] {
  const days: Day[] = [];
  if (wantsOn === null || everyDays < 1) return days;
  for (let day = wantsOn; day < to; day = addDays(day, everyDays)) days.push(day);
  return days;
}
