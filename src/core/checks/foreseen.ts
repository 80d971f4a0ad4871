import { overlapCm2 } from '../geometry/discs';
import type { PlaceId } from '../plantings/planting';
import { weekAfter } from '../units/units';
import { coverAt, fullWeek, type Reading } from './reading';
import { interestAt } from './interestAt';

/** Who overtops whom: the first week in which one covers half of another and stands 1.3 times as tall (models). */
export interface Overtaking {
  readonly by: PlaceId;
  readonly of: PlaceId;
  readonly weeks: number;
  readonly calendarWeek: number;
  /** The last week in which cutting the one back forestalls it. */
  readonly cutBy: number;
}

/** A season as it is foreseen, week by week from planting. */
export interface Foreseen {
  /** First week in which the mix is hidden; `null` when never this season. */
  readonly fullWeek: number | null;
  /** Share of the mix still bare, 0–1, by week. */
  readonly bareMix: readonly number[];
  /** What there is to look at, 0–1, by week. */
  readonly interest: readonly number[];
  readonly overtakings: readonly Overtaking[];
}

const COVERED = 0.5;
const TALLER = 1.3;

/** How the season of a planting is foreseen: how soon it is full, how much mix shows, who overtakes whom and when to cut. */
export function foreseenSeason(reading: Reading): Foreseen {
  const weeks = Array.from({ length: reading.weeks + 1 }, (_, week) => week);
  return {
    fullWeek: fullWeek(reading),
    bareMix: weeks.map((week) => 1 - coverAt(reading, week)),
    interest: weeks.map((week) => interestAt(reading, week)),
    overtakings: overtakingsIn(reading),
  };
}

function overtakingsIn(reading: Reading): readonly Overtaking[] {
  const found = new Map<string, Overtaking>();
  for (let week = 1; week <= reading.weeks; week += 1) {
    const sizes = reading.sizesAt(week);
    reading.plants.forEach((a, i) =>
      reading.plants.forEach((b, j) => {
        const key = `${a.id} ${b.id}`;
        // What stands tall beside something low was meant to: only where both play one storey at planting is it an overtaking.
        if (
          i === j ||
          found.has(key) ||
          sizes[i]!.heightCm < sizes[j]!.heightCm * TALLER ||
          reading.sizesAt(0)[i]!.heightCm >= reading.sizesAt(0)[j]!.heightCm * TALLER
        )
          return;
        const disc = { xCm: b.xCm, zCm: b.zCm, radiusCm: sizes[j]!.spreadCm / 2 };
        if (
          overlapCm2({ xCm: a.xCm, zCm: a.zCm, radiusCm: sizes[i]!.spreadCm / 2 }, disc) <
          COVERED * Math.PI * disc.radiusCm ** 2
        )
          return;
        found.set(key, {
          by: a.id,
          of: b.id,
          weeks: week,
          calendarWeek: weekAfter(reading.planting.plantedWeek, week),
          cutBy: Math.max(1, week - 1),
        });
      }),
    );
  }
  return [...found.values()];
}
