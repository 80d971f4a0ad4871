import { add, level, unit, type Vec3 } from '../geometry/vec3';
import { mix } from '../units/units';
import { addFlowers, type BlossomAt } from './blossom';
import { GOLDEN_RAD, WHY, type Sheaf } from './sprout';
import { addRuns, blade } from './tuft';

const across = (out: Vec3): Vec3 => unit([out[2], 0, -out[0]]);

/** Turns of a corkscrew stem, and how wide it winds, cm. Tuned by eye. */
const TURNS = 3.2;
const WINDS_CM = 1.6;

/** Rushes: bare round stems, straight and stiff or, where told as a corkscrew, winding. */
export function growRushes(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const winds = /corkscrew|spiral/i.test(`${sprout.kind.common} ${sprout.kind.description}`);
  const count = Math.round((winds ? 34 : 46) * mix(0.4, 1, sprout.share));
  for (let i = 0; i < count; i += 1) {
    const f = (i + 0.5) / count;
    const out = level(i * GOLDEN_RAD);
    const lean = mix(0.02, winds ? 0.85 : 0.3, f);
    const way = unit(add([0, Math.cos(lean), 0], out, Math.sin(lean)));
    const long = sprout.heightCm * mix(1, 0.8, f) * (0.82 + 0.22 * sheaf.random(i, 0, WHY.size));
    const foot = add(sprout.base, out, Math.sqrt(f) * Math.min(5, sprout.radiusCm * 0.3));
    const spine = Array.from({ length: 25 }, (_, s): Vec3 => {
      const along = s / 24;
      const p = add(foot, way, long * along);
      if (!winds) return p;
      const turn = along * TURNS * 2 * Math.PI + i;
      return add(p, [Math.cos(turn), 0, Math.sin(turn)], WINDS_CM * Math.min(1, along * 3));
    });
    addRuns(
      sheaf,
      spine,
      (s) => 0.34 * (1 - 0.6 * s),
      across(out),
      4,
      sheaf.signed(i, 0, WHY.jitter),
    );
    // Joints of horsetails.
    if (/jointed|ringed/i.test(sprout.kind.description))
      for (let j = 1; j < 7; j += 1) {
        const at = add(foot, way, (long * j) / 7);
        sheaf.addStem(at, add(at, way, 0.7), 0.5, [0.2, 0.02, 100]);
      }
  }
}

/** Threads of an umbrella. Tuned by eye. */
const THREADS = 26;

/** Papyrus and its like: bare culms, each under a mop of threads or a wheel of blades. */
export function growUmbrellas(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const culms = Math.round(12 * mix(0.4, 1, sprout.share));
  const mop = Math.min(sprout.radiusCm * 0.6, sprout.heightCm * 0.3);
  for (let i = 0; i < culms; i += 1) {
    const f = (i + 0.5) / culms;
    const out = level(i * GOLDEN_RAD);
    const lean = mix(0.04, 0.5, f);
    const way = unit(add([0, Math.cos(lean), 0], out, Math.sin(lean)));
    const top = add(
      sprout.base,
      way,
      (sprout.heightCm - mop * 0.5) *
        mix(1, 0.72, f) *
        (0.86 + 0.16 * sheaf.random(i, 0, WHY.size)),
    );
    sheaf.addStem(sprout.base, top, 0.42, sheaf.leaf.stem);
    for (let k = 0; k < THREADS; k += 1) {
      const round = level(k * GOLDEN_RAD + i);
      const spine = blade(
        top,
        round,
        mop * mix(0.8, 1.1, sheaf.random(i, k, WHY.size)),
        0.5,
        1.5,
        6,
      );
      addRuns(sheaf, spine, () => 0.2, across(round), 1, sheaf.signed(i, k, WHY.jitter));
    }
  }
}

/** Stiff swords: flat, straight and pointed, from a crown. */
export function growSwords(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const { kind } = sprout;
  const blades = Math.round(
    (kind.foliage.texture === 'fine' ? 74 : 34) * mix(0.45, 1, sprout.share),
  );
  // The tips of the upright ones stand a little above the height told.
  const long = sprout.heightCm * 1.02;
  const width = Math.max(1, long * (kind.foliage.texture === 'fine' ? 0.025 : 0.075));
  const upright = sprout.radiusCm < long * 0.55;
  const sites: BlossomAt[] = [];
  for (let i = 0; i < blades; i += 1) {
    const f = (i + 0.5) / blades;
    const out = level(i * GOLDEN_RAD);
    const lean = mix(0.03, upright ? 0.45 : 1.25, f ** 0.9);
    const spine = blade(
      add(sprout.base, out, 0.6),
      out,
      long * mix(1, 0.8, f) * (0.88 + 0.14 * sheaf.random(i, 0, WHY.size)),
      lean,
      0.1,
      8,
    );
    addRuns(
      sheaf,
      spine,
      (s) => width * (s < 0.25 ? 0.75 + s : 1 - ((s - 0.25) / 0.75) ** 1.8) + 0.06,
      across(out),
      4,
      sheaf.signed(i, 0, WHY.jitter),
    );
    if (f < 0.2)
      sites.push({
        at: add(sprout.base, [0, long * 0.5, 0]),
        tangent: [0, 1, 0],
        outward: out,
        key: i,
      });
  }
  addFlowers(sheaf, sites, 2);
}

/** Whole fronds: undivided, wavy straps from a crown, upright and arching. */
export function growWholeFronds(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const { kind } = sprout;
  const fronds = Math.round(20 * mix(0.5, 1, sprout.share));
  const long = Math.hypot(sprout.heightCm, sprout.radiusCm) * 0.98;
  const wide = Math.max(2.2, long * (kind.foliage.surface === 'glossy' ? 0.15 : 0.11));
  for (let i = 0; i < fronds; i += 1) {
    const f = (i + 0.5) / fronds;
    const out = level(i * GOLDEN_RAD);
    const spine = blade(
      add(sprout.base, out, 1),
      out,
      long * mix(0.8, 1, sheaf.random(i, 0, WHY.size)) * mix(0.85, 1, f),
      mix(0.05, 0.62, f),
      0.7,
      10,
    );
    addRuns(
      sheaf,
      spine,
      (s) =>
        wide *
        Math.min(1, 0.25 + s * 3) *
        (s > 0.7 ? 1 - ((s - 0.7) / 0.3) ** 1.6 : 1) *
        (1 + 0.09 * Math.sin(s * 26 + i)),
      across(out),
      5,
      sheaf.signed(i, 0, WHY.jitter),
    );
    // The dark or pale midrib.
    for (let s = 1; s < 8; s += 1)
      sheaf.addStem(spine[s - 1]!, spine[s]!, 0.16, kind.foliage.vein ?? sheaf.leaf.stem);
  }
}
