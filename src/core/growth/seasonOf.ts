import type { PlantingInSpot } from '../plantings/planting';
import { bookWeek } from '../spots/spot';
import { conditionsAt, type Conditions } from './conditions';
import { foresee, type Season } from './foresee';

/** What the plants of a planting grow by. */
export function conditionsOf({ planting, spot, plants }: PlantingInSpot): Conditions {
  const trims = planting.care.trims.flatMap(({ place, weeks, cut }) => {
    const plant = plants.findIndex(({ id }) => id === place);
    return plant < 0 ? [] : [{ plant, weeks, cut }];
  });
  return conditionsAt(spot, { container: planting.container, plantedWeek: planting.plantedWeek, feeding: planting.care.feeding, trims });
}

/** How the plants of a planting grow together. */
export function seasonOf(it: PlantingInSpot): Season {
  return foresee(it.plants, conditionsOf(it), bookWeek(it.planting.plantedWeek, it.spot));
}
