import type { Vec3 } from '../geometry/vec3';
import type { Size } from '../growth/foresee';
import { insideBaseCm, wallOf, type Container } from '../containers/container';
import type { PlacedPlant, SidePlant } from '../plantings/planting';
import type { Habit } from '../plants/kind';
import { growBush } from './bush';
import { growCone, growHead, growThreads } from './cones';
import { growClimber, growFern, growPaddles, growRosette, growTruss } from './crown';
import { growGlobes, growPads, growPencils } from './fleshy';
import type { Mark } from './mark';
import { growRushes, growSwords, growUmbrellas, growWholeFronds } from './reeds';
import { Sheaf } from './sprout';
import { RAD_PER_DEG } from '../units/units';
import type { Bar } from './support';
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
  'globe cactus': growGlobes,
  'pad cactus': growPads,
  pencil: growPencils,
  rush: growRushes,
  umbrella: growUmbrellas,
  sword: growSwords,
  'whole frond': growWholeFronds,
  cone: growCone,
  threads: growThreads,
  head: growHead,
};

/**
 * The marks of one plant: a pure function of its record, its size and its seed.
 * @param index which plant of the planting this is, kept on every mark
 * @param legs of a support it can climb; `null`: it brings its own canes
 */
export function growPlant(
  plant: Pick<PlacedPlant, 'kind' | 'xCm' | 'zCm' | 'seed' | 'lean' | 'turnDeg'>,
  size: Size,
  vessel: Vessel,
  index: number,
  legs: readonly Bar[] | null = null,
): Mark[] {
  const turnRad = (plant.turnDeg ?? 0) * RAD_PER_DEG;
  const outward = vessel.outward(plant.xCm, plant.zCm);
  const trails = plant.kind.habit === 'trailing';
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
    // What trails spills another way when it is turned; what stands is turned whole.
    outward: trails && turnRad !== 0 ? turnedBy(outward, turnRad) : outward,
    rimShare: vessel.rimShare(plant.xCm, plant.zCm),
    vessel,
    legs,
  });
  GENERATORS[plant.kind.habit](sheaf);
  const marks =
    turnRad !== 0 && !trails ? turnedAll(sheaf.marks, sheaf.sprout.base, turnRad) : sheaf.marks;
  return plant.lean && plant.lean.tiltDeg > 0 ? leaning(marks, sheaf.sprout, plant.lean) : marks;
}

/** How far what stands up is tipped out of the side, degrees: it turns toward the light again. Ours. */
const OUT_OF_SIDE_DEG = 38;

/** The marks of one plant that grows out of a side hole: what trails hangs from there, what stands is tipped outward. */
export function growFromSide(
  plant: Pick<SidePlant, 'kind' | 'xCm' | 'zCm' | 'heightCm' | 'out' | 'seed'>,
  size: Size,
  container: Container,
  vessel: Vessel,
  index: number,
): Mark[] {
  const y = insideBaseCm(container) + plant.heightCm;
  const outward: Vec3 = [plant.out[0], 0, plant.out[1]];
  const wall = wallOf(container);
  const [xCm, zCm] = [plant.xCm + outward[0] * wall, plant.zCm + outward[2] * wall];
  const atHole: Vessel = {
    ...vessel,
    soilY: () => y,
    rimAt: () => y,
    outward: () => outward,
    rimShare: () => 1,
  };
  const marks = growPlant({ ...plant, xCm, zCm }, size, atHole, index);
  return plant.kind.habit === 'trailing'
    ? marks
    : tippedAll(marks, [xCm, y, zCm], outward, OUT_OF_SIDE_DEG * RAD_PER_DEG);
}

/** A plant tipped as one toward a level direction. */
function tippedAll(marks: readonly Mark[], base: Vec3, [ox, , oz]: Vec3, rad: number): Mark[] {
  const [c, s] = [Math.cos(rad), Math.sin(rad)];
  return turnedThrough(marks, base, ([x, y, z]) => {
    const along = x * ox + z * oz;
    const out = along * c + y * s - along;
    return [x + ox * out, y * c - along * s, z + oz * out];
  });
}

/** A direction turned clockwise as seen from above, radians. */
function turnedBy([x, y, z]: Vec3, rad: number): Vec3 {
  const [c, s] = [Math.cos(rad), Math.sin(rad)];
  return [x * c - z * s, y, z * c + x * s];
}

/** A plant turned about its own stem. */
function turnedAll(marks: readonly Mark[], base: Vec3, rad: number): Mark[] {
  return turnedThrough(marks, base, (d) => turnedBy(d, rad));
}

/** Every mark turned about a point. @param way what becomes of a direction */
function turnedThrough(marks: readonly Mark[], base: Vec3, way: (d: Vec3) => Vec3): Mark[] {
  const moved = ([x, y, z]: Vec3): Vec3 => {
    const [dx, dy, dz] = way([x - base[0], y - base[1], z - base[2]]);
    return [base[0] + dx, base[1] + dy, base[2] + dz];
  };
  return marks.map((mark): Mark => {
    const at = { ...mark, p: moved(mark.p), env: way(mark.env) };
    switch (at.kind) {
      case 'leaf':
        return {
          ...at,
          u: way(at.u),
          n: way(at.n),
          stalkFrom: at.stalkFrom && moved(at.stalkFrom),
        };
      case 'strap':
        return { ...at, spine: at.spine.map(moved), side: way(at.side) };
      case 'stem':
        return { ...at, to: moved(at.to) };
      case 'plume':
        return { ...at, spine: at.spine.map(moved) };
      case 'flower':
        return { ...at, axis: way(at.axis) };
      case 'fruit':
        return at;
    }
  });
}

/** A plant set in at a slant: every mark above the mix is carried over by its height; what hangs below stays where it hangs. */
function leaning(
  marks: readonly Mark[],
  { base, outward }: Sheaf['sprout'],
  { tiltDeg, turnDeg }: NonNullable<PlacedPlant['lean']>,
): Mark[] {
  const [turn, slope] = [turnDeg * RAD_PER_DEG, Math.tan(tiltDeg * RAD_PER_DEG)];
  const [ox, oz] = [
    outward[0] * Math.cos(turn) + outward[2] * Math.sin(turn),
    outward[2] * Math.cos(turn) - outward[0] * Math.sin(turn),
  ];
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
