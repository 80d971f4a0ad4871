import { surfacesOf, type Container } from '../containers/container';
import { polygonAreaCm2 } from '../containers/section';
import { formOf } from '../containers/shape';
import { NURSERY_SIZE_IDS, NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';
import { deepEnough, SQUASH } from './fit';
import { packSame, type Spot2 } from './pack';

/** Places for as many plants of one size as go into the first layer, and how many go through each row of side holes. */
export interface Fits {
  readonly top: Readonly<Record<NurserySizeId, readonly Spot2[]>>;
  readonly sides: readonly SideRow[];
}

/** One row of holes or pockets. */
export interface SideRow {
  readonly heightCm: number;
  /** Holes there are. */
  readonly holes: number;
  /** Of each size, how many sit side by side round the row, as far as there are holes for them; 0 when the ball is too long to lie in. */
  readonly fits: Readonly<Partial<Record<NurserySizeId, number>>>;
}

/** Sizes small enough to be pushed through a side hole or between wires. */
const SIDE_SIZES: readonly NurserySizeId[] = ['six-pack', 'four-pack', '9cm'];

/** What goes into a container: packed first layer by size, and its sides. */
export function fitsIn(container: Container): Fits {
  const top = Object.fromEntries(NURSERY_SIZE_IDS.map((size) => [size, deepEnough(container, size) ? packSame(container, size) : []])) as unknown as Fits['top'];
  return { top, sides: sideRows(container) };
}

/** Rows of side holes from the lowest. A ball lies on its side, crown out: its width is taken round the row, its length toward the middle. */
export function sideRows(container: Container): readonly SideRow[] {
  const form = formOf(container.shape);
  return [...container.sideHoles].sort((a, b) => a.heightCm - b.heightCm).map(({ heightCm, count }) => {
    const section = form.sectionAt(heightCm);
    const radius = section.kind === 'disc' ? section.radiusCm : section.kind === 'rect' ? Math.min(section.halfLengthCm, section.halfWidthCm - section.slotCm) : Math.sqrt(polygonAreaCm2(section.points) / Math.PI);
    const mixTop = surfacesOf(container)[0]!.heightCm;
    const fits = Object.fromEntries(SIDE_SIZES.map((size) => {
      const ball = NURSERY_SIZES[size];
      const lies = ball.heightCm <= radius * 1.1 && heightCm + ball.topCm / 2 <= mixTop + 1;
      // Bases of balls that point to the middle crowd first: round the circle on which they end.
      const inner = Math.max(0, radius - ball.heightCm);
      const round = Math.min((2 * Math.PI * radius) / (ball.topCm * (1 - SQUASH)), inner < ball.baseCm / 2 ? 2 : (2 * Math.PI * inner) / (ball.baseCm * (1 - SQUASH)));
      return [size, lies ? Math.min(count, Math.floor(round)) : 0];
    }));
    return { heightCm, holes: count, fits };
  });
}
