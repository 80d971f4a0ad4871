import { mixHeightCm, type Container } from '../containers/container';
import { MATERIALS } from '../containers/materials';
import { sectionAt } from '../containers/shape';
import type { Oklch } from '../colour/oklch';
import { toHex } from '../colour/oklch';
import { convexHull, type Point } from '../geometry/hull';
import type { Vec3 } from '../geometry/vec3';
import { SUN } from '../marks/light';
import { clamp } from '../units/units';
import { depthOf, screenX, screenY, type Aim } from './lens';
import { fill, line, type Drawn, type Part, type Stop } from './part';

/** A container on the picture, in the pieces that go before and between the plants. */
export interface Body {
  /** Outer wall with its decoration. */
  readonly wall: readonly Part[];
  /** Mouth: inner wall and mix. Empty when looked at from below. */
  readonly mouth: readonly Part[];
  /** Outline of the wall: foliage shadows fall inside it. */
  readonly silhouette: readonly number[];
  /** Near edge of the rim from left to right: plants inside show only above it. */
  readonly nearRim: readonly number[];
  /** Chains of a hung basket, cut short so that they sort among the leaves. */
  readonly chains: readonly Drawn[];
}

const RING_POINTS = 40;

/** A level ring around the container. `out` widens it, cm. */
function ring(container: Container, heightCm: number, out: number): Vec3[] {
  const wall = MATERIALS[container.material].wallCm;
  const section = sectionAt(container.shape, clamp(heightCm - wall, 0, container.shape.depthCm));
  const points: Vec3[] = [];
  if (section.kind === 'disc') {
    for (let i = 0; i < RING_POINTS; i += 1) {
      const angle = (i / RING_POINTS) * Math.PI * 2;
      points.push([Math.sin(angle) * (section.radiusCm + out), heightCm, Math.cos(angle) * (section.radiusCm + out)]);
    }
    return points;
  }
  const [l, w] = [section.halfLengthCm + out, section.halfWidthCm + out];
  const corners: readonly (readonly [number, number])[] = [[-l, w], [l, w], [l, -w], [-l, -w]];
  corners.forEach(([x, z], i) => {
    const [nx, nz] = corners[(i + 1) % 4]!;
    for (let s = 0; s < 8; s += 1) points.push([x + ((nx - x) * s) / 8, heightCm, z + ((nz - z) * s) / 8]);
  });
  return points;
}

function onScreen(a: Aim, points: readonly Vec3[]): number[] {
  const xy: number[] = [];
  for (const p of points) xy.push(screenX(a, p), screenY(a, p));
  return xy;
}

/** The part of a ring that faces the eye, left to right on the picture. */
function nearHalf(a: Aim, points: readonly Vec3[]): Vec3[] {
  let leftmost = 0;
  let rightmost = 0;
  points.forEach((p, i) => {
    const x = screenX(a, p);
    if (x < screenX(a, points[leftmost]!)) leftmost = i;
    if (x > screenX(a, points[rightmost]!)) rightmost = i;
  });
  const walk = (step: number) => {
    const path: Vec3[] = [];
    for (let i = leftmost; ; i = (i + step + points.length) % points.length) {
      path.push(points[i]!);
      if (i === rightmost) return path;
    }
  };
  const [one, two] = [walk(1), walk(-1)];
  const mean = (path: readonly Vec3[]) => path.reduce((sum, p) => sum + p[0] * a.toward[0] + p[2] * a.toward[2], 0) / path.length;
  return mean(one) >= mean(two) ? one : two;
}

function lit([L, C, h]: Oklch, change: number): string {
  return toHex([clamp(L + change, 0.06, 0.97), C * (change < -0.1 ? 0.85 : 1), h]);
}

/** Shading across a round wall, left to right, as lightness changes: light from the upper left, a rim of reflected light. */
const ACROSS: readonly (readonly [number, number])[] = [[0, -0.1], [0.12, 0.015], [0.26, 0.07], [0.45, 0], [0.64, -0.06], [0.8, -0.14], [0.94, -0.19], [1, -0.155]];

function acrossRamp(colour: Oklch, xy: readonly number[], shift = 0): Part {
  let [low, high] = [Infinity, -Infinity];
  for (let i = 0; i < xy.length; i += 2) {
    low = Math.min(low, xy[i]!);
    high = Math.max(high, xy[i]!);
  }
  const stops: Stop[] = ACROSS.map(([at, change]) => ({ at, colour: lit(colour, change + shift) }));
  return fill(xy, { x0: low, y0: 0, x1: high, y1: 0, stops });
}

