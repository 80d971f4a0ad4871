import { once } from '../../work/once';
import { add, cross, dot, squareTo, unit, type Vec3 } from '../../geometry/vec3';
import type { Oklch } from '../../colour/oklch';
import { illumination, type Lit } from '../../marks/light';
import type { FlowerMark } from '../../marks/mark';
import { hash01, hashSigned } from '../../random/hash';
import { screenX, screenY, type Aim } from '../lens';
import { fill, type Part } from '../part';
import { tone } from '../tone';

/** A flower's own frame: two vectors across its face and its axis, with the light it stands in. */
export interface Face {
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

export function frameOf(a: Aim, p: Vec3, x: Vec3, y: Vec3, axis: Vec3, r: number): Frame {
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
export function taken(): number[] {
  const xy = OUTLINE.slice(0, filled);
  filled = 0;
  return xy;
}

/** Puts down a point in the frame: radius and angle across the face, height along the axis, in flower radii. */
export function put({ on }: Face, radius: number, angle: number, height: number): void {
  const [c, s] = [Math.cos(angle) * radius, Math.sin(angle) * radius];
  OUTLINE[filled] = on[0] + on[2] * c + on[4] * s + on[6] * height;
  OUTLINE[filled + 1] = on[1] + on[3] * c + on[5] * s + on[7] * height;
  filled += 2;
}

/** Light on a petal that leans out at an angle: cups catch it on one side only. */
export function petalLight(
  { axis, x, y, front, lit, a }: Face,
  angle: number,
  lean: number,
): number {
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
export function petals(f: Face, colour: Oklch, ring: PetalRing): void {
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
export function goblet(f: Face, colour: Oklch, lift: number, turn: number, tint: number): void {
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
export function lobed(
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
export function tube(
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

export const GREEN: Oklch = [0.56, 0.1, 132];
export const DISC_GOLD: Oklch = [0.78, 0.16, 82];

/** The same face laid by gravity: `y` points as far up as the face allows. */
export function uprightFace(f: Face): Face {
  const y = squareTo([0, 1, 0], f.axis);
  const x = cross(y, f.axis);
  return { ...f, x, y, on: frameOf(f.a, f.p, x, y, f.axis, f.r) };
}

/** A small flower of a head or spray. */
export function floret(f: Face, p: Vec3, axis: Vec3, r: number, front: boolean, env: Vec3): Face {
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
export function florets(
  f: Face,
  { count, size, petals: points, notch, back, depth }: Florets,
): void {
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
export function ball(f: Face, colour: Oklch, radius: number, light: number): void {
  const [x, y] = [screenX(f.a, f.mark.p), screenY(f.a, f.mark.p)];
  const r = radius * f.r * f.a.pxPerCm;
  const xy: number[] = [];
  for (let i = 0; i < 10; i += 1)
    xy.push(x + r * Math.cos((i * Math.PI) / 5), y + r * Math.sin((i * Math.PI) / 5));
  f.parts.push(fill(xy, tone(colour, light, f.mark.jitter)));
}

const blendsOf = once((_colour: Oklch) => new WeakMap<Oklch, Oklch>());

/** Half-way between two colours; one object per pair, so that tones are held. */
export function mixed(p: Oklch, q: Oklch): Oklch {
  const row = blendsOf(p);
  let half = row.get(q);
  if (!half) {
    const gap = ((q[2] - p[2] + 540) % 360) - 180;
    half = [(p[0] + q[0]) / 2, Math.min(p[1], q[1]) * 0.8, (p[2] + gap / 2 + 360) % 360];
    row.set(q, half);
  }
  return half;
}
