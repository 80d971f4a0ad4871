import type { Container } from '../containers/container';
import type { SideHole } from '../containers/sideHoles';
import { PACKED_SIZE_IDS, type PackedSizeId } from '../plants/nursery';
import { finished, type Work } from '../work/steps';
import { deepEnough } from './fit';
import { packSame, type Spot2 } from './pack';
import { packOver, packSides, SIDE_SIZES, type SideSizeId } from './sides';

type Tops = Readonly<Record<PackedSizeId, readonly Spot2[]>>;

/** Places for as many plants of one size as go in. */
export interface Fits {
  /** In the first layer, with nothing in the sides. */
  readonly top: Tops;
  /** Through the sides. */
  readonly sides: Readonly<Record<SideSizeId, readonly SideHole[]>>;
  /** In the first layer once the sides are planted with a size. */
  readonly over: Readonly<Record<SideSizeId, Tops>>;
}

/** What goes into a container: packed first layer by size, its sides, and both together. */
export function fitsIn(container: Container): Fits {
  return finished(fitting(container));
}

/** The same, size by size. */
export function* fitting(container: Container): Work<Fits> {
  const top = yield* each(PACKED_SIZE_IDS, (size) =>
    deepEnough(container, size) ? packSame(container, size) : [],
  );
  const sides = yield* each(SIDE_SIZES, (size) => packSides(container, size));
  const over: Partial<Record<SideSizeId, Tops>> = {};
  for (const side of SIDE_SIZES)
    over[side] = yield* each(PACKED_SIZE_IDS, (size) =>
      packOver(container, top[size], size, sides[side], side),
    );
  return { top, sides, over: over as Record<SideSizeId, Tops> };
}

/** One answer for each of some sizes. */
function* each<K extends string, T>(sizes: readonly K[], of: (size: K) => T): Work<Record<K, T>> {
  const answers: Partial<Record<K, T>> = {};
  for (const size of sizes) {
    yield;
    answers[size] = of(size);
  }
  return answers as Record<K, T>;
}
