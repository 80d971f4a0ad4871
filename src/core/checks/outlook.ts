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
  /** The same share of its flowers, plumes and fruit; 1 where it shows none. `null` when they were not told apart. */
  readonly flowers: readonly number[] | null;
}

/** A way of looking at a container: turned and raised, radians. */
export interface Look {
  readonly azimuthRad: number;
  readonly pitchRad: number;
  /** What this viewpoint counts among the others; they sum to 1. */
  readonly weight: number;
}

/** Distance of a passer-by where no viewpoint is told, cm; and how far from below a hung one is looked at, radians. Ours. */
const PASSING_CM = 220;
const FROM_BELOW_RAD = -0.45;
const STEEPEST_RAD = 0.7;

/** From where a planting is judged: the front, or four sides; from every viewpoint that is told, by its weight, else as someone who passes. */
export function looksOf({
  planting,
  spot,
}: Pick<PlantingInSpot, 'planting' | 'spot'>): readonly Look[] {
  const middle = spot.dropCm + visibleHeightCm(planting.container);
  const passer = { heightCm: EYE_HEIGHT_CM.standing, distanceCm: PASSING_CM, weight: 1 };
  const eyes = spot.eyes
    .filter(({ weight }) => weight > 0)
    .map(({ floorCm, kind, distanceCm, weight }) => ({
      heightCm: floorCm + EYE_HEIGHT_CM[kind],
      distanceCm,
      weight,
    }));
  const from = spot.view === 'from below' || eyes.length === 0 ? [passer] : eyes;
  const whole = from.reduce((sum, { weight }) => sum + weight, 0);
  const sides = spot.view === 'one side' ? [0] : [0, 1, 2, 3];
  return from.flatMap(({ heightCm, distanceCm, weight }) => {
    const pitchRad =
      spot.view === 'from below'
        ? FROM_BELOW_RAD
        : Math.max(
            FROM_BELOW_RAD,
            Math.min(STEEPEST_RAD, Math.atan2(heightCm - middle, distanceCm)),
          );
    return sides.map((side) => ({
      azimuthRad: (side * Math.PI) / 2,
      pitchRad,
      weight: weight / whole / sides.length,
    }));
  });
}

/** Cells across the picture of the quick estimate. */
const CELLS = 36;
/**
 * What of the light from behind a plant's leaves keep off: in the middle of its outline, where they close up, and toward its edge; less for
 * airy habits. Where the middle ends, as a share of the outline, and how wide trails hang. Set against counts on drawings.
 */
const HIDES = { core: 0.62, fringe: 0.3, airy: 0.5 } as const;
const CORE = 0.7;
const CURTAIN = 0.55;
const AIRY: ReadonlySet<PlantKind['habit']> = new Set(['grass', 'cloud', 'strap', 'fern']);

/** One plant as the eye meets it: an ellipse across the picture, and a curtain of trails. */
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

/**
 * A quick estimate of what is seen of each plant: bodies as ellipses that let through some of what is behind, trails as curtains, reckoned cell
 * by cell from the nearest back. `seeing/visible.ts` counts the drawn leaves themselves; this is for judging hundreds of plantings a second.
 */
