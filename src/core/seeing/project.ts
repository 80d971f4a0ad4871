import { cross, dot, unit, type Vec3 } from '../geometry/vec3';
import { illumination } from '../marks/light';
import type { FlowerMark, FruitMark, LeafMark, Mark, PlumeMark, StemMark, StrapMark } from '../marks/mark';
import { OUTLINES } from '../marks/outline';
import { hash01, hashSigned } from '../random/hash';
import { fromFront } from './depth';
import { depthOf, screenX, screenY, type Aim } from './lens';
import { fill, line, type Drawn, type Part } from './part';
import { projectFlower } from './projectFlower';
import { tone } from './tone';

/** `flat` while something moves, `full` at rest. Both keep every mark in its place and its colours. */
export type Detail = 'flat' | 'full';

/** Projected leaf lengths, pixels, at which more is drawn. */
const HALVES_FROM_PX = 9;
const VEINS_FROM_PX = 20;
const OUTLINE_FROM_PX = 11;

/** Marks put on the picture between two pauses. */
const MARKS_A_STEP = 250;

/** Marks seen through a lens, ordered from back to front. */
export function* projectMarks(marks: readonly Mark[], a: Aim, detail: Detail): Generator<void, Drawn[]> {
  const drawn: Drawn[] = [];
  for (let i = 0; i < marks.length; i += 1) {
    const one = projectMark(marks[i]!, a, detail);
    if (one) drawn.push(one);
    if (i % MARKS_A_STEP === MARKS_A_STEP - 1) yield;
  }
  return fromBack(drawn);
}

/** Ordered from back to front. */
export function fromBack(drawn: readonly Drawn[]): Drawn[] {
  const depths = new Float32Array(drawn.length);
  for (let i = 0; i < depths.length; i += 1) depths[i] = -drawn[i]!.depthCm;
  const order = fromFront(depths);
  const sorted: Drawn[] = [];
  for (let i = 0; i < order.length; i += 1) sorted.push(drawn[order[i]!]!);
  return sorted;
}

function projectMark(mark: Mark, a: Aim, detail: Detail): Drawn | null {
  switch (mark.kind) {
    case 'leaf':
      return projectLeaf(mark, a, detail);
    case 'strap':
      return projectStrap(mark, a, detail);
    case 'stem':
      return projectStem(mark, a);
    case 'plume':
      return projectPlume(mark, a, detail);
    case 'fruit':
      return projectFruit(mark, a, detail);
    case 'flower': {
      const shadow = detail === 'full' ? flowerShadow(mark, a) : null;
      const parts = shadow ? [shadow, ...projectFlower(mark, a, detail)] : projectFlower(mark, a, detail);
      // Flowers sort a little nearer than their point, so that leaves of the same stem do not cut them.
      return { depthCm: depthOf(a, mark.p) + 0.8, plant: mark.plant, floral: true, parts };
    }
  }
}

/** Flowers smaller than this throw no shadow that could be seen, pixels of radius; nor do those that have no leaves behind them, as far as they turn from the eye. */
const SHADOW_FROM_PX = 4.5;
const BACKED = 0.66;
/** How far off the shadow lies and how dark it is at most; of the flower's radius. Tuned by eye. */
const SHADOW_OFF = 0.55;
const SHADOW_DARK = 0.2;

/** What a flat flower takes from the light of the leaves under it: it lifts pale flowers off pale leaves. */
function flowerShadow(mark: FlowerMark, a: Aim): Part | null {
  const r = mark.radiusCm * a.pxPerCm;
  if (r < SHADOW_FROM_PX || LOOSE.has(mark.style.form) || mark.sun < 0.3 || dot(mark.env, a.toward) < BACKED) return null;
  const [x, y] = [screenX(a, mark.p) - dot(a.right, a.light.toSun) * r * SHADOW_OFF, screenY(a, mark.p) + dot(a.up, a.light.toSun) * r * SHADOW_OFF];
  const xy: number[] = [];
  for (let i = 0; i < 12; i += 1) xy.push(x + 0.92 * r * Math.cos((i * Math.PI) / 6), y + 0.92 * r * Math.sin((i * Math.PI) / 6));
  return fill(xy, '#0c140c', SHADOW_DARK * mark.sun);
}

