import type { KindId } from '../plants/kind';
import { plantCost } from '../shopping/plantCost';
import { allPlants, type PlantingInSpot } from '../plantings/planting';
import { foreseenSeason } from './foreseen';
import { opinionOfReading } from './opinion';
import { read } from './reading';
import type { CheckId } from './rules/index';
import { seasonCare } from './seasonCare';

/** One planting in figures that can be held against those of others. */
export interface Figures {
  readonly cost: number;
  readonly plants: number;
  readonly tallestCm: number;
  readonly fullWeek: number | null;
  /** Weeks with something to look at, of the season. */
  readonly goodWeeks: number;
  readonly thirstL: number;
  readonly minutesAWeek: number;
  /** Kinds that not all of those compared have. */
  readonly onlyHere: readonly KindId[];
  /** Remarks that want an answer here and not in all. */
  readonly toAnswer: readonly CheckId[];
}

/** Interest from which a week counts as good. Ours: the check of interest asks for no less. */
const GOOD = 0.5;

/** Several ways to plant one container, in figures; what all share is left out of the lists. */
export function contrasted(ways: readonly PlantingInSpot[]): readonly Figures[] {
  const readings = ways.map((it) => read(it));
  const kinds = ways.map(({ plants }) => new Set(plants.map(({ kindId }) => kindId)));
  const remarks = readings.map((reading) =>
    opinionOfReading(reading)
      .remarks.filter(
        ({ severity, meant, certainty }) =>
          !meant && certainty !== 'a caution' && (severity === 'trouble' || severity === 'look'),
      )
      .map(({ check }) => check),
  );
  return readings.map((reading, i) => {
    const season = foreseenSeason(reading);
    const care = seasonCare(reading);
    const mean = (of: (week: (typeof care)[number]) => number) =>
      care.reduce((sum, week) => sum + of(week), 0) / Math.max(1, care.length);
    return {
      cost: plantCost(allPlants(ways[i]!)),
      plants: ways[i]!.plants.length,
      tallestCm: Math.max(0, ...reading.grown().map(({ heightCm }) => heightCm)),
      fullWeek: season.fullWeek,
      goodWeeks: season.interest.filter((interest) => interest >= GOOD).length,
      thirstL: Math.max(0, ...care.map(({ thirstL }) => thirstL)),
      minutesAWeek: mean(({ minutes }) => minutes),
      onlyHere: [...kinds[i]!].filter((id) => !kinds.every((other) => other.has(id))),
      toAnswer: remarks[i]!.filter((check) => !remarks.every((other) => other.includes(check))),
    };
  });
}
