import { briefOf } from '../../plantings/brief';
import { leastStay } from '../../suitability/season';
import { standingOf } from '../../suitability/standing';
import { frostFreeWeeks } from '../../spots/frost';
import { weekAfter } from '../../units/units';
import type { Check } from '../check';

export interface ColdFacts {
  readonly kind: string;
  readonly to: 'frost' | 'frozen roots' | 'cold nights';
  /** Weeks after planting, and the week of the year. */
  readonly weeks: number;
  readonly calendarWeek: number;
  /** What comes then in one year of ten, and what the kind bears, °C. */
  readonly atC: number;
  readonly bearsC: number;
  /** The week from which it is usually safe out; `null` where frost is not usual. */
  readonly safeFrom: number | null;
}

/** Does every plant live through every week it stands outside, top and roots? The first that does not decides. */
export const cold: Check<'cold', ColdFacts | null> = {
  id: 'cold',
  weight: 2,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Coldest night in one year of ten, week by week, against what tops bear; the same in the pot, by its litres and walls, against roots; usual nights against those at which it is brought in.',
  },
  limits: { trouble: 0.6, look: 0.9 },
  judge: (reading) => {
    if (reading.all.length === 0) return null;
    const stay = briefOf(reading);
    const hadItsTime = leastStay(stay);
    const lost = reading.all
      .flatMap((plant) => {
        const { lost } = standingOf(plant.kind, stay);
        return lost && lost.to !== 'gone over' && lost.weeks < reading.weeks * hadItsTime
          ? [{ plant, weeks: lost.weeks, to: lost.to, atC: lost.atC }]
          : [];
      })
      // In a frame the pockets change with the season.
      .filter(
        ({ plant: { kind } }) => reading.school.id !== 'evergreen-frame' || kind.foliage.evergreen,
      )
      .sort((a, b) => a.weeks - b.weeks);
    const first = lost[0];
    if (!first) return { score: 1, facts: null, culprits: [] };
    const { kind } = first.plant;
    return {
      score: 0.1 + 0.65 * (first.weeks / reading.weeks),
      facts: {
        kind: kind.id,
        to: first.to,
        weeks: first.weeks,
        calendarWeek: weekAfter(reading.planting.plantedWeek, first.weeks),
        atC: first.atC,
        bearsC:
          first.to === 'frost'
            ? kind.lowestC
            : first.to === 'frozen roots'
              ? kind.rootsC
              : (kind.bringInC ?? kind.lowestC),
        safeFrom: frostFreeWeeks(reading.spot)?.from ?? null,
      },
      culprits: lost.map(({ plant }) => plant.id),
    };
  },
};
