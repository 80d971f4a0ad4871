import type { PlantKind } from '../plants/kind';

/** What fruit is worth looking at against flowers. Ours. */
export const FRUIT_WORTH = 0.6;

/** What a kind's flowers are worth looking at when all are out, 0–1: more, the more of it they cover. Ours. */
export const flowerWorth = ({ bloom }: PlantKind): number =>
  bloom ? Math.min(1, 0.45 + bloom.cover * 1.3) : 0;
