import { add, level, unit, type Vec3 } from '../geometry/vec3';
import { UNLIT } from './mark';
import { WHY, type Sheaf } from './sprout';

/** A place on the plant where a flower may sit: a stem's end or a node, and the way it looks. */
export interface BlossomAt {
  readonly at: Vec3;
  readonly tangent: Vec3;
  readonly outward: Vec3;
  readonly key: number;
  /** How far the leaves round it reach beyond it, cm: flowers are held clear of them. Left out: not at all. */
  readonly leavesCm?: number;
}

const MOST_FLOWERS = 84;
/** Flowers overlap and hang round the sides: more are wanted than the plain cover says. Tuned by eye. */
const OVERLAP = 1.6;
/** How far out of its leaves a flower is held, of their reach, and at most. Tuned by eye: held farther they float, nearer they drown. */
const CLEAR = 0.5;
const MOST_CLEAR_CM = 3;
/** Florets of a spike come in whorls this far apart, cm. */
const WHORL_CM = 1.5;

/** How many flowers show the record's cover at this bloom, over the plant's front and top. */
function flowersWanted(sheaf: Sheaf): { readonly count: number; readonly enlarge: number } {
  const { kind, radiusCm, heightCm, trailCm, bloom } = sheaf.sprout;
  const flower = kind.bloom;
  if (!flower || bloom <= 0.02) return { count: 0, enlarge: 1 };
  const dome =
    Math.PI * radiusCm * radiusCm + Math.PI * radiusCm * (heightCm * 0.6 + trailCm * 0.8);
  const each =
    flower.form === 'spike' || flower.form === 'plume' || flower.form === 'tassel'
      ? flower.sizeCm * flower.sizeCm * 0.35
      : flower.form === 'cloud'
        ? 26
        : (flower.sizeCm * flower.sizeCm * Math.PI) / 4;
  const wanted = Math.max(
    1,
    Math.round((dome * flower.cover * bloom * OVERLAP) / Math.max(0.6, each)),
  );
  // Where the flowers are too many to draw, fewer and somewhat larger ones keep the cover true.
  const count = Math.min(MOST_FLOWERS, wanted);
  return { count, enlarge: Math.min(1.7, Math.sqrt(wanted / count)) };
}

/**
 * Sets flowers on the sites, spread evenly, in the manner of the form.
 * @param most flowers at most; as many as there are sites: one on each, whatever the record's cover
 */
export function addFlowers(
  sheaf: Sheaf,
  sites: readonly BlossomAt[],
  most = sites.length * 3,
): void {
  const flower = sheaf.sprout.kind.bloom;
  const wanted = flowersWanted(sheaf);
  if (!flower || wanted.count === 0 || sites.length === 0) return;
  const count = Math.min(Math.max(wanted.count, most === sites.length ? most : 0), most);
  for (let i = 0; i < count; i += 1) {
    const site =
      sites[Math.floor(((i * 0.618034 + sheaf.random(0, 0, WHY.pick)) % 1) * sites.length)]!;
    const jitter = sheaf.signed(site.key, i, WHY.jitter);
    const size =
      (flower.sizeCm / 2) * wanted.enlarge * (0.86 + 0.28 * sheaf.random(site.key, i, WHY.size));
    const axis = unit(
      add(
        add([0, 0.62 + 0.2 * jitter, 0], site.tangent, 0.45),
        site.outward,
        0.5 + 0.5 * sheaf.random(site.key, i, WHY.tilt),
      ),
    );
    const spread = i < sites.length ? 0 : flower.sizeCm * 0.5;
    const at = add(site.at, sheaf.noise(site.key, i + 40, 1), spread);
    addOne(sheaf, site, { at, axis, size, key: site.key * 131 + i, jitter });
  }
}

interface Setting {
  readonly at: Vec3;
  readonly axis: Vec3;
  readonly size: number;
  readonly key: number;
  readonly jitter: number;
}

