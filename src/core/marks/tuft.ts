import { add, level, unit, type Vec3 } from '../geometry/vec3';
import { mix } from '../units/units';
import { addFlowers, type BlossomAt } from './blossom';
import { UNLIT } from './mark';
import { GOLDEN_RAD, WHY, type Sheaf } from './sprout';

/** Points along a blade that leaves upright and bends over: lean grows with s^1.5. */
export function blade(
  base: Vec3,
  out: Vec3,
  lengthCm: number,
  lean0: number,
  bend: number,
  steps: number,
): Vec3[] {
  const points: Vec3[] = [base];
  let p = base;
  for (let i = 1; i <= steps; i += 1) {
    const lean = lean0 + bend * ((i - 0.5) / steps) ** 1.5;
    p = add(
      p,
      [out[0] * Math.sin(lean), Math.cos(lean), out[2] * Math.sin(lean)],
      lengthCm / steps,
    );
    points.push(p);
  }
  return points;
}

/** Cuts a spine in runs, so that a long blade sorts by depth along its length. */
export function addRuns(
  sheaf: Sheaf,
  spine: readonly Vec3[],
  width: (s: number) => number,
  side: Vec3,
  runs: number,
  jitter: number,
): void {
  const last = spine.length - 1;
  for (let r = 0; r < runs; r += 1) {
    const from = Math.round((last * r) / runs);
    const to = Math.round((last * (r + 1)) / runs);
    const part = spine.slice(from, to + 1);
    const middle = part[Math.floor(part.length / 2)]!;
    sheaf.marks.push({
      kind: 'strap',
      plant: sheaf.sprout.plant,
      p: middle,
      env: sheaf.env(middle),
      jitter,
      ao: UNLIT,
      sun: UNLIT,
      style: sheaf.leaf,
      spine: part,
      widthsCm: part.map((_, i) => width((from + i) / last)),
      side,
    });
  }
}

/** How much farther the blades and culms of plumed grasses arch over. Tuned by eye: less is a sheaf, not a fountain. */
const FOUNTAIN = 1.35;

/** Grasses, sedges and rushes: many thin blades from one crown; plumes or heads on straight culms. */
export function growGrass(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const { kind } = sprout;
  const blades = Math.round(
    (kind.foliage.texture === 'fine' ? 120 : 80) * mix(0.4, 1, sprout.share),
  );
  const arch = Math.min(
    1.25,
    Math.max(0.3, (sprout.radiusCm * 1.15) / Math.max(4, sprout.heightCm)),
  );
  const plumed = kind.bloom?.form === 'plume' && sprout.bloom > 0.05;
  const leafHeight = sprout.heightCm * (plumed ? 0.84 : 1);
  const fountain = kind.bloom?.form === 'plume';
  const wide =
    kind.foliage.shape === 'needle' ? 0.5 : Math.max(0.42, kind.foliage.lengthCm * 0.012);
  for (let i = 0; i < blades; i += 1) {
    const rho = Math.sqrt((i + 0.5) / blades);
    const out = level(i * GOLDEN_RAD + sheaf.signed(i, 0, WHY.azimuth) * 0.25);
    const start = add(sprout.base, out, rho * Math.min(4, sprout.radiusCm * 0.16));
    const long =
      leafHeight * (0.86 + 0.42 * rho * arch) * (0.78 + 0.34 * sheaf.random(i, 0, WHY.size));
    const bend =
      (0.5 + 1.15 * arch) *
      (fountain ? FOUNTAIN : 1) *
      (0.6 + 0.7 * sheaf.random(i, 0, WHY.tilt)) *
      mix(0.4, 1, rho);
    const spine = blade(
      start,
      unit(add(out, sprout.outward, 0.3 * sprout.rimShare)),
      long,
      mix(0.04, 0.3 + 0.25 * arch, rho),
      bend,
      8,
    );
    addRuns(
      sheaf,
      spine,
      (s) => wide * (1 - s ** 2.2) + 0.08,
      unit([out[2], 0, -out[0]]),
      2,
      sheaf.signed(i, 0, WHY.jitter),
    );
  }
  if (!kind.bloom || sprout.bloom <= 0.05) return;
  const culms = plumed
    ? Math.round(16 * sprout.bloom * mix(0.5, 1, sprout.share))
    : Math.round(9 * sprout.bloom);
  const sites: BlossomAt[] = [];
  for (let i = 0; i < culms; i += 1) {
    // Offset by half a golden step, so that the culms do not line up with each other.
    const out = level((i + 0.5) * GOLDEN_RAD + 0.4);
    const long =
      Math.max(3, sprout.heightCm - (plumed ? kind.bloom.sizeCm * 0.75 : 0)) *
      (0.85 + 0.22 * sheaf.random(i, 9, WHY.size));
    const lean = 0.1 + 0.42 * (fountain ? FOUNTAIN : 1) * Math.sqrt((i + 0.5) / culms) * arch;
    const top: Vec3 = add(
      sprout.base,
      [out[0] * Math.sin(lean), Math.cos(lean), out[2] * Math.sin(lean)],
      long,
    );
    sheaf.addStem(sprout.base, top, 0.22, sheaf.leaf.stem);
    sites.push({
      at: top,
      tangent: unit([out[0] * Math.sin(lean), Math.cos(lean), out[2] * Math.sin(lean)]),
      outward: out,
      key: i,
    });
  }
  addFlowers(sheaf, sites);
}

