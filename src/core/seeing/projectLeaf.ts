import type { Oklch } from '../colour/oklch';
import { cross, dot, unit, type Vec3 } from '../geometry/vec3';
import { illumination } from '../marks/light';
import type { LeafMark } from '../marks/mark';
import { OUTLINES, type Outline } from '../marks/outline';
import { hash01 } from '../random/hash';
import { depthOf, screenX, screenY, type Aim } from './lens';
import { closed, fill, line, type Detail, type Drawn, type Part } from './part';
import { tone } from './tone';
import { once } from '../work/once';

/** Projected leaf lengths, pixels, at which more is drawn. */
const HALVES_FROM_PX = 9;
const VEINS_FROM_PX = 20;
const OUTLINE_FROM_PX = 11;

/** A leaf turned edge-on to the eye is a knife: turn it a little toward or away. */
function eased(n: Vec3, u: Vec3, toward: Vec3): Vec3 {
  const facing = dot(n, toward);
  if (Math.abs(facing) >= 0.5) return n;
  const turn = 0.3 * (1 - 2 * Math.abs(facing)) * (facing < 0 ? -1 : 1);
  const v = unit([
    n[0] + toward[0] * turn * 2,
    n[1] + toward[1] * turn * 2,
    n[2] + toward[2] * turn * 2,
  ]);
  const along = dot(v, u);
  return unit([v[0] - u[0] * along, v[1] - u[1] * along, v[2] - u[2] * along]);
}

/** Outline of a bent, folded leaf on the picture: right edge, midrib and left edge, base to tip. */
interface Bent {
  readonly right: number[];
  readonly rib: number[];
  readonly left: number[];
}

/** Room for the longest outline; written anew for every leaf, so that thousands of them leave nothing behind to clear up. */
const BENT = {
  right: new Array<number>(128).fill(0),
  rib: new Array<number>(128).fill(0),
  left: new Array<number>(128).fill(0),
} as const;

type HalfOutline = Pick<Outline, 's' | 't'>;
type Shape = LeafMark['style']['shape'];
const thinOutlines: Partial<Record<Shape, HalfOutline[]>> = {};

/** An outline with only every so many of its points, the last among them, made wider or narrower so that the leaf keeps its area: a picture that moves then comes to rest without a jump. */
function outlineOf(shape: Shape, thin: number): HalfOutline {
  if (thin === 1) return OUTLINES[shape];
  const all = (thinOutlines[shape] ??= []);
  let held = all[thin];
  if (!held) {
    const whole = OUTLINES[shape];
    const last = whole.s.length - 1;
    const kept = whole.s.map((_, i) => i).filter((i) => i % thin === 0 || i === last);
    const left = { s: kept.map((i) => whole.s[i]!), t: kept.map((i) => whole.t[i]!) };
    const wider = areaOf(whole) / areaOf(left);
    held = { s: left.s, t: left.t.map((part) => part * wider) };
    all[thin] = held;
  }
  return held;
}

/** Area between a half outline and its midrib, of length times half width. */
function areaOf({ s, t }: HalfOutline): number {
  let sum = 0;
  for (let i = 1; i < s.length; i += 1) sum += ((s[i]! - s[i - 1]!) * (t[i]! + t[i - 1]!)) / 2;
  return sum;
}

/** Of the rectangle round a leaf, what it fills; and how much darker one is that is all line. The line itself stands at .42 of the light, half of it lies under the leaf. */
const FILLS = 0.6;
const LINED = 0.35;

const edges: Partial<Record<Shape, number>> = {};

/** How long one edge of a leaf is, in leaf lengths: much longer where it is cut. */
function edgeOf(shape: Shape): number {
  return (edges[shape] ??= edgeLength(OUTLINES[shape]));
}

function edgeLength({ s, t, ratio }: Outline): number {
  let edge = 0;
  for (let i = 1; i < s.length; i += 1)
    edge += Math.hypot(s[i]! - s[i - 1]!, ((t[i]! - t[i - 1]!) * ratio) / 2);
  return edge;
}

