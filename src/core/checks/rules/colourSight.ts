import { seenWithout } from '../../colour/vision';
import { deltaE } from '../../colour/oklch';
import { leadingColour } from '../../plants/colours';
import type { Check } from '../check';

export interface ColourSightFacts {
  readonly a: string;
  readonly b: string;
  /** OKLab distance as most see it, and to someone who tells red and green apart badly. */
  readonly usual: number;
  readonly then: number;
}

/** Plainly different to most, alike to some. */
const PLAIN = 0.22;
const ALIKE = 0.09;

/** Do the two chief colours still differ for someone who tells red and green apart badly? About one man in twelve does. */
export const colourSight: Check<'colour-sight', ColourSightFacts> = {
  id: 'colour-sight',
  weight: 0.2,
  certainty: 'a matter of taste',
  source: {
    kind: 'published',
    citation:
      'Machado, Oliveira & Fernandes 2009, A physiologically-based model for simulation of color vision deficiency',
  },
  limits: { trouble: 0, look: 0.7 },
  judge: (reading) => {
    const kinds = [...new Map(reading.plants.map(({ kind }) => [kind.id, kind])).values()];
    if (kinds.length < 2) return null;
    let worst: ColourSightFacts | null = null;
    kinds.forEach((a, i) => {
      for (const b of kinds.slice(i + 1)) {
        const [p, q] = [leadingColour(a), leadingColour(b)];
        const usual = deltaE(p, q);
        if (usual < PLAIN) continue;
        const then = Math.min(
          deltaE(seenWithout(p, 'red'), seenWithout(q, 'red')),
          deltaE(seenWithout(p, 'green'), seenWithout(q, 'green')),
        );
        if (!worst || then < worst.then) worst = { a: a.id, b: b.id, usual, then };
      }
    });
    if (!worst) return null;
    const facts = worst as ColourSightFacts;
    return { score: Math.min(1, 0.4 + (0.6 * facts.then) / ALIKE), facts, culprits: [] };
  },
};
