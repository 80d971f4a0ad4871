import { addDays, daysBetween, type Day } from '../../calendar/day';
import type { PlacedPlant } from '../../plantings/planting';
import type { KindId } from '../../plants/kind';
import type { Candidate, Facts } from '../task';

/** Different kinds of some plants. */
export const kindsOf = (plants: readonly PlacedPlant[]): readonly KindId[] => [
  ...new Set(plants.map(({ kindId }) => kindId)),
];

/** Days ahead for which tasks are told. */
export const SOON_DAYS = 7;

/**
 * The window that is open on a day, or the first one: they follow each other without gaps, so that what was passed over is asked for
 * again in the next one, once, and days gone by are not made up for.
 */
export function windowOn(today: Day, first: Day, every: number): Day {
  const gone = Math.floor(daysBetween(first, today) / every);
  return gone > 0 ? addDays(first, gone * every) : first;
}

/**
 * Something done to some plants again and again while it is wanted: due so long after the last time, with some days to spare.
 * @param from since when it has been wanted
 */
export function again(
  plants: readonly PlacedPlant[],
  {
    today,
    from,
    since,
    every,
    minutes,
    tools,
    facts,
  }: {
    readonly today: Day;
    readonly from: Day;
    readonly since: Day | null;
    readonly every: number;
    readonly minutes: number;
    readonly tools: Candidate['tools'];
    readonly facts: Facts;
  },
): readonly Candidate[] {
  if (plants.length === 0) return [];
  const best = windowOn(
    today,
    since !== null && since >= from ? addDays(since, every) : from,
    every,
  );
  if (daysBetween(today, best) > SOON_DAYS) return [];
  return [
    {
      window: best,
      earliest: addDays(best, -1),
      best,
      latest: addDays(best, every - 1),
      minutes,
      tools: tools ?? [],
      places: plants.map(({ id }) => id),
      facts,
    },
  ];
}
