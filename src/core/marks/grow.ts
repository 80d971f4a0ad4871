import type { Vec3 } from '../geometry/vec3';
import type { Size } from '../growth/foresee';
import type { PlacedPlant } from '../plantings/planting';
import type { Habit } from '../plants/kind';
import { growBush } from './bush';
import { growClimber, growFern, growPaddles, growRosette, growTruss } from './crown';
import type { Mark } from './mark';
import { Sheaf } from './sprout';
import { RAD_PER_DEG } from '../units/units';
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
export function growPlant(plant: Pick<PlacedPlant, 'kind' | 'xCm' | 'zCm' | 'seed' | 'lean'>, size: Size, vessel: Vessel, index: number): Mark[] {
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
  return plant.lean && plant.lean.tiltDeg > 0 ? leaning(sheaf.marks, sheaf.sprout, plant.lean) : sheaf.marks;
}

/** A plant set in at a slant: every mark above the mix is carried over by its height; what hangs below stays where it hangs. */
function leaning(marks: readonly Mark[], { base, outward }: Sheaf['sprout'], { tiltDeg, turnDeg }: NonNullable<PlacedPlant['lean']>): Mark[] {
  const [turn, slope] = [turnDeg * RAD_PER_DEG, Math.tan(tiltDeg * RAD_PER_DEG)];
  const [ox, oz] = [outward[0] * Math.cos(turn) + outward[2] * Math.sin(turn), outward[2] * Math.cos(turn) - outward[0] * Math.sin(turn)];
  const moved = (p: Vec3): Vec3 => {
    const by = Math.max(0, p[1] - base[1]) * slope;
    return by === 0 ? p : [p[0] + ox * by, p[1], p[2] + oz * by];
  };
  return marks.map((mark): Mark => {
    const at = { ...mark, p: moved(mark.p) };
    if (at.kind === 'leaf') return { ...at, stalkFrom: at.stalkFrom && moved(at.stalkFrom) };
    if (at.kind === 'stem') return { ...at, to: moved(at.to) };
    return at.kind === 'strap' || at.kind === 'plume' ? { ...at, spine: at.spine.map(moved) } : at;
  });
}
