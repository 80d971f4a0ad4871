import { nextStartOf, weekOfDay, weeksSince, type Day } from '../calendar/day';
import type { KindId } from '../plants/kind';
import { plantedIn } from '../plantings/edits';
import type { PlaceId, Planting } from '../plantings/planting';
import type { Entry } from './entry';
import { byPlanting, lifeOf, type Life } from './life';

/** One planting of a container's story. */
export interface Chapter {
  readonly planting: Planting;
  readonly life: Life;
}

/** What stood in one container, first to last; what was never planted comes after all that was, each after the one it goes on from. */
export function storyOf(
  shelfId: string,
  plantings: readonly Planting[],
  lifeFor: (plantingId: string) => Life,
): readonly Chapter[] {
  const when = ({ life }: Chapter) => life.plantedOn ?? '9999-12-31';
  const own = plantings.filter((planting) => planting.shelfId === shelfId);
  const byId = new Map(own.map((planting) => [planting.id, planting]));
  const before = ({ planting }: Chapter) => chainOf(planting, (id) => byId.get(id)).length;
  return own
    .map((planting) => ({ planting, life: lifeFor(planting.id) }))
    .sort((a, b) => (when(a) < when(b) ? -1 : when(a) > when(b) ? 1 : before(a) - before(b)));
}

/** Plantings that are not over: those that take up their container. */
export function notOver(
  plantings: readonly Planting[],
  log: readonly Entry[],
): readonly Planting[] {
  const held = byPlanting(log);
  return plantings.filter(({ id }) => lifeOf(held.get(id) ?? []).stage !== 'over');
}

/** Has something stood in this planting's container before it, and is over? Of several alike only as many are used as stood planted. */
export function isReused(plantingId: string, story: readonly Chapter[], alike: number): boolean {
  const others = story.filter(({ planting }) => planting.id !== plantingId);
  const over = others.filter(({ life }) => life.stage === 'over').length;
  const standing = others.filter(
    ({ life }) => life.plantedOn !== null && life.stage !== 'over',
  ).length;
  return over > 0 && standing + over >= alike;
}

/** What has stood in a place since when. */
export interface Since {
  readonly kindId: KindId;
  readonly day: Day;
}

/** The day on which each plant of a container first went in: one that stays on from planting to planting keeps its place, and with it its age. */
export function sinceOf(story: readonly Chapter[]): ReadonlyMap<PlaceId, Since> {
  const since = new Map<PlaceId, Since>();
  for (const { life } of story)
    for (const { placeId, kindId } of life.plantedOn === null ? [] : life.wentIn)
      // Another kind in the same place is a new plant.
      if (since.get(placeId)?.kindId !== kindId)
        since.set(placeId, { kindId, day: life.plantedOn! });
  return since;
}

/** The plantings that one goes on from, the oldest first. A chain that comes back on itself ends there. */
export function chainOf(
  { id, follows }: Pick<Planting, 'id' | 'follows'>,
  plantingOf: (id: string) => Planting | undefined,
): readonly Planting[] {
  const chain: Planting[] = [];
  const seen = new Set([id]);
  for (let next = follows; next !== undefined && !seen.has(next);) {
    seen.add(next);
    const planting = plantingOf(next);
    if (!planting) break;
    chain.unshift(planting);
    next = planting.follows;
  }
  return chain;
}

/** Whole weeks that each plant of a planting stood in the container before it, by its place; those that are new are left out. */
export function weeksBeforeOf(
  planting: Pick<Planting, 'places' | 'plantedWeek'>,
  plantedOn: Day | null,
  before: readonly Chapter[],
): Readonly<Record<PlaceId, number>> {
  const since = sinceOf(before);
  const weeks: Record<PlaceId, number> = {};
  for (const { id, kindId } of planting.places) {
    const stood = since.get(id);
    if (stood?.kindId !== kindId) continue;
    const until = plantedOn ?? nextStartOf(planting.plantedWeek, stood.day);
    const whole = weeksSince(stood.day, until);
    if (whole > 0) weeks[id] = whole;
  }
  return weeks;
}

/**
 * A planting as it really stands: from the week of the day it was planted, without plants that died or were taken out.
 * One that is still an idea stays as it is meant.
 */
export function asItStands(planting: Planting, { plantedOn, gone }: Life): Planting {
  if (plantedOn === null) return planting;
  const plantedWeek = weekOfDay(plantedOn);
  if (plantedWeek === planting.plantedWeek && gone.size === 0) return planting;
  return plantedIn(planting, plantedWeek, [...gone.keys()]);
}
