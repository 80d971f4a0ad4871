import { add, level, unit, type Vec3 } from '../geometry/vec3';
import { clamp, mix } from '../units/units';
import type { LeafStyle } from './mark';
import { OUTLINES } from './outline';
import { GOLDEN_RAD, WHY, type Sheaf } from './sprout';
import { addRuns, blade } from './tuft';

/** Most sprigs of a full-grown cone. */
const MOST_SPRIGS = 460;

/** A dense cone or column of sprigs, widest near the ground. */
export function growCone(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const style: LeafStyle = { ...sheaf.leaf, shape: 'sprig' };
  const size = clamp(sprout.heightCm * 0.105, 2.9, 7.6);
  const count = Math.round(MOST_SPRIGS * mix(0.4, 1, sprout.share));
  const column = sprout.radiusCm < sprout.heightCm * 0.24;
  addHeart(sheaf, column);
  for (let i = 0; i < count; i += 1) {
    const f = (i + 0.5) / count;
    // As many sprigs to each bit of surface: more near the ground, where a cone is wide.
    const rise = column ? f : 1 - Math.sqrt(1 - f);
    const out = level(i * GOLDEN_RAD);
    const narrowing = column ? (1 - rise ** 5) ** 0.8 : (1 - rise) ** 0.86;
    const r =
      sprout.radiusCm * Math.max(0.03, narrowing) * (0.9 + 0.14 * sheaf.random(i, 0, WHY.reach));
    const p = add(add(sprout.base, [0, sprout.heightCm * 0.97 * rise, 0]), out, r * 0.82);
    const u = unit(add(add([0, 0.75 + rise, 0], out, 0.75), sheaf.noise(i, 0, 0.22)));
    sheaf.addLeaf(p, u, unit(add(out, [0, 0.4, 0])), size * mix(1, 0.7, rise), {
      widthCm: size * OUTLINES.sprig.ratio,
      bend: 0.15,
      fold: 0.1,
      jitter: sheaf.signed(i, 0, WHY.jitter),
      style,
      env: unit(add(out, [0, 0.25 + rise * 0.6, 0])),
    });
  }
}

/** Steps of the dark body behind the sprigs: how high each ends, and how wide it is, of height and radius. */
const HEART = [
  [0.3, 1.25],
  [0.55, 0.95],
  [0.78, 0.6],
  [0.92, 0.28],
] as const;
const HEART_OF_COLUMN = [
  [0.5, 1.35],
  [0.8, 1.2],
  [0.93, 0.7],
] as const;
/** How much darker the inside of a cone is. */
const INSIDE = 0.62;

/** What is seen between the sprigs is the plant's own dark inside, not the wall behind it. */
function addHeart(sheaf: Sheaf, column: boolean): void {
  const { base, heightCm, radiusCm, kind } = sheaf.sprout;
  const [L, C, h] = kind.foliage.main;
  let from = base;
  for (const [rise, wide] of column ? HEART_OF_COLUMN : HEART) {
    const to = add(base, [0, heightCm * rise, 0]);
    sheaf.addStem(from, to, radiusCm * wide, [L * INSIDE, C * 0.8, h]);
    from = to;
  }
}

/** Loose threads: a mop of drooping strings from several shoots, as on thread cypresses. */
export function growThreads(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const shoots = Math.round(9 * mix(0.5, 1, sprout.share));
  for (let i = 0; i < shoots; i += 1) {
    const f = (i + 0.5) / shoots;
    const out = level(i * GOLDEN_RAD);
    const head = add(add(sprout.base, out, sprout.radiusCm * 0.5 * Math.sqrt(f)), [
      0,
      sprout.heightCm * mix(0.92, 0.5, f),
      0,
    ]);
    sheaf.addStem(sprout.base, head, 0.7, sheaf.leaf.stem);
    const threads = 30;
    for (let k = 0; k < threads; k += 1) {
      const round: Vec3 = unit(add(level(k * GOLDEN_RAD + i), out, 0.5));
      const from = add(head, [0, -sprout.heightCm * 0.5 * (k / threads) * mix(1, 0.5, f), 0]);
      const long = sprout.radiusCm * mix(0.7, 1.05, sheaf.random(i, k, WHY.size));
      const spine = blade(from, round, long, mix(0.5, 1.1, k / threads), 1.7, 7);
      addRuns(
        sheaf,
        spine,
        (s) => 0.55 * (1 - s) + 0.16,
        unit([round[2], 0, -round[0]]),
        2,
        sheaf.signed(i, k, WHY.jitter),
      );
    }
  }
}

/** A tight head of ruffled leaves, palest at the heart, as of ornamental cabbages. */
export function growHead(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const { foliage } = sprout.kind;
  const count = Math.round(46 * mix(0.5, 1, sprout.share));
  const heart: LeafStyle = foliage.second
    ? { ...sheaf.leaf, main: foliage.second, second: null, pattern: 'plain' }
    : sheaf.leaf;
  const ratio = OUTLINES[foliage.shape].ratio;
  for (let i = 0; i < count; i += 1) {
    const f = (i + 0.5) / count;
    const out = level(i * GOLDEN_RAD);
    const elevation = mix(1.45, 0.12, f ** 0.75);
    const size = sprout.radiusCm * mix(0.3, 0.95, f ** 0.7);
    const u = unit(add([0, Math.sin(elevation), 0], out, Math.cos(elevation)));
    const n = unit(add([0, Math.cos(elevation), 0], out, -Math.sin(elevation)));
    const from = add(add(sprout.base, out, sprout.radiusCm * 0.06 * f), [
      0,
      sprout.heightCm * mix(0.5, 0.22, f),
      0,
    ]);
    sheaf.addLeaf(from, u, add(n, sheaf.noise(i, 0, 0.14)), size, {
      widthCm: size * Math.max(0.9, ratio) * 0.95,
      bend: mix(-0.7, 0.35, f),
      fold: mix(-0.35, 0.1, f),
      jitter: sheaf.signed(i, 0, WHY.jitter),
      style: f < 0.5 ? heart : sheaf.leaf,
      env: unit(add([0, 0.8, 0], out, 0.3 + 0.7 * f)),
    });
  }
}
