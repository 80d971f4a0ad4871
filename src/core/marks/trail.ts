import { add, level, unit, type Vec3 } from '../geometry/vec3';
import { clamp, mix } from '../units/units';
import { addFlowers, addFruits, type BlossomAt } from './blossom';
import { OUTLINES } from './outline';
import { GOLDEN_RAD, WHY, type Sheaf } from './sprout';

/**
 * Trailing stems: out from the crown, over the rim with a gentle sag, then down under their own weight,
 * kept off the wall and turned along the floor. Lengths differ, or the edge looks cut.
 */
export function growTrail(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const { kind, vessel } = sprout;
  const leafLength = kind.foliage.lengthCm * mix(0.65, 1, sprout.share);
  const fine = leafLength < 2.6;
  const step = clamp(leafLength * 0.52, 1.5, 3.4);
  const full = fine ? 14 : leafLength > 6 ? 9 : 12;
  const stems = Math.max(3, Math.round(full * mix(0.45, 1, sprout.share)));
  const fan = mix(1.6, 0.95, sprout.rimShare);
  const outAngle = Math.atan2(sprout.outward[0], sprout.outward[2]);
  const ratio = OUTLINES[kind.foliage.shape].ratio;
  const enlarge = fine ? 1.5 : 1.08;
  const sites: BlossomAt[] = [];
  const rimY = vessel.rimAt(sprout.base[0], sprout.base[2]);

  for (let i = 0; i < stems; i += 1) {
    const spread = stems === 1 ? 0 : (i / (stems - 1)) * 2 - 1;
    const upright = i % 3 === 0 && sprout.heightCm > 10;
    const azimuth =
      outAngle +
      spread * fan +
      sheaf.signed(i, 0, WHY.azimuth) * 0.3 +
      (upright ? Math.PI * 0.6 * sheaf.signed(i, 1, WHY.azimuth) : 0);
    const out = level(azimuth);
    const toRim = Math.max(0, vessel.insideCm(sprout.base[0], rimY, sprout.base[2]));
    const facing = Math.max(0, out[0] * sprout.outward[0] + out[2] * sprout.outward[2]);
    const long = upright
      ? sprout.heightCm * 1.1
      : Math.min(toRim, sprout.radiusCm) +
        sprout.radiusCm * 0.3 +
        sprout.trailCm * (0.28 + 0.77 * sheaf.random(i, 0, WHY.reach)) * (0.35 + 0.65 * facing);
    let d = unit(
      add(out, [
        0,
        upright ? 1.2 : 0.25 + 0.3 * sheaf.random(i, 0, WHY.tilt) + sprout.heightCm * 0.018,
        0,
      ]),
    );
    let p: Vec3 = add(sprout.base, out, 0.6);
    const steps = clamp(Math.round(long / step), 2, 44);
    let previous = p;
    for (let j = 0; j < steps; j += 1) {
      const far = j / steps;
      const inside = vessel.insideCm(p[0], p[1], p[2]);
      if (inside > -0.6 && !(upright && far < 0.7)) {
        d = unit(add(d, [0, -0.05 * step, 0]));
        if (p[1] < rimY + 1 && inside > -0.6) d = unit([d[0], Math.max(0.05, d[1]), d[2]]);
      } else {
        d = unit(add(add(d, [0, -0.2 * step, 0]), sheaf.noise(i, j, 0.14)));
      }
      let next = add(p, d, step);
      if (next[1] < rimY && vessel.insideCm(next[0], next[1], next[2]) > -0.8) {
        const push = vessel.outward(next[0], next[2]);
        next = add(next, push, vessel.insideCm(next[0], next[1], next[2]) + 1);
      }
      if (next[1] < vessel.floorY + 0.8) {
        d = unit([d[0] + out[0], 0, d[2] + out[2]]);
        next = [next[0] + d[0] * step * 0.5, vessel.floorY + 0.8, next[2] + d[2] * step * 0.5];
      }
      if (j % 2 === 1 || j === steps - 1) {
        sheaf.addStem(previous, next, fine ? 0.13 : 0.2, sheaf.leaf.stem);
        previous = next;
      }
      p = next;
      const side = unit([d[2] * (j % 2 ? 1 : -1), 0, -d[0] * (j % 2 ? 1 : -1)]);
      const face = vessel.outward(p[0], p[2]);
      const hanging = d[1] < -0.35;
      const taper = far > 0.72 ? mix(1, 0.42, (far - 0.72) / 0.28) : 1;
      const size = leafLength * enlarge * taper * (0.8 + 0.38 * sheaf.random(i, j, WHY.size));
      const both = fine || kind.foliage.shape === 'needle' ? 2 : 1;
      for (let k = 0; k < both; k += 1) {
        const way = k === 0 ? 1 : -1;
        // Held out more or less from its stem: leaves all alike in one plane look like scales.
        const held = LIFT * sheaf.signed(i, j * 2 + k, WHY.tilt);
        const u = hanging
          ? unit(add(add(add([0, 0, 0], side, (0.9 + held) * way), face, 0.5 + held), [0, -1, 0]))
          : unit(add(add(add([0, 0.12, 0], side, 0.9 * way), d, 0.6), [0, 0.1, 0]));
        const n = hanging
          ? add(add(face, [0, 0.6, 0]), sheaf.noise(i, j * 2 + k, LEAF_TURNS))
          : add(add([0, 0.9, 0], face, 0.35), sheaf.noise(i, j * 2 + k, 0.25));
        const stalk = leafLength > 4 ? add(p, u, -size * 0.1) : null;
        sheaf.addLeaf(stalk ? add(p, u, size * 0.22) : p, u, n, size, {
          widthCm: size * ratio,
          bend: 0.35,
          fold: 0.1,
          jitter: sheaf.signed(i, j * 2 + k, WHY.jitter),
          stalkFrom: stalk ? p : null,
          env: unit(add(add(face, [0, hanging ? 0.15 : 0.7, 0]), sheaf.noise(i, j, 0.15))),
        });
      }
      if (far > 0.12 && j % 2 === 0)
        sites.push({ at: p, tangent: hanging ? face : d, outward: face, key: i * 50 + j });
    }
  }
  addCrown(sheaf, leafLength, leafLength * enlarge * ratio);
  addFlowers(sheaf, sites);
  addFruits(sheaf, sites, 26);
}

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
