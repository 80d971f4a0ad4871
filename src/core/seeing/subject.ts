import type { Container } from '../containers/container';
import { isHung } from '../containers/shape';
import type { Conditions } from '../growth/conditions';
import { conditionsOf } from '../growth/seasonOf';
import type { Light } from '../marks/light';
import type { PlacedPlant, PlantingInSpot } from '../plantings/planting';
import type { Support } from '../plantings/support';
import { bookWeek, hangsFree } from '../spots/spot';

/** What a drawing needs of a planting: plain data that crosses to a worker. */
export interface Subject {
  readonly container: Container;
  /** Hung up or on a sill, with a drop below it. */
  readonly hung: boolean;
  readonly plantedWeek: number;
  readonly conditions: Conditions;
  /** Something to climb; left out: nothing. */
  readonly support?: Support;
  /** Left out: the studio's. */
  readonly light?: Light;
  readonly plants: readonly Pick<PlacedPlant, 'kind' | 'xCm' | 'zCm' | 'seed' | 'size' | 'lean' | 'turnDeg'>[];
}

export function subjectOf(it: PlantingInSpot): Subject {
  const { planting, spot, plants } = it;
  return {
    container: planting.container,
    hung: isHung(planting.container.shape) || hangsFree(spot),
    plantedWeek: bookWeek(planting.plantedWeek, spot),
    conditions: conditionsOf(it),
    ...(planting.support ? { support: planting.support } : {}),
    plants: plants.map(({ kind, xCm, zCm, seed, size, lean, turnDeg }) => ({ kind, xCm, zCm, seed, size, ...(lean ? { lean } : {}), ...(turnDeg ? { turnDeg } : {}) })),
  };
}
