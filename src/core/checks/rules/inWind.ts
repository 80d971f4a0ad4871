import { isWindy, windFit, type Torn } from '../../suitability/wind';
import type { Check } from '../check';

export interface InWindFacts {
  /** The kind that suffers most, how wind tears it and whether salt browns it, and how many of the plants fare as badly. */
  readonly kind: string;
  readonly torn: Torn;
  readonly isBurnt: boolean;
  readonly alike: number;
  readonly plants: number;
  readonly bySea: boolean;
}

/** What a plant is worth where it blows, by how wind tears it, and where salt browns it. Ours. */
const WORTH: Readonly<Record<Torn, number>> = { not: 1, 'a little': 0.85, badly: 0.45 };
const BURNT = 0.65;
/** What each further plant that fares as badly takes off. Ours. */
const EACH = 0.02;
/** Below this a plant fares badly. */
const LOOK = 0.7;

/** Where it blows: does everything there bear the wind, and by the sea its salt? */
export const inWind: Check<'in-wind', InWindFacts> = {
  id: 'in-wind',
  weight: 1.2,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'What the book says of each kind in wind and salt, at the height of balconies and roofs and by the sea, where it blows on most days.',
  },
  limits: { trouble: 0.3, look: LOOK },
  judge: ({ all, spot }) => {
    if (all.length === 0 || !isWindy(spot)) return null;
    const ranked = all
      .map((plant) => {
        const fit = windFit(plant.kind, spot);
        return { plant, fit, worth: Math.min(WORTH[fit.torn], fit.isBurnt ? BURNT : 1) };
      })
      .sort((a, b) => a.worth - b.worth);
    const worst = ranked[0]!;
    const alike = ranked.filter(({ worth }) => worth === worst.worth).length;
    return {
      score: worst.worth < LOOK ? Math.max(0, worst.worth - EACH * (alike - 1)) : worst.worth,
      facts: {
        kind: worst.plant.kindId,
        ...worst.fit,
        alike,
        plants: all.length,
        bySea: spot.exposure === 'coast',
      },
      culprits: ranked.filter(({ worth }) => worth < LOOK).map(({ plant }) => plant.id),
    };
  },
};
