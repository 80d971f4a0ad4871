import { addDays, daysBetween, nextStartOf, weeksSince, type Day } from '../calendar/day';
import { dayOf, holding, isOf, type Entry } from '../log/entry';

/** A photograph by the planting and the day it shows. */
export interface Shot {
  readonly plantingId: string;
  readonly photoId: string;
  readonly day: Day;
}

/** What one week of a season is shown by. */
export interface Frame {
  readonly day: Day;
  /** Whole weeks since planting. */
  readonly weeks: number;
  /** Taken in that week; `null`: none was, and it is drawn. */
  readonly shot: Shot | null;
}

/** A photograph stands for a day this many days from its own at most. */
const NEAR_DAYS = 6;

/** Every photograph that holds, in the order of the days they show. */
export function shotsOf(log: readonly Entry[]): readonly Shot[] {
  return holding(log)
    .flatMap((entry): Shot[] =>
      isOf(entry, 'photographed') && entry.of.plantingId !== undefined
        ? [{ plantingId: entry.of.plantingId, photoId: entry.what.photoId, day: dayOf(entry) }]
        : [],
    )
    .sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0));
}

/** The photograph of a planting nearest to a day, the earlier of two as near; `null` where none is near. */
export function shotNear(shots: readonly Shot[], plantingId: string, day: Day): Shot | null {
  let best: Shot | null = null;
  const off = (shot: Shot) => Math.abs(daysBetween(shot.day, day));
  for (const shot of shots) {
    if (shot.plantingId !== plantingId || off(shot) > NEAR_DAYS) continue;
    if (!best || off(shot) < off(best)) best = shot;
  }
  return best;
}

/**
 * A season week by week, from planting to a last day: the last photograph of each week, or none.
 * @returns at least one frame; none where the last day lies before planting
 */
export function framesOf(
  shots: readonly Shot[],
  { plantingId, plantedOn, until }: PlantedUntil,
): readonly Frame[] {
  if (until < plantedOn) return [];
  const its = shots.filter((shot) => shot.plantingId === plantingId);
  return Array.from({ length: weeksSince(plantedOn, until) + 1 }, (_, weeks): Frame => {
    const shot = its.findLast(
      ({ day }) => day >= plantedOn && weeksSince(plantedOn, day) === weeks,
    );
    return { day: shot?.day ?? addDays(plantedOn, 7 * weeks), weeks, shot: shot ?? null };
  });
}

interface PlantedUntil {
  readonly plantingId: string;
  readonly plantedOn: Day;
  readonly until: Day;
}

/**
 * The day on which a planting came to a week of the year: so containers of several years are looked at in the same week.
 * @param week 1–52
 * @returns `null` where it was over by then
 */
export function dayInWeek(
  week: number,
  { plantedOn, until }: Pick<PlantedUntil, 'plantedOn' | 'until'>,
): Day | null {
  // The week in which it was planted counts, from the day it was.
  const start = nextStartOf(week, addDays(plantedOn, -NEAR_DAYS));
  const day = start < plantedOn ? plantedOn : start;
  return day > until ? null : day;
}
