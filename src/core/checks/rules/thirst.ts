import type { PlantKind } from '../../plants/kind';
import type { Check } from '../check';

export interface ThirstFacts {
  readonly thirsty: string;
  readonly dry: string;
  /** One of them must dry out between waterings. */
  readonly mustDry: boolean;
}

const LEVEL: Readonly<Record<PlantKind['thirst'], number>> = { low: 0, medium: 1, high: 2 };

/** Soft fleshy plants want water weekly, those of the desert far less: they live side by side, but neither thrives. */
const SOFT_AND_DESERT = 0.66;

/** How well two kinds share one watering, 0–1. */
export function thirstMatch(a: PlantKind, b: PlantKind): number {
  const gap = Math.abs(LEVEL[a.thirst] - LEVEL[b.thirst]);
  if (a.cycle !== b.cycle && isFleshy(a) && isFleshy(b)) return SOFT_AND_DESERT;
  if (a.dryBetween !== b.dryBetween) return gap === 0 ? 0.7 : gap === 1 ? 0.3 : 0;
  return gap === 2 ? 0.55 : 1;
}

const isFleshy = ({ cycle }: PlantKind): boolean =>
  cycle === 'succulent' || cycle === 'desert succulent';

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
  judge: ({ plants }) => {
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
    const aIsThirstier = LEVEL[a.kind.thirst] > LEVEL[b.kind.thirst] || b.kind.dryBetween;
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
