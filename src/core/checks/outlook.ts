import { visibleHeightCm, soilHeightCm, insideBaseCm } from '../containers/container';
import { halfDepthCm, halfFrontCm } from '../containers/shape';
import type { Size } from '../growth/foresee';
import type { PlantingInSpot } from '../plantings/planting';
import type { PlantKind } from '../plants/kind';
import { EYE_HEIGHT_CM } from '../spots/spot';

/** What is seen of each plant, by index. */
export interface Seen {
  /** Of what the plant shows when nothing stands before it, the share that is seen, 0–1; the mean over the viewpoints. */
  readonly share: readonly number[];
  /** Picture area that is seen, cm²; the mean over the viewpoints. */
  readonly areaCm2: readonly number[];
}

/** A way of looking at a container: turned and raised, radians. */
export interface Look {
  readonly azimuthRad: number;
  readonly pitchRad: number;
}

/** Distance of a passer-by where no viewpoint is told, cm; and how far from below a hung one is looked at, radians. Ours. */
const PASSING_CM = 220;
const FROM_BELOW_RAD = -0.45;
const STEEPEST_RAD = 0.7;

/** From where a planting is judged: the front, or four sides; from the eye height that is told, else standing. */
export function looksOf({ planting, spot }: Pick<PlantingInSpot, 'planting' | 'spot'>): readonly Look[] {
  const eye = spot.eyes.find(({ sill }) => sill === null);
  const middle = spot.dropCm + visibleHeightCm(planting.container);
  const eyeCm = eye ? eye.floorCm + EYE_HEIGHT_CM[eye.kind] : EYE_HEIGHT_CM.standing;
  const pitchRad = spot.view === 'from below' ? FROM_BELOW_RAD : Math.max(FROM_BELOW_RAD, Math.min(STEEPEST_RAD, Math.atan2(eyeCm - middle, eye?.distanceCm ?? PASSING_CM)));
  const sides = spot.view === 'one side' ? [0] : [0, 1, 2, 3];
  return sides.map((side) => ({ azimuthRad: (side * Math.PI) / 2, pitchRad }));
}

/** Cells across the picture of the quick estimate. */
const CELLS = 36;

/** What the eye sees through, by habit: every second cell. */
const AIRY: ReadonlySet<PlantKind['habit']> = new Set(['grass', 'cloud', 'strap', 'fern']);

/**
 * A quick estimate of what is seen of each plant: bodies as ellipsoids and trails as curtains, nearest last, counted on a coarse grid.
 * `seeing/visible.ts` counts the drawn leaves themselves; this is for judging hundreds of plantings a second.
 */
export function estimateSeen(it: Pick<PlantingInSpot, 'planting' | 'spot' | 'plants'>, sizes: readonly Size[]): Seen {
  const { plants, planting: { container } } = it;
  const share = plants.map(() => 0);
  const areaCm2 = plants.map(() => 0);
  const looks = looksOf(it);
  for (const { azimuthRad, pitchRad } of looks) {
    const [ca, sa, cp, sp] = [Math.cos(azimuthRad), Math.sin(azimuthRad), Math.cos(pitchRad), Math.sin(pitchRad)];
    const base = insideBaseCm(container);
    const blobs = plants.map((plant, i) => {
      const { heightCm, spreadCm, trailCm } = sizes[i]!;
      const a = spreadCm / 2;
      const b = heightCm / 2;
      const u = plant.xCm * ca - plant.zCm * sa;
      const toward = plant.xCm * sa + plant.zCm * ca;
      const middle = base + soilHeightCm(container, plant.xCm, plant.zCm) + b;
      return { i, u, toward, v: middle * cp - toward * sp, a, half: Math.hypot(b * cp, a * sp), trailCm, kind: plant.kind };
    });
    const rimV = visibleHeightCm(container) * cp;
    let [left, right, low, high] = [Infinity, -Infinity, Infinity, -Infinity];
    for (const { u, a, v, half, trailCm } of blobs) {
      left = Math.min(left, u - a);
      right = Math.max(right, u + a);
      low = Math.min(low, v - half, trailCm > 0 ? rimV - trailCm : Infinity);
      high = Math.max(high, v + half);
    }
    // The grid stands symmetrically about the middle, so that a mirrored planting is seen as well.
    const reach = Math.max(right, -left, 1);
    const cell = Math.max((2 * reach) / CELLS, (high - low) / CELLS, 0.2);
    const columns = 2 * Math.ceil(reach / cell);
    const rows = Math.ceil((high - low) / cell) + 1;
    const seen = new Int16Array(columns * rows).fill(-1);
    const own = plants.map(() => 0);
    const spans = (i: number, u: number, v: number, a: number, half: number, airy: boolean) => {
      for (let row = Math.max(0, Math.floor((v - half - low) / cell)); row <= Math.min(rows - 1, Math.floor((v + half - low) / cell)); row += 1) {
        const t = (low + (row + 0.5) * cell - v) / half;
        if (t < -1 || t > 1) continue;
        fill(i, row, u, a * Math.sqrt(1 - t * t), airy);
      }
    };
    const fill = (i: number, row: number, u: number, halfWidth: number, airy: boolean) => {
      const from = Math.max(0, Math.ceil((u - halfWidth) / cell + columns / 2 - 0.5));
      const to = Math.min(columns, Math.floor((u + halfWidth) / cell + columns / 2 - 0.5) + 1);
      for (let column = from; column < to; column += 1) {
        own[i]! += 1;
        // A sieve that is its own mirror image.
        if (airy && (Math.min(column, columns - 1 - column) + row) % 2) continue;
        seen[row * columns + column] = i;
      }
    };
    blobs.sort((p, q) => p.toward - q.toward || p.i - q.i);
    const reachFront = Math.min(halfFrontCm(container.shape), halfDepthCm(container.shape));
    for (const { i, u, v, a, half, kind } of blobs) spans(i, u, v, a, Math.max(half, 0.6), AIRY.has(kind.habit));
    if (pitchRad < 0) hideBehindRim();
    for (const { i, u, toward, a, trailCm } of blobs) {
      if (trailCm < 2) continue;
      // Trails hang before the pot on the near side and beside it; behind it they are hidden.
      const near = toward > -reachFront * 0.35 || Math.abs(u) > halfFrontCm(container.shape) * 0.7;
      const top = Math.floor((rimV - low) / cell);
      const foot = Math.max(0, Math.floor((rimV - trailCm - low) / cell));
      for (let row = Math.max(0, foot); row <= Math.min(rows - 1, top); row += 1) {
        if (near) fill(i, row, u, a * 0.7, false);
        else own[i]! += (a * 1.4) / cell;
      }
    }
    const counts = plants.map(() => 0);
    for (const id of seen) if (id >= 0) counts[id]! += 1;
    plants.forEach((_, i) => {
      share[i]! += (own[i]! > 0 ? Math.min(1, counts[i]! / own[i]!) : 0) / looks.length;
      areaCm2[i]! += (counts[i]! * cell * cell) / looks.length;
    });

    /** Seen from below the near rim hides what grows low behind it. */
    function hideBehindRim(): void {
      const line = rimV - reachFront * sp;
      const half = halfFrontCm(container.shape);
      for (let row = 0; row < rows; row += 1) {
        if (low + (row + 0.5) * cell > line) continue;
        for (let column = 0; column < columns; column += 1) if (Math.abs((column + 0.5 - columns / 2) * cell) < half) seen[row * columns + column] = -1;
      }
    }
  }
  return { share, areaCm2 };
}
