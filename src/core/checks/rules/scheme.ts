import { madeOf, readScheme, type Scheme, type SchemeReading } from '../../colour/schemes';
import { clamp } from '../../units/units';
import { kindFitsScheme } from '../../suitability/scheme';
import type { Check } from '../check';
import { coloursSeen, schemeOf } from '../coloursSeen';

export interface SchemeFacts {
  /** The scheme it was judged by. */
  readonly scheme: Scheme;
  readonly fit: number;
  readonly missing: SchemeReading['missing'];
  /** How far there is colour enough to make a scheme at all, 0–1. */
  readonly coloured: number;
  /** Kind furthest from the scheme; `null` when all belong. */
  readonly odd: string | null;
}

/** Do the colours make the scheme that was wished for? Weighed by what is seen, young, midway and grown. */
export const scheme: Check<'scheme', SchemeFacts> = {
  id: 'scheme',
  weight: 2,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Hue, lightness and chroma in OKLCH against the scheme; plain green, white and silver are ground.',
  },
  limits: { trouble: 0.35, look: 0.72 },
  judge: (reading) => {
    if (reading.plants.length === 0) return null;
    const wanted = schemeOf(reading);
    const made = readScheme(coloursSeen(reading), wanted);
    const { fit, carried, missing } = made;
    const ranked = reading.plants
      .map((plant) => ({ plant, fit: kindFitsScheme(plant.kind, wanted) }))
      .sort((a, b) => a.fit - b.fit);
    const odd = ranked[0]!.fit < 0.45 ? ranked[0]! : null;
    // Almost no colour at all does not make a scheme either.
    const coloured = clamp(carried / 0.12, 0, 1);
    return {
      score: clamp(madeOf(made) - (odd ? 0.24 : 0), 0, 1) * (0.72 + 0.28 * coloured),
      facts: { scheme: wanted, fit, missing, coloured, odd: odd ? odd.plant.kind.id : null },
      culprits: odd
        ? ranked.filter((r) => r.plant.kind.id === odd.plant.kind.id).map((r) => r.plant.id)
        : [],
    };
  },
};
