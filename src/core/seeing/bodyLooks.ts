import type { Container } from '../containers/container';
import { formOf } from '../containers/shape';
import { sideHolesOf } from '../containers/sideHoles';
import type { Vec3 } from '../geometry/vec3';
import { hash01 } from '../random/hash';
import { screenX, screenY, type Aim } from './lens';
import { fill, line, type Part } from './part';
import { band, nearHalf, onScreen, ring } from './wallRing';
import { acrossRamp, lit } from './wallTone';

interface WallFacts {
  readonly wallCm: number;
  /** Inside base and rim above what it stands on, cm. */
  readonly foot: number;
  readonly top: number;
  readonly rimOut: number;
  readonly silhouette: readonly number[];
}

/** What makes a wall of one material: staves, boards, wire, a rim; the pattern in its second colour; and the darkening toward the ground. */
export function addLooks(parts: Part[], a: Aim, container: Container, w: WallFacts): void {
  const { shape, material } = container;
  if (material === 'coir') return basketWire(parts, a, container, w);
  addPattern(parts, a, container, w);
  if (
    (material === 'oak' || material === 'softwood') &&
    (shape.kind === 'round' || shape.kind === 'barrel' || shape.kind === 'cylinder')
  )
    staves(parts, a, container, w);
  else if (material === 'softwood' || material === 'oak') boards(parts, a, container, w);
  rim(parts, a, container, w);
  sideHoles(parts, a, container, w);
  if (container.finish === 'weathered' || container.finish === 'rough')
    grain(parts, a, container, w);
  // Standing things darken toward the ground.
  let [low, high] = [Infinity, -Infinity];
  for (let i = 1; i < w.silhouette.length; i += 2) {
    low = Math.min(low, w.silhouette[i]!);
    high = Math.max(high, w.silhouette[i]!);
  }
  parts.push(
    fill(w.silhouette, {
      x0: 0,
      y0: low + (high - low) * 0.62,
      x1: 0,
      y1: high,
      stops: [
        { at: 0, colour: '#00000000' },
        { at: 1, colour: '#0000003a' },
      ],
    }),
  );
}

/** Near side of the wall at a height above what it stands on. */
const nearAt = (a: Aim, container: Container, w: WallFacts, y: number, out = 0): Vec3[] =>
  nearHalf(a, ring(container, y, w.wallCm + out));

function rim(parts: Part[], a: Aim, container: Container, w: WallFacts): void {
  const { colour } = container;
  const rimBand = Math.min(6, (w.top - w.foot) * 0.16);
  if (w.rimOut > w.wallCm) {
    parts.push(
      acrossRamp(
        a,
        colour,
        band(a, container, w.top - rimBand - 1.6, w.top - rimBand, w.wallCm),
        -0.1,
      ),
    );
    parts.push(
      acrossRamp(
        a,
        colour,
        band(a, container, w.top - rimBand, w.top, w.rimOut),
        0.02,
        container.finish === 'glossy',
      ),
    );
    parts.push(
      line(
        onScreen(a, nearHalf(a, ring(container, w.top - 0.15, w.rimOut))),
        lit(colour, 0.14),
        1,
        0.8,
      ),
    );
  } else
    parts.push(
      line(onScreen(a, nearAt(a, container, w, w.top - 0.2)), lit(colour, 0.12), 1.1, 0.8),
    );
}

/** Points up the wall at one place of its near side. */
function upTheWall(a: Aim, container: Container, w: WallFacts, share: number, out = 0): number[] {
  const levels = formOf(container.shape).levelsCm;
  return levels.flatMap((level, i) => {
    const path = nearAt(a, container, w, i === 0 ? w.foot - w.wallCm : w.foot + level, out);
    const p = path[Math.round(share * (path.length - 1))]!;
    return [screenX(a, p), screenY(a, p)];
  });
}

function staves(parts: Part[], a: Aim, container: Container, w: WallFacts): void {
  for (let i = 1; i < 10; i += 1)
    parts.push(line(upTheWall(a, container, w, i / 10), lit(container.colour, -0.13), 1, 0.75));
  const high = w.top - container.feetCm;
  for (const t of [0.1, 0.72])
    parts.push(
      acrossRamp(
        a,
        [0.4, 0.012, 250],
        band(
          a,
          container,
          container.feetCm + high * t,
          container.feetCm + high * t + Math.max(1.6, high * 0.055),
          w.wallCm + 0.25,
        ),
      ),
    );
}

function boards(parts: Part[], a: Aim, container: Container, w: WallFacts): void {
  const high = w.top - container.feetCm;
  for (const t of [0.36, 0.7]) {
    parts.push(
      line(
        onScreen(a, nearAt(a, container, w, container.feetCm + high * t)),
        lit(container.colour, -0.16),
        1.2,
      ),
    );
    parts.push(
      line(
        onScreen(a, nearAt(a, container, w, container.feetCm + high * t - 0.25)),
        lit(container.colour, 0.05),
        0.7,
        0.7,
      ),
    );
  }
}