/** Spiky leads: a fan of straps from upright in the middle to about 30° at the outside. */
export function growStraps(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const count = Math.round(38 * mix(0.45, 1, sprout.share));
  const { kind } = sprout;
  // Of kinds that flower on bare stems the record's height is that of the flowers; the leaves stay lower.
  const leafHeight = sprout.heightCm * (kind.bloom ? STRAPS_BELOW_FLOWERS : 1);
  const width =
    Math.max(1.4, Math.min(4.2, leafHeight * 0.042)) *
    mix(0.7, 1, sprout.share) *
    (kind.foliage.texture === 'fine' ? 0.4 : 1);
  for (let i = 0; i < count; i += 1) {
    const f = (i + 0.5) / count;
    const out = level(i * GOLDEN_RAD + sheaf.signed(i, 0, WHY.azimuth) * 0.2);
    const lean = mix(0.06, 1.02, f ** 0.9);
    const long =
      (leafHeight / Math.max(0.72, Math.cos(lean * 0.6))) *
      mix(1, 0.78, f) *
      (0.86 + 0.2 * sheaf.random(i, 0, WHY.size));
    const spine = blade(
      add(sprout.base, [0, 0.4 + 1.6 * (1 - f), 0]),
      out,
      long,
      lean,
      0.28 + 0.4 * sheaf.random(i, 0, WHY.tilt) * f,
      12,
    );
    addRuns(
      sheaf,
      spine,
      (s) => width * (s < 0.3 ? 0.7 + s : 1 - ((s - 0.3) / 0.7) ** 2.2) + 0.1,
      unit([out[2], 0, -out[0]]),
      6,
      sheaf.signed(i, 0, WHY.jitter),
    );
  }
  if (!kind.bloom || sprout.bloom <= 0.05) return;
  const spiked = kind.bloom.form === 'spike';
  const sites = culms(
    sheaf,
    Math.max(
      1,
      Math.round(
        MOST_CULMS *
          sprout.bloom *
          mix(0.4, 1, sprout.share) *
          Math.min(1, kind.bloom.cover / 0.25),
      ),
    ),
    (i) =>
      Math.max(3, sprout.heightCm - (spiked ? kind.bloom!.sizeCm : kind.bloom!.sizeCm * 0.5)) *
      (0.86 + 0.16 * sheaf.random(i, 9, WHY.size)),
    0.22,
  );
  addFlowers(sheaf, sites, sites.length);
}

/** Flower stems of one strap-leaved clump at the height of its bloom, and how much lower its leaves end. Tuned by eye. */
const MOST_CULMS = 7;
const STRAPS_BELOW_FLOWERS = 0.72;

