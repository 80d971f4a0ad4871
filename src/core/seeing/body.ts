import {
  insideBaseCm,
  surfacesOf,
  visibleHeightCm,
  wallOf,
  type Container,
} from '../containers/container';
import { tierFeetCm } from '../containers/forms';
import { formOf, isHung, rimSection } from '../containers/shape';
import { reachOf, turnedAreaCm2 } from '../containers/section';
import { convexHull, type Point } from '../geometry/hull';
import type { Vec3 } from '../geometry/vec3';
import { addLooks } from './bodyLooks';
import { depthOf, screenX, screenY, type Aim } from './lens';
import { fill, line, type Drawn, type Part } from './part';
import { nearHalf, onScreen, ring } from './wallRing';
import { acrossRamp, downRamp, lit } from './wallTone';

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

const SOIL = '#3a2e27';
const SOIL_LIT = '#463830';
const DRESSING = '#a59d90';

/** The container as seen through a lens. */
export function projectBody(container: Container, hung: boolean, a: Aim): Body {
  const wallCm = wallOf(container);
  const foot = insideBaseCm(container);
  const top = visibleHeightCm(container);
  const rimOut = wallCm + (hasRim(container) ? Math.min(1.2, (top - foot) * 0.04) : 0);
  const near = nearHalf(a, ring(container, top, rimOut));
  const silhouette = outlineOnScreen(a, container, rimOut);
  const wall: Part[] = [...standParts(a, container)];
  const mouth: Part[] = [];
  if (container.shape.kind === 'tiered') addTiers(wall, a, container);
  else {
    addWall(wall, a, container, silhouette);
    addLooks(wall, a, container, { wallCm, foot, top, rimOut, silhouette });
    if (a.toward[1] > 0.005) addMouth(mouth, a, container, rimOut);
  }
  const chained = hung && (container.shape.kind === 'basket' || container.shape.kind === 'cone');
  return {
    wall,
    mouth,
    silhouette,
    nearRim: onScreen(a, near),
    chains: chained ? chains(a, container, top) : [],
  };
}

/** Heights above what it stands on at which the outer wall is drawn: the base's underside, its bends, the rim. */
function outerLevels(container: Container): readonly number[] {
  const foot = insideBaseCm(container);
  return [
    container.feetCm,
    ...formOf(container.shape)
      .levelsCm.slice(1)
      .map((level) => foot + level),
  ];
}

/** Hull for what bulges outward; for necks and steps the left and right edges followed from level to level. */
function outlineOnScreen(a: Aim, container: Container, rimOut: number): number[] {
  const wallCm = wallOf(container);
  const levels = outerLevels(container);
  const rings = levels.map((level, i) =>
    ring(container, level, i === levels.length - 1 ? rimOut : wallCm),
  );
  if (container.shape.kind !== 'urn' && container.shape.kind !== 'tiered') {
    const rimBand =
      rimOut > wallCm
        ? [ring(container, visibleHeightCm(container) - rimBandCm(container), rimOut)]
        : [];
    return convexHull(
      [...rings, ...rimBand].flat().map((p): Point => [screenX(a, p), screenY(a, p)]),
    ).flat();
  }
  const ends = rings.map((points) => {
    const half = nearHalf(a, points);
    return [half[0]!, half[half.length - 1]!] as const;
  });
  const lowest = nearHalf(a, rings[0]!, a.toward[1] < 0);
  const highest = nearHalf(a, rings[rings.length - 1]!, a.toward[1] >= 0);
  return onScreen(a, [
    ...lowest,
    ...ends.slice(1, -1).map(([, right]) => right),
    ...highest.reverse(),
    ...ends
      .slice(1, -1)
      .map(([left]) => left)
      .reverse(),
  ]);
}

function rimBandCm(container: Container): number {
  return Math.min(6, formOf(container.shape).depthCm * 0.16);
}

function hasRim({ shape, material }: Container): boolean {
  return (
    ['round', 'bowl', 'urn'].includes(shape.kind) &&
    ['terracotta', 'glazed', 'plastic', 'fibreglass', 'fibre clay', 'stone'].includes(material)
  );
}