/** Bends a leaf into {@link BENT}. @returns how many figures of each run are filled */
function bend(
  mark: LeafMark,
  n0: Vec3,
  v: Vec3,
  a: Aim,
  narrow: number,
  thin: number,
  beyondCm = 0,
): number {
  const { s, t } = outlineOf(mark.style.shape, thin);
  const { u, p, lengthCm, bendRad: beta } = mark;
  const half = (mark.widthCm / 2 + beyondCm) * narrow;
  const [cf, sf] = [Math.cos(mark.foldRad), Math.sin(mark.foldRad)];
  const { right, rib, left } = BENT;
  let at = 0;
  const [r0, r1, r2] = a.right;
  const [w0, w1, w2] = a.up;
  const k = a.pxPerCm;
  // Directions are put on the picture once for a leaf; its points are sums of them.
  const [px, py] = [
    a.originX + k * (r0 * p[0] + r1 * p[1] + r2 * p[2]),
    a.originY - k * (w0 * p[0] + w1 * p[1] + w2 * p[2]),
  ];
  const [ux, uy] = [
    k * lengthCm * (r0 * u[0] + r1 * u[1] + r2 * u[2]),
    -k * lengthCm * (w0 * u[0] + w1 * u[1] + w2 * u[2]),
  ];
  const [nx, ny] = [
    k * lengthCm * (r0 * n0[0] + r1 * n0[1] + r2 * n0[2]),
    -k * lengthCm * (w0 * n0[0] + w1 * n0[1] + w2 * n0[2]),
  ];
  const [vx, vy] = [
    k * cf * half * (r0 * v[0] + r1 * v[1] + r2 * v[2]),
    -k * cf * half * (w0 * v[0] + w1 * v[1] + w2 * v[2]),
  ];
  const lift = (sf * half) / (lengthCm || 1);
  const straight = Math.abs(beta) < 0.01;
  for (let i = 0; i < s.length; i += 1) {
    const si = narrow === 1 ? s[i]! : 0.5 + (s[i]! - 0.5) * (0.35 + 0.65 * narrow);
    const angle = beta * si;
    const [ca, sa] = [Math.cos(angle), Math.sin(angle)];
    const su = straight ? si : sa / beta;
    const sn = straight ? 0 : (1 - ca) / beta;
    const w = t[i]!;
    const sx = px + su * ux - sn * nx;
    const sy = py + su * uy - sn * ny;
    const liftX = lift * w * (ca * nx + sa * ux);
    const liftY = lift * w * (ca * ny + sa * uy);
    rib[at] = sx;
    rib[at + 1] = sy;
    right[at] = sx + liftX + w * vx;
    right[at + 1] = sy + liftY + w * vy;
    left[at] = sx + liftX - w * vx;
    left[at + 1] = sy + liftY - w * vy;
    at += 2;
  }
  return at;
}

function bendLeaf(mark: LeafMark, n0: Vec3, v: Vec3, a: Aim, narrow: number, thin: number): Bent {
  const size = bend(mark, n0, v, a, narrow, thin);
  return {
    right: BENT.right.slice(0, size),
    rib: BENT.rib.slice(0, size),
    left: BENT.left.slice(0, size),
  };
}

/** The closed outline alone: all that a coarse picture needs of a leaf. */
function bentOutline(
  mark: LeafMark,
  n0: Vec3,
  v: Vec3,
  a: Aim,
  narrow: number,
  thin: number,
  beyondCm = 0,
): number[] {
  const size = bend(mark, n0, v, a, narrow, thin, beyondCm);
  const out = new Array<number>(size * 2);
  for (let i = 0; i < size; i += 1) out[i] = BENT.right[i]!;
  for (let i = size - 2, at = size; i >= 0; i -= 2, at += 2) {
    out[at] = BENT.left[i]!;
    out[at + 1] = BENT.left[i + 1]!;
  }
  return out;
}

/**
 * Every how many points of an outline are drawn: fewer of small leaves, and of simple ones while something moves. Both ends stay;
 * of toothed and lobed leaves at most every second point goes, so that the tips stay.
 */
function thinned(shape: Shape, px: number, detail: Detail): number {
  const points = OUTLINES[shape].s.length;
  const smooth = points <= 10;
  if (px < (detail === 'flat' ? 12 : 5)) return smooth || (detail === 'flat' && px < 9) ? 3 : 2;
  if (px < 7 || (detail === 'flat' && (px < 24 || points < 11))) return 2;
  return 1;
}

/** Width of the dark line round a leaf so long on the picture, px; none round small ones. On the move the leaf is drawn as much broader. */
function outlinePx(px: number): number {
  return px < OUTLINE_FROM_PX ? 0 : Math.min(1.5, Math.max(0.7, px * 0.02));
}

