import type { Container } from '../containers/container';
import type { SideHole } from '../containers/sideHoles';
import { NURSERY_SIZE_IDS, type NurserySizeId } from '../plants/nursery';
import { deepEnough } from './fit';
import { packSame, type Spot2 } from './pack';
import { packOver, packSides, SIDE_SIZES, type SideSizeId } from './sides';

type Tops = Readonly<Record<NurserySizeId, readonly Spot2[]>>;

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
  const bySize = (of: (size: NurserySizeId) => readonly Spot2[]) =>
    Object.fromEntries(NURSERY_SIZE_IDS.map((size) => [size, of(size)])) as unknown as Tops;
  const bySide = <T>(of: (size: SideSizeId) => T) =>
    Object.fromEntries(SIDE_SIZES.map((size) => [size, of(size)])) as unknown as Readonly<
      Record<SideSizeId, T>
    >;
  const top = bySize((size) => (deepEnough(container, size) ? packSame(container, size) : []));
  const sides = bySide((size) => packSides(container, size));
  return {
    top,
    sides,
    over: bySide((side) =>
      bySize((size) => packOver(container, top[size], size, sides[side], side)),
    ),
  };
}
