import { weightOf } from '../../containers/container';
import type { Check } from '../check';

export interface WeightFacts {
  readonly wateredKg: number;
  readonly soakedKg: number;
  /** What bears it. */
  readonly on: 'hook' | 'sill' | 'ground';
}

/** From this weight two people or a trolley; a figure for a fit man at waist height in UK guidance (INDG143), lower for others. */
const TWO_PEOPLE_KG = 25;
/** From this weight a hung container deserves a word about its hook. Ours. */
const HOOK_KG = 3;

/** How heavy it is, wet: a caution for hooks, sills and backs. */
export const weight: Check<'weight', WeightFacts> = {
  id: 'weight',
  weight: 0,
  certainty: 'a caution',
  source: { kind: 'published', citation: 'HSE INDG143, Manual handling at work: lifting filter of 25 kg at waist height' },
  limits: { trouble: 0, look: 0.9 },
  judge: (reading) => {
    const foliageM2 = reading.grown().reduce((sum, size) => sum + (Math.PI * (size.spreadCm / 2) ** 2) / 10000, 0) * 0.5;
    const { wateredKg, soakedKg } = weightOf(reading.planting.container, foliageM2);
    if (reading.hung ? soakedKg < HOOK_KG : wateredKg < TWO_PEOPLE_KG) return null;
    return { score: 0.75, facts: { wateredKg, soakedKg, on: reading.planting.container.shape.kind === 'basket' ? 'hook' : reading.hung ? 'sill' : 'ground' }, culprits: [] };
  },
};
