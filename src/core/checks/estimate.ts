import { insideBaseCm, soilHeightCm, visibleHeightCm } from '../containers/container';
import { halfDepthCm, halfFrontCm } from '../containers/shape';
import type { Size } from '../growth/foresee';
import type { PlantingInSpot } from '../plantings/planting';
import type { PlantKind } from '../plants/kind';
import { looksOf, type Look, type Seen } from './outlook';

/** Cells across the picture of the quick estimate. */
const CELLS = 36;
/**
 * What of the light from behind a plant's leaves keep off: in the middle of its outline, where they close up, and toward its edge; less for
 * airy habits. Where the middle ends, as a share of the outline, and how wide trails hang. Set against counts on drawings.
 */
const HIDES = { core: 0.62, fringe: 0.3, airy: 0.5 } as const;
const CORE = 0.7;
const CURTAIN = 0.55;
const AIRY: ReadonlySet<PlantKind['habit']> = new Set([
  'grass',
  'cloud',
  'strap',
  'fern',
  'rush',
  'umbrella',
  'pencil',
  'threads',
]);
/** Plants no further apart in depth than this stand side by side, cm. */
const SAME_DEPTH_CM = 0.5;
/** Trails shorter than this hang unseen, cm. */
const SHORT_TRAIL_CM = 2;

/** One plant as the eye meets it: an ellipse across the picture, and a curtain of trails. Centimetres of picture, up is more. */
interface Blob {
  readonly i: number;
  readonly u: number;
  readonly v: number;
  readonly toward: number;
  readonly a: number;
  readonly half: number;
  readonly trailCm: number;
  readonly hides: number;
}

/** The container as the eye meets it. */
interface Front {
  readonly rimV: number;
  readonly halfFrontCm: number;
  readonly depthCm: number;
}

/**
 * A quick estimate of what is seen of each plant: bodies as ellipses that let through some of what is behind, trails as curtains, reckoned cell
 * by cell from the nearest back. `seeing/visible.ts` counts the drawn leaves themselves; this is for judging hundreds of plantings a second.
 */
export function estimateSeen(
  it: Pick<PlantingInSpot, 'planting' | 'spot' | 'plants'>,
  sizes: readonly Size[],
): Seen {
  const share = it.plants.map(() => 0);
  const areaCm2 = it.plants.map(() => 0);
  if (it.plants.length === 0) return { share, areaCm2, flowers: null };
  for (const look of looksOf(it)) {
    const raster = lookAt(it, sizes, look);
    it.plants.forEach((_, i) => {
      const own = raster.own[i]!;
      share[i]! += (own > 0 ? Math.min(1, raster.seen[i]! / own) : 0) * look.weight;
      areaCm2[i]! += raster.shown[i]! * raster.cellCm * raster.cellCm * look.weight;
    });
  }
  return { share, areaCm2, flowers: null };
}

/** One look: the trails first, which hang before everything, then the bodies from the nearest back. */
function lookAt(
  it: Pick<PlantingInSpot, 'planting' | 'plants'>,
  sizes: readonly Size[],
  look: Look,
): Cells {
  const { container } = it.planting;
  const halfFront = halfFrontCm(container.shape);
  const front: Front = {
    rimV: visibleHeightCm(container) * Math.cos(look.pitchRad),
    halfFrontCm: halfFront,
    depthCm: Math.min(halfFront, halfDepthCm(container.shape)),
  };
  const blobs = blobsOf(it, sizes, look);
  const cells = new Cells(blobs, front.rimV);
  for (const blob of blobs) cells.hang(blob, front);
  cells.settleDepth();
  if (look.pitchRad < 0) cells.hideBelow(front, look.pitchRad);
  blobs.sort((p, q) => q.toward - p.toward);
  blobs.forEach((blob, at) => {
    if (at > 0 && blobs[at - 1]!.toward - blob.toward > SAME_DEPTH_CM) cells.settleDepth();
    cells.stand(blob);
  });
  return cells;
}

function blobsOf(
  { planting: { container }, plants }: Pick<PlantingInSpot, 'planting' | 'plants'>,
  sizes: readonly Size[],
  { azimuthRad, pitchRad }: Look,
): Blob[] {
  const base = insideBaseCm(container);
  const [ca, sa] = [Math.cos(azimuthRad), Math.sin(azimuthRad)];
  const [cp, sp] = [Math.cos(pitchRad), Math.sin(pitchRad)];
  return plants.map((plant, i): Blob => {
    const { heightCm, spreadCm, trailCm } = sizes[i]!;
    const [a, b] = [spreadCm / 2, heightCm / 2];
    const toward = plant.xCm * sa + plant.zCm * ca;
    return {
      i,
      u: plant.xCm * ca - plant.zCm * sa,
      toward,
      v: (base + soilHeightCm(container, plant.xCm, plant.zCm) + b) * cp - toward * sp,
      a,
      half: Math.max(0.6, Math.hypot(b * cp, a * sp)),
      trailCm,
      hides: AIRY.has(plant.kind.habit) ? HIDES.airy : 1,
    };
  });
}

