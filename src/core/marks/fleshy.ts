import { add, level, unit, type Vec3 } from '../geometry/vec3';
import { mix } from '../units/units';
import { addFlowers, type BlossomAt } from './blossom';
import type { LeafStyle } from './mark';
import { GOLDEN_RAD, WHY, type Sheaf } from './sprout';

/** Height over radius from which a cactus is a column, and stands in a group. */
const SLIM = 2.6;
/** Ribs of a globe and patches along one; how far patches overlap. Tuned by eye. */
const RIBS = 15;
const PATCHES = 7;
const OVERLAP = 1.5;
/** Length of a spine, as a share of the globe's radius, and spines of a cluster. */
const SPINE = 0.16;
const SPINES = 3;

/** Ribbed globes, one or a few in a group, with spines along the ribs and flowers in a crown. */
export function growGlobes(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const slim = sprout.heightCm > sprout.radiusCm * SLIM;
  const bodies = slim ? 3 : 1;
  const sites: BlossomAt[] = [];
  for (let b = 0; b < bodies; b += 1) {
    const tall = sprout.heightCm * (b === 0 ? 1 : 0.62 + 0.1 * sheaf.random(b, 0, WHY.size));
    const half = tall / 2;
    const across = slim ? sprout.radiusCm * 0.52 : Math.min(sprout.radiusCm, tall * 0.54);
    const heart = add(add(sprout.base, level(b * 2.1), b === 0 ? 0 : across * 1.5), [
      0,
      half * 0.94,
      0,
    ]);
    addGlobe(sheaf, { heart, half, across, key: b });
    const crown = level(b);
    for (let i = 0; i < 6; i += 1) {
      const out = level((i / 6) * 2 * Math.PI + b);
      sites.push({
        at: add(add(heart, [0, half * 0.92, 0]), out, across * 0.34),
        tangent: unit(add([0, 1, 0], out, 0.5)),
        outward: unit(add(out, crown, 0.1)),
        key: b * 10 + i,
      });
    }
  }
  addFlowers(sheaf, sites, sites.length);
}

interface Globe {
  readonly heart: Vec3;
  readonly half: number;
  readonly across: number;
  readonly key: number;
}

function addGlobe(sheaf: Sheaf, { heart, half, across, key }: Globe): void {
  const patch: LeafStyle = { ...sheaf.leaf, shape: 'elliptic', pattern: 'plain' };
  const spines = sheaf.leaf.second ?? ([0.88, 0.06, 95] as const);
  for (let r = 0; r < RIBS; r += 1) {
    const out = level((r / RIBS) * 2 * Math.PI);
    const onRib = (rise: number): Vec3 =>
      add(add(heart, out, across * Math.cos(rise)), [0, half * Math.sin(rise), 0]);
    for (let j = 0; j < PATCHES; j += 1) {
      const rise = mix(-1.1, 1.4, (j + 0.5) / PATCHES);
      const step = (2.5 / PATCHES) * OVERLAP;
      const [from, to] = [onRib(rise - step / 2), onRib(rise + step / 2)];
      const along: Vec3 = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
      const n = unit(add([0, Math.sin(rise), 0], out, Math.cos(rise)));
      const girth = across * Math.max(0.12, Math.cos(rise));
      sheaf.addLeaf(from, along, n, Math.hypot(...along), {
        widthCm: ((girth * 2 * Math.PI) / RIBS) * 1.25,
        bend: 0.1,
        fold: -0.5,
        jitter: sheaf.signed(key * 40 + r, j, WHY.jitter),
        style: patch,
        env: n,
      });
      const areole = add(onRib(rise), n, across * 0.06);
      for (let s = 0; s < SPINES; s += 1) {
        const way = unit(add(n, sheaf.noise(key * 40 + r, j * 4 + s, 0.7)));
        sheaf.addStem(areole, add(areole, way, across * SPINE), 0.09, spines);
      }
    }
  }
}

/** Pads of a prickly pear: flat discs, each bearing one or two more on its rim. */
export function growPads(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const length = Math.min(sheaf.sprout.kind.foliage.lengthCm * 2.4, sprout.heightCm * 0.52);
  const style: LeafStyle = { ...sheaf.leaf, shape: 'obovate' };
  const sites: BlossomAt[] = [];
  const pads = Math.round(11 * mix(0.4, 1, sprout.share));
  let made = 0;
  const grow = (from: Vec3, way: Vec3, size: number, level0: number): void => {
    if (made >= pads || size < 2) return;
    const key = made;
    made += 1;
    const face = unit(add(level(key * GOLDEN_RAD), [0, 0.1, 0]));
    sheaf.addLeaf(from, way, face, size, {
      widthCm: size * 0.66,
      bend: 0.05,
      fold: -0.04,
      jitter: sheaf.signed(key, 0, WHY.jitter),
      style,
    });
    const tip = add(from, way, size * 0.97);
    sites.push({ at: tip, tangent: way, outward: face, key });
    if (level0 >= 2) return;
    for (const turn of [1, -1]) {
      const side = unit(add([0, 0.9, 0], [face[2], 0, -face[0]], turn * 0.75));
      grow(add(from, way, size * 0.9), unit(add(way, side, 1)), size * 0.86, level0 + 1);
    }
  };
  for (let i = 0; i < 3; i += 1) {
    const out = level(i * 2.1 + 0.4);
    grow(add(sprout.base, out, 1.2), unit(add([0, 1, 0], out, 0.35)), length, 0);
  }
  addFlowers(sheaf, sites);
}

/** Forks of a pencil succulent, and how thick its stems are, cm. Tuned by eye. */
const FORKS = 5;
const PENCIL_CM = 0.6;

/** Leafless pencil stems that fork and fork again, their tips in the second colour. */
export function growPencils(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const { main, second } = sprout.kind.foliage;
  const fork = (from: Vec3, way: Vec3, long: number, depth: number, key: number): void => {
    const to = add(from, way, long);
    const thick = PENCIL_CM * mix(1.4, 0.75, depth / FORKS);
    sheaf.addStem(from, to, thick, depth >= FORKS - 1 && second ? second : main, 0.2);
    if (depth >= FORKS) return;
    const forks = depth === 0 ? 4 : depth < 3 ? 3 : 2;
    for (let i = 0; i < forks; i += 1) {
      const out = level(i * ((2 * Math.PI) / forks) + key * 1.7 + depth);
      const next = unit(add(add(way, out, 0.42), sheaf.noise(key, i + depth * 5, 0.12)));
      fork(to, next, long * 0.82, depth + 1, key * 3 + i + 1);
    }
  };
  // The lengths of a fork's steps add up to the height.
  const first = sprout.heightCm / 4.2;
  for (let i = 0; i < 2; i += 1)
    fork(
      add(sprout.base, level(i * 3 + 0.5), 1),
      unit(add([0, 1, 0], level(i * 3 + 0.5), 0.12)),
      first * mix(0.7, 1, sprout.share),
      0,
      i,
    );
}
