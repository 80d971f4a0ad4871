import { briefOf } from '@/core/plantings/brief';
import type { Planting } from '@/core/plantings/planting';
import type { Spot } from '@/core/spots/spot';
import type { AskMessage } from '@/workers/messages';

/** The ask a planting came from: the same container, spot and wishes again. */
export function askOf(planting: Planting, spot: Spot, seed: number): AskMessage {
  return { ...briefOf(planting, spot), seed, only: null };
}
