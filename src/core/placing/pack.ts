import { mixSurface, surfacesOf, type Container } from '../containers/container';
import { insetCm, reachOf, towardEdge, type Section } from '../containers/section';
import { NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';
import { FIT_TOLERANCE_CM, RIM_BUFFER_CM, SQUASH, wallRoomCm } from './fit';

/** A middle of a ball. */
export interface Spot2 {
  readonly xCm: number;
  readonly zCm: number;
}

/** Where middles of balls may lie, and how near two may be. */
type Field =
  | { readonly kind: 'disc'; readonly radiusCm: number; readonly apartCm: number }
  | {
      readonly kind: 'rect';
      readonly halfLengthCm: number;
      readonly halfWidthCm: number;
      readonly apartCm: number;
    }
  /** Rings, half rounds, outlines: tried point by point. */
  | {
      readonly kind: 'any';
      readonly halfLengthCm: number;
      readonly halfWidthCm: number;
      readonly apartCm: number;
      readonly room: (xCm: number, zCm: number) => number;
      readonly toEdge: (xCm: number, zCm: number) => readonly [number, number];
    };

/**
 * Radius of the smallest circle that takes n equal circles of radius 1, n from 1.
 * @see Graham, Lubachevsky, Nurmela & Östergård 1998, Dense packings of congruent circles in a circle, and later lists
 */
export const RADIUS_FOR: readonly number[] = [
  1, 2, 2.1547, 2.4142, 2.7013, 3, 3, 3.3048, 3.6131, 3.813, 3.9238, 4.0296, 4.2361, 4.3284, 4.5214,
  4.6154, 4.792, 4.8637, 4.8637, 5.1223, 5.2523, 5.4397, 5.5452, 5.6517, 5.7528, 5.8282, 5.9063,
  6.015, 6.1386, 6.1977,
];

/** Greatest share of a plane that equal circles cover: π/√12. */
const DENSEST = Math.PI / Math.sqrt(12);
const ROUNDS = 160;
const EASE_ROUNDS = 12;
/** Balls packed at most: more than anyone plants in one layer. */
export const MOST_PACKED = 120;

/**
 * How many balls of one size go in side by side, shown as places. No count above the best known is tried; each is pressed together from rings,
 * rows and lattices until one fits.
 * @param clearCm room a ball would have from what is in the mix already, cm; places are then laid out, not pressed
 */
export function packSame(
  container: Container,
  size: NurserySizeId,
  clearCm?: (place: Spot2) => number,
): readonly Spot2[] {
  const field = clearCm ? oddField(container, size, clearCm) : fieldFor(container, size);
  if (!field) return [];
  const laid = lattice(field);
  if (field.kind === 'any') {
    let best: readonly Spot2[] = laid.concat(leftOver(field, laid)).slice(0, MOST_PACKED);
    if (clearCm) return best;
    for (
      let count = best.length + 1;
      best.length <= MOST_PRESSED_ODD && count <= laid.length + 3;
      count += 1
    ) {
      const pressed = packed(field, count);
      if (!pressed) break;
      best = pressed;
    }
    return best;
  }
  // A large field is nearly all lattice: little is gained by pressing, and each count tried costs its square.
  const most = Math.min(mostIn(field), laid.length + (laid.length > 30 ? 2 : 8));
  for (let count = most; count > laid.length; count -= 1) {
    const places = packed(field, count);
    if (places) return places;
  }
  return laid;
}

/** Odd fields of more balls than this are left as laid: each count pressed costs its square. */
const MOST_PRESSED_ODD = 26;

/** Shifts of the lattice tried each way. */
const SHIFTS = 9;
/** The same for fields in which every place must be tried against the wall. */
const FEW_SHIFTS = 5;

/** The best cut of a close lattice, laid along or across, to the field: what fits without pressing. */
function lattice(field: Field): readonly Spot2[] {
  const step = field.apartCm;
  const row = step * Math.sqrt(0.75);
  const [reachX, reachZ] =
    field.kind === 'disc'
      ? [field.radiusCm, field.radiusCm]
      : [field.halfLengthCm, field.halfWidthCm];
  let best: readonly Spot2[] = field.kind === 'any' ? [] : [{ xCm: 0, zCm: 0 }];
  const shifts = field.kind === 'any' ? FEW_SHIFTS : SHIFTS;
  for (const across of [false, true])
    for (let i = 0; i < shifts; i += 1)
      for (let j = 0; j < shifts; j += 1) {
        const places: Spot2[] = [];
        const [u, v] = across ? [reachZ, reachX] : [reachX, reachZ];
        // Rows begin at an edge, so that a field made to measure is filled.
        for (let r = 0, b = -v + (j / shifts) * row; b <= v + 1e-9; r += 1, b += row) {
          for (let a = -u + (((r % 2) / 2 + i / shifts) % 1) * step; a <= u + 1e-9; a += step) {
            const [xCm, zCm] = across ? [b, a] : [a, b];
            if (inField(field, xCm, zCm)) places.push({ xCm, zCm });
          }
        }
        if (places.length > best.length) best = places;
      }
  return best.slice(0, MOST_PACKED);
}

function inField(field: Field, xCm: number, zCm: number): boolean {
  switch (field.kind) {
    case 'disc':
      return Math.hypot(xCm, zCm) <= field.radiusCm + 1e-9;
    case 'rect':
      return (
        Math.abs(xCm) <= field.halfLengthCm + 1e-9 && Math.abs(zCm) <= field.halfWidthCm + 1e-9
      );
    case 'any':
      return field.room(xCm, zCm) >= -FIT_TOLERANCE_CM;
  }
}

/** Places between and beside a lattice that still take a ball, found on a fine grid: rings and odd corners. */
function leftOver(
  field: Extract<Field, { kind: 'any' }>,
  laid: readonly Spot2[],
): readonly Spot2[] {
  const step = field.apartCm / 6;
  const added: Spot2[] = [];
  for (let x = -field.halfLengthCm; x <= field.halfLengthCm; x += step)
    for (let z = -field.halfWidthCm; z <= field.halfWidthCm; z += step) {
      const near = (p: Spot2) => Math.hypot(p.xCm - x, p.zCm - z) < field.apartCm;
      if (!laid.some(near) && !added.some(near) && inField(field, x, z))
        added.push({ xCm: x, zCm: z });
    }
  return added;
}

/** Where a ball's middle may lie: the walls are straight or hollow, so room falls evenly toward them. `null`: not even in the middle. */
function fieldFor(container: Container, size: NurserySizeId): Field | null {
  const apartCm = NURSERY_SIZES[size].topCm * (1 - SQUASH);
  const surface = mixSurface(container);
  if (
    surface.kind === 'polygon' ||
    surfacesOf(container).length > 1 ||
    (surface.kind === 'rect' && container.shape.kind === 'saddle')
  )
    return oddField(container, size);
  const room = wallRoomCm(container, { size, xCm: 0, zCm: 0 });
  if (room < -FIT_TOLERANCE_CM) return null;
  if (surface.kind === 'disc') return { kind: 'disc', radiusCm: Math.max(0, room), apartCm };
  // Along the length the ends set the limit; the room in the middle is that of the sides.
  let [low, high] = [0, surface.halfLengthCm];
  for (let i = 0; i < 24; i += 1) {
    const x = (low + high) / 2;
    if (wallRoomCm(container, { size, xCm: x, zCm: 0 }) >= Math.min(room, 0)) low = x;
    else high = x;
  }
  return { kind: 'rect', halfLengthCm: low, halfWidthCm: Math.max(0, room), apartCm };
}

function oddField(
  container: Container,
  size: NurserySizeId,
  clearCm?: (place: Spot2) => number,
): Extract<Field, { kind: 'any' }> {
  const { acrossCm, deepCm } = reachOf(mixSurface(container));
  // Rows begin as near the edge as a ball can lie.
  const edge = NURSERY_SIZES[size].topCm / 2 + RIM_BUFFER_CM - FIT_TOLERANCE_CM;
  return {
    kind: 'any',
    apartCm: NURSERY_SIZES[size].topCm * (1 - SQUASH),
    halfLengthCm: Math.max(0, acrossCm - edge),
    halfWidthCm: Math.max(0, deepCm - edge),
    room: (xCm, zCm) => {
      const wall = wallRoomCm(container, { size, xCm, zCm });
      return clearCm && wall >= -FIT_TOLERANCE_CM ? Math.min(wall, clearCm({ xCm, zCm })) : wall;
    },
    toEdge: (xCm, zCm) => towardEdge(roomiest(container, xCm, zCm), xCm, zCm),
  };
}

/** The level of mix that has most room at a point. */
function roomiest(container: Container, xCm: number, zCm: number): Section {
  return surfacesOf(container)
    .map(({ section }) => section)
    .reduce((best, one) => (insetCm(one, xCm, zCm) > insetCm(best, xCm, zCm) ? one : best));
}

/** No more than this go in: by the list of best packings, beyond it by area. */
function mostIn(field: Exclude<Field, { kind: 'any' }>): number {
  const r = field.apartCm / 2 - FIT_TOLERANCE_CM / 2;
  if (field.kind === 'disc') {
    const ratio = (field.radiusCm + FIT_TOLERANCE_CM + r) / r;
    const listed = RADIUS_FOR.reduce(
      (best, radius, i) => (radius <= ratio + 1e-9 ? i + 1 : best),
      1,
    );
    return listed < RADIUS_FOR.length
      ? listed
      : Math.min(MOST_PACKED, Math.floor(DENSEST * ratio * ratio));
  }
  const [l, w] = [
    field.halfLengthCm + FIT_TOLERANCE_CM + r,
    field.halfWidthCm + FIT_TOLERANCE_CM + r,
  ];
  const along = Math.floor((2 * (field.halfLengthCm + FIT_TOLERANCE_CM)) / (2 * r)) + 1;
  // A single row holds what its length does; more rows no more than area allows.
  return field.halfWidthCm * 2 < r
    ? along
    : Math.min(
        MOST_PACKED,
        Math.max(along, Math.floor((DENSEST * 4 * l * w) / (Math.PI * r * r)) + 1),
      );
}

/** `count` balls pressed into the field, or `null` when no start settles. */
function packed(field: Field, count: number): readonly Spot2[] | null {
  for (const start of field.kind === 'disc' ? roundStarts(field, count) : rowStarts(field, count)) {
    const settled = press(field, start);
    if (settled) return settled;
  }
  return null;
}

/** Pushes balls apart and back into the field until all are within what a hand can tease; each pair shares the push. */
function press(field: Field, start: readonly Spot2[]): readonly Spot2[] | null {
  const n = start.length;
  const x = Float64Array.from(start, (p) => p.xCm);
  const z = Float64Array.from(start, (p) => p.zCm);
  const apart = field.apartCm;
  let [sum, before] = [0, Infinity];
  for (let round = 0; round < ROUNDS; round += 1) {
    let worst = 0;
    // What has hardly eased in a while will not.
    if (round % EASE_ROUNDS === EASE_ROUNDS - 1) {
      if (sum > before * 0.93 && sum > FIT_TOLERANCE_CM * EASE_ROUNDS) return null;
      before = sum;
      sum = 0;
    }
    for (let i = 0; i < n; i += 1)
      for (let j = 0; j < i; j += 1) {
        const dx = x[i]! - x[j]!;
        const dz = z[i]! - z[j]!;
        const d2 = dx * dx + dz * dz;
        if (d2 >= apart * apart) continue;
        const d = Math.sqrt(d2) || 1e-6;
        worst = Math.max(worst, apart - d);
        const push = ((apart - d) / d) * 0.54;
        x[i]! += dx * push;
        z[i]! += dz * push;
        x[j]! -= dx * push;
        z[j]! -= dz * push;
      }
    sum += worst;
    for (let i = 0; i < n; i += 1) {
      if (field.kind === 'disc') {
        const d = Math.hypot(x[i]!, z[i]!);
        if (d > field.radiusCm) {
          x[i]! *= field.radiusCm / d;
          z[i]! *= field.radiusCm / d;
        }
      } else if (field.kind === 'any') {
        const room = field.room(x[i]!, z[i]!);
        if (room >= 0) continue;
        worst = Math.max(worst, -room);
        const [ox, oz] = field.toEdge(x[i]!, z[i]!);
        x[i]! += ox * room;
        z[i]! += oz * room;
      } else {
        x[i] = Math.max(-field.halfLengthCm, Math.min(field.halfLengthCm, x[i]!));
        z[i] = Math.max(-field.halfWidthCm, Math.min(field.halfWidthCm, z[i]!));
      }
    }
    if (worst <= FIT_TOLERANCE_CM * 0.6 && shortest(x, z) >= apart - FIT_TOLERANCE_CM * 0.9)
      return Array.from(x, (v, i) => ({
        xCm: Math.round(v * 100) / 100,
        zCm: Math.round(z[i]! * 100) / 100,
      }));
  }
  return null;
}

function shortest(x: Float64Array, z: Float64Array): number {
  let least = Infinity;
  for (let i = 0; i < x.length; i += 1)
    for (let j = 0; j < i; j += 1)
      least = Math.min(least, Math.hypot(x[i]! - x[j]!, z[i]! - z[j]!));
  return least;
}

const ring = (n: number, r: number, turn: number): Spot2[] =>
  Array.from({ length: n }, (_, i) => ({
    xCm: r * Math.sin((i / n) * 2 * Math.PI + turn),
    zCm: r * Math.cos((i / n) * 2 * Math.PI + turn),
  }));

/** Starts for a round field: rings within rings, a lattice cut to the circle, a sunflower. */
function* roundStarts(
  { radiusCm: R, apartCm }: Extract<Field, { kind: 'disc' }>,
  count: number,
): Generator<readonly Spot2[]> {
  const outerMost = Math.max(
    1,
    Math.floor(Math.PI / Math.asin(Math.min(1, (apartCm * 0.96) / (2 * Math.max(R, apartCm / 2))))),
  );
  for (
    let outer = Math.min(count, outerMost);
    outer >= Math.max(1, Math.min(count, outerMost) - 3);
    outer -= 1
  ) {
    const inside = count - outer;
    if (inside === 0) yield ring(outer, R, 0);
    else if (inside <= 6)
      for (const turn of [0, Math.PI / outer, 0.5])
        yield inside === 1
          ? [{ xCm: 0, zCm: 0 }, ...ring(outer, R, turn)]
          : [...ring(inside, Math.max(apartCm * 0.55, R * 0.42), turn), ...ring(outer, R, 0)];
    else
      for (let core = 1; core <= Math.min(6, inside - 3); core += 1) {
        const middle = core === 1 ? [{ xCm: 0, zCm: 0 }] : ring(core, apartCm * 0.6, 0.2);
        yield [...middle, ...ring(inside - core, R * 0.58, 0.3), ...ring(outer, R, 0)];
      }
  }
  for (const [ox, oz] of [
    [0, 0],
    [0.5, 0.29],
    [0.5, 0],
    [0.25, 0.43],
  ] as const) {
    const points: Spot2[] = [];
    const k = Math.ceil(R / apartCm) + 2;
    for (let i = -k; i <= k; i += 1)
      for (let j = -k; j <= k; j += 1)
        points.push({ xCm: (i + j / 2 + ox) * apartCm, zCm: (j * Math.sqrt(0.75) + oz) * apartCm });
    points.sort((a, b) => Math.hypot(a.xCm, a.zCm) - Math.hypot(b.xCm, b.zCm));
    yield points.slice(0, count);
  }
  yield Array.from({ length: count }, (_, i) => ({
    xCm: R * Math.sqrt((i + 0.5) / count) * Math.sin(i * 2.39996),
    zCm: R * Math.sqrt((i + 0.5) / count) * Math.cos(i * 2.39996),
  }));
}

/** Starts for a rectangle: straight rows and staggered ones, with one ball more in every other row or not. */
function* rowStarts(
  { halfLengthCm: l, halfWidthCm: w, apartCm }: Exclude<Field, { kind: 'disc' }>,
  count: number,
): Generator<readonly Spot2[]> {
  const rowsMost = Math.max(1, Math.ceil((2 * w) / (apartCm * 0.8)) + 1);
  for (let rows = 1; rows <= rowsMost; rows += 1)
    for (const staggered of [true, false]) {
      const per = count / rows;
      const places: Spot2[] = [];
      for (let row = 0; row < rows; row += 1) {
        const inRow = Math.round((row + 1) * per) - Math.round(row * per);
        const shift = staggered && row % 2 ? apartCm / 2 : 0;
        for (let i = 0; i < inRow; i += 1)
          places.push({
            xCm:
              inRow === 1
                ? shift
                : -l +
                  (i / (inRow - 1)) * (2 * l - (staggered && rows > 1 ? apartCm / 2 : 0)) +
                  shift,
            zCm: rows === 1 ? 0 : -w + (row / (rows - 1)) * 2 * w,
          });
      }
      yield places;
    }
  // Zigzag: for boxes too narrow for two rows.
  yield Array.from({ length: count }, (_, i) => ({
    xCm: -l + (count === 1 ? l : (i / (count - 1)) * 2 * l),
    zCm: i % 2 ? w : -w,
  }));
}
