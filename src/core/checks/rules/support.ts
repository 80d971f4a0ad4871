import type { Check } from '../check';

export interface SupportFacts {
  readonly kind: string;
  readonly how: 'stake' | 'climb';
  readonly heightCm: number;
}

/** Does anything need a stake or something to climb? */
export const support: Check<'support', SupportFacts> = {
  id: 'support',
  weight: 0,
  certainty: 'a caution',
  source: { kind: 'ours', reason: 'The book’s field for climbers and plants that flop.' },
  limits: { trouble: 0, look: 0.9 },
  judge: (reading) => {
    const sizes = reading.grown();
    const needing = reading.plants.map((plant, i) => ({ plant, size: sizes[i]! })).filter(({ plant }) => plant.kind.support !== 'none').sort((a, b) => b.size.heightCm - a.size.heightCm);
    const first = needing[0];
    if (!first) return null;
    return { score: 0.7, facts: { kind: first.plant.kind.id, how: first.plant.kind.support as 'stake' | 'climb', heightCm: first.size.heightCm }, culprits: needing.map(({ plant }) => plant.id) };
  },
};