/** Forms of many small parts: their shadow is broken light. */
const LOOSE: ReadonlySet<FlowerMark['style']['form']> = new Set(['spike', 'cloud', 'plume', 'bell', 'pendant']);

/** A leaf turned edge-on to the eye is a knife: turn it a little toward or away. */
function eased(n: Vec3, u: Vec3, toward: Vec3): Vec3 {
  const facing = dot(n, toward);
  if (Math.abs(facing) >= 0.5) return n;
  const turn = 0.3 * (1 - 2 * Math.abs(facing)) * (facing < 0 ? -1 : 1);
  const v = unit([n[0] + toward[0] * turn * 2, n[1] + toward[1] * turn * 2, n[2] + toward[2] * turn * 2]);
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
const BENT = { right: new Array<number>(128).fill(0), rib: new Array<number>(128).fill(0), left: new Array<number>(128).fill(0) } as const;

/** Bends a leaf into {@link BENT}. @returns how many figures of each run are filled */
function bend(mark: LeafMark, n0: Vec3, v: Vec3, a: Aim, narrow: number, thin: number): number {
  const { s, t } = OUTLINES[mark.style.shape];
  const { u, p, lengthCm, bendRad: beta } = mark;
  const half = (mark.widthCm / 2) * narrow;
  const [cf, sf] = [Math.cos(mark.foldRad), Math.sin(mark.foldRad)];
  const size = 2 * (Math.ceil((s.length - 1) / thin) + 1);
  const { right, rib, left } = BENT;
  let at = 0;
  const [r0, r1, r2] = a.right;
  const [w0, w1, w2] = a.up;
  const k = a.pxPerCm;
  // Directions are put on the picture once for a leaf; its points are sums of them.
  const [px, py] = [a.originX + k * (r0 * p[0] + r1 * p[1] + r2 * p[2]), a.originY - k * (w0 * p[0] + w1 * p[1] + w2 * p[2])];
  const [ux, uy] = [k * lengthCm * (r0 * u[0] + r1 * u[1] + r2 * u[2]), -k * lengthCm * (w0 * u[0] + w1 * u[1] + w2 * u[2])];
  const [nx, ny] = [k * lengthCm * (r0 * n0[0] + r1 * n0[1] + r2 * n0[2]), -k * lengthCm * (w0 * n0[0] + w1 * n0[1] + w2 * n0[2])];
  const [vx, vy] = [k * cf * half * (r0 * v[0] + r1 * v[1] + r2 * v[2]), -k * cf * half * (w0 * v[0] + w1 * v[1] + w2 * v[2])];
  const lift = (sf * half) / (lengthCm || 1);
  const straight = Math.abs(beta) < 0.01;
  for (let step = 0; at < size; step += thin) {
    const i = Math.min(step, s.length - 1);
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
  return size;
}

function bendLeaf(mark: LeafMark, n0: Vec3, v: Vec3, a: Aim, narrow: number, thin: number): Bent {
  const size = bend(mark, n0, v, a, narrow, thin);
  return { right: BENT.right.slice(0, size), rib: BENT.rib.slice(0, size), left: BENT.left.slice(0, size) };
}

/** The closed outline alone: all that a coarse picture needs of a leaf. */
function bentOutline(mark: LeafMark, n0: Vec3, v: Vec3, a: Aim, narrow: number, thin: number): number[] {
  const size = bend(mark, n0, v, a, narrow, thin);
  const out = new Array<number>(size * 2);
  for (let i = 0; i < size; i += 1) out[i] = BENT.right[i]!;
  for (let i = size - 2, at = size; i >= 0; i -= 2, at += 2) {
    out[at] = BENT.left[i]!;
    out[at + 1] = BENT.left[i + 1]!;
  }
  return out;
}

/** Joins an edge and another run backwards to one closed outline. */
function closed(edge: readonly number[], back: readonly number[]): number[] {
  const out = new Array<number>(edge.length + back.length);
  for (let i = 0; i < edge.length; i += 1) out[i] = edge[i]!;
  for (let i = back.length - 2, at = edge.length; i >= 0; i -= 2, at += 2) {
    out[at] = back[i]!;
    out[at + 1] = back[i + 1]!;
  }
  return out;
}

/**
 * Every how many points of an outline are drawn: fewer of small leaves, and of simple ones while something moves. Both ends stay;
 * of toothed and lobed leaves at most every second point goes, so that the tips stay.
 */
function thinned(shape: LeafMark['style']['shape'], px: number, detail: Detail): number {
  const points = OUTLINES[shape].s.length;
  const smooth = points <= 10;
  if (px < (detail === 'flat' ? 12 : 5)) return smooth || (detail === 'flat' && px < 9) ? 3 : 2;
  if (px < 7 || (detail === 'flat' && (px < 24 || points < 11))) return 2;
  return 1;
}

function projectLeaf(mark: LeafMark, a: Aim, detail: Detail): Drawn {
  const { style } = mark;
  const px = mark.lengthCm * a.pxPerCm;
  const n = style.shape === 'pinna' ? mark.n : eased(mark.n, mark.u, a.toward);
  const v = cross(n, mark.u);
  const behind = dot(n, a.toward) < 0;
  const face: Vec3 = behind ? [-n[0], -n[1], -n[2]] : n;
  const parts: Part[] = [];
  const back = behind && style.pattern === 'plain' ? (style.under ?? underOf(style.main)) : behind && style.under ? style.under : null;
  const edged = style.pattern === 'edge' && style.second !== null;
  const base = back ?? (edged ? style.second! : style.main);
  const [cf, sf] = [Math.cos(mark.foldRad), Math.sin(mark.foldRad)];
  const sign = behind ? -1 : 1;
  const rightLight = illumination([face[0] * cf - v[0] * sf * sign, face[1] * cf - v[1] * sf * sign, face[2] * cf - v[2] * sf * sign], mark, a.light);
  const leftLight = illumination([face[0] * cf + v[0] * sf * sign, face[1] * cf + v[1] * sf * sign, face[2] * cf + v[2] * sf * sign], mark, a.light);
  const depthCm = depthOf(a, mark.p) + 0.45 * mark.lengthCm * dot(mark.u, a.toward);

  if (mark.stalkFrom && detail === 'full') parts.push(line([screenX(a, mark.stalkFrom), screenY(a, mark.stalkFrom), screenX(a, mark.p), screenY(a, mark.p)], tone(style.stem, rightLight * 0.8, 0), Math.max(0.7, 0.16 * a.pxPerCm)));

  const halves = detail === 'full' && px >= HALVES_FROM_PX;
  const thin = thinned(style.shape, px, detail);
  if (detail === 'flat') {
    parts.push(fill(bentOutline(mark, n, v, a, 1, thin), tone(base, (rightLight + leftLight) / 2, mark.jitter, style.surface)));
    if (!back) addPattern(parts, mark, { a, n, v, edged, halves, px, rightLight, leftLight, detail });
    return { depthCm, plant: mark.plant, parts };
  }
  const whole = bendLeaf(mark, n, v, a, 1, thin);
  const all = closed(whole.right, whole.left);
  if (px >= OUTLINE_FROM_PX) parts.push(line([...all, all[0]!, all[1]!], tone(base, Math.min(rightLight, leftLight) * 0.42, mark.jitter, style.surface), Math.min(1.5, Math.max(0.7, px * 0.02))));
  parts.push(fill(all, tone(base, halves ? rightLight : (rightLight + leftLight) / 2, mark.jitter, style.surface)));
  if (halves) parts.push(fill(closed(whole.left, whole.rib), tone(base, leftLight, mark.jitter, style.surface)));

  if (!back) addPattern(parts, mark, { a, n, v, edged, halves, px, rightLight, leftLight, detail });

  if (px >= VEINS_FROM_PX && style.shape !== 'pinna') {
    const veinColour = back ? null : style.vein;
    const vein = veinColour ? tone(veinColour, Math.max(rightLight, leftLight), mark.jitter) : tone(base, Math.max(rightLight, leftLight) * 1.16, mark.jitter, style.surface);
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
  if (style.pattern === 'plain' || (at.px < 5 && style.pattern !== 'edge' && style.pattern !== 'centre')) return;
  const second = style.second ?? style.vein;
  if (!second) return;
  const patch = (share: number, colour: typeof second) => {
    const light = (at.rightLight + at.leftLight) / 2;
    if (at.detail === 'flat') return void parts.push(fill(bentOutline(mark, n, v, a, share, thinned(style.shape, at.px, at.detail)), tone(colour, light, mark.jitter, style.surface)));
    const inner = bendLeaf(mark, n, v, a, share, thinned(style.shape, at.px, at.detail));
    parts.push(fill(closed(inner.right, inner.left), tone(colour, at.halves ? at.rightLight : light, mark.jitter, style.surface)));
    if (at.halves) parts.push(fill(closed(inner.left, inner.rib), tone(colour, at.leftLight, mark.jitter, style.surface)));
  };
  switch (style.pattern) {
    case 'edge':
      return patch(style.surface === 'fleshy' || style.shape === 'fleshy' ? 0.88 : 0.76 + 0.06 * mark.jitter, style.main);
    case 'centre':
      return patch(0.6 + 0.08 * mark.jitter, second);
    case 'stripe':
      return patch(0.4, second);
    case 'zone': {
      const ring = bendLeaf(mark, n, v, a, 0.58, at.detail === 'flat' ? 4 : 1);
      const xy = closed(ring.right, ring.left);
      return void parts.push(line([...xy, xy[0]!, xy[1]!], tone(second, (at.rightLight + at.leftLight) / 2, mark.jitter), Math.max(1, at.px * 0.07), 0.75));
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
        const side = hash01(mark.plant, i, Math.round(mark.jitter * 500)) < 0.5 ? net.left : net.right;
        const f = 0.3 + 0.5 * hash01(mark.plant, i, 7);
        const [x, y] = [net.rib[i]! + (side[i]! - net.rib[i]!) * f, net.rib[i + 1]! + (side[i + 1]! - net.rib[i + 1]!) * f];
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
      parts.push(line([x, y, x + (side[to * 2]! - x) * 0.82, y + (side[to * 2 + 1]! - y) * 0.82], colour, Math.max(0.5, px * 0.009), 0.6));
    }
  }
}

/** A soft light patch where the leaf mirrors the sun to the eye. */
function addSheen(parts: Part[], mark: LeafMark, leaf: Bent, a: Aim, face: Vec3): void {
  const half = unit([a.light.toSun[0] + a.toward[0], a.light.toSun[1] + a.toward[1], a.light.toSun[2] + a.toward[2]]);
  const shine = Math.max(0, dot(face, half)) ** 14 * mark.sun;
  if (shine < 0.12) return;
  const mid = Math.floor(leaf.rib.length / 4) * 2;
  const xy: number[] = [];
  for (const [i, f] of [[mid - 4, 0.3], [mid - 2, 0.62], [mid, 0.66], [mid + 2, 0.5]] as const) {
    if (i < 0 || i + 1 >= leaf.rib.length) continue;
    xy.push(leaf.rib[i]! + (leaf.left[i]! - leaf.rib[i]!) * f, leaf.rib[i + 1]! + (leaf.left[i + 1]! - leaf.rib[i + 1]!) * f);
  }
  for (const [i, f] of [[mid + 2, 0.2], [mid, 0.22], [mid - 2, 0.2]] as const) {
    if (i < 0 || i + 1 >= leaf.rib.length) continue;
    xy.push(leaf.rib[i]! + (leaf.left[i]! - leaf.rib[i]!) * f, leaf.rib[i + 1]! + (leaf.left[i + 1]! - leaf.rib[i + 1]!) * f);
  }
  if (xy.length >= 6) parts.push(fill(xy, '#ffffff', 0.4 * shine));
}

const unders = new WeakMap<readonly [number, number, number], readonly [number, number, number]>();

/** The usual underside: a little paler and greyer. One object per colour, so that tones are held. */
function underOf(main: readonly [number, number, number]): readonly [number, number, number] {
  let under = unders.get(main);
  if (!under) {
    under = [Math.min(0.97, main[0] + 0.05), main[1] * 0.72, main[2]];
    unders.set(main, under);
  }
  return under;
}

function projectStrap(mark: StrapMark, a: Aim, detail: Detail): Drawn {
  const { spine, widthsCm, side, style } = mark;
  const first = spine[0]!;
  const last = spine[spine.length - 1]!;
  const along = unit([last[0] - first[0], last[1] - first[1], last[2] - first[2]]);
  const n = unit(cross(side, along));
  const face: Vec3 = dot(n, a.toward) < 0 ? [-n[0], -n[1], -n[2]] : n;
  const light = illumination(face, mark, a.light);
  const right: number[] = [];
  const rib: number[] = [];
  const left: number[] = [];
  const sx = a.right[0] * side[0] + a.right[2] * side[2];
  const sy = -(a.up[0] * side[0] + a.up[2] * side[2]);
  const dx = screenX(a, last) - screenX(a, first);
  const dy = screenY(a, last) - screenY(a, first);
  const run = Math.hypot(dx, dy) || 1;
  const [tx, ty] = [-dy / run, dx / run];
  // Seen edge-on a blade would vanish: it keeps at least a third of its width.
  const across = Math.max(0.34, Math.abs(sx * tx + sy * ty));
  for (let i = 0; i < spine.length; i += 1) {
    const x = screenX(a, spine[i]!);
    const y = screenY(a, spine[i]!);
    const w = (widthsCm[i]! / 2) * a.pxPerCm * across;
    rib.push(x, y);
    right.push(x + tx * w, y + ty * w);
    left.push(x - tx * w, y - ty * w);
  }
  const widest = Math.max(...widthsCm) * a.pxPerCm * across;
  const parts: Part[] = [];
  const edged = style.second !== null && style.pattern === 'edge';
  const base = edged ? style.second! : style.main;
  const colour = tone(base, light, mark.jitter, style.surface);
  if (widest < 1.3) {
    parts.push(line(rib, colour, Math.max(0.55, widest)));
  } else {
    parts.push(fill(closed(right, left), colour));
    if (detail === 'full') {
      parts.push(line(right, colour, 0.5));
      if (widest > 2.2 && !edged && style.pattern !== 'stripe') parts.push(fill(closed(left, rib), tone(base, light * 1.13, mark.jitter, style.surface)));
    }
    if (edged && widest > 2) {
      const inner = (edge: readonly number[]) => edge.map((value, i) => rib[i]! + (value - rib[i]!) * 0.74);
      parts.push(fill(closed(inner(right), inner(left)), tone(style.main, light, mark.jitter, style.surface)));
      if (detail === 'full' && widest > 4) parts.push(line(rib, tone(style.main, light * 0.72, mark.jitter), 0.8, 0.8));
    }
    if (style.pattern === 'stripe' && style.second && widest > 1.6) {
      const inner = (edge: readonly number[]) => edge.map((value, i) => rib[i]! + (value - rib[i]!) * 0.36);
      parts.push(fill(closed(inner(right), inner(left)), tone(style.second, light, mark.jitter, style.surface)));
    }
  }
  return { depthCm: depthOf(a, mark.p), plant: mark.plant, parts };
}

function projectStem(mark: StemMark, a: Aim): Drawn | null {
  const width = mark.widthCm * a.pxPerCm;
  if (width < 0.25) return null;
  const middle: Vec3 = [(mark.p[0] + mark.to[0]) / 2, (mark.p[1] + mark.to[1]) / 2, (mark.p[2] + mark.to[2]) / 2];
  const xy = [screenX(a, mark.p), screenY(a, mark.p), screenX(a, mark.to), screenY(a, mark.to)];
  const light = illumination(a.toward, mark, a.light);
  const parts = [line(xy, tone(mark.colour, light * 0.75, mark.jitter), Math.max(0.6, width))];
  if (width > 1.6) parts.push(line(xy.map((value, i) => (i % 2 === 0 ? value - width * 0.2 : value)), tone(mark.colour, light * 1.05, mark.jitter), width * 0.4));
  return { depthCm: depthOf(a, middle) - 0.4, plant: mark.plant, parts };
}

function projectPlume(mark: PlumeMark, a: Aim, detail: Detail): Drawn {
  const light = illumination(a.toward, mark, a.light);
  const points = mark.spine.map((p) => [screenX(a, p), screenY(a, p)] as const);
  const width = mark.widthCm * a.pxPerCm;
  const right: number[] = [];
  const left: number[] = [];
  const parts: Part[] = [];
  const hairs: Part[] = [];
  const pale = tone(mark.colour, light * 1.25, mark.jitter);
  points.forEach(([x, y], i) => {
    const [nx, ny] = points[Math.min(points.length - 1, i + 1)]!;
    const [px, py] = points[Math.max(0, i - 1)]!;
    const run = Math.hypot(nx - px, ny - py) || 1;
    const s = i / (points.length - 1);
    const w = width * 0.32 * Math.sin(Math.PI * Math.min(0.96, 0.14 + s * 0.84)) ** 0.7;
    const [tx, ty] = [-(ny - py) / run, (nx - px) / run];
    const [fx, fy] = [(nx - px) / run, (ny - py) / run];
    right.push(x + tx * w, y + ty * w);
    left.push(x - tx * w, y - ty * w);
    if (detail === 'flat' || width < 3) return;
    for (let h = 0; h < 3; h += 1)
      for (const way of [1, -1]) {
        const reach = w * (1.5 + 0.9 * hash01(mark.seed, i, h * 2 + way));
        const slip = (hashSigned(mark.seed, i, h + 5) * width) / 2;
        hairs.push(line([x + fx * slip, y + fy * slip, x + fx * (slip + reach * 0.9) + tx * reach * way, y + fy * (slip + reach * 0.9) + ty * reach * way], h === 0 ? tone(mark.colour, light * 0.9, mark.jitter) : pale, 0.6, 0.8));
      }
  });
  parts.push(fill(closed(right, left), tone(mark.colour, light, mark.jitter)));
  return { depthCm: depthOf(a, mark.p), plant: mark.plant, floral: true, parts: [...hairs.slice(0, hairs.length / 2), ...parts, ...hairs.slice(hairs.length / 2)] };
}

function projectFruit(mark: FruitMark, a: Aim, detail: Detail): Drawn {
  const [x, y] = [screenX(a, mark.p), screenY(a, mark.p)];
  const r = mark.radiusCm * a.pxPerCm;
  const light = illumination(a.toward, mark, a.light);
  // Hangs straight down, from its upper end; looked at from above it is seen end on.
  const hang = -mark.longCm * a.up[1] * a.pxPerCm;
  const round = (cx: number, cy: number, radius: number, long: number) => {
    const xy: number[] = [];
    for (let i = 0; i < 12; i += 1) {
      const angle = ((i + 0.5) * Math.PI) / 6;
      xy.push(cx + radius * Math.cos(angle), cy + radius * Math.sin(angle) + (Math.sin(angle) > 0 ? Math.max(0, -long) : -Math.max(0, long)));
    }
    return xy;
  };
  const parts = [fill(round(x, y, r, hang), tone(mark.colour, light * 0.78, mark.jitter)), fill(round(x - r * 0.15, y - r * 0.15, r * 0.72, hang * 0.9), tone(mark.colour, light * 1.05, mark.jitter))];
  if (detail === 'full' && r > 2.5) parts.push(fill(round(x - r * 0.38, y - r * 0.4, r * 0.2, hang * 0.5), '#ffffff', mark.longCm > 0 ? 0.4 : 0.75));
  return { depthCm: depthOf(a, mark.p) + 0.6, plant: mark.plant, floral: true, parts };
}