/** A band of the wall between two heights, near side only. */
function band(a: Aim, container: Container, fromCm: number, toCm: number, out: number): number[] {
  const upper = nearHalf(a, ring(container, toCm, out));
  const lower = nearHalf(a, ring(container, fromCm, out));
  return onScreen(a, [...upper, ...lower.reverse()]);
}

/** The container as seen through a lens. */
export function projectBody(container: Container, hung: boolean, a: Aim): Body {
  const wallCm = MATERIALS[container.material].wallCm;
  const { shape } = container;
  const top = wallCm + shape.depthCm;
  const rimOut = wallCm + (hasRim(container) ? Math.min(1.2, shape.depthCm * 0.04) : 0);
  const rings: Vec3[][] = [];
  const levels = shape.kind === 'basket' ? [0, 0.08, 0.2, 0.35, 0.55, 0.8, 1] : [0, 1];
  for (const t of levels) rings.push(ring(container, t === 0 ? 0 : wallCm * (1 - t) + top * t, wallCm));
  const rimBand = Math.min(6, shape.depthCm * 0.16);
  if (rimOut > wallCm) rings.push(ring(container, top, rimOut), ring(container, top - rimBand, rimOut));
  const hull = convexHull(rings.flat().map((p): Point => [screenX(a, p), screenY(a, p)])).flat();
  const outerRim = ring(container, top, rimOut);
  const near = nearHalf(a, outerRim);

  const wall: Part[] = shape.kind === 'box' ? boxFaces(a, container, wallCm, top) : [acrossRamp(container.colour, hull)];
  decorate(wall, a, container, { wallCm, top, rimOut, rimBand, hull });

  const mouth: Part[] = [];
  if (a.toward[1] > 0.005) {
    mouth.push(fill(onScreen(a, outerRim), lit(container.colour, 0.03)));
    const inner = onScreen(a, ring(container, top, 0));
    mouth.push(acrossRamp(container.colour, inner, -0.16));
    const soilY = wallCm + mixHeightCm(container);
    mouth.push(fill(onScreen(a, ring(container, soilY, 0)), '#3a2e27'));
    const shade = onScreen(a, ring(container, soilY, -1.2));
    mouth.push(fill(shade, '#463830'));
  }
  return { wall, mouth, silhouette: hull, nearRim: onScreen(a, near), chains: hung && shape.kind === 'basket' ? chains(a, container, top) : [] };
}

function hasRim(container: Container): boolean {
  return container.shape.kind === 'round' && ['terracotta', 'glazed', 'plastic', 'fibreglass'].includes(container.material);
}

/** The side faces of a box that look toward the eye, each with its own light. */
function boxFaces(a: Aim, container: Container, wallCm: number, top: number): Part[] {
  const low = ring(container, 0, wallCm);
  const high = ring(container, top, wallCm);
  const parts: Part[] = [];
  const normals: readonly Vec3[] = [[0, 0, 1], [1, 0, 0], [0, 0, -1], [-1, 0, 0]];
  normals.forEach((n, side) => {
    if (n[0] * a.toward[0] + n[2] * a.toward[2] <= 0.001) return;
    const corner = (list: readonly Vec3[], k: number) => list[(side * 8 + k * 8) % 32]!;
    const quad = [corner(high, 0), corner(high, 1), corner(low, 1), corner(low, 0)];
    const xy = onScreen(a, quad);
    const light = Math.max(0, n[0] * SUN[0] + n[2] * SUN[2]) * 0.12 - 0.05;
    const y = [xy[1]!, xy[3]!, xy[5]!, xy[7]!];
    parts.push(fill(xy, { x0: 0, y0: Math.min(...y), x1: 0, y1: Math.max(...y), stops: [{ at: 0, colour: lit(container.colour, light + 0.03) }, { at: 0.55, colour: lit(container.colour, light - 0.02) }, { at: 1, colour: lit(container.colour, light - 0.1) }] }));
  });
  return parts;
}

interface WallFacts {
  readonly wallCm: number;
  readonly top: number;
  readonly rimOut: number;
  readonly rimBand: number;
  readonly hull: readonly number[];
}