/** One leaf on the picture: its outline, halves, pattern and veins, as far as its size there asks for them. */
export function projectLeaf(mark: LeafMark, a: Aim, detail: Detail): Drawn {
  const { style } = mark;
  const px = mark.lengthCm * a.pxPerCm;
  const n = style.shape === 'pinna' ? mark.n : eased(mark.n, mark.u, a.toward);
  const v = cross(n, mark.u);
  const behind = dot(n, a.toward) < 0;
  const face: Vec3 = behind ? [-n[0], -n[1], -n[2]] : n;
  const parts: Part[] = [];
  const back =
    behind && style.pattern === 'plain'
      ? (style.under ?? underOf(style.main))
      : behind && style.under
        ? style.under
        : null;
  const edged = style.pattern === 'edge' && style.second !== null;
  const base = back ?? (edged ? style.second! : style.main);
  const [cf, sf] = [Math.cos(mark.foldRad), Math.sin(mark.foldRad)];
  const sign = behind ? -1 : 1;
  const rightLight = illumination(
    [
      face[0] * cf - v[0] * sf * sign,
      face[1] * cf - v[1] * sf * sign,
      face[2] * cf - v[2] * sf * sign,
    ],
    mark,
    a.light,
  );
  const leftLight = illumination(
    [
      face[0] * cf + v[0] * sf * sign,
      face[1] * cf + v[1] * sf * sign,
      face[2] * cf + v[2] * sf * sign,
    ],
    mark,
    a.light,
  );
  const depthCm = depthOf(a, mark.p) + 0.45 * mark.lengthCm * dot(mark.u, a.toward);

  if (mark.stalkFrom && detail === 'full')
    parts.push(
      line(
        [
          screenX(a, mark.stalkFrom),
          screenY(a, mark.stalkFrom),
          screenX(a, mark.p),
          screenY(a, mark.p),
        ],
        tone(style.stem, rightLight * 0.8, 0),
        Math.max(0.7, 0.16 * a.pxPerCm),
      ),
    );

  const halves = detail === 'full' && px >= HALVES_FROM_PX;
  const thin = thinned(style.shape, px, detail);
  if (detail === 'flat') {
    // As broad and as dark as the line round it would make it.
    const lineCm = (outlinePx(px) / a.pxPerCm) * edgeOf(style.shape);
    const lined = (2 * lineCm) / (mark.widthCm * FILLS + lineCm);
    parts.push(
      fill(
        bentOutline(mark, n, v, a, 1, thin, lineCm / 2),
        tone(
          base,
          ((rightLight + leftLight) / 2) * (1 - LINED * Math.min(1, lined)),
          mark.jitter,
          style.surface,
        ),
      ),
    );
    if (!back)
      addPattern(parts, mark, { a, n, v, edged, halves, px, rightLight, leftLight, detail });
    return { depthCm, plant: mark.plant, parts };
  }
  const whole = bendLeaf(mark, n, v, a, 1, thin);
  const all = closed(whole.right, whole.left);
  if (outlinePx(px) > 0)
    parts.push(
      line(
        [...all, all[0]!, all[1]!],
        tone(base, Math.min(rightLight, leftLight) * 0.42, mark.jitter, style.surface),
        outlinePx(px),
      ),
    );
  parts.push(
    fill(
      all,
      tone(base, halves ? rightLight : (rightLight + leftLight) / 2, mark.jitter, style.surface),
    ),
  );
  if (halves)
    parts.push(
      fill(closed(whole.left, whole.rib), tone(base, leftLight, mark.jitter, style.surface)),
    );

  if (!back) addPattern(parts, mark, { a, n, v, edged, halves, px, rightLight, leftLight, detail });

  if (px >= VEINS_FROM_PX && style.shape !== 'pinna') {
    const veinColour = back ? null : style.vein;
    const vein = veinColour
      ? tone(veinColour, Math.max(rightLight, leftLight), mark.jitter)
      : tone(base, Math.max(rightLight, leftLight) * 1.16, mark.jitter, style.surface);
    parts.push(line(whole.rib, vein, Math.max(0.7, px * 0.016)));
    if (px > 34) addSideVeins(parts, whole, vein, px);
    if (!behind && style.surface === 'glossy') addSheen(parts, mark, whole, a, face);
  }
  return { depthCm, plant: mark.plant, parts };
}

interface LeafLight {
  readonly a: Aim;
  readonly n: Vec3;
  readonly v: Vec3;
  readonly edged: boolean;
  readonly halves: boolean;
  readonly px: number;
  readonly rightLight: number;
  readonly leftLight: number;
  readonly detail: Detail;
}

