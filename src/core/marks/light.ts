import { dot, unit, type Vec3 } from '../geometry/vec3';
import type { Mark } from './mark';

/** The light a drawing stands in. */
export interface Light {
  /** Unit direction to the sun, world axes. */
  readonly toSun: Vec3;
  /** What of the open sun gets past all that stands around, 0 (shade) – 1. */
  readonly sunShare: number;
}

/** Light of every drawing that names no hour: from the upper left, toward the viewer. */
export const STUDIO_LIGHT: Light = { toSun: unit([-0.52, 0.78, 0.42]), sunShare: 1 };
/** Share of its own light by which the sky is shown brighter in full shade, where the eye opens up. Ours. */
const EYE_OPENS = 0.5;

/** Edge of one cell of the leaf-density grid, cm. */
const CELL_CM = 4;
/** Extinction per unit of leaf area met. Lower than a plain grid would want, because the grid is blurred. */
const SKY_EXTINCTION = 0.33;
const SUN_EXTINCTION = 0.27;
const SKY_STEPS = 5;
const SUN_STEPS = 7;

const SKY: readonly Vec3[] = [
  [0, 1, 0],
  unit([1, 1, 0]),
  unit([-1, 1, 0]),
  unit([0, 1, 1]),
  unit([0, 1, -1]),
  unit([0.7, 0.35, 0.7]),
  unit([-0.7, 0.35, 0.7]),
];

/** Leaf area one mark puts into the grid, cm². */
function areaOf(mark: Mark): number {
  switch (mark.kind) {
    case 'leaf':
      return mark.lengthCm * mark.widthCm * 0.55;
    case 'strap':
      return mark.spine.length * 3 * (mark.widthsCm[0] ?? 0.5);
    case 'flower':
      return mark.radiusCm * mark.radiusCm * 1.6;
    case 'plume':
      return mark.widthCm * 6;
    case 'fruit':
      return mark.radiusCm * mark.radiusCm * 2;
    case 'stem':
      return 0;
  }
}

/**
 * Sets `ao` (open sky) and `sun` (open sun) on every mark, once for a whole container, independent of the view.
 * Leaf area is summed in a grid, blurred ¼-½-¼ along each axis, and each mark looks out along a few rays:
 * neighbours shade each other and interiors go dark by themselves.
 */
export function lightMarks(
  marks: readonly Mark[],
  { toSun, sunShare }: Light = STUDIO_LIGHT,
): void {
  if (marks.length === 0) return;
  const grid = leafGrid(marks, toSun);
  const { nx, ny, ox, oy, oz } = grid;
  // Light changes slowly from place to place: it is reckoned at the corners of cells where marks are, once, and read between them.
  const sky = new Float32Array(grid.area.length).fill(UNKNOWN);
  const sun = new Float32Array(grid.area.length);
  const lit = (i: number, j: number, k: number): number => {
    const at = (k * ny + j) * nx + i;
    if (sky[at] !== UNKNOWN) return at;
    let open = 0;
    for (const d of SKY) open += Math.exp(-SKY_EXTINCTION * met(grid, i, j, k, d, SKY_STEPS));
    sky[at] = (open / SKY.length) ** 0.8;
    sun[at] = sunShare * Math.exp(-SUN_EXTINCTION * met(grid, i, j, k, toSun, SUN_STEPS));
    return at;
  };
  for (const mark of marks) {
    const { p } = mark;
    const x = (p[0] - ox) / CELL_CM;
    const y = (p[1] - oy) / CELL_CM;
    const z = (p[2] - oz) / CELL_CM;
    const i = x | 0;
    const j = y | 0;
    const k = z | 0;
    const [fx, fy, fz] = [x - i, y - j, z - k];
    let [ao, open] = [0, 0];
    for (let corner = 0; corner < 8; corner += 1) {
      const at = lit(i + (corner & 1), j + ((corner >> 1) & 1), k + (corner >> 2));
      const share =
        (corner & 1 ? fx : 1 - fx) * (corner & 2 ? fy : 1 - fy) * (corner & 4 ? fz : 1 - fz);
      ao += share * sky[at]!;
      open += share * sun[at]!;
    }
    mark.ao = ao;
    mark.sun = open;
  }
}

const UNKNOWN = -1;

/** Leaf area by cell, in cell faces, with the corner it begins at, cm. */
interface LeafGrid {
  readonly area: Float32Array;
  readonly nx: number;
  readonly ny: number;
  readonly nz: number;
  readonly ox: number;
  readonly oy: number;
  readonly oz: number;
}

