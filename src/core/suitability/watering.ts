import type { PlantKind } from '../plants/kind';

/** Thirst as a number: how many steps apart two kinds are. */
export const THIRST_LEVEL: Readonly<Record<PlantKind['thirst'], number>> = {
  low: 0,
  medium: 1,
  high: 2,
};

/** Soft fleshy plants want water weekly, those of the desert far less: they live side by side, but neither thrives. */
const SOFT_AND_DESERT = 0.66;

/** How well two kinds share one watering, 0–1. */
export function thirstMatch(a: PlantKind, b: PlantKind): number {
  const gap = Math.abs(THIRST_LEVEL[a.thirst] - THIRST_LEVEL[b.thirst]);
  if (a.cycle !== b.cycle && isFleshy(a) && isFleshy(b)) return SOFT_AND_DESERT;
  if (a.dryBetween !== b.dryBetween) return gap === 0 ? 0.7 : gap === 1 ? 0.3 : 0;
  return gap === 2 ? 0.55 : 1;
}

const isFleshy = ({ cycle }: PlantKind): boolean =>
  cycle === 'succulent' || cycle === 'desert succulent';

/** Thirst match below which two kinds are never planted together, and from which they make a pair. Ours. */
const LEAST_MATCH = 0.5;
const PAIR_MATCH = 0.7;

/** May one can water both? */
export const mayShareWatering = (a: PlantKind, b: PlantKind): boolean =>
  thirstMatch(a, b) >= LEAST_MATCH;

/** Are they at home with one watering? */
export const shareWatering = (a: PlantKind, b: PlantKind): boolean =>
  thirstMatch(a, b) >= PAIR_MATCH;
