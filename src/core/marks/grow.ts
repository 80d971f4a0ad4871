import type { Size } from '../growth/foresee';
import type { PlacedPlant } from '../plantings/planting';
import type { Habit } from '../plants/kind';
import { growBush } from './bush';
import { growClimber, growFern, growPaddles, growRosette, growTruss } from './crown';
import type { Mark } from './mark';
import { Sheaf } from './sprout';
import { growTrail } from './trail';
import { growBulb, growGrass, growStraps } from './tuft';
import type { Vessel } from './vessel';

const GENERATORS: Readonly<Record<Habit, (sheaf: Sheaf) => void>> = {
  mound: growBush,
  upright: growBush,
  spike: growBush,
  cloud: growBush,
  grass: growGrass,
  strap: growStraps,
  trailing: growTrail,
  rosette: growRosette,
  fern: growFern,
  paddle: growPaddles,
  climber: growClimber,
  bulb: growBulb,
  truss: growTruss,
};

/**
 * The marks of one plant: a pure function of its record, its size and its seed.
 * @param index which plant of the planting this is, kept on every mark
 */
export function growPlant(plant: Pick<PlacedPlant, 'kind' | 'xCm' | 'zCm' | 'seed'>, size: Size, vessel: Vessel, index: number): Mark[] {
  const sheaf = new Sheaf({
    kind: plant.kind,
    plant: index,
    seed: plant.seed,
    base: [plant.xCm, vessel.soilY(plant.xCm, plant.zCm), plant.zCm],
    heightCm: size.heightCm,
    radiusCm: size.spreadCm / 2,
    trailCm: size.trailCm,
    share: size.share,
    bloom: size.bloom,
    fruit: size.fruit,
    outward: vessel.outward(plant.xCm, plant.zCm),
    rimShare: vessel.rimShare(plant.xCm, plant.zCm),
    vessel,
  });
  GENERATORS[plant.kind.habit](sheaf);
  return sheaf.marks;
}