function addWall(wall: Part[], a: Aim, container: Container, silhouette: readonly number[]): void {
  const { shape, colour } = container;
  const glossy = container.finish === 'glossy';
  const levels = outerLevels(container);
  if (shape.kind === 'urn') {
    for (let i = 1; i < levels.length; i += 1)
      wall.push(
        acrossRamp(
          a,
          colour,
          hullOf(a, [
            ...ring(container, levels[i - 1]!, wallOf(container)),
            ...ring(container, levels[i]!, wallOf(container)),
          ]),
          0,
          glossy,
        ),
      );
    return;
  }
  if (
    shape.kind === 'square' ||
    shape.kind === 'box' ||
    shape.kind === 'saddle' ||
    shape.kind === 'outline'
  )
    return void wall.push(...facets(a, container));
  wall.push(acrossRamp(a, colour, silhouette, 0, glossy));
}

const hullOf = (a: Aim, points: readonly Vec3[]): number[] =>
  convexHull(points.map((p): Point => [screenX(a, p), screenY(a, p)])).flat();

/** Flat faces that look toward the eye, the farthest first, each with its own light. */
function facets(a: Aim, container: Container): Part[] {
  const levels = outerLevels(container);
  const wallCm = wallOf(container);
  const faces: { readonly depthCm: number; readonly part: Part }[] = [];
  for (let k = 1; k < levels.length; k += 1) {
    const low = corners(ring(container, levels[k - 1]!, wallCm), container);
    const high = corners(ring(container, levels[k]!, wallCm), container);
    const way = turning(low);
    low.forEach((p, i) => {
      const j = (i + 1) % low.length;
      const q = low[j]!;
      const run = Math.hypot(q[0] - p[0], q[2] - p[2]) || 1;
      const n: Vec3 = [(-(q[2] - p[2]) / run) * way, 0, ((q[0] - p[0]) / run) * way];
      if (n[0] * a.toward[0] + n[2] * a.toward[2] <= 0.001) return;
      const light =
        a.light.sunShare * Math.max(0, n[0] * a.light.toSun[0] + n[2] * a.light.toSun[2]) * 0.12 -
        0.05;
      const xy = onScreen(a, [high[i]!, high[j]!, q, p]);
      faces.push({
        depthCm: depthOf(a, [(p[0] + q[0]) / 2, p[1], (p[2] + q[2]) / 2]),
        part: downRamp(container.colour, xy, light),
      });
    });
  }
  return faces.sort((m, n) => m.depthCm - n.depthCm).map(({ part }) => part);
}

/** Corners of a ring: every eighth point of a rectangle, all of an outline. */
function corners(points: readonly Vec3[], { shape }: Container): readonly Vec3[] {
  return shape.kind === 'outline' ? points : points.filter((_, i) => i % 8 === 0);
}

/** −1 when points run clockwise as seen from above with z downward, 1 otherwise: which side of an edge is out. */
const turning = (points: readonly Vec3[]): 1 | -1 =>
  turnedAreaCm2(points.map(([x, , z]) => [x, z])) > 0 ? -1 : 1;

function addMouth(mouth: Part[], a: Aim, container: Container, rimOut: number): void {
  const top = visibleHeightCm(container);
  // The rim's upper face takes the sky: flat walls need it to tell top from front.
  mouth.push(fill(onScreen(a, ring(container, top, rimOut)), lit(container.colour, 0.1)));
  mouth.push(acrossRamp(a, container.colour, onScreen(a, ring(container, top, 0)), -0.16));
  const soilY = insideBaseCm(container) + surfacesOf(container)[0]!.heightCm;
  mouth.push(fill(onScreen(a, ring(container, soilY, 0)), SOIL));
  mouth.push(
    fill(onScreen(a, ring(container, soilY, -1.2)), container.dressingCm > 0 ? DRESSING : SOIL_LIT),
  );
}

