import { THIRST_LEVEL, thirstMatch } from '../../suitability/watering';
import type { Check } from '../check';

export interface ThirstFacts {
  readonly thirsty: string;
  readonly dry: string;
  /** One of them must dry out between waterings. */
  readonly mustDry: boolean;
}

/** Same thirst for all: the worst pair decides, since one can waters both. */
export const thirst: Check<'thirst', ThirstFacts> = {
  id: 'thirst',
  weight: 2.5,
  certainty: 'quite sure',
  source: {
    kind: 'ours',
    reason:
      'Plants in one container share one watering; one that must dry out rots beside one that must not.',
  },
  limits: { trouble: 0.35, look: 0.65 },
  judge: ({ all: plants }) => {
    let worst: { score: number; a: (typeof plants)[number]; b: (typeof plants)[number] } | null =
      null;
    plants.forEach((a, i) => {
      for (let j = 0; j < i; j += 1) {
        const score = thirstMatch(a.kind, plants[j]!.kind);
        if (!worst || score < worst.score) worst = { score, a, b: plants[j]! };
      }
    });
    if (!worst) return null;
    const { score, a, b } = worst as {
      score: number;
      a: (typeof plants)[number];
      b: (typeof plants)[number];
    };
    const aIsThirstier =
      THIRST_LEVEL[a.kind.thirst] > THIRST_LEVEL[b.kind.thirst] || b.kind.dryBetween;
    const [thirsty, dry] = aIsThirstier ? [a, b] : [b, a];
    return {
      score,
      facts: {
        thirsty: thirsty.kind.id,
        dry: dry.kind.id,
        mustDry: dry.kind.dryBetween && !thirsty.kind.dryBetween,
      },
      culprits: score < 0.65 ? [dry.id, thirsty.id] : [],
    };
  },
};
