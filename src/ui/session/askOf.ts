import { briefOf } from '@/core/plantings/brief';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { AskMessage } from '@/workers/messages';

/** The ask a planting came from: the same container, spot and wishes again, in whatever school suits. */
export function askOf({ planting, spot, house }: PlantingInSpot, seed: number): AskMessage {
  return {
    ...briefOf(planting, spot),
    wishes: { ...planting.wishes, school: 'any' },
    house,
    seed,
    only: null,
  };
}
