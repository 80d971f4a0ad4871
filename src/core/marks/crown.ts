import type { Oklch } from '../colour/oklch';
import { add, level, unit, type Vec3 } from '../geometry/vec3';
import { mix } from '../units/units';
import { addFlowers, addFruits, type BlossomAt } from './blossom';
import type { LeafStyle } from './mark';
import { OUTLINES } from './outline';
import { GOLDEN_RAD, WHY, type Sheaf } from './sprout';
import type { Bar } from './support';

/** Rosettes: leaves in a spiral, upright and short in the heart, flat and long outside. */
export function growRosette(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const { kind } = sprout;
  const fleshy = kind.foliage.shape === 'fleshy';
  const raised = fleshy && sprout.heightCm > sprout.radiusCm * 2.1;
  const heads = raised ? 5 : fleshy && kind.foliage.lengthCm < 5 ? 6 : 1;
  const ratio = OUTLINES[kind.foliage.shape].ratio;
  const sites: BlossomAt[] = [];
  for (let h = 0; h < heads; h += 1) {
    const around = level(h * GOLDEN_RAD + 0.7);
    const off = heads === 1 ? 0 : sprout.radiusCm * (h === 0 ? 0.05 : 0.58);
    const lift = raised ? sprout.heightCm * (0.55 + 0.35 * sheaf.random(h, 0, WHY.reach)) : 0;
    const heart: Vec3 = add(add(sprout.base, around, off), [0, lift, 0]);
    if (raised) sheaf.addStem(sprout.base, heart, 1.1, [0.5, 0.05, 60]);
    const radius = heads === 1 ? sprout.radiusCm : sprout.radiusCm * (h === 0 ? 0.55 : 0.42);
    const count = Math.round((fleshy ? (heads === 1 ? 64 : 34) : 26) * mix(0.5, 1, sprout.share));
    for (let i = 0; i < count; i += 1) {
      const f = (i + 0.5) / count;
      const out = level(i * GOLDEN_RAD + h * 1.3);
      const elevation = fleshy ? mix(1.3, 0.06, f ** 0.6) : mix(1.15, 0.32, f ** 0.7);
      const size =
        radius * mix(0.32, 1, f ** 0.75) * (0.92 + 0.16 * sheaf.random(h * 90 + i, 0, WHY.size));
      const u = unit([
        out[0] * Math.cos(elevation),
        Math.sin(elevation),
        out[2] * Math.cos(elevation),
      ]);
      const n = unit([
        -out[0] * Math.sin(elevation),
        Math.cos(elevation),
        -out[2] * Math.sin(elevation),
      ]);
      // Broad leafy rosettes carry their blades on stalks.
      const stalk = fleshy ? 0 : size * 0.3;
      const rise = fleshy ? 0 : sprout.heightCm * 0.5 * (1 - f);
      const start = add(add(heart, out, fleshy ? size * 0.08 : 0.6), [
        0,
        fleshy ? 0.3 * (1 - f) * radius * 0.3 : rise * 0.4,
        0,
      ]);
      sheaf.addLeaf(add(start, u, stalk), u, n, size * (fleshy ? 1 : 0.85), {
        widthCm: size * ratio * (fleshy ? 0.95 : 0.85),
        bend: fleshy ? -0.18 : 0.75,
        fold: fleshy ? -0.12 : 0.16,
        jitter: sheaf.signed(h * 90 + i, 0, WHY.jitter),
        stalkFrom: stalk ? start : null,
        env: unit(add(add([0, 0.75, 0], out, 0.4 + 0.6 * f), u, 0.3)),
      });
      // Flower stems rise between the inner leaves, apart from each other.
      if (f < 0.35)
        sites.push({
          at: add(add(heart, out, radius * (0.12 + 0.7 * f)), [
            0,
            sprout.heightCm * (0.5 - 0.35 * f),
            0,
          ]),
          tangent: unit(add([0, 1, 0], out, 0.5)),
          outward: out,
          key: h * 90 + i,
        });
    }
  }
  addFlowers(sheaf, sites);
}

