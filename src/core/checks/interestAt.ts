import { flowerWorth, FRUIT_WORTH } from '../suitability/interest';
import { leafWorth } from '../plants/leaves';
import { within } from '../plants/season';
import { bookWeek } from '../spots/spot';
import { weekAfter } from '../units/units';
import type { Reading } from './reading';

/** How much there is to look at in a week, 0–1: flowers, fruit and leaves worth seeing, weighed by what is seen of each plant. */
export function interestAt(reading: Reading, week: number): number {
  const calendar = bookWeek(weekAfter(reading.planting.plantedWeek, week), reading.spot);
  const { areaCm2 } = reading.seenAt(nearestSampled(reading, week));
  let [sum, area] = [0, 0];
  reading.sizesAt(week).forEach((size, i) => {
    const { kind } = reading.plants[i]!;
    const leaves = within(kind.inLeaf, calendar) ? leafWorth(kind) : 0;
    const flowers = size.bloom * flowerWorth(kind);
    sum += areaCm2[i]! * Math.max(leaves, flowers, size.fruit * FRUIT_WORTH);
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
