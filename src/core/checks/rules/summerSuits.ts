import { briefOf } from '../../plantings/brief';
import { easeInSummer, standingOf } from '../../suitability/standing';
import type { Check } from '../check';

export interface SummerFacts {
  readonly kind: string;
  readonly fault: 'too hot' | 'too cool' | 'cool nights' | 'none';
  /** Kelvin outside what it bears or needs; for cool nights the share of its weeks, 0–1. */
  readonly by: number;
}

/** Share of weeks with nights that check growth at which it begins to show, and at which it is the whole story. Ours. */
const SULKS = [0.45, 1] as const;

/** Are its weeks warm enough, and not too hot, for what stands there? */
export const summerSuits: Check<'summer', SummerFacts> = {
  id: 'summer',
  weight: 1.2,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Mean daily highest of the warmest weeks against what each kind needs and bears, dry or damp; nights against those that check its growth.',
  },
  limits: { trouble: 0.2, look: 0.65 },
  judge: (reading) => {
    if (reading.all.length === 0) return null;
    const stay = briefOf(reading);
    const ranked = reading.all
      .map((plant) => {
        const standing = standingOf(plant.kind, stay);
        const ease = Math.min(1, 2 * easeInSummer(standing));
        const sulks = Math.max(0, (standing.sulks - SULKS[0]) / (SULKS[1] - SULKS[0]));
        const score = Math.min(ease, 1 - 0.6 * sulks);
        const fault: SummerFacts['fault'] =
          score === 1
            ? 'none'
            : ease > 1 - 0.6 * sulks
              ? 'cool nights'
              : standing.tooHot > standing.tooCool
                ? 'too hot'
                : 'too cool';
        return {
          plant,
          score,
          fault,
          by:
            fault === 'cool nights'
              ? standing.sulks
              : Math.max(0, standing.tooHot, standing.tooCool),
        };
      })
      .sort((a, b) => a.score - b.score);
    const worst = ranked[0]!;
    return {
      score: worst.score,
      facts: { kind: worst.plant.kindId, fault: worst.fault, by: worst.by },
      culprits: ranked.filter(({ score }) => score < 0.65).map(({ plant }) => plant.id),
    };
  },
};