/** Straight flower stems from the crown, a little apart. @returns their tips */
function culms(
  sheaf: Sheaf,
  count: number,
  longCm: (i: number) => number,
  spreadRad: number,
): BlossomAt[] {
  const { sprout } = sheaf;
  return Array.from({ length: count }, (_, i): BlossomAt => {
    // Offset by half a golden step, so that the culms do not line up with each other.
    const out = level((i + 0.5) * GOLDEN_RAD + 0.4);
    const lean = 0.04 + spreadRad * Math.sqrt((i + 0.5) / count);
    const way: Vec3 = [out[0] * Math.sin(lean), Math.cos(lean), out[2] * Math.sin(lean)];
    const top = add(sprout.base, way, longCm(i));
    sheaf.addStem(sprout.base, top, 0.45, sheaf.leaf.stem);
    return { at: top, tangent: unit(way), outward: out, key: i };
  });
}

/** Bulbs: a few leaves from the ground and one or more stems with a flower. */
export function growBulb(sheaf: Sheaf): void {
  const { sprout } = sheaf;
  const { kind } = sprout;
  const broad = kind.foliage.shape !== 'strap';
  const leaves = broad ? 4 : 7;
  for (let i = 0; i < leaves; i += 1) {
    const out = level(i * GOLDEN_RAD + sheaf.signed(i, 0, WHY.azimuth));
    const long =
      Math.min(kind.foliage.lengthCm, sprout.heightCm * 0.8) *
      (0.75 + 0.3 * sheaf.random(i, 0, WHY.size)) *
      mix(0.5, 1, sprout.share);
    const spine = blade(
      sprout.base,
      out,
      long,
      0.12 + 0.25 * sheaf.random(i, 1, WHY.tilt),
      broad ? 0.7 : 0.5,
      8,
    );
    const width = broad ? long * 0.22 : Math.max(0.5, long * 0.035);
    addRuns(
      sheaf,
      spine,
      (s) => width * Math.sin(Math.PI * Math.min(0.97, 0.18 + s * 0.82)) + 0.05,
      unit([out[2], 0, -out[0]]),
      2,
      sheaf.signed(i, 0, WHY.jitter),
    );
  }
  if (!kind.bloom || sprout.bloom < 0.05) return;
  const up = unit(add([0, 1, 0], sheaf.noise(0, 0, 0.1)));
  // A closed cup is as tall as it is wide when open.
  const head = (kind.bloom.sizeCm / 2) * (kind.bloom.form === 'cup' ? 1.3 : 1);
  const long = Math.max(
    3,
    sprout.heightCm - (kind.bloom.form === 'spike' ? kind.bloom.sizeCm : head),
  );
  const top = add(sprout.base, up, long);
  sheaf.addStem(sprout.base, top, 0.4, sheaf.leaf.stem);
  if (kind.bloom.form === 'spike') {
    const whorls = Math.round(kind.bloom.sizeCm / 0.8);
    for (let i = 0; i < whorls; i += 1)
      sheaf.addFlower(
        add(top, up, (i * kind.bloom.sizeCm) / whorls),
        up,
        1.1 - (0.5 * i) / whorls,
        1,
        i,
        sheaf.signed(i, 2, WHY.jitter),
      );
    return;
  }
  if (kind.bloom.form === 'pendant' || kind.bloom.form === 'bell') {
    // Nods from a hooked stalk, and the bell hangs from its end.
    const out = level(sheaf.random(0, 1, WHY.azimuth) * 1.6 - 0.8);
    const hook = add(add(top, out, head * 0.9), [0, head * 0.2, 0]);
    sheaf.addStem(top, hook, 0.22, sheaf.leaf.stem);
    return sheaf.addFlower(
      add(hook, [0, -head * 1.05, 0]),
      unit(add([0, -1, 0], out, 0.22)),
      head,
      1,
      1,
      sheaf.signed(1, 1, WHY.jitter),
    );
  }
  const axis =
    kind.bloom.form === 'cup'
      ? up
      : unit(add([0, 0.25, 0], level(sheaf.random(0, 1, WHY.azimuth) * 1.6 - 0.8)));
  sheaf.addFlower(top, axis, head, 0.35 + 0.4 * sprout.bloom, 1, sheaf.signed(1, 1, WHY.jitter));
}
