import type { Check } from '../check';

export interface GlovesFacts {
  readonly kinds: readonly string[];
  readonly note: string;
}

/** Does anything want gloves? */
export const gloves: Check<'gloves', GlovesFacts> = {
  id: 'gloves',
  weight: 0,
  certainty: 'a caution',
  source: { kind: 'ours', reason: 'The book’s field for irritant sap, hairs and spines.' },
  limits: { trouble: 0, look: 0.9 },
  judge: ({ all: plants }) => {
    const sore = [
      ...new Map(
        plants.filter(({ kind }) => kind.irritant.skin === 'yes').map((p) => [p.kind.id, p]),
      ).values(),
    ];
    if (sore.length === 0) return null;
    return {
      score: 0.7,
      facts: { kinds: sore.map(({ kind }) => kind.id), note: sore[0]!.kind.irritant.note },
      culprits: plants.filter(({ kind }) => kind.irritant.skin === 'yes').map(({ id }) => id),
    };
  },
};
