import { add, level, unit, type Vec3 } from '../geometry/vec3';
import { clamp, mix } from '../units/units';
import { addFlowers, addFruits, type BlossomAt } from './blossom';
import { OUTLINES } from './outline';
import { GOLDEN_RAD, WHY, type Sheaf } from './sprout';

/** What all stems of one trailing plant share. */
interface Habit {
  readonly leafCm: number;
  readonly isFine: boolean;
  readonly stepCm: number;
  readonly stems: number;
  readonly fanRad: number;
  readonly outRad: number;
  readonly ratio: number;
  readonly enlarge: number;
  readonly rimY: number;
}

function habitOf({ kind, share, vessel, rimShare, outward, base }: Sheaf['sprout']): Habit {
  const leafCm = kind.foliage.lengthCm * mix(0.65, 1, share);
  const isFine = leafCm < 2.6;
  const leafy = leafCm > 6 ? 9 : 12;
  return {
    leafCm,
    isFine,
    stepCm: clamp(leafCm * 0.52, 1.5, 3.4),
    stems: Math.max(3, Math.round((isFine ? 14 : leafy) * mix(0.45, 1, share))),
    fanRad: mix(1.6, 0.95, rimShare),
    outRad: Math.atan2(outward[0], outward[2]),
    ratio: OUTLINES[kind.foliage.shape].ratio,
    enlarge: isFine ? 1.5 : 1.08,
    rimY: vessel.rimAt(base[0], base[2]),
  };
}

/** One stem: which, where it leaves to, whether it stands up at first, and how long it is. */
interface Stem {
  readonly i: number;
  readonly out: Vec3;
  readonly upright: boolean;
  readonly longCm: number;
}

/**
 * Trailing stems: out from the crown, over the rim with a gentle sag, then down under their own weight,
 * kept off the wall and turned along the floor. Lengths differ, or the edge looks cut.
 */
export function growTrail(sheaf: Sheaf): void {
  const habit = habitOf(sheaf.sprout);
  const sites: BlossomAt[] = [];
  for (let i = 0; i < habit.stems; i += 1) growStem(sheaf, habit, stemOf(sheaf, habit, i), sites);
  addCrown(sheaf, habit.leafCm, habit.leafCm * habit.enlarge * habit.ratio);
  addFlowers(sheaf, sites);
  addFruits(sheaf, sites, 26);
}

function stemOf(sheaf: Sheaf, { stems, outRad, fanRad, rimY }: Habit, i: number): Stem {
  const { heightCm, vessel, base, outward, radiusCm, trailCm } = sheaf.sprout;
  const spread = stems === 1 ? 0 : (i / (stems - 1)) * 2 - 1;
  const upright = i % 3 === 0 && heightCm > 10;
  const azimuth =
    outRad +
    spread * fanRad +
    sheaf.signed(i, 0, WHY.azimuth) * 0.3 +
    (upright ? Math.PI * 0.6 * sheaf.signed(i, 1, WHY.azimuth) : 0);
  const out = level(azimuth);
  const toRim = Math.max(0, vessel.insideCm(base[0], rimY, base[2]));
  const facing = Math.max(0, out[0] * outward[0] + out[2] * outward[2]);
  const longCm = upright
    ? heightCm * 1.1
    : Math.min(toRim, radiusCm) +
      radiusCm * 0.3 +
      trailCm * (0.28 + 0.77 * sheaf.random(i, 0, WHY.reach)) * (0.35 + 0.65 * facing);
  return { i, out, upright, longCm };
}

/** One stem step by step, with a leaf or two at each and places for flowers. */
function growStem(sheaf: Sheaf, habit: Habit, stem: Stem, sites: BlossomAt[]): void {
  const { sprout } = sheaf;
  const { i, out, upright } = stem;
  const rise = 0.25 + 0.3 * sheaf.random(i, 0, WHY.tilt) + sprout.heightCm * 0.018;
  let d = unit(add(out, [0, upright ? 1.2 : rise, 0]));
  let p: Vec3 = add(sprout.base, out, 0.6);
  const steps = clamp(Math.round(stem.longCm / habit.stepCm), 2, 44);
  let previous = p;
  for (let j = 0; j < steps; j += 1) {
    const far = j / steps;
    d = bentOver(sheaf, habit, stem, { p, d, j, far });
    [p, d] = stepOn(sheaf, habit, stem, p, d);
    if (j % 2 === 1 || j === steps - 1) {
      sheaf.addStem(previous, p, habit.isFine ? 0.13 : 0.2, sheaf.leaf.stem);
      previous = p;
    }
    const face = sprout.vessel.outward(p[0], p[2]);
    const hanging = d[1] < HANGING;
    addLeaves(sheaf, habit, { i, j, far, p, d, face, hanging });
    if (far > 0.12 && j % 2 === 0)
      sites.push({ at: p, tangent: hanging ? face : d, outward: face, key: i * 50 + j });
  }
}

