import { add, cross, dot, squareTo, unit, type Vec3 } from '../geometry/vec3';
import type { Oklch } from '../colour/oklch';
import { illumination, type Lit } from '../marks/light';
import type { FlowerMark } from '../marks/mark';
import { hash01, hashSigned } from '../random/hash';
import { screenX, screenY, type Aim } from './lens';
import { fill, line, type Part } from './part';
import { tone } from './tone';

/** A flower's own frame: two vectors across its face and its axis, with the light it stands in. */
interface Face {
  readonly mark: FlowerMark;
  readonly a: Aim;
  /** Its middle; of a floret of a head, the floret's. */
  readonly p: Vec3;
  readonly lit: Lit;
  readonly x: Vec3;
  readonly y: Vec3;
  readonly axis: Vec3;
  readonly r: number;
  readonly front: boolean;
  readonly flat: boolean;
  readonly on: Frame;
  readonly parts: Part[];
}

/** The frame on the picture: where its middle lands, and one flower radius along `x`, `y` and the axis, pixels. */
type Frame = readonly [
  ox: number,
  oy: number,
  xx: number,
  xy: number,
  yx: number,
  yy: number,
  hx: number,
  hy: number,
];

function frameOf(a: Aim, p: Vec3, x: Vec3, y: Vec3, axis: Vec3, r: number): Frame {
  const { right, up } = a;
  const k = a.pxPerCm * r;
  return [
    screenX(a, p),
    screenY(a, p),
    k * (right[0] * x[0] + right[1] * x[1] + right[2] * x[2]),
    -k * (up[0] * x[0] + up[1] * x[1] + up[2] * x[2]),
    k * (right[0] * y[0] + right[1] * y[1] + right[2] * y[2]),
    -k * (up[0] * y[0] + up[1] * y[1] + up[2] * y[2]),
    k * (right[0] * axis[0] + right[1] * axis[1] + right[2] * axis[2]),
    -k * (up[0] * axis[0] + up[1] * axis[1] + up[2] * axis[2]),
  ];
}

/** Room for one outline, written anew for every one. The first fraction lays it out for fractions. */
const OUTLINE: number[] = new Array<number>(256).fill(0.5);
let filled = 0;

/** The outline that was put down point by point. */
function taken(): number[] {
  const xy = OUTLINE.slice(0, filled);
  filled = 0;
  return xy;
}

/** Puts down a point in the frame: radius and angle across the face, height along the axis, in flower radii. */
function put({ on }: Face, radius: number, angle: number, height: number): void {
  const [c, s] = [Math.cos(angle) * radius, Math.sin(angle) * radius];
  OUTLINE[filled] = on[0] + on[2] * c + on[4] * s + on[6] * height;
  OUTLINE[filled + 1] = on[1] + on[3] * c + on[5] * s + on[7] * height;
  filled += 2;
}

/** Light on a petal that leans out at an angle: cups catch it on one side only. */
function petalLight({ axis, x, y, front, lit, a }: Face, angle: number, lean: number): number {
  const [c, s] = [-lean * Math.cos(angle), -lean * Math.sin(angle)];
  const n = unit([
    axis[0] + x[0] * c + y[0] * s,
    axis[1] + x[1] * c + y[1] * s,
    axis[2] + x[2] * c + y[2] * s,
  ]);
  return illumination(front ? n : [-n[0], -n[1], -n[2]], lit, a.light);
}

interface PetalRing {
  readonly count: number;
  readonly from: number;
  readonly to: number;
  readonly width: number;
  readonly lift: number;
  readonly turn?: number;
  readonly lean?: number;
  readonly tint?: number;
}

