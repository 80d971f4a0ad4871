import { briefOf } from '../../plantings/brief';
import { isYearRound } from '../../suitability/season';
import { standingOf } from '../../suitability/standing';
import type { Check } from '../check';

export interface GoneOverFacts {
  /** The kind least seen, and the share of the weeks it is there to be seen, 0–1. */
  readonly kind: string;
  readonly present: number;
  /** How many of the plants are gone for much of the time. */
  readonly missing: number;
  readonly plants: number;
  /** Nothing is worth looking at in the first three weeks. */
  readonly dullStart: boolean;
}

/** Present for less than this share of the weeks, a plant is missing; the year round, a winter's rest is none. Ours. */
const MISSING = 0.6;
const MISSING_YEAR_ROUND = 0.5;
/** Worth at which something shows. Ours. */
const SHOWS = 0.35;

/** Is each plant there to be seen for most of its weeks, and something soon after planting? */
export const goneOver: Check<'gone-over', GoneOverFacts> = {
  id: 'gone-over',
  weight: 1.3,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Weeks in leaf, in flower and gone over, from planting on, by the book and the weather.',
  },
  limits: { trouble: 0.3, look: 0.9 },
  judge: (reading) => {
    if (reading.all.length === 0) return null;
    const stay = briefOf(reading);
    const rows = reading.all
      .map((plant) => ({ plant, standing: standingOf(plant.kind, stay) }))
      // What the cold ends is told by the check of the cold; in a frame the pockets change.
      .filter(
        ({ plant, standing: { lost } }) =>
          (!lost || lost.to === 'gone over') &&
          (reading.school.id !== 'evergreen-frame' || plant.kind.foliage.evergreen),
      )
      .sort((a, b) => a.standing.present - b.standing.present);
    const least = rows[0];
    if (!least) return null;
    const leastPresent = isYearRound(stay) ? MISSING_YEAR_ROUND : MISSING;
    const missing = rows.filter(({ standing }) => standing.present < leastPresent);
    const dullStart =
      !reading.planting.wishes.kitchen && !rows.some(({ standing }) => standing.showsSoon >= SHOWS);
    return {
      score: Math.max(0, 1 - 1.3 * (missing.length / reading.all.length)) * (dullStart ? 0.75 : 1),
      facts: {
        kind: least.plant.kindId,
        present: least.standing.present,
        missing: missing.length,
        plants: reading.all.length,
        dullStart,
      },
      culprits: missing.map(({ plant }) => plant.id),
    };
  },
};