function addPattern(parts: Part[], mark: LeafMark, at: LeafLight): void {
  const { style } = mark;
  const { a, n, v } = at;
  if (
    style.pattern === 'plain' ||
    (at.px < 5 && style.pattern !== 'edge' && style.pattern !== 'centre')
  )
    return;
  const second = style.second ?? style.vein;
  if (!second) return;
  const patch = (share: number, colour: typeof second) => {
    const light = (at.rightLight + at.leftLight) / 2;
    if (at.detail === 'flat')
      return void parts.push(
        fill(
          bentOutline(mark, n, v, a, share, thinned(style.shape, at.px, at.detail)),
          tone(colour, light, mark.jitter, style.surface),
        ),
      );
    const inner = bendLeaf(mark, n, v, a, share, thinned(style.shape, at.px, at.detail));
    parts.push(
      fill(
        closed(inner.right, inner.left),
        tone(colour, at.halves ? at.rightLight : light, mark.jitter, style.surface),
      ),
    );
    if (at.halves)
      parts.push(
        fill(closed(inner.left, inner.rib), tone(colour, at.leftLight, mark.jitter, style.surface)),
      );
  };
  switch (style.pattern) {
    case 'edge':
      return patch(
        style.surface === 'fleshy' || style.shape === 'fleshy' ? 0.88 : 0.76 + 0.06 * mark.jitter,
        style.main,
      );
    case 'centre':
      return patch(0.6 + 0.08 * mark.jitter, second);
    case 'stripe':
      return patch(0.4, second);
    case 'zone': {
      const ring = bendLeaf(mark, n, v, a, 0.58, at.detail === 'flat' ? 4 : 1);
      const xy = closed(ring.right, ring.left);
      return void parts.push(
        line(
          [...xy, xy[0]!, xy[1]!],
          tone(second, (at.rightLight + at.leftLight) / 2, mark.jitter),
          Math.max(1, at.px * 0.07),
          0.75,
        ),
      );
    }
    case 'vein': {
      const net = bendLeaf(mark, n, v, a, 1, 1);
      const colour = tone(second, (at.rightLight + at.leftLight) / 2, mark.jitter);
      parts.push(line(net.rib, colour, Math.max(0.8, at.px * 0.035)));
      if (at.px > 10) addSideVeins(parts, net, colour, at.px * 1.4);
      return;
    }
    case 'speckle': {
      const colour = tone(second, (at.rightLight + at.leftLight) / 2, mark.jitter);
      const net = bendLeaf(mark, n, v, a, 0.7, 1);
      for (let i = 2; i < net.rib.length - 2; i += 2) {
        const side =
          hash01(mark.plant, i, Math.round(mark.jitter * 500)) < 0.5 ? net.left : net.right;
        const f = 0.3 + 0.5 * hash01(mark.plant, i, 7);
        const [x, y] = [
          net.rib[i]! + (side[i]! - net.rib[i]!) * f,
          net.rib[i + 1]! + (side[i + 1]! - net.rib[i + 1]!) * f,
        ];
        const r = Math.max(0.6, at.px * 0.06);
        parts.push(fill([x - r, y, x, y - r, x + r, y, x, y + r], colour));
      }
    }
  }
}

function addSideVeins(parts: Part[], leaf: Bent, colour: string, px: number): void {
  const count = leaf.rib.length / 2;
  for (let i = 1; i < count - 3; i += 2) {
    const to = i + 2;
    for (const side of [leaf.left, leaf.right]) {
      const x = leaf.rib[i * 2]!;
      const y = leaf.rib[i * 2 + 1]!;
      parts.push(
        line(
          [x, y, x + (side[to * 2]! - x) * 0.82, y + (side[to * 2 + 1]! - y) * 0.82],
          colour,
          Math.max(0.5, px * 0.009),
          0.6,
        ),
      );
    }
  }
}

/** A soft light patch where the leaf mirrors the sun to the eye. */
function addSheen(parts: Part[], mark: LeafMark, leaf: Bent, a: Aim, face: Vec3): void {
  const half = unit([
    a.light.toSun[0] + a.toward[0],
    a.light.toSun[1] + a.toward[1],
    a.light.toSun[2] + a.toward[2],
  ]);
  const shine = Math.max(0, dot(face, half)) ** 14 * mark.sun;
  if (shine < 0.12) return;
  const mid = Math.floor(leaf.rib.length / 4) * 2;
  const xy: number[] = [];
  for (const [i, f] of [
    [mid - 4, 0.3],
    [mid - 2, 0.62],
    [mid, 0.66],
    [mid + 2, 0.5],
  ] as const) {
    if (i < 0 || i + 1 >= leaf.rib.length) continue;
    xy.push(
      leaf.rib[i]! + (leaf.left[i]! - leaf.rib[i]!) * f,
      leaf.rib[i + 1]! + (leaf.left[i + 1]! - leaf.rib[i + 1]!) * f,
    );
  }
  for (const [i, f] of [
    [mid + 2, 0.2],
    [mid, 0.22],
    [mid - 2, 0.2],
  ] as const) {
    if (i < 0 || i + 1 >= leaf.rib.length) continue;
    xy.push(
      leaf.rib[i]! + (leaf.left[i]! - leaf.rib[i]!) * f,
      leaf.rib[i + 1]! + (leaf.left[i + 1]! - leaf.rib[i + 1]!) * f,
    );
  }
  if (xy.length >= 6) parts.push(fill(xy, '#ffffff', 0.4 * shine));
}

/** The usual underside: a little paler and greyer. One object per colour, so that tones are held. */
const underOf = once((main: Oklch): Oklch => [
  Math.min(0.97, main[0] + 0.05),
  main[1] * 0.72,
  main[2],
]);
