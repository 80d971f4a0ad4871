import { seasonWeeks } from '../plantings/planting';
import { weekAfter, weeksBetween, WEEKS_PER_YEAR } from '../units/units';
import { finished, type Work } from '../work/steps';
import { interestAt } from './interestAt';
import { coverAt, type Reading } from './reading';
import { seasonCare } from './seasonCare';

/** The season of several plantings together, week by week of the year. */
export interface YardSeason {
  /** The first week, 1–52; all lists begin there. */
  readonly fromWeek: number;
  /** Containers that are in season. */
  readonly standing: readonly number[];
  /** What there is to look at, and mix that is hidden: mean of what stands, 0–1. */
  readonly interest: readonly number[];
  readonly hidden: readonly number[];
  /** Litres a day of all together, and minutes of care a week, in usual weather. */
  readonly thirstL: readonly number[];
  readonly minutes: readonly number[];
}

/** No more weeks than this are shown: a year and a little is seen at once. */
const MOST_WEEKS = 60;

/** Adds up what plantings show and ask for, from the week in which the first was planted until the last is over. @returns `null` for none */
export function yardSeason(readings: readonly Reading[]): YardSeason | null {
  return finished(addingUp(readings));
}

/** The same, planting by planting. */
export function* addingUp(readings: readonly Reading[]): Work<YardSeason | null> {
  const [first] = readings;
  if (!first) return null;
  // Plantings of one year: those planted before the turn of the year come first.
  const base = first.planting.plantedWeek;
  const begins = readings.map(({ planting }) => {
    const on = weeksBetween(base, planting.plantedWeek);
    return on > WEEKS_PER_YEAR / 2 ? on - WEEKS_PER_YEAR : on;
  });
  const from = Math.min(...begins);
  const ends = readings.map(({ planting }, i) => begins[i]! + seasonWeeks(planting));
  const count = Math.min(MOST_WEEKS, Math.max(...ends) - from + 1);
  const sums = Array.from({ length: count }, () => ({
    standing: 0,
    interest: 0,
    hidden: 0,
    thirstL: 0,
    minutes: 0,
  }));
  for (const [i, reading] of readings.entries()) {
    yield;
    seasonCare(reading).forEach(({ thirstL, minutes }, week) => {
      const sum = sums[begins[i]! - from + week];
      if (!sum) return;
      sum.standing += 1;
      sum.interest += interestAt(reading, week);
      sum.hidden += coverAt(reading, week);
      sum.thirstL += thirstL;
      sum.minutes += minutes;
    });
  }
  const mean = (of: 'interest' | 'hidden') =>
    sums.map((sum) => (sum.standing > 0 ? sum[of] / sum.standing : 0));
  return {
    fromWeek: weekAfter(base, from < 0 ? from + WEEKS_PER_YEAR : from),
    standing: sums.map(({ standing }) => standing),
    interest: mean('interest'),
    hidden: mean('hidden'),
    thirstL: sums.map(({ thirstL }) => thirstL),
    minutes: sums.map(({ minutes }) => minutes),
  };
}