function addPattern(parts: Part[], a: Aim, container: Container, w: WallFacts): void {
  const second =
    container.secondColour ??
    ([
      Math.max(0.1, container.colour[0] - 0.14),
      container.colour[1],
      container.colour[2],
    ] as const);
  const high = w.top - container.feetCm;
  const at = (t: number) => container.feetCm + high * t;
  switch (container.pattern) {
    case 'plain':
      return;
    case 'bands':
      for (const t of [0.3, 0.62])
        parts.push(acrossRamp(a, second, band(a, container, at(t), at(t + 0.1), w.wallCm + 0.05)));
      return;
    case 'ribs':
      for (let i = 1; i < 16; i += 1)
        parts.push(
          line(
            upTheWall(a, container, w, i / 16),
            lit(second, 0),
            Math.max(0.8, a.pxPerCm * 0.35),
            0.7,
          ),
        );
      return;
    case 'lattice': {
      const rows = [at(0.3), at(0.58)].map((y) => nearAt(a, container, w, y, 0.05));
      const steps = 12;
      for (let i = 0; i < steps; i += 1)
        for (const [from, to] of [
          [0, 1],
          [1, 0],
        ] as const) {
          const p = rows[from]![Math.round((i / steps) * (rows[from]!.length - 1))]!;
          const q = rows[to]![Math.round(((i + 1) / steps) * (rows[to]!.length - 1))]!;
          parts.push(
            line(
              [screenX(a, p), screenY(a, p), screenX(a, q), screenY(a, q)],
              lit(second, 0),
              Math.max(0.8, a.pxPerCm * 0.3),
              0.8,
            ),
          );
        }
      return;
    }
    case 'speckle':
      return dots(parts, a, container, w, lit(second, 0), 70, 0.32);
  }
}

/** Lichen and lime, or a rough cast. */
function grain(parts: Part[], a: Aim, container: Container, w: WallFacts): void {
  dots(
    parts,
    a,
    container,
    w,
    lit(container.colour, 0.13),
    40,
    container.finish === 'weathered' ? 0.75 : 0.25,
    0.35,
  );
  dots(parts, a, container, w, lit(container.colour, -0.12), 40, 0.25, 0.4);
}

function dots(
  parts: Part[],
  a: Aim,
  container: Container,
  w: WallFacts,
  colour: string,
  count: number,
  radiusCm: number,
  alpha = 0.8,
): void {
  for (let i = 0; i < count; i += 1) {
    const path = nearAt(
      a,
      container,
      w,
      container.feetCm + (w.top - container.feetCm) * (0.04 + 0.9 * hash01(i, count, 1)),
    );
    const along = 0.04 + 0.92 * hash01(i, count, 2);
    const p = path[Math.round(along * (path.length - 1))]!;
    const q = path[Math.min(path.length - 1, Math.round(along * (path.length - 1)) + 1)]!;
    const slip = hash01(i, count, 3);
    const [x, y] = [screenX(a, p) * slip + screenX(a, q) * (1 - slip), screenY(a, p)];
    const r = Math.max(0.6, radiusCm * a.pxPerCm * (0.5 + hash01(i, count, 4)));
    parts.push(
      fill(
        [
          x - r,
          y,
          x - r * 0.4,
          y - r * 0.8,
          x + r * 0.8,
          y - r * 0.5,
          x + r,
          y + r * 0.3,
          x,
          y + r * 0.8,
        ],
        colour,
        alpha,
      ),
    );
  }
}

function sideHoles(parts: Part[], a: Aim, container: Container, w: WallFacts): void {
  for (const { xCm, zCm, heightCm, out } of sideHolesOf(container).flat()) {
    // Holes near the edge of the view are seen too slantwise to show.
    if (out[0] * a.toward[0] + out[1] * a.toward[2] <= 0.35) continue;
    const past = container.linerCm + w.wallCm + 0.1;
    const p: Vec3 = [xCm + out[0] * past, w.foot + heightCm, zCm + out[1] * past];
    const [x, y, rx, ry] = [screenX(a, p), screenY(a, p), 1.6 * a.pxPerCm, 2.2 * a.pxPerCm];
    parts.push(
      fill(
        Array.from({ length: 12 }, (_, k) => [
          x + Math.cos((k * Math.PI) / 6) * rx,
          y + Math.sin((k * Math.PI) / 6) * ry,
        ]).flat(),
        '#2b2420',
        0.9,
      ),
    );
  }
}

const WIRE = '#34383a';

function basketWire(parts: Part[], a: Aim, container: Container, w: WallFacts): void {
  const wirePx = Math.max(0.8, 0.28 * a.pxPerCm);
  const depth = w.top - w.foot;
  for (const t of [0.3, 0.62, 1])
    parts.push(
      line(
        onScreen(a, nearHalf(a, ring(container, w.foot + depth * t, w.wallCm + 0.3))),
        WIRE,
        t === 1 ? wirePx * 1.5 : wirePx,
      ),
    );
  const around = ring(container, w.top, w.wallCm).length;
  for (let m = 0; m < 10; m += 1) {
    const path: Vec3[] = [];
    for (let s = 0; s <= 7; s += 1)
      path.push(
        ring(container, w.foot + depth * (s / 7) ** 1.6, w.wallCm + 0.3)[
          Math.floor((m / 10) * around)
        ]!,
      );
    const middle = path[4]!;
    if (middle[0] * a.toward[0] + middle[2] * a.toward[2] < 0 && a.toward[1] > -0.2) continue;
    parts.push(line(onScreen(a, path), WIRE, wirePx));
  }
  sideHoles(parts, a, container, w);
}
