import { mixHeightCm, type Container } from '../containers/container';
import type { PlacedPlant, PlantingInSpot, SidePlant } from '../plantings/planting';
import { growthShare } from './growth';
import { bookWeek } from '../spots/spot';
import { conditionsAt, type Conditions } from './conditions';
import { foresee, type Grower, type Season, type Size } from './foresee';

/** What the plants of a planting grow by. */
export function conditionsOf({ planting, spot, plants }: PlantingInSpot): Conditions {
  const trims = planting.care.trims.flatMap(({ place, weeks, cut }) => {
    const plant = plants.findIndex(({ id }) => id === place);
    return plant < 0 ? [] : [{ plant, weeks, cut }];
  });
  return conditionsAt(spot, {
    container: planting.container,
    plantedWeek: planting.plantedWeek,
    endWeek: planting.endWeek,
    feeding: planting.care.feeding,
    trims,
  });
}

/** Share of the year in which a plant that stays grows. Ours: from April to October. */
const GROWING_SHARE = 0.55;

/** Plants as they grow, those that stood there before as large as they have become. */
export function olderGrowers({
  plants,
  weeksBefore,
}: Pick<PlantingInSpot, 'plants' | 'weeksBefore'>): readonly (Grower & PlacedPlant)[] {
  if (Object.keys(weeksBefore).length === 0) return plants;
  return plants.map((plant) => {
    const weeks = weeksBefore[plant.id] ?? 0;
    return weeks > 0
      ? { ...plant, grown: growthShare(plant.kind, plant.size, weeks * GROWING_SHARE, 1) }
      : plant;
  });
}

/** So many seasons are kept, the last that were asked for: of a yard of hundreds they would fill a phone's memory. */
const KEPT = 64;

/** The last season foreseen for some plants: checks, words and drawings of one planting ask for the same one, and so does each school it is judged by. */
const foreseen = new Map<
  PlantingInSpot['plants'],
  { readonly of: PlantingInSpot; readonly season: PlantingSeason }
>();

function keep(it: PlantingInSpot, season: PlantingSeason): void {
  foreseen.delete(it.plants);
  foreseen.set(it.plants, { of: it, season });
  if (foreseen.size > KEPT) foreseen.delete(foreseen.keys().next().value!);
}

/** Plants in side holes as they grow: from below the mix, outside the wall. */
export function sideGrowers(
  container: Container,
  sides: readonly Pick<SidePlant, 'kind' | 'size' | 'xCm' | 'zCm' | 'heightCm'>[],
): readonly Grower[] {
  if (sides.length === 0) return [];
  const mixCm = mixHeightCm(container);
  return sides.map(({ kind, size, xCm, zCm, heightCm }) => ({
    kind,
    size,
    xCm,
    zCm,
    belowCm: Math.max(0.1, mixCm - heightCm),
  }));
}

/** A season of the plants in the mix, and of those in the sides. */
export interface PlantingSeason extends Season {
  readonly sidesAt: Season['at'];
}

/** How the plants of a planting grow together. Plantings are never changed in place, so that one is foreseen once. */
export function seasonOf(it: PlantingInSpot): PlantingSeason {
  const held = foreseen.get(it.plants);
  if (held && growAlike(held.of, it)) return held.season;
  const together = foresee(
    [...olderGrowers(it), ...sideGrowers(it.planting.container, it.sides)],
    conditionsOf(it),
    bookWeek(it.planting.plantedWeek, it.spot),
  );
  const count = it.plants.length;
  const season: PlantingSeason = {
    at: it.sides.length === 0 ? together.at : firstOf(together, count),
    sidesAt: (weeks) => together.at(weeks).slice(count),
  };
  keep(it, season);
  return season;
}

/** Of the same plants: do they grow by the same things? */
function growAlike(a: PlantingInSpot, b: PlantingInSpot): boolean {
  return (
    a.spot === b.spot &&
    a.sides === b.sides &&
    a.planting.container === b.planting.container &&
    a.planting.care === b.planting.care &&
    a.planting.plantedWeek === b.planting.plantedWeek &&
    a.planting.endWeek === b.planting.endWeek &&
    a.weeksBefore === b.weeksBefore
  );
}

/** The first plants of a season, each week cut out once: who asks twice gets the same sizes. */
function firstOf({ at }: Season, count: number): Season['at'] {
  const cut = new Map<number, readonly Size[]>();
  return (weeks) => {
    const found = cut.get(weeks) ?? at(weeks).slice(0, count);
    cut.set(weeks, found);
    return found;
  };
}
