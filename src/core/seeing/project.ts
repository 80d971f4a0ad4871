import { cross, dot, unit, type Vec3 } from '../geometry/vec3';
import { illumination } from '../marks/light';
import type { FlowerMark, FruitMark, Mark, PlumeMark, StemMark, StrapMark } from '../marks/mark';
import { hash01, hashSigned } from '../random/hash';
import { fromFront } from './depth';
import { depthOf, screenX, screenY, type Aim } from './lens';
import { closed, fill, line, type Detail, type Drawn, type Part } from './part';
import { projectFlower } from './projectFlower';
import { projectLeaf } from './projectLeaf';
import { tone } from './tone';

/** Marks put on the picture between two pauses. */
const MARKS_A_STEP = 250;

/** Marks seen through a lens, ordered from back to front. */
export function* projectMarks(
  marks: readonly Mark[],
  a: Aim,
  detail: Detail,
): Generator<void, Drawn[]> {
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
      const parts = shadow
        ? [shadow, ...projectFlower(mark, a, detail)]
        : projectFlower(mark, a, detail);
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
  if (
    r < SHADOW_FROM_PX ||
    LOOSE.has(mark.style.form) ||
    mark.sun < 0.3 ||
    dot(mark.env, a.toward) < BACKED
  )
    return null;
  const [x, y] = [
    screenX(a, mark.p) - dot(a.right, a.light.toSun) * r * SHADOW_OFF,
    screenY(a, mark.p) + dot(a.up, a.light.toSun) * r * SHADOW_OFF,
  ];
  const xy: number[] = [];
  for (let i = 0; i < 12; i += 1)
    xy.push(x + 0.92 * r * Math.cos((i * Math.PI) / 6), y + 0.92 * r * Math.sin((i * Math.PI) / 6));
  return fill(xy, '#0c140c', SHADOW_DARK * mark.sun);
}

/** Forms of many small parts: their shadow is broken light. */
const LOOSE: ReadonlySet<FlowerMark['style']['form']> = new Set([
  'spike',
  'cloud',
  'plume',
  'bell',
  'pendant',
]);

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
      if (widest > 2.2 && !edged && style.pattern !== 'stripe')
        parts.push(fill(closed(left, rib), tone(base, light * 1.13, mark.jitter, style.surface)));
    }
    if (edged && widest > 2) {
      const inner = (edge: readonly number[]) =>
        edge.map((value, i) => rib[i]! + (value - rib[i]!) * 0.74);
      parts.push(
        fill(
          closed(inner(right), inner(left)),
          tone(style.main, light, mark.jitter, style.surface),
        ),
      );
      if (detail === 'full' && widest > 4)
        parts.push(line(rib, tone(style.main, light * 0.72, mark.jitter), 0.8, 0.8));
    }
    if (style.pattern === 'stripe' && style.second && widest > 1.6) {
      const inner = (edge: readonly number[]) =>
        edge.map((value, i) => rib[i]! + (value - rib[i]!) * 0.36);
      parts.push(
        fill(
          closed(inner(right), inner(left)),
          tone(style.second, light, mark.jitter, style.surface),
        ),
      );
    }
  }
  return { depthCm: depthOf(a, mark.p), plant: mark.plant, parts };
}

function projectStem(mark: StemMark, a: Aim): Drawn | null {
  const width = mark.widthCm * a.pxPerCm;
  if (width < 0.25) return null;
  const middle: Vec3 = [
    (mark.p[0] + mark.to[0]) / 2,
    (mark.p[1] + mark.to[1]) / 2,
    (mark.p[2] + mark.to[2]) / 2,
  ];
  const xy = [screenX(a, mark.p), screenY(a, mark.p), screenX(a, mark.to), screenY(a, mark.to)];
  const light = illumination(a.toward, mark, a.light);
  const parts = [line(xy, tone(mark.colour, light * 0.75, mark.jitter), Math.max(0.6, width))];
  if (width > 1.6)
    parts.push(
      line(
        xy.map((value, i) => (i % 2 === 0 ? value - width * 0.2 : value)),
        tone(mark.colour, light * 1.05, mark.jitter),
        width * 0.4,
      ),
    );
  return { depthCm: depthOf(a, middle) - 0.4, plant: mark.plant, parts };
}

/** Half width of a plume's body on the move, of its width: what stands for the hairs round it, too. */
const FLAT_PLUME = 0.45;

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
    const w =
      width *
      (detail === 'flat' ? FLAT_PLUME : 0.32) *
      Math.sin(Math.PI * Math.min(0.96, 0.14 + s * 0.84)) ** 0.7;
    const [tx, ty] = [-(ny - py) / run, (nx - px) / run];
    const [fx, fy] = [(nx - px) / run, (ny - py) / run];
    right.push(x + tx * w, y + ty * w);
    left.push(x - tx * w, y - ty * w);
    if (detail === 'flat' || width < 3) return;
    for (let h = 0; h < 3; h += 1)
      for (const way of [1, -1]) {
        const reach = w * (1.5 + 0.9 * hash01(mark.seed, i, h * 2 + way));
        const slip = (hashSigned(mark.seed, i, h + 5) * width) / 2;
        hairs.push(
          line(
            [
              x + fx * slip,
              y + fy * slip,
              x + fx * (slip + reach * 0.9) + tx * reach * way,
              y + fy * (slip + reach * 0.9) + ty * reach * way,
            ],
            h === 0 ? tone(mark.colour, light * 0.9, mark.jitter) : pale,
            0.6,
            0.8,
          ),
        );
      }
  });
  parts.push(fill(closed(right, left), tone(mark.colour, light, mark.jitter)));
  return {
    depthCm: depthOf(a, mark.p),
    plant: mark.plant,
    floral: true,
    parts: [...hairs.slice(0, hairs.length / 2), ...parts, ...hairs.slice(hairs.length / 2)],
  };
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
      xy.push(
        cx + radius * Math.cos(angle),
        cy +
          radius * Math.sin(angle) +
          (Math.sin(angle) > 0 ? Math.max(0, -long) : -Math.max(0, long)),
      );
    }
    return xy;
  };
  const parts = [
    fill(round(x, y, r, hang), tone(mark.colour, light * 0.78, mark.jitter)),
    fill(
      round(x - r * 0.15, y - r * 0.15, r * 0.72, hang * 0.9),
      tone(mark.colour, light * 1.05, mark.jitter),
    ),
  ];
  if (detail === 'full' && r > 2.5)
    parts.push(
      fill(
        round(x - r * 0.38, y - r * 0.4, r * 0.2, hang * 0.5),
        '#ffffff',
        mark.longCm > 0 ? 0.4 : 0.75,
      ),
    );
  return { depthCm: depthOf(a, mark.p) + 0.6, plant: mark.plant, floral: true, parts };
}