/** Ferns: a shuttlecock of arching fronds, each a midrib with pairs of leaflets. */
export function growFern(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const { kind } = sprout;
  const fronds = Math.round(20 * mix(0.5, 1, sprout.share));
  const style: LeafStyle = { ...sheaf.leaf, shape: 'pinna', pattern: 'plain' };
  const young: LeafStyle = kind.foliage.second ? { ...style, main: kind.foliage.second } : style;
  for (let i = 0; i < fronds; i += 1) {
    const f = (i + 0.5) / fronds;
    const out = level(i * GOLDEN_RAD + sheaf.signed(i, 0, WHY.azimuth) * 0.3);
    const lean0 = mix(0.1, 0.66, f);
    const long =
      Math.hypot(sprout.heightCm, sprout.radiusCm) *
      mix(0.86, 1.02, sheaf.random(i, 0, WHY.size)) *
      mix(0.85, 1, f);
    const pairs = 13;
    let p = add(sprout.base, out, 0.8);
    let ribFrom = p;
    for (let j = 0; j < pairs; j += 1) {
      const s = (j + 0.5) / pairs;
      const lean = lean0 + 1.25 * s ** 1.8;
      const d: Vec3 = [out[0] * Math.sin(lean), Math.cos(lean), out[2] * Math.sin(lean)];
      const next = add(p, d, long / pairs);
      if (j % 2 === 1) {
        sheaf.addStem(ribFrom, next, 0.2, kind.foliage.vein ?? sheaf.leaf.stem);
        ribFrom = next;
      }
      if (s > 0.12) {
        const width = long * 0.34 * Math.sin(Math.PI * Math.min(0.99, s ** 0.75)) ** 0.8 + 0.4;
        const n: Vec3 = [-out[0] * Math.cos(lean), Math.sin(lean), -out[2] * Math.cos(lean)];
        sheaf.addLeaf(p, d, add(n, sheaf.noise(i, j, 0.16)), (long / pairs) * 1.05, {
          widthCm: width,
          bend: 0.1,
          fold: 0.22,
          jitter: sheaf.signed(i, j, WHY.jitter),
          style: f < 0.35 ? young : style,
        });
      }
      p = next;
    }
  }
}

/** Paddle leaves on stout stems or long stalks: cannas, bananas, elephant ears, chard. */
export function growPaddles(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const { kind } = sprout;
  const caned = kind.foliage.shape === 'paddle';
  const ratio = OUTLINES[kind.foliage.shape].ratio;
  const canes = caned
    ? Math.max(1, Math.round((kind.bloom ? 4 : 1) * mix(0.5, 1, sprout.share)))
    : 1;
  const perCane = caned ? (kind.bloom ? 6 : 9) : Math.round(16 * mix(0.5, 1, sprout.share));
  const flowerTop = kind.bloom ? kind.bloom.sizeCm : 0;
  const sites: BlossomAt[] = [];
  for (let c = 0; c < canes; c += 1) {
    const off = level(c * 2.1 + sheaf.random(0, c, WHY.azimuth) * 6);
    const foot = add(sprout.base, off, canes > 1 ? sprout.radiusCm * 0.22 : 0);
    const height =
      Math.max(4, sprout.heightCm - flowerTop) * mix(1, 0.76, canes > 1 ? c / canes : 0);
    if (caned)
      sheaf.addStem(
        foot,
        add(foot, [0, height * 0.97, 0]),
        Math.max(0.8, height * 0.024),
        sheaf.leaf.stem,
      );
    for (let j = 0; j < perCane; j += 1) {
      const f = (j + 0.5) / perCane;
      const out = level(
        j * (caned ? 2.6 : GOLDEN_RAD) + c * 1.3 + sheaf.signed(c, j, WHY.azimuth) * 0.4,
      );
      const size =
        Math.min(kind.foliage.lengthCm * mix(0.6, 1, sprout.share), sprout.radiusCm * 1.5) *
        mix(1, 0.72, caned ? f : 0) *
        (0.88 + 0.2 * sheaf.random(c, j, WHY.size));
      if (caned) {
        const elevation = mix(0.5, 1.15, f);
        const from = add(foot, [0, height * mix(0.14, 0.82, f), 0]);
        const u: Vec3 = [
          out[0] * Math.cos(elevation),
          Math.sin(elevation),
          out[2] * Math.cos(elevation),
        ];
        const n: Vec3 = [
          -out[0] * Math.sin(elevation),
          Math.cos(elevation),
          -out[2] * Math.sin(elevation),
        ];
        sheaf.addLeaf(from, u, n, size, {
          widthCm: size * ratio,
          bend: 0.75 + 0.5 * sheaf.random(c, j, WHY.tilt),
          fold: 0.26,
          jitter: sheaf.signed(c, j, WHY.jitter),
        });
        continue;
      }
      // Stalked: the blade hangs from the end of a long stalk.
      const lean = mix(0.1, 0.8, f);
      const tall = sprout.heightCm * mix(0.95, 0.55, f);
      const top = add(foot, [
        out[0] * Math.sin(lean) * tall * 0.7,
        tall * 0.8,
        out[2] * Math.sin(lean) * tall * 0.7,
      ]);
      sheaf.addStem(foot, top, Math.max(0.4, tall * 0.014), sheaf.leaf.stem);
      const hang = kind.foliage.shape === 'heart' ? -0.5 : 0.9;
      sheaf.addLeaf(
        top,
        unit([out[0], hang, out[2]]),
        unit(add([0, 1, 0], out, hang < 0 ? 0.9 : -0.6)),
        size,
        { widthCm: size * ratio, bend: 0.4, fold: 0.14, jitter: sheaf.signed(c, j, WHY.jitter) },
      );
    }
    sites.push({ at: add(foot, [0, height * 0.98, 0]), tangent: [0, 1, 0], outward: off, key: c });
    if (kind.bloom)
      sites.push({
        at: add(foot, [0, height * 1.06, 0]),
        tangent: [0, 1, 0],
        outward: level(c + 2),
        key: c + 9,
      });
  }
  addFlowers(sheaf, sites);
}

