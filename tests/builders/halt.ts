import { rillbankHalt } from '@/demo/rillbankHalt';
import { kindOf } from '@/core/plants/book/index';
import { USUAL_HOUSE } from '@/core/plantings/house';
import { inSpot, type PlantingInSpot } from '@/core/plantings/planting';

const { plantings, spots } = rillbankHalt();

/** The plantings of Rillbank Halt, each at its spot, as a usual house judges them. */
export const HALT: readonly PlantingInSpot[] = plantings.map((planting) =>
  inSpot(
    planting,
    spots.find(({ id }) => id === planting.spotId)!,
    kindOf,
    USUAL_HOUSE,
  ),
);
