import { isOrdinaryGreen } from '../../colour/schemes';
import type { PlantKind } from '../../plants/kind';
import { leafWeeks, within } from '../../plants/season';
import { bookWeek } from '../../spots/spot';
import { weekAfter } from '../../units/units';
import type { Check } from '../check';
import type { Reading } from '../reading';

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

/** What a kind's leaves are worth looking at, 0–1: coloured most, bold, fine or ferny next, plain green little. */
function leafWorth({ foliage, habit }: PlantKind): number {
  if (!isOrdinaryGreen(foliage.main) || foliage.pattern !== 'plain') return 0.75;
  return foliage.texture === 'bold' || habit === 'fern' || habit === 'grass' ? 0.6 : 0.25;
}

/** How much there is to look at in a week, 0–1: flowers, fruit and leaves worth seeing, weighed by what is seen of each plant. */
export function interestAt(reading: Reading, week: number): number {
  const calendar = bookWeek(weekAfter(reading.planting.plantedWeek, week), reading.spot);
  const { areaCm2 } = reading.seenAt(nearestSampled(reading, week));
  let [sum, area] = [0, 0];
  reading.sizesAt(week).forEach((size, i) => {
    const { kind } = reading.plants[i]!;
    const leaves = within(leafWeeks(kind), calendar) ? leafWorth(kind) : 0;
    const flowers = size.bloom * Math.min(1, 0.45 + (kind.bloom?.cover ?? 0) * 1.3);
    sum += areaCm2[i]! * Math.max(leaves, flowers, size.fruit * 0.6);
    area += areaCm2[i]!;
  });
  return area > 0 ? sum / area : 0;
}

/** What is seen changes slowly: one estimate serves the weeks about it. */
function nearestSampled({ weeks }: Reading, week: number): number {
  return week < weeks * 0.3
    ? Math.min(6, weeks)
    : week < weeks * 0.65
      ? Math.round(weeks * 0.5)
      : Math.round(weeks * 0.75);
}

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
    if (reading.plants.length === 0) return null;
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