/** Where a stem turns next: nearly straight over the mix, held up along the rim, down once it is past it. */
function bentOver(
  sheaf: Sheaf,
  { stepCm, rimY }: Habit,
  { i, upright }: Stem,
  {
    p,
    d,
    j,
    far,
  }: { readonly p: Vec3; readonly d: Vec3; readonly j: number; readonly far: number },
): Vec3 {
  const inside = sheaf.sprout.vessel.insideCm(p[0], p[1], p[2]);
  if (inside <= -0.6 || (upright && far < 0.7))
    return unit(add(add(d, [0, -0.2 * stepCm, 0]), sheaf.noise(i, j, 0.14)));
  const bent = unit(add(d, [0, -0.05 * stepCm, 0]));
  return p[1] < rimY + 1 ? unit([bent[0], Math.max(0.05, bent[1]), bent[2]]) : bent;
}

/** One step along: pushed off the wall, and turned along the floor where it is reached. */
function stepOn(
  { sprout: { vessel } }: Sheaf,
  { stepCm, rimY }: Habit,
  { out }: Stem,
  p: Vec3,
  d: Vec3,
): readonly [at: Vec3, toward: Vec3] {
  let next = add(p, d, stepCm);
  if (next[1] < rimY && vessel.insideCm(next[0], next[1], next[2]) > -0.8) {
    const push = vessel.outward(next[0], next[2]);
    next = add(next, push, vessel.insideCm(next[0], next[1], next[2]) + 1);
  }
  if (next[1] >= vessel.floorY + 0.8) return [next, d];
  const along = unit([d[0] + out[0], 0, d[2] + out[2]]);
  return [
    [next[0] + along[0] * stepCm * 0.5, vessel.floorY + 0.8, next[2] + along[2] * stepCm * 0.5],
    along,
  ];
}

/** The leaves at one step of a stem: a pair where they are fine. */
function addLeaves(
  sheaf: Sheaf,
  { leafCm, isFine, enlarge, ratio }: Habit,
  at: {
    readonly i: number;
    readonly j: number;
    readonly far: number;
    readonly p: Vec3;
    readonly d: Vec3;
    readonly face: Vec3;
    readonly hanging: boolean;
  },
): void {
  const { i, j, far, p, d, face, hanging } = at;
  const side = unit([d[2] * (j % 2 ? 1 : -1), 0, -d[0] * (j % 2 ? 1 : -1)]);
  const taper = far > 0.72 ? mix(1, 0.42, (far - 0.72) / 0.28) : 1;
  const size = leafCm * enlarge * taper * (0.8 + 0.38 * sheaf.random(i, j, WHY.size));
  const both = isFine || sheaf.sprout.kind.foliage.shape === 'needle' ? 2 : 1;
  for (let k = 0; k < both; k += 1) {
    const way = k === 0 ? 1 : -1;
    const key = j * 2 + k;
    // Held out more or less from its stem: leaves all alike in one plane look like scales.
    const held = LIFT * sheaf.signed(i, key, WHY.tilt);
    const u = hanging
      ? unit(add(add(add([0, 0, 0], side, (0.9 + held) * way), face, 0.5 + held), [0, -1, 0]))
      : unit(add(add(add([0, 0.12, 0], side, 0.9 * way), d, 0.6), [0, 0.1, 0]));
    const n = hanging
      ? add(add(face, [0, 0.6, 0]), sheaf.noise(i, key, LEAF_TURNS))
      : add(add([0, 0.9, 0], face, 0.35), sheaf.noise(i, key, 0.25));
    const stalk = leafCm > 4 ? add(p, u, -size * 0.1) : null;
    sheaf.addLeaf(stalk ? add(p, u, size * 0.22) : p, u, n, size, {
      widthCm: size * ratio,
      bend: 0.35,
      fold: 0.1,
      jitter: sheaf.signed(i, key, WHY.jitter),
      stalkFrom: stalk ? p : null,
      env: unit(add(add(face, [0, hanging ? 0.15 : 0.7, 0]), sheaf.noise(i, j, 0.15))),
    });
  }
}

/** A stem that points down so steeply hangs: its leaves face outward. */
const HANGING = -0.35;
/** How far hanging leaves vary in how they are held, and in how they face. Tuned by eye. */
const LIFT = 0.45;
const LEAF_TURNS = 0.34;

/** Radius over which the crown's own leaves stand, cm: about a nursery ball. */
const CROWN_CM = 3.6;

/** Leaves over the crown, from which the stems leave: a trailer seen from above is not a hole. */
function addCrown(sheaf: Sheaf, lengthCm: number, widthCm: number): void {
  const { base, share } = sheaf.sprout;
  const count = clamp(Math.round(46 / lengthCm), 7, 26);
  for (let i = 0; i < count; i += 1) {
    const out = level(i * GOLDEN_RAD + sheaf.signed(i, 90, WHY.azimuth) * 0.4);
    const far = Math.sqrt((i + 0.5) / count);
    const at = add(add(base, out, far * CROWN_CM * mix(0.7, 1, share)), [
      0,
      0.5 + 1.6 * (1 - far) * mix(0.5, 1, share),
      0,
    ]);
    const size = lengthCm * mix(0.62, 0.9, sheaf.random(i, 90, WHY.size));
    sheaf.addLeaf(
      at,
      add(out, [0, 0.25 * (1 - far), 0]),
      add([0, 1, 0], sheaf.noise(i, 90, 0.3)),
      size,
      {
        widthCm: (size / lengthCm) * widthCm,
        bend: 0.3,
        fold: 0.1,
        jitter: sheaf.signed(i, 90, WHY.jitter),
      },
    );
  }
}