/** A ring of petals: each a five-point shape, its tone from its lean. Far petals first. */
function petals(f: Face, colour: Oklch, ring: PetalRing): void {
  const step = (Math.PI * 2) / ring.count;
  const order = Array.from({ length: ring.count }, (_, i) => i);
  const depth = (i: number) => {
    const angle = i * step + (ring.turn ?? 0);
    return dot(
      add(
        [f.x[0] * Math.cos(angle), f.x[1] * Math.cos(angle), f.x[2] * Math.cos(angle)],
        f.y,
        Math.sin(angle),
      ),
      f.a.toward,
    );
  };
  if (ring.lift > 0.3) order.sort((i, j) => depth(i) - depth(j));
  for (const i of order) {
    const angle = i * step + (ring.turn ?? 0) + hashSigned(f.mark.seed, i, 3) * 0.06;
    const reach = ring.to * (0.94 + 0.12 * hash01(f.mark.seed, i, 1));
    put(f, ring.from, angle, ring.lift * 0.2);
    put(
      f,
      ring.from + (reach - ring.from) * 0.6,
      angle - step * ring.width * 0.5,
      ring.lift * 0.75,
    );
    put(f, reach * 0.96, angle - step * ring.width * 0.3, ring.lift);
    put(f, reach, angle, ring.lift);
    put(f, reach * 0.96, angle + step * ring.width * 0.3, ring.lift);
    put(
      f,
      ring.from + (reach - ring.from) * 0.6,
      angle + step * ring.width * 0.5,
      ring.lift * 0.75,
    );
    f.parts.push(
      fill(
        taken(),
        tone(
          colour,
          petalLight(f, angle, ring.lean ?? 0.3) * (1 + (ring.tint ?? 0)) * (i % 2 ? 1.03 : 0.97),
          f.mark.jitter,
        ),
      ),
    );
  }
}

/** Outline of one petal of a goblet: height as a share of the whole, radius, and half width in radians. Round at the foot, widest below the middle, drawn in toward the tip. */
const GOBLET = [
  [0, 0.16, 0.3],
  [0.16, 0.6, 0.72],
  [0.42, 0.82, 0.8],
  [0.72, 0.8, 0.62],
  [0.92, 0.74, 0.3],
] as const;

/** Three petals of a cup, the far ones first; wide open the tips lean out. */
function goblet(f: Face, colour: Oklch, lift: number, turn: number, tint: number): void {
  const order = [0, 1, 2].map((i) => {
    const angle = turn + (i * Math.PI * 2) / 3;
    return {
      angle,
      near: dot(
        add(
          [f.x[0] * Math.cos(angle), f.x[1] * Math.cos(angle), f.x[2] * Math.cos(angle)],
          f.y,
          Math.sin(angle),
        ),
        f.a.toward,
      ),
    };
  });
  order.sort((p, q) => p.near - q.near);
  for (const { angle, near } of order) {
    const flare = (share: number) => 1 + 0.45 * f.mark.open * share ** 2;
    for (const [share, r, half] of GOBLET) put(f, r * flare(share), angle - half, share * lift);
    put(f, 0.7 * flare(1), angle, lift);
    for (let i = GOBLET.length - 1; i >= 0; i -= 1)
      put(f, GOBLET[i]![1] * flare(GOBLET[i]![0]), angle + GOBLET[i]![2], GOBLET[i]![0] * lift);
    // Far petals show their inside, which lies in the cup's own shade.
    f.parts.push(
      fill(
        taken(),
        tone(
          colour,
          petalLight(f, angle, near > 0 ? -0.9 : 0.3) * (1 + tint) * (near > 0 ? 1 : 0.8),
          f.mark.jitter,
        ),
      ),
    );
  }
}

/** Points of a ring with lobes, radius 1: held, since every floret of every head asks for one of a few. */
const rings = new Map<number, readonly number[]>();

function ringOf(steps: number, lobes: number, dip: number): readonly number[] {
  const key = (steps * 32 + lobes) * 128 + Math.round(dip * 100);
  let ring = rings.get(key);
  if (!ring) {
    ring = Array.from({ length: steps }, (_, i) => (i / steps) * Math.PI * 2).flatMap((angle) =>
      [Math.cos(angle), Math.sin(angle)].map(
        (part) => part * (1 - dip * (0.5 - 0.5 * Math.cos(angle * lobes))),
      ),
    );
    rings.set(key, ring);
  }
  return ring;
}

