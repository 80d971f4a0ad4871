import { isHung } from '../../containers/shape';
import { lifting, weightOf } from '../../containers/weight';
import type { Check } from '../check';

export interface WeightFacts {
  readonly wateredKg: number;
  readonly soakedKg: number;
  /** Who should move it. */
  readonly who: ReturnType<typeof lifting>;
  /** What bears it. */
  readonly on: 'hook' | 'sill' | 'ground';
  /** What it should be rated for: soaked, with an allowance for swinging and wind where it hangs or stands up high. */
  readonly needKg: number;
  /** What its maker or owner says it bears; `null` when nobody has said. */
  readonly ratedKg: number | null;
}

/** From this weight a hung container deserves a word about its hook. Ours. */
const HOOK_KG = 3;
/** Allowance over the soaked weight for what swings and catches wind (usual range 1.25–2), and for what stands. */
const HUNG_ALLOWANCE = 1.5;
const STANDING_ALLOWANCE = 1.15;
/** Share of the rating from which it is near its limit. Ours: pots vary by a third either way. */
export const NEAR = 0.8;

/** How heavy it is, wet: a caution for hooks, sills and backs. */
export const weight: Check<'weight', WeightFacts> = {
  id: 'weight',
  weight: 0,
  certainty: 'a caution',
  source: {
    kind: 'published',
    citation: 'HSE INDG143, Manual handling at work: lifting filters at waist height, 16 and 25 kg',
  },
  limits: { trouble: 0.3, look: 0.9 },
  judge: (reading) => {
    const foliageM2 =
      reading
        .allSizesAt(reading.grownWeek)
        .reduce((sum, size) => sum + (Math.PI * (size.spreadCm / 2) ** 2) / 10000, 0) * 0.5;
    const { wateredKg, soakedKg } = weightOf(reading.planting.container, foliageM2);
    const on = isHung(reading.planting.container.shape) ? 'hook' : reading.hung ? 'sill' : 'ground';
    const needKg = soakedKg * (on === 'ground' ? STANDING_ALLOWANCE : HUNG_ALLOWANCE);
    const ratedKg = reading.spot.ratedLoad?.kg ?? null;
    if (ratedKg === null && (reading.hung ? soakedKg < HOOK_KG : lifting(wateredKg) === 'one'))
      return null;
    return {
      score: ratingScore(needKg, ratedKg),
      facts: { who: lifting(wateredKg), wateredKg, soakedKg, on, needKg, ratedKg },
      culprits: [],
    };
  },
};

/** A rating is a limit: past it is trouble, near it wants a look, well within it is still a caution, never a promise. */
function ratingScore(needKg: number, ratedKg: number | null): number {
  if (ratedKg === null) return 0.75;
  if (needKg > ratedKg) return 0;
  return needKg > ratedKg * NEAR ? 0.5 : 0.75;
}
