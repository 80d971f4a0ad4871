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
  return conditionsAt(spot, {
    container: planting.container,
    plantedWeek: planting.plantedWeek,
    feeding: planting.care.feeding,
    trims,
  });
}

/** The last season foreseen for some plants: checks, words and drawings of one planting ask for the same one, and so does each school it is judged by. */
const foreseen = new WeakMap<
  PlantingInSpot['plants'],
  { readonly of: PlantingInSpot; readonly season: Season }
>();

/** How the plants of a planting grow together. Plantings are never changed in place, so that one is foreseen once. */
export function seasonOf(it: PlantingInSpot): Season {
  const held = foreseen.get(it.plants);
  if (held && growAlike(held.of, it)) return held.season;
  const season = foresee(it.plants, conditionsOf(it), bookWeek(it.planting.plantedWeek, it.spot));
  foreseen.set(it.plants, { of: it, season });
  return season;
}

/** Of the same plants: do they grow by the same things? */
function growAlike(a: PlantingInSpot, b: PlantingInSpot): boolean {
  return (
    a.spot === b.spot &&
    a.planting.container === b.planting.container &&
    a.planting.care === b.planting.care &&
    a.planting.plantedWeek === b.planting.plantedWeek
  );
}
