import { addDays, daysBetween, nextStartOf, weeksSince, type Day } from '../calendar/day';
import { dayOf, holding, isOf, type Entry } from '../log/entry';

/** A photograph by the day it shows. */
export interface Shot {
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

/** Every photograph that holds, by its planting, in the order of the days they show. */
export function shotsOf(log: readonly Entry[]): ReadonlyMap<string, readonly Shot[]> {
  const found = new Map<string, Shot[]>();
  for (const entry of holding(log)) {
    const { plantingId } = entry.of;
    if (!isOf(entry, 'photographed') || plantingId === undefined) continue;
    const shot = { photoId: entry.what.photoId, day: dayOf(entry) };
    const list = found.get(plantingId);
    if (list) list.push(shot);
    else found.set(plantingId, [shot]);
  }
  for (const list of found.values())
    list.sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0));
  return found;
}

/**
 * The photograph nearest to a day, the earlier of two as near; `null` where none is near.
 * @param shots those of one planting, by day
 */
export function shotNear(shots: readonly Shot[], day: Day): Shot | null {
  let best: Shot | null = null;
  const off = (shot: Shot) => Math.abs(daysBetween(shot.day, day));
  for (const shot of shots)
    if (off(shot) <= NEAR_DAYS && (!best || off(shot) < off(best))) best = shot;
  return best;
}

/**
 * A season week by week, from planting to a last day: the last photograph of each week, or none.
 * @param shots those of one planting, by day
 * @returns at least one frame; none where the last day lies before planting
 */
export function framesOf(
  shots: readonly Shot[],
  { plantedOn, until }: PlantedUntil,
): readonly Frame[] {
  if (until < plantedOn) return [];
  return Array.from({ length: weeksSince(plantedOn, until) + 1 }, (_, weeks): Frame => {
    const shot = shots.findLast(
      ({ day }) => day >= plantedOn && weeksSince(plantedOn, day) === weeks,
    );
    return { day: shot?.day ?? addDays(plantedOn, 7 * weeks), weeks, shot: shot ?? null };
  });
}

/** So many frames over a whole season, evenly, and every one that was photographed. */
export function stillsOf(frames: readonly Frame[], many: number): readonly Frame[] {
  const step = Math.max(1, Math.ceil(frames.length / many));
  return frames.filter(({ shot }, i) => shot !== null || i % step === 0);
}

interface PlantedUntil {
  readonly plantedOn: Day;
  readonly until: Day;
}

/**
 * The day on which a planting came to a week of the year: so containers of several years are looked at in the same week.
 * @param week 1–52
 * @returns `null` where it was over by then
 */
export function dayInWeek(week: number, { plantedOn, until }: PlantedUntil): Day | null {
  // The week in which it was planted counts, from the day it was.
  const start = nextStartOf(week, addDays(plantedOn, -NEAR_DAYS));
  const day = start < plantedOn ? plantedOn : start;
  return day > until ? null : day;
}