export function estimateSeen(
  it: Pick<PlantingInSpot, 'planting' | 'spot' | 'plants'>,
  sizes: readonly Size[],
): Seen {
  const {
    plants,
    planting: { container },
  } = it;
  const share = plants.map(() => 0);
  const areaCm2 = plants.map(() => 0);
  if (plants.length === 0) return { share, areaCm2, flowers: null };
  const looks = looksOf(it);
  const base = insideBaseCm(container);
  const rimCm = visibleHeightCm(container);
  const halfFront = halfFrontCm(container.shape);
  const depth = Math.min(halfFront, halfDepthCm(container.shape));
  for (const { azimuthRad, pitchRad, weight } of looks) {
    const [ca, sa, cp, sp] = [
      Math.cos(azimuthRad),
      Math.sin(azimuthRad),
      Math.cos(pitchRad),
      Math.sin(pitchRad),
    ];
    const blobs = plants.map((plant, i): Blob => {
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
    const rimV = rimCm * cp;
    let [reach, low, high] = [1, Infinity, -Infinity];
    for (const { u, a, v, half, trailCm } of blobs) {
      reach = Math.max(reach, Math.abs(u) + a);
      low = Math.min(low, v - half, trailCm > 0 ? rimV - trailCm : Infinity);
      high = Math.max(high, v + half);
    }
    // The grid stands symmetrically about the middle, so that a mirrored planting is seen as well.
    const cell = Math.max((2 * reach) / CELLS, (high - low) / CELLS, 0.2);
    const columns = 2 * Math.ceil(reach / cell);
    const rows = Math.ceil((high - low) / cell) + 1;
    const through = new Float32Array(columns * rows).fill(1);
    const after = new Float32Array(columns * rows).fill(1);
    const own = plants.map(() => 0);
    const seen = plants.map(() => 0);
    const shown = plants.map(() => 0);
    const touched: number[] = [];
    const row = (
      i: number,
      r: number,
      u: number,
      halfWidth: number,
      inner: number,
      hides: number,
    ) => {
      const from = Math.max(0, Math.ceil((u - halfWidth) / cell + columns / 2 - 0.5));
      const to = Math.min(columns, Math.floor((u + halfWidth) / cell + columns / 2 - 0.5) + 1);
      for (let column = from; column < to; column += 1) {
        const at = r * columns + column;
        const off = (column + 0.5 - columns / 2) * cell - u;
        const kept = (off <= inner && off >= -inner ? HIDES.core : HIDES.fringe) * hides;
        own[i]! += 1;
        seen[i]! += through[at]!;
        shown[i]! += through[at]! * kept;
        after[at]! *= 1 - kept;
        touched.push(at);
      }
    };
    /** What is nearer is reckoned with from the next depth on; plants at one depth do not hide each other. */
    const settleDepth = () => {
      for (const at of touched) {
        through[at]! *= after[at]!;
        after[at] = 1;
      }
      touched.length = 0;
    };
    for (const { i, u, toward, a, trailCm, hides } of blobs) {
      if (trailCm < 2) continue;
      // Trails hang before the pot on the near side and beside it; behind it they are hidden.
      const near = toward > -depth * 0.35 || Math.abs(u) > halfFront * 0.7;
      for (
        let r = Math.max(0, Math.floor((rimV - trailCm - low) / cell));
        r < Math.min(rows, Math.floor((rimV - low) / cell));
        r += 1
      ) {
        if (near) row(i, r, u, a * CURTAIN, a * CURTAIN, hides);
        else own[i]! += (a * 2 * CURTAIN) / cell;
      }
    }
    settleDepth();
    if (pitchRad < 0) {
      // Seen from below the near rim hides what grows low behind it.
      const line = Math.min(rows, Math.floor((rimV - depth * sp - low) / cell));
      for (let r = 0; r < line; r += 1)
        for (let column = 0; column < columns; column += 1)
          if (Math.abs((column + 0.5 - columns / 2) * cell) < halfFront)
            through[r * columns + column] = 0;
    }
    blobs.sort((p, q) => q.toward - p.toward);
    blobs.forEach(({ i, u, v, a, half, toward, hides }, at) => {
      if (at > 0 && blobs[at - 1]!.toward - toward > SAME_DEPTH_CM) settleDepth();
      for (
        let r = Math.max(0, Math.floor((v - half - low) / cell));
        r <= Math.min(rows - 1, Math.floor((v + half - low) / cell));
        r += 1
      ) {
        const t = (low + (r + 0.5) * cell - v) / half;
        if (t <= -1 || t >= 1) continue;
        row(
          i,
          r,
          u,
          a * Math.sqrt(1 - t * t),
          Math.abs(t) < CORE ? a * Math.sqrt(CORE * CORE - t * t) : 0,
          hides,
        );
      }
    });
    plants.forEach((_, i) => {
      share[i]! += (own[i]! > 0 ? Math.min(1, seen[i]! / own[i]!) : 0) * weight;
      areaCm2[i]! += shown[i]! * cell * cell * weight;
    });
  }
  return { share, areaCm2, flowers: null };
}

/** Plants no further apart in depth than this stand side by side, cm. */
const SAME_DEPTH_CM = 0.5;