/** Fruits of a climber at its best: bunches count as many. */
const CLIMBERS_FRUITS = 44;
/** A climber's own canes: three, met at the top. */
const OWN_CANES = 3;
const CANE: Oklch = [0.68, 0.06, 80];

/** Climbers wind round the legs of a support that stands near; where there is none, round a wigwam of canes of their own. */
export function growClimber(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const { kind } = sprout;
  const ratio = OUTLINES[kind.foliage.shape].ratio;
  const caneTop = Math.max(sprout.heightCm * 1.06, 40);
  const canes = sprout.legs
    ? sprout.legs.map((leg) => climbed(leg, sprout.heightCm))
    : Array.from({ length: OWN_CANES }, (_, c) => ({
        foot: add(sprout.base, level(c * 2.094 + 0.4), Math.min(9, sprout.radiusCm * 0.5)),
        head: add(add(sprout.base, level(c * 2.094 + 0.4), 1.2), [0, caneTop, 0]),
      }));
  const sites: BlossomAt[] = [];
  // As many leaves, whatever they are shared out over.
  const full = (sprout.heightCm / 5.5) * (OWN_CANES / canes.length);
  for (const [c, { foot, head }] of canes.entries()) {
    // Led from its own place to the foot of a leg; own canes stand round it.
    sheaf.addStem(
      sprout.legs ? sprout.base : foot,
      sprout.legs ? foot : head,
      sprout.legs ? 0.3 : 0.7,
      sprout.legs ? sheaf.leaf.stem : CANE,
    );
    const turns = Math.max(1, Math.round(full * mix(0.5, 1, sprout.share)));
    for (let j = 0; j < turns; j += 1) {
      const f = (j + 0.4) / turns;
      const angle = j * 0.95 * 2 + c * 2.1;
      const ring = level(angle);
      const along: Vec3 = [
        mix(foot[0], head[0], f * 0.92),
        mix(foot[1], head[1], f * 0.92),
        mix(foot[2], head[2], f * 0.92),
      ];
      const p = add(along, ring, 1.2);
      const nextRing = level(angle + 1.9);
      sheaf.addStem(
        p,
        add(
          [
            mix(foot[0], head[0], (f + 1 / turns) * 0.92),
            mix(foot[1], head[1], (f + 1 / turns) * 0.92),
            mix(foot[2], head[2], (f + 1 / turns) * 0.92),
          ],
          nextRing,
          1.2,
        ),
        0.22,
        sheaf.leaf.stem,
      );
      for (let k = 0; k < 2; k += 1) {
        const out = level(angle + k * 2.6 + sheaf.signed(c * 40 + j, k, WHY.azimuth));
        const size =
          kind.foliage.lengthCm *
          (0.75 + 0.45 * sheaf.random(c * 40 + j, k, WHY.size)) *
          mix(1, 0.6, f ** 3) *
          1.15;
        const end = add(add(p, out, 2 + 4 * sheaf.random(c * 40 + j, k, WHY.reach)), [0, 1, 0]);
        sheaf.addLeaf(end, add(out, [0, -0.6, 0]), add(out, [0, 0.6, 0]), size, {
          widthCm: size * ratio,
          bend: 0.4,
          fold: 0.12,
          jitter: sheaf.signed(c * 40 + j, k, WHY.jitter),
          stalkFrom: p,
        });
      }
      sites.push({ at: add(p, ring, 4.5), tangent: ring, outward: ring, key: c * 60 + j });
    }
  }
  addFlowers(sheaf, sites);
  addFruits(sheaf, sites, CLIMBERS_FRUITS);
}