function decorate(parts: Part[], a: Aim, container: Container, w: WallFacts): void {
  const { shape, material, colour } = container;
  const ringLine = (y: number, change: number, widthPx: number, alpha = 1) => parts.push(line(onScreen(a, nearHalf(a, ring(container, y, w.wallCm))), lit(colour, change), widthPx, alpha));
  if (shape.kind === 'basket') return basketWire(parts, a, container, w);
  if (material === 'oak' && shape.kind === 'round') {
    const low = nearHalf(a, ring(container, 0, w.wallCm));
    const high = nearHalf(a, ring(container, w.top, w.wallCm));
    const count = Math.min(low.length, high.length);
    for (let i = 2; i < count - 1; i += 2) {
      const [p, q] = [high[i]!, low[Math.round((i * (low.length - 1)) / (count - 1))]!];
      parts.push(line([screenX(a, p), screenY(a, p), screenX(a, q), screenY(a, q)], lit(colour, -0.13), 1, 0.75));
    }
    for (const t of [0.1, 0.72]) {
      const hoop = band(a, container, w.top * t, w.top * t + Math.max(1.6, w.top * 0.055), w.wallCm + 0.25);
      parts.push(acrossRamp([0.4, 0.012, 250], hoop));
    }
  }
  if (shape.kind === 'box' && (material === 'softwood' || material === 'oak')) for (const t of [0.36, 0.7]) {
    ringLine(w.top * t, -0.16, 1.2);
    ringLine(w.top * t - 0.25, 0.05, 0.7, 0.7);
  }
  if (w.rimOut > w.wallCm) {
    parts.push(acrossRamp(colour, band(a, container, w.top - w.rimBand - 1.6, w.top - w.rimBand, w.wallCm), -0.1));
    parts.push(acrossRamp(colour, band(a, container, w.top - w.rimBand, w.top, w.rimOut), 0.02));
    parts.push(line(onScreen(a, nearHalf(a, ring(container, w.top - 0.15, w.rimOut))), lit(colour, 0.14), 1, 0.8));
  } else {
    parts.push(line(onScreen(a, nearHalf(a, ring(container, w.top - 0.2, w.wallCm))), lit(colour, 0.12), 1.1, 0.8));
  }
  // Standing things darken toward the ground.
  let [low, high] = [Infinity, -Infinity];
  for (let i = 1; i < w.hull.length; i += 2) {
    low = Math.min(low, w.hull[i]!);
    high = Math.max(high, w.hull[i]!);
  }
  parts.push(fill(w.hull, { x0: 0, y0: low + (high - low) * 0.62, x1: 0, y1: high, stops: [{ at: 0, colour: '#00000000' }, { at: 1, colour: '#0000003a' }] }));
}

const WIRE = '#34383a';

function basketWire(parts: Part[], a: Aim, container: Container, w: WallFacts): void {
  const wirePx = Math.max(0.8, 0.28 * a.pxPerCm);
  for (const t of [0.3, 0.62, 1]) parts.push(line(onScreen(a, nearHalf(a, ring(container, t === 1 ? w.top : w.wallCm + container.shape.depthCm * t, w.wallCm + 0.3))), WIRE, t === 1 ? wirePx * 1.5 : wirePx));
  for (let m = 0; m < 10; m += 1) {
    const path: Vec3[] = [];
    for (let s = 0; s <= 7; s += 1) {
      const y = w.wallCm + container.shape.depthCm * (s / 7) ** 1.6;
      path.push(ring(container, y, w.wallCm + 0.3)[m * 4]!);
    }
    const middle = path[4]!;
    if (middle[0] * a.toward[0] + middle[2] * a.toward[2] < 0 && a.toward[1] > -0.2) continue;
    parts.push(line(onScreen(a, path), WIRE, wirePx));
  }
}

/** Three chains to a hook, cut in short pieces. */
function chains(a: Aim, container: Container, top: number): Drawn[] {
  const reach = container.shape.kind === 'box' ? 40 : container.shape.topCm * 1.25;
  const hook: Vec3 = [0, top + reach, 0];
  const rim = ring(container, top, 0.5);
  const drawn: Drawn[] = [];
  for (const i of [6, 20, 33]) {
    const foot = rim[i % rim.length]!;
    for (let s = 0; s < 14; s += 1) {
      const at = (t: number): Vec3 => [foot[0] + (hook[0] - foot[0]) * t, foot[1] + (hook[1] - foot[1]) * t, foot[2] + (hook[2] - foot[2]) * t];
      const [p, q] = [at(s / 14), at((s + 1) / 14)];
      drawn.push({ depthCm: depthOf(a, at((s + 0.5) / 14)), plant: -1, parts: [line([screenX(a, p), screenY(a, p), screenX(a, q), screenY(a, q)], '#4b5052', Math.max(0.8, 0.3 * a.pxPerCm))] });
    }
  }
  return drawn;
}
