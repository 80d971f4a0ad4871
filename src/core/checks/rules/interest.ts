import { weekAfter } from '../../units/units';
import type { Check } from '../check';
import { interestAt } from '../interestAt';

export interface InterestFacts {
  /** Weeks after planting with little to look at, first and last of the longest stretch; `null` when there are none. */
  readonly dull: readonly [from: number, to: number] | null;
  /** Calendar weeks of it. */
  readonly calendar: readonly [from: number, to: number] | null;
  readonly mean: number;
}

/** Interest under which a week is dull, and the weeks after planting in which one is patient. Ours. */
const DULL = 0.3;
const PATIENCE_WEEKS = 4;

/** Is there something to look at in every week of the season? */
export const interest: Check<'interest', InterestFacts> = {
  id: 'interest',
  weight: 1,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Flowers, fruit and leaves worth seeing, week by week, weighed by what is seen of each plant.',
  },
  limits: { trouble: 0.3, look: 0.65 },
  judge: (reading) => {
    // What is grown to eat is looked at on the plate.
    if (reading.plants.length === 0 || reading.planting.wishes.kitchen) return null;
    let [mean, count, run, longest, end] = [0, 0, 0, 0, 0];
    for (let week = PATIENCE_WEEKS; week <= reading.weeks; week += 1) {
      const value = interestAt(reading, week);
      mean += value;
      count += 1;
      run = value < DULL ? run + 1 : 0;
      if (run > longest) [longest, end] = [run, week];
    }
    if (count === 0) return null;
    const dull = longest > 0 ? ([end - longest + 1, end] as const) : null;
    const { plantedWeek } = reading.planting;
    return {
      score: Math.max(0, 1 - (longest / count) * 1.1),
      facts: {
        dull,
        calendar: dull && [weekAfter(plantedWeek, dull[0]), weekAfter(plantedWeek, dull[1])],
        mean: mean / count,
      },
      culprits: [],
    };
  },
};
