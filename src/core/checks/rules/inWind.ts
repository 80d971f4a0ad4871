import { inWind as windFit, isWindy, type InWind } from '../../suitability/wind';
import type { Check } from '../check';

export interface InWindFacts {
  /** The kind that suffers most, how it fares, and how many of the plants want shelter. */
  readonly kind: string;
  readonly fares: InWind;
  readonly torn: number;
  readonly plants: number;
}

/** What a plant that wants shelter, and one that bears a breeze only, are worth where it blows. Ours. */
const WORTH: Readonly<Record<InWind, number>> = { well: 1, 'a little torn': 0.85, badly: 0.45 };
/** What each further plant that wants shelter takes off. Ours. */
const EACH = 0.05;

/** Where it blows: does everything there bear it? */
export const inWind: Check<'in-wind', InWindFacts> = {
  id: 'in-wind',
  weight: 1.2,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'What the book says of each kind in wind, at spots at the height of balconies and roofs, where it blows on most days.',
  },
  limits: { trouble: 0.3, look: 0.7 },
  judge: ({ all, spot }) => {
    if (all.length === 0 || !isWindy(spot)) return null;
    const ranked = all
      .map((plant) => ({ plant, fares: windFit(plant.kind, spot) }))
      .sort((a, b) => WORTH[a.fares] - WORTH[b.fares]);
    const worst = ranked[0]!;
    const torn = ranked.filter(({ fares }) => fares === 'badly');
    return {
      score: Math.max(0, WORTH[worst.fares] - EACH * Math.max(0, torn.length - 1)),
      facts: {
        kind: worst.plant.kindId,
        fares: worst.fares,
        torn: torn.length,
        plants: all.length,
      },
      culprits: torn.map(({ plant }) => plant.id),
    };
  },
};
