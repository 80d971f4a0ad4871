import {
  fillable,
  mixFloorCm,
  mixHeightCm,
  surfacesOf,
  type Container,
} from '../containers/container';
import { rimLengthCm } from '../containers/shape';
import { insetCm } from '../containers/section';
import { sideHolesOf, type SideHole } from '../containers/sideHoles';
import { NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';
import type { PlacedPlant, Planting, SidePlace, SidePlant } from '../plantings/planting';
import type { PlantKind } from '../plants/kind';
import { seedOf } from '../random/hash';
import { FIT_TOLERANCE_CM, SQUASH } from './fit';
import { packSame, type Spot2 } from './pack';

/** Sizes small enough to be pushed through a side hole or between wires. */
export const SIDE_SIZES = [
  'six-pack',
  'four-pack',
  '9cm',
] as const satisfies readonly NurserySizeId[];
export type SideSizeId = (typeof SIDE_SIZES)[number];

/** A ball as globes along its middle line: x, height, z, radius, cm. */
type Globe = readonly [x: number, y: number, z: number, r: number];

/** Where along a ball's length its globes sit, as shares from the crown: they fill a ball about as long as wide and stand out of no end. */
const ALONG = [0.32, 0.5, 0.68] as const;

function globes(
  size: NurserySizeId,
  at: (fromCrownCm: number) => readonly [number, number, number],
): readonly Globe[] {
  const { topCm, baseCm, heightCm } = NURSERY_SIZES[size];
  return ALONG.map((share) => [
    ...at(share * heightCm),
    Math.min(topCm + (baseCm - topCm) * share, heightCm * 1.3) / 2,
  ]);
}

/** A ball on its side, its crown at the hole and its foot toward the middle. */
const lying = (size: NurserySizeId, { xCm, zCm, heightCm, out }: SideHole): readonly Globe[] =>
  globes(size, (d) => [xCm - out[0] * d, heightCm, zCm - out[1] * d]);

/** A ball upright in the first layer, its top level with the mix. */
const upright = (size: NurserySizeId, { xCm, zCm }: Spot2, mixCm: number): readonly Globe[] =>
  globes(size, (d) => [xCm, mixCm - d, zCm]);

/** Room between two balls beyond what a hand can tease, cm; negative when they press. */
function roomCm(a: readonly Globe[], b: readonly Globe[]): number {
  let least = Infinity;
  for (const [ax, ay, az, ar] of a)
    for (const [bx, by, bz, br] of b)
      least = Math.min(
        least,
        Math.sqrt((ax - bx) ** 2 + (ay - by) ** 2 + (az - bz) ** 2) - (ar + br) * (1 - SQUASH),
      );
  return least;
}

/** Does it lie in the mix from crown to foot? Its crown is at the wall, so only its lower half is asked about the wall. */
function liesInMix(container: Container, size: SideSizeId, hole: SideHole): boolean {
  const { topCm, baseCm, heightCm } = NURSERY_SIZES[size];
  const form = fillable(container);
  const mixCm = surfacesOf(container)[0]!.heightCm;
  if (
    hole.heightCm + (topCm / 2) * (1 - SQUASH) > mixCm ||
    hole.heightCm - (topCm / 2) * (1 - SQUASH) < mixFloorCm(container)
  )
    return false;
  const [footX, footZ] = [hole.xCm - hole.out[0] * heightCm, hole.zCm - hole.out[1] * heightCm];
  return [-1, 0, 1].every(
    (side) =>
      insetCm(form.sectionAt(hole.heightCm + (side * baseCm * 0.7) / 2), footX, footZ) >=
      (baseCm / 2) * 0.7 * (1 - SQUASH),
  );
}

/** Holes through which balls of one size go, the lowest row first: none presses on one that is in already. */
export function packSides(container: Container, size: SideSizeId): readonly SideHole[] {
  const placed: { readonly hole: SideHole; readonly ball: readonly Globe[] }[] = [];
  for (const row of sideHolesOf(container))
    for (const hole of row) {
      const ball = lying(size, hole);
      if (
        liesInMix(container, size, hole) &&
        placed.every((other) => roomCm(other.ball, ball) >= 0)
      )
        placed.push({ hole, ball });
    }
  return placed.map(({ hole }) => hole);
}

/** Room that an upright ball of the first layer has from balls in the sides, cm. */
export function roomFromSidesCm(
  container: Container,
  size: NurserySizeId,
  holes: readonly SideHole[],
  sideSize: SideSizeId,
): (place: Spot2) => number {
  const sides = holes.map((hole) => lying(sideSize, hole));
  const mixCm = surfacesOf(container)[0]!.heightCm;
  const reach =
    NURSERY_SIZES[sideSize].heightCm +
    (NURSERY_SIZES[size].topCm + NURSERY_SIZES[sideSize].topCm) / 2;
  return (place) => {
    const ball = upright(size, place, mixCm);
    let least = Infinity;
    for (const side of sides) {
      // Asked for every place of every lattice: far ones are left out, and one that is well in the way is enough.
      const [x, , z] = side[1]!;
      if (Math.abs(x - place.xCm) > reach || Math.abs(z - place.zCm) > reach) continue;
      least = Math.min(least, roomCm(side, ball));
      if (least < -FIT_TOLERANCE_CM) return least;
    }
    return least;
  };
}

/** Places for as many of one size as go into the first layer over planted sides: of what goes in without them, or laid anew between them, the more. */
export function packOver(
  container: Container,
  top: readonly Spot2[],
  size: NurserySizeId,
  holes: readonly SideHole[],
  sideSize: SideSizeId,
): readonly Spot2[] {
  if (holes.length === 0 || top.length === 0) return top;
  const clearCm = roomFromSidesCm(container, size, holes, sideSize);
  const kept = top.filter((place) => clearCm(place) >= 0);
  if (kept.length === top.length) return top;
  const laid = packSame(container, size, clearCm);
  return laid.length > kept.length ? laid : kept;
}

/** Slits are cut a hand apart, cm. Usual practice. */
const SLIT_EVERY_CM = 13;

/** A row of slits in the side of a basket, a hand apart: so low that balls from cell packs lie under pots of 9 cm set in from above, where it is deep enough for both. */
export function slitsOf(container: Container): Container['sideHoles'][number] {
  const above = NURSERY_SIZES['9cm'].heightCm;
  const half = NURSERY_SIZES['six-pack'].topCm / 2;
  const heightCm = Math.max(
    Math.ceil(mixFloorCm(container) + half),
    Math.floor(mixHeightCm(container) - above - half),
  );
  const round = rimLengthCm(container.shape);
  return { heightCm, count: Math.max(3, Math.round(round / SLIT_EVERY_CM)) };
}

/** What keeps a plant from going through its hole. */
export type SideFault = 'too large' | 'out of the mix' | 'presses';

/** Plants in side holes that do not go in, with the first reason: the ball does not pass, would not lie in the mix, or presses on another. */
export function sideFaults(
  container: Container,
  sides: readonly SidePlant[],
  plants: readonly Pick<PlacedPlant, 'xCm' | 'zCm' | 'size'>[],
): ReadonlyMap<string, SideFault> {
  const faults = new Map<string, SideFault>();
  const mixCm = surfacesOf(container)[0]!.heightCm;
  const balls = plants.map(({ size, ...at }) => upright(size, at, mixCm));
  for (const side of sides) {
    const { id, size } = side;
    if (!isSideSize(size)) {
      faults.set(id, 'too large');
      continue;
    }
    const ball = lying(size, side);
    if (!liesInMix(container, size, side)) faults.set(id, 'out of the mix');
    else if (balls.some((other) => roomCm(ball, other) < -FIT_TOLERANCE_CM))
      faults.set(id, 'presses');
    else balls.push(ball);
  }
  return faults;
}

const isSideSize = (size: NurserySizeId): size is SideSizeId =>
  SIDE_SIZES.some((one) => one === size);

/** The smallest size a kind is sold in that goes through a hole; `null` when it is sold in none. */
export function sideSizeOf({ sold }: Pick<PlantKind, 'sold'>): SideSizeId | null {
  return SIDE_SIZES.find((size) => sold.some((one) => one.size === size)) ?? null;
}

/**
 * Side holes planted with some kinds in turn, row by row, each row beginning with the next kind. What is planted stays.
 * @param rows which rows, from 0, lowest first; `null`: all
 */
export function withSidesPlanted(
  { container, sides = [] }: Pick<Planting, 'container' | 'sides'>,
  kinds: readonly Pick<PlantKind, 'id' | 'sold'>[],
  rows: readonly number[] | null,
): readonly SidePlace[] {
  const turn = kinds.flatMap(({ id, sold }) => {
    const size = sideSizeOf({ sold });
    return size ? [{ kindId: id, size }] : [];
  });
  if (turn.length === 0) return sides;
  const taken = new Set(sides.map(({ row, hole }) => `${row} ${hole}`));
  const used = new Set(sides.map(({ id }) => id));
  const added = sideHolesOf(container).flatMap((holes, row) =>
    rows !== null && !rows.includes(row)
      ? []
      : holes.flatMap((_, hole): SidePlace[] => {
          if (taken.has(`${row} ${hole}`)) return [];
          const plant = turn[(hole + row) % turn.length]!;
          const id = freeSideId(used, `side-${row}-${hole}-${plant.kindId}`);
          used.add(id);
          return [{ id, ...plant, seed: seedOf(id), row, hole }];
        }),
  );
  return [...sides, ...added];
}

/** An id that no plant of this planting has; another kind in the same hole is another plant. */
function freeSideId(used: ReadonlySet<string>, plain: string): string {
  for (let i = 1; ; i += 1) {
    const id = i === 1 ? plain : `${plain}-${i}`;
    if (!used.has(id)) return id.slice(-80);
  }
}