/** A leg as far up as the plant has grown. */
function climbed(
  { from, to }: Bar,
  heightCm: number,
): { readonly foot: Vec3; readonly head: Vec3 } {
  const share = Math.min(1, (heightCm * 1.06) / Math.max(1, to[1] - from[1]));
  return {
    foot: from,
    head: [mix(from[0], to[0], share), mix(from[1], to[1], share), mix(from[2], to[2], share)],
  };
}

/** Leaves of a full-grown tomato, leaflets of one, and how far a truss hangs below its node, cm. Tuned by eye. */
const TRUSS_LEAVES = 30;
const LEAFLETS = 5;
const TRUSS_DROP_CM = 4;

/** Staked tomatoes: arching leaves of several toothed leaflets on all sides, trusses hung out below them. */
export function growTruss(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const { kind } = sprout;
  const stake = add(sprout.base, [0, Math.max(30, sprout.heightCm * 1.02), 0]);
  sheaf.addStem(sprout.base, stake, 0.9, CANE);
  sheaf.addStem(
    add(sprout.base, [0.7, 0, 0.4]),
    add(sprout.base, [0.5, sprout.heightCm * 0.93, 0.3]),
    0.8,
    sheaf.leaf.stem,
  );
  const nodes = Math.round(TRUSS_LEAVES * mix(0.4, 1, sprout.share));
  const sites: BlossomAt[] = [];
  for (let j = 0; j < nodes; j += 1) {
    // Out of step, or leaves stand in tiers as on a fir.
    const f = Math.min(
      0.98,
      Math.max(0.02, (j + 0.5 + 0.8 * sheaf.signed(j, 2, WHY.reach)) / nodes),
    );
    const out = level(j * GOLDEN_RAD + sheaf.signed(j, 0, WHY.azimuth) * 0.7);
    const p = add(sprout.base, [out[0] * 1.2, sprout.heightCm * mix(0.08, 0.96, f), out[2] * 1.2]);
    // Widest at two fifths of the height; young leaves at the top are short and stand up.
    const reach =
      sprout.radiusCm *
      (1 - 0.75 * Math.abs(f - 0.4) ** 1.3) *
      mix(1, 0.62, f ** 3) *
      (0.75 + 0.4 * sheaf.random(j, 1, WHY.reach));
    const rise = mix(0.1, 0.75, f) + 0.25 * sheaf.signed(j, 1, WHY.tilt);
    // The lowest are held clear of the mix.
    const sag = mix(0.34, 0.62, Math.min(1, f * 3));
    const along = (s: number): Vec3 =>
      add(add(p, out, reach * s * 0.85), [0, reach * (rise * s - sag * s * s), 0]);
    sheaf.addStem(p, along(0.5), 0.28, sheaf.leaf.stem);
    sheaf.addStem(along(0.5), along(1), 0.2, sheaf.leaf.stem);
    for (let k = 0; k < LEAFLETS; k += 1) {
      const s = 0.34 + (0.66 * k) / (LEAFLETS - 1);
      const at = along(s);
      const fall = 2 * sag * s - rise;
      const side: Vec3 = [out[2], 0, -out[0]];
      const size =
        kind.foliage.lengthCm *
        (k % 2 ? 0.72 : 1) *
        (k === LEAFLETS - 1 ? 1.2 : 1) *
        mix(1.25, 0.85, f);
      for (const way of k === LEAFLETS - 1 ? [0] : [1, -1]) {
        const u = unit(
          add(
            add(add(out, side, way * 1.15), [0, -0.35 - 0.6 * fall, 0]),
            sheaf.noise(j, k * 3 + way + 20, 0.2),
          ),
        );
        sheaf.addLeaf(
          at,
          u,
          add(
            add([0, 0.8, 0], out, 0.3 + 0.5 * Math.max(0, fall)),
            sheaf.noise(j, k * 3 + way, 0.35),
          ),
          size,
          {
            widthCm: size * OUTLINES.toothed.ratio,
            bend: 0.6,
            fold: 0.16,
            jitter: sheaf.signed(j, k * 3 + way, WHY.jitter),
          },
        );
      }
    }
    if (f > 0.1 && f < 0.86)
      sites.push({
        at: add(add(p, out, reach * 0.42), [0, -TRUSS_DROP_CM, 0]),
        tangent: out,
        outward: out,
        key: j,
      });
  }
  addFlowers(sheaf, sites);
  addFruits(sheaf, sites, 70);
}