/** Tiers from the lowest up: wall, rim, mix, and the next stands on it. */
function addTiers(wall: Part[], a: Aim, container: Container): void {
  if (container.shape.kind !== 'tiered') return;
  const wallCm = wallOf(container);
  const foot = insideBaseCm(container);
  const feet = tierFeetCm(container.shape);
  container.shape.tiers.forEach((tier, i) => {
    const one: Container = { ...container, shape: { kind: 'round', ...tier }, feetCm: 0 };
    const at = (y: number): number => y + foot + feet[i]! - wallCm;
    const raised = (y: number, out: number): Vec3[] =>
      ring(one, y, out).map(([x, , z]): Vec3 => [x, at(y), z]);
    const top = wallCm + tier.depthCm;
    wall.push(
      acrossRamp(
        a,
        container.colour,
        hullOf(a, [...raised(0, wallCm), ...raised(top, wallCm)]),
        0,
        container.finish === 'glossy',
      ),
    );
    wall.push(
      line(
        onScreen(a, nearHalf(a, raised(top - 0.2, wallCm))),
        lit(container.colour, 0.12),
        1.1,
        0.8,
      ),
    );
    if (a.toward[1] <= 0.005) return;
    wall.push(fill(onScreen(a, raised(top, wallCm)), lit(container.colour, 0.03)));
    wall.push(acrossRamp(a, container.colour, onScreen(a, raised(top, 0)), -0.16));
    wall.push(fill(onScreen(a, raised(top - 2, 0)), SOIL));
    wall.push(fill(onScreen(a, raised(top - 2, -1)), SOIL_LIT));
  });
}

/** Height above which what lifts a container is drawn as a pedestal and not as feet, cm. */
const PEDESTAL_CM = 12;

/** Feet or a pedestal. */
function standParts(a: Aim, container: Container): readonly Part[] {
  const { feetCm } = container;
  if (feetCm === 0 || isHung(container.shape)) return [];
  const wallCm = wallOf(container);
  const base = ring(container, container.feetCm, wallCm);
  const { acrossCm, deepCm } = reachOf(rimSection(container.shape));
  if (feetCm >= PEDESTAL_CM) {
    const half = Math.max(6, Math.min(acrossCm, deepCm) * 0.5);
    const block = (r: number, from: number, to: number) =>
      hullOf(
        a,
        [from, to].flatMap(
          (y) =>
            [
              [-r, y, -r],
              [r, y, -r],
              [r, y, r],
              [-r, y, r],
            ] as Vec3[],
        ),
      );
    return [
      acrossRamp(a, container.colour, block(half * 1.35, 0, feetCm * 0.18), -0.03),
      acrossRamp(a, container.colour, block(half * 0.85, feetCm * 0.18, feetCm * 0.86), -0.06),
      acrossRamp(a, container.colour, block(half * 1.15, feetCm * 0.86, feetCm), -0.03),
    ];
  }
  const near = nearHalf(a, base);
  const parts: Part[] = [];
  for (const share of [0.14, 0.86]) {
    const p = near[Math.round(share * (near.length - 1))]!;
    const [x, y] = [
      screenX(a, [p[0] * 0.9, 0, p[2] * 0.9]),
      screenY(a, [p[0] * 0.9, 0, p[2] * 0.9]),
    ];
    const [w, h] = [Math.max(3, Math.min(8, acrossCm * 0.24) * a.pxPerCm), feetCm * a.pxPerCm + 2];
    parts.push(
      fill(
        [x - w / 2, y - h, x + w / 2, y - h, x + w * 0.4, y, x - w * 0.4, y],
        lit(container.colour, -0.14),
      ),
    );
  }
  return parts;
}

/**
 * Steel in daylight: darker than a light field and lighter than a dark one, so that a basket is seen to
 * hang in both. Contrast 3 to 1 with #e2e2e2 and 2.7 to 1 with #4e4e4e.
 */
const CHAIN = '#8a8f92';

/** Three chains to a hook, cut in short pieces. */
function chains(a: Aim, container: Container, top: number): Drawn[] {
  const reach = reachOf(rimSection(container.shape)).acrossCm * 2.5;
  const hook: Vec3 = [0, top + reach, 0];
  const rim = ring(container, top, 0.5);
  const drawn: Drawn[] = [];
  for (const i of [6, 20, 33]) {
    const foot = rim[i % rim.length]!;
    for (let s = 0; s < 14; s += 1) {
      const at = (t: number): Vec3 => [
        foot[0] + (hook[0] - foot[0]) * t,
        foot[1] + (hook[1] - foot[1]) * t,
        foot[2] + (hook[2] - foot[2]) * t,
      ];
      const [p, q] = [at(s / 14), at((s + 1) / 14)];
      drawn.push({
        depthCm: depthOf(a, at((s + 0.5) / 14)),
        plant: -1,
        parts: [
          line(
            [screenX(a, p), screenY(a, p), screenX(a, q), screenY(a, q)],
            CHAIN,
            Math.max(0.8, 0.3 * a.pxPerCm),
          ),
        ],
      });
    }
  }
  return drawn;
}
