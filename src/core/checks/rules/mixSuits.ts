import { mixFactsOf } from '../../containers/mixes';
import { mixFit, type MixReason } from '../../potting/mixFit';
import type { Check } from '../check';

export interface MixSuitsFacts {
  readonly harmed: readonly {
    readonly kind: string;
    readonly reason: Exclude<MixReason, 'suits'>;
  }[];
}

/** Does the mix suit everything in it? */
export const mixSuits: Check<'mix', MixSuitsFacts> = {
  id: 'mix',
  weight: 0.6,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Water to hand, air and lime of the mix against what each kind asks: succulents rot in mix that stays wet, lime-haters yellow, the thirsty run dry in grit.',
  },
  limits: { trouble: 0.3, look: 0.9 },
  judge: ({ all: plants, planting }) => {
    if (plants.length === 0) return null;
    const facts = mixFactsOf(planting.container);
    const harmed: { kind: string; reason: Exclude<MixReason, 'suits'> }[] = [];
    const culprits: string[] = [];
    for (const { id, kind } of plants) {
      const reason = mixFit(facts, kind);
      if (reason === 'suits') continue;
      culprits.push(id);
      if (!harmed.some((one) => one.kind === kind.id)) harmed.push({ kind: kind.id, reason });
    }
    return { score: 1 - 0.75 * (culprits.length / plants.length), facts: { harmed }, culprits };
  },
  fixes: (_, { facts }) => {
    const first = facts.harmed[0];
    if (!first) return [];
    const mix = {
      limy: 'acid',
      'stays wet': 'gritty',
      'holds little': 'peat-free',
      airless: 'peat-free',
    } as const;
    return [{ kind: 'container', change: { mix: mix[first.reason], ownMix: null } }];
  },
};
