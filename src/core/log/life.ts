import { weeksSince, type Day } from '../calendar/day';
import type { PlaceId } from '../plantings/planting';
import { once } from '../work/once';
import { dayOf, holding, isOf, type Entry, type EntryThat } from './entry';
import { toldOf } from './since';

/** How far a planting has come. */
export const STAGES = ['idea', 'chosen', 'bought', 'planted', 'standing', 'over'] as const;
export type Stage = (typeof STAGES)[number];

/** A planting's life so far, reckoned from what happened. Dates are local ones; `null` for what has not happened. */
export interface Life {
  readonly stage: Stage;
  readonly chosenOn: Day | null;
  readonly boughtOn: Day | null;
  readonly plantedOn: Day | null;
  readonly putOutOn: Day | null;
  readonly overOn: Day | null;
  /** What really went in, in the order in which it was told; empty before planting. */
  readonly wentIn: EntryThat<'planted'>['what']['plants'];
  /** Plants that died or were taken out, with the day. */
  readonly gone: ReadonlyMap<PlaceId, Day>;
}

/** Entries of each planting that hold, sorted once for all. */
export const byPlanting = once((log: readonly Entry[]): ReadonlyMap<string, readonly Entry[]> => {
  const found = new Map<string, Entry[]>();
  for (const entry of holding(log)) {
    for (const id of toldOf(entry)) {
      const list = found.get(id);
      if (list) list.push(entry);
      else found.set(id, [entry]);
    }
  }
  return found;
});

/**
 * The life of one planting.
 * @param held its entries that hold, in order; see {@link byPlanting}
 */
export function lifeOf(held: readonly Entry[]): Life {
  const first = (did: Entry['what']['did']): Day | null => {
    const entry = held.find((one) => one.what.did === did);
    return entry ? dayOf(entry) : null;
  };
  const planted = held.find((entry) => isOf(entry, 'planted')) as EntryThat<'planted'> | undefined;
  const overOn = first('ended');
  const gone = new Map<PlaceId, Day>();
  for (const entry of held) {
    if (!isOf(entry, 'died') && !isOf(entry, 'removed')) continue;
    // Cleared when it was over, it stood there until then.
    if (overOn !== null && dayOf(entry) >= overOn) continue;
    for (const place of entry.of.placeIds ?? [])
      if (!gone.has(place)) gone.set(place, dayOf(entry));
  }
  const life = {
    chosenOn: first('chosen'),
    boughtOn: first('bought'),
    plantedOn: planted ? dayOf(planted) : null,
    putOutOn: first('put out'),
    overOn,
    wentIn: planted?.what.plants ?? [],
    gone,
  };
  return { stage: stageOf(life), ...life };
}

function stageOf({
  overOn,
  putOutOn,
  plantedOn,
  boughtOn,
  chosenOn,
}: Omit<Life, 'stage' | 'wentIn' | 'gone'>): Stage {
  if (overOn) return 'over';
  // What was never planted does not stand, whatever else was told of it.
  if (plantedOn) return putOutOn ? 'standing' : 'planted';
  if (boughtOn) return 'bought';
  return chosenOn ? 'chosen' : 'idea';
}

/** Plants that were cleared away when a planting was over; `null`: nobody told, or it is not over. */
export function cleared(held: readonly Entry[]): ReadonlySet<PlaceId> | null {
  const { overOn } = lifeOf(held);
  if (overOn === null) return null;
  const told = held.filter((entry) => isOf(entry, 'removed') && dayOf(entry) >= overOn);
  // Said to stay, all of it, nothing is cleared.
  const isSaid = held.some((entry) => isOf(entry, 'ended') && entry.of.placeIds !== undefined);
  return told.length === 0 && !isSaid ? null : new Set(told.flatMap(({ of }) => of.placeIds ?? []));
}

/** Whole weeks a planting has stood in its mix on a day; `null` when it has not been planted by then. */
export function weeksStanding({ plantedOn }: Pick<Life, 'plantedOn'>, today: Day): number | null {
  if (plantedOn === null || today < plantedOn) return null;
  return weeksSince(plantedOn, today);
}