/** The picture in square cells: how much light from behind still comes through each, and what each plant has of it. */
class Cells {
  readonly cellCm: number;
  /** Cells each plant fills, those of them that are seen, and those in which it is seen and its leaves close up. */
  readonly own: number[];
  readonly seen: number[];
  readonly shown: number[];
  private readonly columns: number;
  private readonly rows: number;
  private readonly low: number;
  private readonly through: Float32Array;
  private readonly after: Float32Array;
  private readonly touched: number[] = [];

  constructor(blobs: readonly Blob[], rimV: number) {
    let [reach, low, high] = [1, Infinity, -Infinity];
    for (const { u, a, v, half, trailCm } of blobs) {
      reach = Math.max(reach, Math.abs(u) + a);
      low = Math.min(low, v - half, trailCm > 0 ? rimV - trailCm : Infinity);
      high = Math.max(high, v + half);
    }
    // The grid stands symmetrically about the middle, so that a mirrored planting is seen as well.
    this.cellCm = Math.max((2 * reach) / CELLS, (high - low) / CELLS, 0.2);
    this.columns = 2 * Math.ceil(reach / this.cellCm);
    this.rows = Math.ceil((high - low) / this.cellCm) + 1;
    this.low = low;
    this.through = new Float32Array(this.columns * this.rows).fill(1);
    this.after = new Float32Array(this.columns * this.rows).fill(1);
    this.own = blobs.map(() => 0);
    this.seen = blobs.map(() => 0);
    this.shown = blobs.map(() => 0);
  }

  /** Trails hang before the pot on the near side and beside it; behind it they are hidden. */
  hang(blob: Blob, { rimV, halfFrontCm, depthCm }: Front): void {
    const { i, u, toward, a, trailCm } = blob;
    if (trailCm < SHORT_TRAIL_CM) return;
    const near = toward > -depthCm * 0.35 || Math.abs(u) > halfFrontCm * 0.7;
    const to = Math.min(this.rows, Math.floor((rimV - this.low) / this.cellCm));
    for (
      let r = Math.max(0, Math.floor((rimV - trailCm - this.low) / this.cellCm));
      r < to;
      r += 1
    ) {
      if (near) this.fill(blob, r, a * CURTAIN, a * CURTAIN);
      else this.own[i]! += (a * 2 * CURTAIN) / this.cellCm;
    }
  }

  /** Seen from below the near rim hides what grows low behind it. */
  hideBelow({ rimV, halfFrontCm, depthCm }: Front, pitchRad: number): void {
    const { columns, cellCm } = this;
    const line = Math.min(
      this.rows,
      Math.floor((rimV - depthCm * Math.sin(pitchRad) - this.low) / cellCm),
    );
    for (let r = 0; r < line; r += 1)
      for (let column = 0; column < columns; column += 1)
        if (Math.abs((column + 0.5 - columns / 2) * cellCm) < halfFrontCm)
          this.through[r * columns + column] = 0;
  }

  /** The body of a plant, row by row. */
  stand(blob: Blob): void {
    const { v, a, half } = blob;
    const { low, cellCm } = this;
    const to = Math.min(this.rows - 1, Math.floor((v + half - low) / cellCm));
    for (let r = Math.max(0, Math.floor((v - half - low) / cellCm)); r <= to; r += 1) {
      const t = (low + (r + 0.5) * cellCm - v) / half;
      if (t <= -1 || t >= 1) continue;
      const inner = Math.abs(t) < CORE ? a * Math.sqrt(CORE * CORE - t * t) : 0;
      this.fill(blob, r, a * Math.sqrt(1 - t * t), inner);
    }
  }

  /** What is nearer is reckoned with from the next depth on; plants at one depth do not hide each other. */
  settleDepth(): void {
    for (const at of this.touched) {
      this.through[at]! *= this.after[at]!;
      this.after[at] = 1;
    }
    this.touched.length = 0;
  }

  /** One row of one plant, so wide about its middle, leaves closing up within `inner`. */
  private fill({ i, u, hides }: Blob, row: number, halfWidth: number, inner: number): void {
    const { columns, cellCm, through, after } = this;
    const from = Math.max(0, Math.ceil((u - halfWidth) / cellCm + columns / 2 - 0.5));
    const to = Math.min(columns, Math.floor((u + halfWidth) / cellCm + columns / 2 - 0.5) + 1);
    for (let column = from; column < to; column += 1) {
      const at = row * columns + column;
      const off = (column + 0.5 - columns / 2) * cellCm - u;
      const kept = (off <= inner && off >= -inner ? HIDES.core : HIDES.fringe) * hides;
      this.own[i]! += 1;
      this.seen[i]! += through[at]!;
      this.shown[i]! += through[at]! * kept;
      after[at]! *= 1 - kept;
      this.touched.push(at);
    }
  }
}