function leafGrid(marks: readonly Mark[], toSun: Vec3): LeafGrid {
  let [x0, y0, z0, x1, y1, z1] = [Infinity, Infinity, Infinity, -Infinity, -Infinity, -Infinity];
  for (const { p } of marks) {
    x0 = Math.min(x0, p[0]);
    y0 = Math.min(y0, p[1]);
    z0 = Math.min(z0, p[2]);
    x1 = Math.max(x1, p[0]);
    y1 = Math.max(y1, p[1]);
    z1 = Math.max(z1, p[2]);
  }
  const cells = (low: number, high: number) => Math.max(1, Math.ceil((high - low) / CELL_CM)) + 3;
  const [nx, ny, nz] = [cells(x0, x1), cells(y0, y1), cells(z0, z1)];
  const [ox, oy, oz] = [x0 - CELL_CM * 1.5, y0 - CELL_CM * 1.5, z0 - CELL_CM * 1.5];
  let area = new Float32Array(nx * ny * nz);
  for (const mark of marks) {
    const whole = areaOf(mark) / (CELL_CM * CELL_CM);
    if (whole === 0) continue;
    const leaf = mark.kind === 'leaf';
    const points = leaf ? (mark.lengthCm > 6 ? LONG_LEAF : SHORT_LEAF) : AT_ITS_PLACE;
    const u = leaf ? mark.u : toSun;
    for (const s of points) {
      const reach = leaf ? mark.lengthCm * s : 0;
      const x = Math.floor((mark.p[0] + u[0] * reach - ox) / CELL_CM);
      const y = Math.floor((mark.p[1] + u[1] * reach - oy) / CELL_CM);
      const z = Math.floor((mark.p[2] + u[2] * reach - oz) / CELL_CM);
      if (x >= 0 && y >= 0 && z >= 0 && x < nx && y < ny && z < nz)
        area[(z * ny + y) * nx + x]! += whole / points.length;
    }
  }
  for (const stride of [1, nx, nx * ny]) area = blurred(area, stride);
  return { area, nx, ny, nz, ox, oy, oz };
}

/** Shares of its length at which a leaf's area is put into the grid. */
const LONG_LEAF = [0.2, 0.55, 0.9];
const SHORT_LEAF = [0.5];
const AT_ITS_PLACE = [0];

/** Leaf area met from a place (in cells) along a direction, a cell at a time. The first look is a little less than a cell away. */
function met(
  { area, nx, ny, nz }: LeafGrid,
  x: number,
  y: number,
  z: number,
  d: Vec3,
  steps: number,
): number {
  let sum = 0;
  for (let r = 0.85; r < steps; r += 1) {
    const i = (x + d[0] * r) | 0;
    const j = (y + d[1] * r) | 0;
    const k = (z + d[2] * r) | 0;
    if (i < 0 || j < 0 || k < 0 || i >= nx || j >= ny || k >= nz) break;
    sum += area[(k * ny + j) * nx + i]!;
  }
  return sum;
}

function blurred(grid: Float32Array, stride: number): Float32Array<ArrayBuffer> {
  const out = new Float32Array(grid.length);
  for (let i = 0; i < grid.length; i += 1)
    out[i] = 0.5 * grid[i]! + 0.25 * ((grid[i - stride] ?? 0) + (grid[i + stride] ?? 0));
  return out;
}

/** What a facet's brightness is reckoned from. */
export type Lit = Pick<Mark, 'kind' | 'ao' | 'sun' | 'env'>;

/**
 * How bright a facet stands in this light, 0 to about 1.3. `env·sun` gives the plant its volume; four soft steps
 * give the drawn look without noise.
 * @param n unit normal of the side that is seen
 */
export function illumination(n: Vec3, mark: Lit, { toSun, sunShare }: Light): number {
  const floral = mark.kind === 'flower' || mark.kind === 'plume';
  const ao = floral ? Math.min(1, mark.ao * 1.1 + 0.12) : mark.ao;
  const sun = floral ? Math.min(1, mark.sun + 0.12 * sunShare) : mark.sun;
  const l = 0.6 * dot(n, toSun) + 0.5 * dot(mark.env, toSun);
  const raw =
    0.5 * ao * (1 + EYE_OPENS * (1 - sunShare)) +
    sun * (0.66 * Math.max(0, (l + 0.35) / 1.35) + 0.245 * Math.max(0, -l)) +
    (floral ? 0.07 : 0);
  const steps = raw * 4.2;
  const whole = Math.floor(steps);
  const part = Math.min(1, Math.max(0, (steps - whole - 0.22) / 0.56));
  const stepped = (whole + part * part * (3 - 2 * part)) / 4.2;
  return (raw + stepped) / 2;
}