function addOne(sheaf: Sheaf, site: BlossomAt, { at, axis, size, key, jitter }: Setting): void {
  const form = sheaf.flower!.form;
  const stem = sheaf.leaf.stem;
  const clear = Math.max(
    0.8,
    Math.min(MOST_CLEAR_CM, CLEAR * (site.leavesCm ?? 0)) *
      (0.7 + 0.6 * sheaf.random(key, 2, WHY.reach)),
  );
  switch (form) {
    case 'spike':
      return addSpike(sheaf, site, at, size * 2, key);
    case 'plume':
      return addPlume(sheaf, site, at, size * 2, key);
    case 'tassel':
      return addTassel(sheaf, site, at, size * 2, key);
    case 'spathe': {
      const top = add(at, unit(add(axis, [0, 1.4, 0])), Math.max(clear, size * 0.8));
      sheaf.addStem(at, top, 0.3, stem);
      return sheaf.addFlower(top, unit(add(axis, site.outward, 0.6)), size, 1, key, jitter);
    }
    case 'cluster':
    case 'globe': {
      const stalk =
        Math.min(sheaf.sprout.heightCm * 0.35, size * 1.9) *
        (0.6 + 0.6 * sheaf.random(key, 1, WHY.reach));
      const top = add(
        at,
        unit(add(axis, [0, 0.7, 0])),
        sheaf.sprout.kind.trailCm ? stalk * 0.45 : stalk,
      );
      sheaf.addStem(at, top, 0.22, stem);
      return sheaf.addFlower(top, add(axis, [0, 0.5, 0]), size, 1, key, jitter);
    }
    case 'daisy':
    case 'double':
    case 'cup': {
      const top = add(
        at,
        unit(add(axis, [0, 0.6, 0])),
        Math.max(clear, size * (0.9 + sheaf.random(key, 1, WHY.reach))),
      );
      sheaf.addStem(at, top, 0.16, stem);
      return sheaf.addFlower(top, axis, size, form === 'cup' ? 0.6 : 1, key, jitter);
    }
    case 'cloud': {
      const top = add(at, axis, 1 + 4 * sheaf.random(key, 1, WHY.reach));
      return sheaf.addFlower(top, axis, 3.2, 1, key, jitter);
    }
    case 'pendant':
    case 'bell': {
      const out = add(add(at, site.outward, 1.4), [0, -0.5, 0]);
      sheaf.addStem(at, out, 0.1, stem);
      return sheaf.addFlower(out, unit(add([0, -1, 0], site.outward, 0.35)), size, 1, key, jitter);
    }
    default: {
      const top = add(at, axis, clear);
      if (clear > 1.5) sheaf.addStem(at, top, 0.12, stem);
      return sheaf.addFlower(top, axis, size, 0.9 + 0.1 * jitter, key, jitter);
    }
  }
}

/** Whorls up a stem, each one mark of several florets; buds toward the tip. */
function addSpike(sheaf: Sheaf, site: BlossomAt, at: Vec3, lengthCm: number, key: number): void {
  const up = unit(add([0, 1, 0], site.tangent, 0.55));
  const grown =
    lengthCm * (0.75 + 0.4 * sheaf.random(key, 2, WHY.size)) * (0.5 + 0.5 * sheaf.sprout.bloom);
  const whorls = Math.max(3, Math.round(grown / WHORL_CM));
  sheaf.addStem(at, add(at, up, grown), 0.2, sheaf.leaf.stem);
  for (let i = 0; i < whorls; i += 1) {
    const f = i / whorls;
    const p = add(at, up, grown * (0.08 + 0.92 * f));
    sheaf.addFlower(
      p,
      up,
      Math.min(1.6, lengthCm * 0.085) * (1.05 - 0.6 * f),
      f < 0.78 ? 1 : 0.4,
      key * 41 + i,
      sheaf.signed(key, i, WHY.jitter),
    );
  }
}

