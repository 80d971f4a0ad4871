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
  [0, 1, 0], unit([1, 1, 0]), unit([-1, 1, 0]), unit([0, 1, 1]), unit([0, 1, -1]), unit([0.7, 0.35, 0.7]), unit([-0.7, 0.35, 0.7]),
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
export function lightMarks(marks: readonly Mark[], { toSun, sunShare }: Light = STUDIO_LIGHT): void {
  if (marks.length === 0) return;
  const low = [Infinity, Infinity, Infinity];
  const high = [-Infinity, -Infinity, -Infinity];
  for (const { p } of marks)
    for (let a = 0; a < 3; a += 1) {
      low[a] = Math.min(low[a]!, p[a]!);
      high[a] = Math.max(high[a]!, p[a]!);
    }
  const size = low.map((l, a) => Math.max(1, Math.ceil((high[a]! - l) / CELL_CM)) + 3);
  const [nx, ny, nz] = size as [number, number, number];
  const [ox, oy, oz] = low.map((l) => l - CELL_CM * 1.5) as [number, number, number];
  let grid = new Float32Array(nx * ny * nz);
  const at = (x: number, y: number, z: number) => (z * ny + y) * nx + x;
  for (const mark of marks) {
    const area = areaOf(mark) / (CELL_CM * CELL_CM);
    if (area === 0) continue;
    const points = mark.kind === 'leaf' && mark.lengthCm > 6 ? [0.2, 0.55, 0.9] : [mark.kind === 'leaf' ? 0.5 : 0];
    for (const s of points) {
      const reach = mark.kind === 'leaf' ? mark.lengthCm * s : 0;
      const u = mark.kind === 'leaf' ? mark.u : toSun;
      const x = Math.floor((mark.p[0] + u[0] * reach - ox) / CELL_CM);
      const y = Math.floor((mark.p[1] + u[1] * reach - oy) / CELL_CM);
      const z = Math.floor((mark.p[2] + u[2] * reach - oz) / CELL_CM);
      if (x >= 0 && y >= 0 && z >= 0 && x < nx && y < ny && z < nz) grid[at(x, y, z)]! += area / points.length;
    }
  }
  for (const stride of [1, nx, nx * ny]) grid = blurred(grid, stride);

  const look = (p: Vec3, d: Vec3, steps: number, extinction: number): number => {
    let tau = 0;
    for (let i = 0; i < steps; i += 1) {
      const r = CELL_CM * (0.85 + i);
      const x = ((p[0] + d[0] * r - ox) / CELL_CM) | 0;
      const y = ((p[1] + d[1] * r - oy) / CELL_CM) | 0;
      const z = ((p[2] + d[2] * r - oz) / CELL_CM) | 0;
      if (x < 0 || y < 0 || z < 0 || x >= nx || y >= ny || z >= nz) break;
      tau += grid[at(x, y, z)]!;
    }
    return Math.exp(-extinction * tau);
  };
  for (const mark of marks) {
    let sky = 0;
    for (const d of SKY) sky += look(mark.p, d, SKY_STEPS, SKY_EXTINCTION);
    mark.ao = (sky / SKY.length) ** 0.8;
    mark.sun = sunShare * look(mark.p, toSun, SUN_STEPS, SUN_EXTINCTION);
  }
}

function blurred(grid: Float32Array, stride: number): Float32Array<ArrayBuffer> {
  const out = new Float32Array(grid.length);
  for (let i = 0; i < grid.length; i += 1) out[i] = 0.5 * grid[i]! + 0.25 * ((grid[i - stride] ?? 0) + (grid[i + stride] ?? 0));
  return out;
}

/**
 * How bright a facet stands in this light, 0 to about 1.3. `env·sun` gives the plant its volume; four soft steps
 * give the drawn look without noise.
 * @param n unit normal of the side that is seen
 */
export function illumination(n: Vec3, mark: Mark, { toSun, sunShare }: Light): number {
  const floral = mark.kind === 'flower' || mark.kind === 'plume';
  const ao = floral ? Math.min(1, mark.ao * 1.1 + 0.12) : mark.ao;
  const sun = floral ? Math.min(1, mark.sun + 0.12 * sunShare) : mark.sun;
  const l = 0.6 * dot(n, toSun) + 0.5 * dot(mark.env, toSun);
  const raw = 0.5 * ao * (1 + EYE_OPENS * (1 - sunShare)) + sun * (0.66 * Math.max(0, (l + 0.35) / 1.35) + 0.245 * Math.max(0, -l)) + (floral ? 0.07 : 0);
  const steps = raw * 4.2;
  const whole = Math.floor(steps);
  const part = Math.min(1, Math.max(0, (steps - whole - 0.22) / 0.56));
  const stepped = (whole + part * part * (3 - 2 * part)) / 4.2;
  return (raw + stepped) / 2;
}
