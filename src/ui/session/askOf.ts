import { briefOf } from '@/core/plantings/brief';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { AskMessage } from '@/workers/messages';

/** The ask a planting came from: the same container, spot and wishes again, in whatever school suits. */
export function askOf(it: PlantingInSpot, seed: number): AskMessage {
  return {
    ...briefOf(it),
    wishes: { ...it.planting.wishes, school: 'any' },
    seed,
    only: null,
  };
}