function addPlume(sheaf: Sheaf, site: BlossomAt, at: Vec3, lengthCm: number, key: number): void {
  const lean = unit(add([0, 1, 0], site.tangent, 0.6));
  const long = lengthCm * (0.8 + 0.35 * sheaf.random(key, 2, WHY.size));
  // Plumes of grasses nod at their ends; those of other plants stand.
  const nod = sheaf.sprout.kind.habit === 'grass' ? 0.4 : 0.14;
  const spine: Vec3[] = [];
  for (let i = 0; i <= 6; i += 1) {
    const s = i / 6;
    spine.push(
      add(add(at, lean, long * s), add(site.outward, [0, -0.6, 0]), long * nod * s ** 2.6),
    );
  }
  sheaf.marks.push({
    kind: 'plume',
    plant: sheaf.sprout.plant,
    p: spine[3]!,
    env: sheaf.env(spine[3]!),
    jitter: sheaf.signed(key, 3, WHY.jitter),
    ao: UNLIT,
    sun: UNLIT,
    spine,
    widthCm: Math.max(1.4, lengthCm * 0.13),
    colour: sheaf.flower!.main,
    seed: key,
  });
}

/** How far out a tassel is carried before it hangs, of its length: clear of the leaves. */
const TASSEL_OUT = 0.5;

/** Long soft tassels that hang from their stems: love-lies-bleeding, chenille plants. */
function addTassel(sheaf: Sheaf, site: BlossomAt, at: Vec3, lengthCm: number, key: number): void {
  const long = lengthCm * (0.7 + 0.4 * sheaf.random(key, 2, WHY.size));
  const out = unit(add(site.outward, [0, 0.6, 0]));
  const spine = Array.from({ length: 7 }, (_, i): Vec3 => {
    const s = i / 6;
    // Out from the stem at first, then straight down.
    return add(add(at, out, long * TASSEL_OUT * Math.sin(Math.min(1, s * 2.2) * 1.57)), [
      0,
      -long * s ** 1.3,
      0,
    ]);
  });
  const middle = spine[3] ?? at;
  sheaf.marks.push({
    kind: 'plume',
    plant: sheaf.sprout.plant,
    p: middle,
    env: sheaf.env(middle),
    jitter: sheaf.signed(key, 3, WHY.jitter),
    ao: UNLIT,
    sun: UNLIT,
    spine,
    widthCm: Math.max(1.3, lengthCm * 0.1),
    colour: sheaf.flower?.main ?? sheaf.leaf.main,
    seed: key,
  });
}

/** Fruit longer than this hang in smaller numbers, cm. Tuned by eye. */
const LARGE_CM = 3;

/** Fruits hung below nodes. */
export function addFruits(sheaf: Sheaf, sites: readonly BlossomAt[], most: number): void {
  const fruit = sheaf.sprout.kind.fruit;
  if (!fruit || sheaf.sprout.fruit <= 0.02 || sites.length === 0) return;
  // Large fruit are few: a plant carries about so much of it, not so many.
  const count = Math.max(
    1,
    Math.round(most * sheaf.sprout.fruit * Math.min(1, LARGE_CM / fruit.sizeCm)),
  );
  for (let i = 0; i < count; i += 1) {
    const site = sites[Math.floor(((i * 0.618034 + 0.31) % 1) * sites.length)]!;
    const drop = add(
      add(site.at, site.outward, (fruit.wideCm ?? fruit.sizeCm) * 0.6),
      level(i * 2.4),
      (fruit.wideCm ?? fruit.sizeCm) * 0.4,
    );
    const ripe = sheaf.random(site.key, i, WHY.pick) < 0.3 + 0.7 * sheaf.sprout.fruit;
    const size = 0.85 + 0.3 * sheaf.random(site.key, i, WHY.size);
    const wide = fruit.wideCm ?? fruit.sizeCm;
    sheaf.addFruit(
      add(drop, [0, -wide * (0.3 + 0.7 * sheaf.random(site.key, i, WHY.reach)), 0]),
      { radiusCm: (wide / 2) * size, longCm: Math.max(0, fruit.sizeCm - wide) * size },
      ripe ? fruit.colour : [0.66, 0.13, 125],
      sheaf.signed(site.key, i, WHY.jitter),
    );
  }
}