/** A closed ring of points with lobes. @param dip of the notches, hundredths of the radius */
function lobed(
  f: Face,
  colour: Oklch,
  radius: number,
  lobes: number,
  dip: number,
  height: number,
  light: number,
  alpha = 1,
): void {
  // On the move a point and a notch for each lobe are enough.
  const ring = ringOf(f.flat ? Math.max(8, lobes * 2) : Math.max(10, lobes * 4), lobes, dip);
  const { on } = f;
  const [mx, my] = [on[0] + on[6] * height, on[1] + on[7] * height];
  for (let i = 0; i < ring.length; i += 2) {
    const [c, s] = [ring[i]! * radius, ring[i + 1]! * radius];
    OUTLINE[i] = mx + on[2] * c + on[4] * s;
    OUTLINE[i + 1] = my + on[3] * c + on[5] * s;
  }
  filled = ring.length;
  f.parts.push(fill(taken(), tone(colour, light, f.mark.jitter), alpha));
}

/** A tube along the axis, from radius `r0` at height `h0` to `r1` at `h1`. */
function tube(
  f: Face,
  colour: Oklch,
  r0: number,
  h0: number,
  r1: number,
  h1: number,
  light: number,
): void {
  const side = squareTo(f.a.right, f.axis);
  const [bx, by] = [dot(side, f.x), dot(side, f.y)];
  const angle = Math.atan2(by, bx);
  put(f, r0, angle, h0);
  put(f, r1, angle, h1);
  put(f, r1, angle + Math.PI, h1);
  put(f, r0, angle + Math.PI, h0);
  f.parts.push(fill(taken(), tone(colour, light, f.mark.jitter)));
  put(f, r0, angle + Math.PI, h0);
  put(f, r1, angle + Math.PI, h1);
  put(f, r1 * 0.1, angle, h1);
  put(f, r0 * 0.1, angle, h0);
  f.parts.push(fill(taken(), tone(colour, light * 1.12, f.mark.jitter)));
}

const GREEN: Oklch = [0.56, 0.1, 132];
const DISC_GOLD: Oklch = [0.78, 0.16, 82];

/** One flower, head or whorl on the picture. */
export function projectFlower(mark: FlowerMark, a: Aim, detail: 'flat' | 'full'): Part[] {
  const px = mark.radiusCm * a.pxPerCm;
  const x = squareTo(a.right, mark.axis);
  const y = cross(mark.axis, x);
  const r = mark.radiusCm * (0.55 + 0.45 * mark.open);
  const face: Face = {
    mark,
    a,
    p: mark.p,
    lit: mark,
    axis: mark.axis,
    x,
    y,
    r,
    on: frameOf(a, mark.p, x, y, mark.axis, r),
    front: dot(mark.axis, a.toward) >= 0,
    flat: detail === 'flat' || px < 3.2,
    parts: [],
  };
  DRAW[mark.style.form](face);
  return face.parts;
}

/** The same face laid by gravity: `y` points as far up as the face allows. */
function uprightFace(f: Face): Face {
  const y = squareTo([0, 1, 0], f.axis);
  const x = cross(y, f.axis);
  return { ...f, x, y, on: frameOf(f.a, f.p, x, y, f.axis, f.r) };
}

/** A small flower of a head or spray. */
function floret(f: Face, p: Vec3, axis: Vec3, r: number, front: boolean, env: Vec3): Face {
  const x = squareTo(f.a.right, axis);
  const y = cross(axis, x);
  const { ao, sun } = f.mark;
  return {
    mark: f.mark,
    a: f.a,
    p,
    lit: { kind: 'flower', ao, sun, env },
    x,
    y,
    axis,
    r,
    front,
    flat: f.flat,
    on: frameOf(f.a, p, x, y, axis, r),
    parts: f.parts,
  };
}

