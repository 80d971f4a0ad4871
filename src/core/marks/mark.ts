import type { Oklch } from '../colour/oklch';
import type { Vec3 } from '../geometry/vec3';
import type { FlowerForm, LeafShape, PlantKind } from '../plants/kind';

/**
 * A plant is a seeded list of marks in space. The same list is painted, written as SVG and counted
 * in the item buffer, so what is shown is what is judged. Centimetres, world axes.
 */
export type Mark = LeafMark | StrapMark | StemMark | FlowerMark | PlumeMark | FruitMark;

/** What `ao` and `sun` hold until light is worked out. Not whole, so that a mark is laid out for fractions from its birth: engines change the layout of thousands of marks otherwise, which takes longer than lighting them. */
export const UNLIT = 0.5;

interface MarkBase {
  /** Which plant of the planting, by its index. */
  readonly plant: number;
  readonly p: Vec3;
  /** From the plant's middle outward, scaled by its radii: what turns scattered leaves into a volume. */
  readonly env: Vec3;
  /** −1 to 1, varies the tone a little. */
  readonly jitter: number;
  /** Open sky, 0–1, and open sun, 0–1, set once by `lightMarks`. */
  ao: number;
  sun: number;
}

/** Colours and surface shared by all leaves of one plant. */
export interface LeafStyle {
  readonly shape: LeafShape | 'pinna' | 'sprig';
  readonly main: Oklch;
  readonly second: Oklch | null;
  readonly vein: Oklch | null;
  readonly under: Oklch | null;
  readonly stem: Oklch;
  readonly pattern: PlantKind['foliage']['pattern'];
  readonly surface: PlantKind['foliage']['surface'];
}

export interface LeafMark extends MarkBase {
  readonly kind: 'leaf';
  readonly style: LeafStyle;
  /** Unit direction base → tip, and unit normal square to it. */
  readonly u: Vec3;
  readonly n: Vec3;
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly bendRad: number;
  readonly foldRad: number;
  /** Where the leaf stalk starts; `null` when the leaf sits on its stem. */
  readonly stalkFrom: Vec3 | null;
}

/** A run of a long narrow leaf: up to a whole blade for fine grass, a sixth of one for broad straps. */
export interface StrapMark extends MarkBase {
  readonly kind: 'strap';
  readonly style: LeafStyle;
  readonly spine: readonly Vec3[];
  readonly widthsCm: readonly number[];
  /** Level vector across the blade. */
  readonly side: Vec3;
}

export interface StemMark extends MarkBase {
  readonly kind: 'stem';
  readonly to: Vec3;
  readonly widthCm: number;
  readonly colour: Oklch;
}

export interface FlowerStyle {
  readonly form: FlowerForm;
  readonly main: Oklch;
  readonly eye: Oklch | null;
  readonly second: Oklch | null;
}

export interface FlowerMark extends MarkBase {
  readonly kind: 'flower';
  readonly style: FlowerStyle;
  /** Unit direction the flower faces. */
  readonly axis: Vec3;
  readonly radiusCm: number;
  readonly seed: number;
  /** 0 bud – 1 open. */
  readonly open: number;
}

/** A soft body of hairs along a spine. */
export interface PlumeMark extends MarkBase {
  readonly kind: 'plume';
  readonly spine: readonly Vec3[];
  readonly widthCm: number;
  readonly colour: Oklch;
  readonly seed: number;
}

export interface FruitMark extends MarkBase {
  readonly kind: 'fruit';
  readonly radiusCm: number;
  /** How far it hangs below its place, between the middles of its rounded ends; 0 for a ball. */
  readonly longCm: number;
  readonly colour: Oklch;
}
