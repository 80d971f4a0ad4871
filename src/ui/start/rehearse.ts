import { todayAt, type Clock } from '@/core/calendar/clock';
import { weekOfDay } from '@/core/calendar/day';
import { USUAL_HOUSE } from '@/core/plantings/house';
import { USUAL_SPOT } from '@/core/spots/usual';
import { runJob } from '@/workers/runJob';
import { readStart } from './readStart';
import { FIRST_FORM } from './startForm';
import { briefFrom } from './useProposals';

/** Casts judged: enough that all of the search has been run through. */
const EFFORT = 12;

/**
 * A search for nobody, as Start's sheet asks for when it is opened: the first search of a visit takes twice as long as those after it,
 * since its code is compiled and every kind is looked at for the first time.
 */
export async function rehearse(clock: Clock, signal: AbortSignal): Promise<void> {
  const reading = readStart(FIRST_FORM, 'spot-rehearsed', null, USUAL_HOUSE);
  if (!reading.ok) return;
  const brief = briefFrom(reading, weekOfDay(todayAt(clock, USUAL_SPOT.site)), USUAL_HOUSE);
  await runJob(
    'propose',
    { ...brief, seed: 1, only: null, effort: EFFORT, wanted: 6, improve: 0 },
    { signal },
  );
}