/** One way of drawing for each form. Where a coarse one is larger or smaller than the full one, it is so that both fill the same room (`detail.test.ts`). */
const DRAW: Readonly<Record<FlowerMark['style']['form'], (f: Face) => void>> = {
  trumpet(f) {
    const { main, eye } = f.mark.style;
    const light = petalLight(f, 0, 0.1);
    const side = dot(f.axis, f.a.toward) < 0.55;
    if (side && f.front && !f.flat) tube(f, main, 0.14, -0.95, 0.5, -0.1, light * 0.85);
    lobed(f, main, f.flat ? 1.06 : 1, 5, 0.13, 0, light);
    if (f.flat) {
      if (eye && f.front && f.r * f.a.pxPerCm > 2.2) lobed(f, eye, 0.3, 0, 0, -0.05, light);
      return;
    }
    if (!f.front) return tube(f, main, 0.14, -0.95, 0.55, -0.08, light * 0.92);
    for (let i = 0; i < 5; i += 1) {
      const angle = ((i + 0.5) / 5) * Math.PI * 2;
      put(f, 0.95, angle - 0.3, 0);
      put(f, 0.2, angle, -0.3);
      put(f, 0.95, angle + 0.3, 0);
      f.parts.push(fill(taken(), tone(main, petalLight(f, angle, 0.35), f.mark.jitter), 0.55));
    }
    if (!eye) return;
    lobed(f, eye, 0.42, 5, 0.62, -0.15, light, 0.85);
    lobed(f, eye, 0.19, 0, 0, -0.3, light * 0.7);
  },
  daisy(f) {
    const { main, eye, second } = f.mark.style;
    const aged = second && hash01(f.mark.seed, 9) < 0.35 ? second : main;
    if (f.flat) {
      lobed(f, aged, 0.96, 9, 0.2, 0, petalLight(f, 0, 0));
      if (f.front) lobed(f, eye ?? DISC_GOLD, 0.3, 0, 0, 0.1, petalLight(f, 0, 0));
      return;
    }
    petals(f, aged, {
      count: 12,
      from: 0.2,
      to: 1,
      width: 0.95,
      lift: f.front ? 0.05 : -0.05,
      lean: 0.15,
    });
    const disc = eye ?? DISC_GOLD;
    if (!f.front) return lobed(f, GREEN, 0.28, 0, 0, -0.1, petalLight(f, 0, 0));
    lobed(f, disc, 0.31, 0, 0, 0.06, petalLight(f, 0, 0) * 0.82);
    lobed(f, disc, 0.2, 0, 0, 0.14, petalLight(f, 2.4, 0.3) * 1.12);
  },
  star(f) {
    const { main, eye, second } = f.mark.style;
    const colour = second && hash01(f.mark.seed, 9) < 0.3 ? second : main;
    if (f.flat) lobed(f, colour, 1.05, 5, 0.24, 0, petalLight(f, 0, 0));
    else petals(f, colour, { count: 5, from: 0.08, to: 1, width: 1.15, lift: 0.08, lean: 0.25 });
    if (f.front && (eye || !f.flat))
      lobed(f, eye ?? f.mark.style.main, 0.17, 0, 0, 0.08, petalLight(f, 0, 0) * (eye ? 1 : 0.7));
  },
  double(f) {
    const { main, second } = f.mark.style;
    if (f.flat) {
      lobed(f, second ?? main, 1.03, 7, 0.12, 0, petalLight(f, 0, 0));
      return lobed(f, main, 0.55, 6, 0.12, 0.25, petalLight(f, 1, 0.2) * 0.9);
    }
    petals(f, second ?? main, { count: 8, from: 0.15, to: 1, width: 1.25, lift: 0.05, lean: 0.3 });
    petals(f, main, {
      count: 7,
      from: 0.1,
      to: 0.76,
      width: 1.3,
      lift: 0.26,
      turn: 0.4,
      lean: 0.4,
      tint: 0.03,
    });
    petals(f, second ?? main, {
      count: 6,
      from: 0.06,
      to: 0.52,
      width: 1.35,
      lift: 0.42,
      turn: 0.9,
      lean: 0.55,
      tint: -0.05,
    });
    petals(f, main, {
      count: 4,
      from: 0,
      to: 0.3,
      width: 1.4,
      lift: 0.5,
      turn: 0.2,
      lean: 0.6,
      tint: -0.14,
    });
  },
  cluster(f) {
    florets(f, {
      count: f.flat ? 6 : f.r * f.a.pxPerCm > 16 ? 20 : 11,
      size: f.flat ? 0.34 : f.r > 2.6 ? 0.34 : 0.42,
      petals: 5,
      notch: 0.24,
      back: 1.35,
      depth: 0,
    });
  },
  /** A ball of stars all round, dark between them: without that a white one is a disc. */
  globe(f) {
    florets(f, {
      count: f.flat ? 14 : 40,
      size: f.flat ? 0.34 : 0.24,
      petals: 6,
      notch: 0.4,
      back: 1.9,
      depth: 0.42,
    });
  },
  /** One whorl: florets round the stem, those behind first. */
  spike(f) {
    const { main, second } = f.mark.style;
    const count = f.flat ? 4 : 6;
    const bud = f.mark.open < 0.6;
    for (let i = 0; i < count; i += 1) {
      const angle = (i / count) * Math.PI * 2 + hash01(f.mark.seed, 1) * 6;
      const out = unit(
        add(
          add(
            [f.x[0] * Math.cos(angle), f.x[1] * Math.cos(angle), f.x[2] * Math.cos(angle)],
            f.y,
            Math.sin(angle),
          ),
          f.axis,
          0.75,
        ),
      );
      const tip = add(f.mark.p, out, f.mark.radiusCm * (0.9 + 0.35 * hash01(f.mark.seed, i, 2)));
      const side = squareTo(f.a.right, out);
      const w = f.mark.radiusCm * (bud ? 0.28 : 0.42) * (f.flat ? 1.2 : 1);
      const xy = [screenX(f.a, f.mark.p), screenY(f.a, f.mark.p)];
      for (const [along, across] of [
        [0.62, 1],
        [1, 0.45],
        [1, -0.45],
        [0.62, -1],
      ] as const) {
        const p = add(
          add(f.mark.p, [tip[0] - f.mark.p[0], tip[1] - f.mark.p[1], tip[2] - f.mark.p[2]], along),
          side,
          across * w,
        );
        xy.push(screenX(f.a, p), screenY(f.a, p));
      }
      const facing = dot(out, f.a.toward);
      f.parts.push(
        fill(
          xy,
          tone(
            second && i % 3 === 0 ? second : main,
            illumination(out, f.mark, f.a.light) *
              (0.82 + 0.24 * Math.max(0, facing)) *
              (bud ? 0.82 : 1),
            f.mark.jitter,
          ),
        ),
      );
    }
  },
  /** An airy spray: small stars on unequal hair stalks. */
  cloud(f) {
    const { main, eye } = f.mark.style;
    const count = f.flat ? 5 : 8;
    const petal = f.flat ? 0.19 : 0.17;
    for (let i = 0; i < count; i += 1) {
      const d = unit([
        hashSigned(f.mark.seed, i, 1),
        0.25 + hash01(f.mark.seed, i, 2),
        hashSigned(f.mark.seed, i, 3),
      ]);
      const at = add(f.mark.p, d, f.r * (0.3 + 0.85 * hash01(f.mark.seed, i, 4)));
      if (!f.flat)
        f.parts.push(
          line(
            [screenX(f.a, f.mark.p), screenY(f.a, f.mark.p), screenX(f.a, at), screenY(f.a, at)],
            tone(GREEN, illumination(f.a.toward, f.mark, f.a.light), 0),
            0.5,
            0.7,
          ),
        );
      const n = unit(add(add(d, f.a.toward, 0.7), [0, 0.3, 0]));
      const small = floret(f, at, n, Math.max(0.3, f.r * petal), true, f.mark.env);
      lobed(
        small,
        main,
        1,
        f.flat ? 0 : 4,
        f.flat ? 0 : 0.4,
        0,
        illumination(n, f.mark, f.a.light),
      );
      if (eye && !f.flat && small.r * f.a.pxPerCm > 2)
        lobed(small, eye, 0.25, 0, 0, 0, illumination(n, f.mark, f.a.light));
    }
  },
  viola(f) {
    const { main, second, eye } = f.mark.style;
    // The lower petal hangs to the ground however the flower turns: lay the frame by gravity.
    const g = uprightFace(f);
    if (!f.front) return lobed(g, main, 0.9, 5, 0.15, 0, petalLight(g, 0, 0));
    const petal = (angle: number, width: number, to: number, colour: Oklch, lean: number) => {
      put(g, 0.02, angle, 0);
      for (const [r, w] of [
        [0.55, -1],
        [0.9, -0.8],
        [1, 0],
        [0.9, 0.8],
        [0.55, 1],
      ] as const)
        put(g, to * r, angle + w * width, 0.06);
      g.parts.push(fill(taken(), tone(colour, petalLight(g, angle, lean), f.mark.jitter)));
    };
    petal(1.05, 0.62, 1, main, 0.3);
    petal(2.09, 0.62, 1, main, 0.3);
    petal(0.1, 0.6, 0.86, second && !f.flat ? mixed(main, second) : main, 0.2);
    petal(3.04, 0.6, 0.86, second && !f.flat ? mixed(main, second) : main, 0.2);
    petal(-Math.PI / 2, 0.72, 1, second ?? main, -0.2);
    if (f.flat) return;
    if (f.r * f.a.pxPerCm > 7)
      for (const angle of [-1.9, -1.57, -1.24]) {
        put(g, 0.12, angle, 0.08);
        put(g, 0.5, angle, 0.08);
        g.parts.push(line(taken(), tone([0.25, 0.06, 320], 0.9, 0), 0.8));
      }
    lobed(g, eye ?? DISC_GOLD, 0.14, 0, 0, 0.1, 1);
  },
  bell(f) {
    const { main, eye } = f.mark.style;
    const light = petalLight(f, 0, 0);
    tube(f, main, 0.18, -1.1, f.flat ? 0.6 : 0.5, f.flat ? 0.28 : 0.2, light * 0.95);
    if (f.flat) return;
    petals(f, main, { count: 5, from: 0.3, to: 0.72, width: 1, lift: 0.35, lean: 0.2 });
    if (eye) lobed(f, eye, 0.2, 0, 0, 0.3, light);
  },
  pendant(f) {
    const { main, second } = f.mark.style;
    const light = petalLight(f, 0, 0);
    tube(f, second ?? main, 0.3, -0.1, 0.5, 0.75, light * 0.92);
    tube(f, main, 0.12, -0.75, 0.2, -0.1, light);
    petals(f, main, {
      count: 4,
      from: 0.12,
      to: f.flat ? 1.02 : 0.95,
      width: f.flat ? 0.58 : 0.5,
      lift: -0.25,
      lean: 0.3,
      turn: 0.5,
    });
    if (f.flat) return;
    for (let i = 0; i < 3; i += 1) {
      put(f, 0.06, i * 2.1, 0.7);
      put(f, 0.12, i * 2.1, 1.35);
      f.parts.push(line(taken(), tone(main, light, 0), 0.7));
    }
  },
  cup(f) {
    const { main, eye } = f.mark.style;
    const lift = 2.5 - 0.9 * f.mark.open;
    goblet(f, main, lift, 0.5, -0.06);
    if (eye && !f.flat) lobed(f, eye, 0.14, 0, 0, lift * 0.6, 0.9);
    goblet(f, main, lift * 0.96, 0.5 + Math.PI / 3, 0.03);
  },
  plume(f) {
    ball(f, f.mark.style.main, 1, petalLight(f, 0, 0));
  },
  /** Broad, loose, floppy petals. */
  flag(f) {
    const { main, eye } = f.mark.style;
    petals(f, main, {
      count: 4,
      from: 0.05,
      to: f.flat ? 1.08 : 1,
      width: f.flat ? 1.02 : 0.95,
      lift: 0.55,
      lean: 0.5,
    });
    if (!f.flat)
      petals(f, main, {
        count: 3,
        from: 0.05,
        to: 0.8,
        width: 0.9,
        lift: 0.95,
        turn: 0.7,
        lean: 0.1,
        tint: 0.05,
      });
    if (eye && !f.flat) lobed(f, eye, 0.14, 0, 0, 0.3, 0.9);
  },
  /** Two-lipped: two small petals above, three broad ones below. */
  lip(f) {
    const { main, eye } = f.mark.style;
    const g = uprightFace(f);
    if (f.flat) lobed(g, main, 0.68, 5, 0.2, 0, petalLight(g, 0, 0));
    else
      for (const [angle, width, to] of [
        [1.2, 0.34, 0.7],
        [1.94, 0.34, 0.7],
        [-0.55, 0.42, 0.95],
        [-2.59, 0.42, 0.95],
        [-1.57, 0.46, 1],
      ] as const) {
        put(g, 0.04, angle, 0);
        put(g, to * 0.7, angle - width, 0.1);
        put(g, to, angle, 0.05);
        put(g, to * 0.7, angle + width, 0.1);
        g.parts.push(fill(taken(), tone(main, petalLight(g, angle, 0.25), f.mark.jitter)));
      }
    if (eye && f.front) lobed(g, eye, 0.2, 0, 0, 0.1, petalLight(g, 0, 0));
  },
};

/** Radius of the disc that stands for a large head on the move, of the head's. */
const FLAT_BALL = 0.58;

interface Florets {
  readonly count: number;
  /** Radius of one against the head's. */
  readonly size: number;
  readonly petals: number;
  readonly notch: number;
  /** How far round the back they go: 1 is a half ball, 2 a whole. */
  readonly back: number;
  /** How much darker the farthest are than the nearest, 0–1. */
  readonly depth: number;
}

/** Small flowers over a ball, the farthest first, each turned and set a little out of true: without that it is a plain ball. */
function florets(f: Face, { count, size, petals: points, notch, back, depth }: Florets): void {
  const { main, eye, second } = f.mark.style;
  // Large heads show what is behind between their florets; on the move a smaller disc stands for them.
  const small = f.r * f.a.pxPerCm < 7;
  if (f.flat || small)
    ball(f, main, small ? 0.86 : FLAT_BALL, petalLight(f, 0, 0) * (depth > 0 ? 0.72 : 0.86));
  const heads: { at: Vec3; n: Vec3; i: number; near: number }[] = [];
  for (let i = 0; i < count; i += 1) {
    const z = 1 - back * ((i + 0.5) / count);
    const angle = i * 2.39996 + hash01(f.mark.seed, 2) * 6;
    const w = Math.sqrt(Math.max(0, 1 - z * z));
    const n = unit(
      add(
        add(
          add([f.axis[0] * z, f.axis[1] * z, f.axis[2] * z], f.x, w * Math.cos(angle)),
          f.y,
          w * Math.sin(angle),
        ),
        [
          hashSigned(f.mark.seed, i, 4) * 0.3,
          hashSigned(f.mark.seed, i, 5) * 0.3,
          hashSigned(f.mark.seed, i, 6) * 0.3,
        ],
      ),
    );
    const at = add(f.mark.p, n, f.r * (0.72 + 0.26 * hash01(f.mark.seed, i, 7)));
    heads.push({ at, n, i, near: dot(n, f.a.toward) });
  }
  heads.sort((p, q) => p.near - q.near);
  for (const { at, n, i, near } of heads) {
    const mixed = second && i % 2 ? second : main;
    const small = floret(f, at, n, f.r * size, near > 0, unit(add(f.mark.env, n, 0.8)));
    lobed(
      small,
      mixed,
      1,
      points,
      notch,
      0,
      petalLight(small, 0, 0) * (i % 3 === 0 ? 1.05 : 0.98) * (1 - depth * (0.5 - 0.5 * near)),
    );
    if (!f.flat && eye && small.front && small.r * f.a.pxPerCm > 2.4)
      lobed(small, eye, 0.22, 0, 0, 0, petalLight(small, 0, 0));
  }
}

/** A plain disc turned to the eye: the body of dense heads. */
function ball(f: Face, colour: Oklch, radius: number, light: number): void {
  const [x, y] = [screenX(f.a, f.mark.p), screenY(f.a, f.mark.p)];
  const r = radius * f.r * f.a.pxPerCm;
  const xy: number[] = [];
  for (let i = 0; i < 10; i += 1)
    xy.push(x + r * Math.cos((i * Math.PI) / 5), y + r * Math.sin((i * Math.PI) / 5));
  f.parts.push(fill(xy, tone(colour, light, f.mark.jitter)));
}

const blends = new Map<Oklch, Map<Oklch, Oklch>>();

/** Half-way between two colours; one object per pair, so that tones are held. */
function mixed(p: Oklch, q: Oklch): Oklch {
  let row = blends.get(p);
  if (!row) blends.set(p, (row = new Map()));
  let half = row.get(q);
  if (!half) {
    const gap = ((q[2] - p[2] + 540) % 360) - 180;
    half = [(p[0] + q[0]) / 2, Math.min(p[1], q[1]) * 0.8, (p[2] + gap / 2 + 360) % 360];
    row.set(q, half);
  }
  return half;
}
