import { once } from '../work/once';
/** A level cut through the inside. Plan axes: x right, z toward the viewer, both from the middle. Centimetres. */
export type Section =
  | {
      readonly kind: 'disc';
      readonly radiusCm: number;
      /** Taken out of the middle, as by the tier above; 0 for none. */ readonly holeCm: number;
    }
  | {
      readonly kind: 'rect';
      readonly halfLengthCm: number;
      readonly halfWidthCm: number;
      /** Half the width of a slot along the middle, for a rail to sit in; 0 for none. */ readonly slotCm: number;
    }
  | { readonly kind: 'polygon'; readonly points: readonly PlanPoint[] };

export type PlanPoint = readonly [xCm: number, zCm: number];

export const disc = (radiusCm: number, holeCm = 0): Section => ({ kind: 'disc', radiusCm, holeCm });
export const rect = (halfLengthCm: number, halfWidthCm: number, slotCm = 0): Section => ({
  kind: 'rect',
  halfLengthCm,
  halfWidthCm,
  slotCm,
});
export const polygon = (points: readonly PlanPoint[]): Section => ({ kind: 'polygon', points });

/** Area of a polygon, cm², positive when its points turn from x toward z. */
export function turnedAreaCm2(points: readonly PlanPoint[]): number {
  let twice = 0;
  points.forEach(([x, z], i) => {
    const [nx, nz] = points[(i + 1) % points.length]!;
    twice += x * nz - nx * z;
  });
  return twice / 2;
}

/** Area of a polygon, cm²; the order of its points does not matter. */
export function polygonAreaCm2(points: readonly PlanPoint[]): number {
  return Math.abs(turnedAreaCm2(points));
}

/** Area of a section, cm². */
export function sectionAreaCm2(section: Section): number {
  switch (section.kind) {
    case 'disc':
      return Math.PI * Math.max(0, section.radiusCm ** 2 - section.holeCm ** 2);
    case 'rect':
      return 4 * section.halfLengthCm * Math.max(0, section.halfWidthCm - section.slotCm);
    case 'polygon':
      return polygonAreaCm2(section.points);
  }
}

/**
 * How far inside a section's edge a point lies, cm: the room a ball's edge may use there.
 * @returns negative outside
 */
export function insetCm(section: Section, xCm: number, zCm: number): number {
  switch (section.kind) {
    case 'disc': {
      const r = Math.sqrt(xCm * xCm + zCm * zCm);
      return section.holeCm > 0
        ? Math.min(section.radiusCm - r, r - section.holeCm)
        : section.radiusCm - r;
    }
    case 'rect': {
      const inset = Math.min(
        section.halfLengthCm - Math.abs(xCm),
        section.halfWidthCm - Math.abs(zCm),
      );
      return section.slotCm > 0 ? Math.min(inset, Math.abs(zCm) - section.slotCm) : inset;
    }
    case 'polygon':
      return nearestEdge(section.points, xCm, zCm).insetCm;
  }
}

/** Level unit vector from a point toward the nearest edge, outward. */
export function towardEdge(section: Section, xCm: number, zCm: number): PlanPoint {
  switch (section.kind) {
    case 'disc': {
      const r = Math.hypot(xCm, zCm);
      const out: PlanPoint = r < 0.5 ? [0, 1] : [xCm / r, zCm / r];
      return section.holeCm > 0 && r - section.holeCm < section.radiusCm - r
        ? [-out[0], -out[1]]
        : out;
    }
    case 'rect': {
      const [x, z] = [section.halfLengthCm - Math.abs(xCm), section.halfWidthCm - Math.abs(zCm)];
      if (section.slotCm > 0 && Math.abs(zCm) - section.slotCm < Math.min(x, z))
        return [0, zCm < 0 ? 1 : -1];
      return x < z ? [Math.sign(xCm) || 1, 0] : [0, zCm < 0 ? -1 : 1];
    }
    case 'polygon':
      return nearestEdge(section.points, xCm, zCm).outward;
  }
}

/** Edges of a polygon as numbers in a row: start x and z, run x and z, one over the run squared. */
const edgesOf = once((points: readonly PlanPoint[]): Float64Array => {
  const edges = new Float64Array(points.length * 5);
  for (let i = 0, j = points.length - 1; i < points.length; j = i, i += 1) {
    const [ax, az] = points[j]!;
    const [dx, dz] = [points[i]![0] - ax, points[i]![1] - az];
    edges.set([ax, az, dx, dz, 1 / (dx * dx + dz * dz || 1e-12)], i * 5);
  }
  return edges;
});

/** Distance to the nearest edge of a polygon, negative outside, and the outward direction there. Asked thousands of times while balls are pressed together. */
function nearestEdge(
  points: readonly PlanPoint[],
  x: number,
  z: number,
): { readonly insetCm: number; readonly outward: PlanPoint } {
  const list = edgesOf(points);
  let [least, towardX, towardZ, at] = [Infinity, 0, 1, 0];
  let inside = false;
  for (let i = 0; i < list.length; i += 5) {
    const ax = list[i]!;
    const az = list[i + 1]!;
    const dx = list[i + 2]!;
    const dz = list[i + 3]!;
    if (az > z !== az + dz > z && x < ax + ((z - az) / dz) * dx) inside = !inside;
    let t = ((x - ax) * dx + (z - az) * dz) * list[i + 4]!;
    t = t < 0 ? 0 : t > 1 ? 1 : t;
    const px = ax + dx * t - x;
    const pz = az + dz * t - z;
    const d2 = px * px + pz * pz;
    if (d2 < least) {
      least = d2;
      towardX = px;
      towardZ = pz;
      at = i;
    }
  }
  const d = Math.sqrt(least);
  const way = inside ? 1 : -1;
  if (d > 1e-9) return { insetCm: d * way, outward: [(towardX / d) * way, (towardZ / d) * way] };
  // On the edge itself: square to it.
  const run = Math.sqrt(1 / list[at + 4]!);
  return { insetCm: 0, outward: [list[at + 3]! / run, -list[at + 2]! / run] };
}

const RING_POINTS = 40;
/** Points along each side of a rectangle. */
const SIDE_POINTS = 8;

/** The outer edge as points, from the front leftmost round: a closed line that drawings follow. */
export function outlineOf(section: Section): readonly PlanPoint[] {
  switch (section.kind) {
    case 'disc':
      return Array.from({ length: RING_POINTS }, (_, i) => {
        const angle = (i / RING_POINTS) * Math.PI * 2;
        return [Math.sin(angle) * section.radiusCm, Math.cos(angle) * section.radiusCm] as const;
      });
    case 'rect': {
      const [l, w] = [section.halfLengthCm, section.halfWidthCm];
      const corners: readonly PlanPoint[] = [
        [-l, w],
        [l, w],
        [l, -w],
        [-l, -w],
      ];
      return corners.flatMap(([x, z], i) => {
        const [nx, nz] = corners[(i + 1) % 4]!;
        return Array.from(
          { length: SIDE_POINTS },
          (_, s) => [x + ((nx - x) * s) / SIDE_POINTS, z + ((nz - z) * s) / SIDE_POINTS] as const,
        );
      });
    }
    case 'polygon':
      return section.points;
  }
}

/**
 * Places evenly along the outer edge, from the front (of boxes from its left corner) round.
 * @param phase share of a step by which the first is moved on
 * @param open the outline's last side, from its last point to its first, is left out: a back against a wall
 */
export function edgePlaces(
  section: Section,
  count: number,
  phase: number,
  open: boolean,
): readonly PlanPoint[] {
  if (section.kind === 'disc')
    return Array.from({ length: count }, (_, i) => {
      const angle = ((i + phase) / count) * Math.PI * 2;
      return [Math.sin(angle) * section.radiusCm, Math.cos(angle) * section.radiusCm] as const;
    });
  const points = outlineOf(section);
  const sides = points
    .slice(0, open ? -1 : undefined)
    .map((from, i) => [from, points[(i + 1) % points.length]!] as const);
  const total = sides.reduce((sum, [[ax, az], [bx, bz]]) => sum + Math.hypot(bx - ax, bz - az), 0);
  return Array.from({ length: count }, (_, i) => {
    // Along an open edge the first and last stand off its ends.
    let left = (((i + phase + (open ? 0.25 : 0)) / count) % 1) * total;
    for (const [[ax, az], [bx, bz]] of sides) {
      const length = Math.hypot(bx - ax, bz - az);
      if (left <= length)
        return [ax + ((bx - ax) * left) / length, az + ((bz - az) * left) / length] as const;
      left -= length;
    }
    return points[0]!;
  });
}

/** A section widened by a margin on all sides; narrowed by a negative one. */
export function grown(section: Section, byCm: number): Section {
  switch (section.kind) {
    case 'disc':
      return disc(
        Math.max(0.01, section.radiusCm + byCm),
        section.holeCm > 0 ? Math.max(0, section.holeCm - byCm) : 0,
      );
    case 'rect':
      return rect(
        Math.max(0.01, section.halfLengthCm + byCm),
        Math.max(0.01, section.halfWidthCm + byCm),
        section.slotCm > 0 ? Math.max(0, section.slotCm - byCm) : 0,
      );
    case 'polygon':
      return polygon(grownPolygon(section.points, byCm));
  }
}

/** Each corner moved out along the middle of its two edges' normals, at most twice the margin at sharp ones. */
export function grownPolygon(points: readonly PlanPoint[], byCm: number): readonly PlanPoint[] {
  const way = turnedAreaCm2(points) > 0 ? 1 : -1;
  const n = points.length;
  return points.map(([x, z], i) => {
    const [px, pz] = points[(i + n - 1) % n]!;
    const [qx, qz] = points[(i + 1) % n]!;
    const a = Math.hypot(x - px, z - pz) || 1;
    const b = Math.hypot(qx - x, qz - z) || 1;
    const [ox, oz] = [((z - pz) / a + (qz - z) / b) * way, (-(x - px) / a - (qx - x) / b) * way];
    const length2 = ox * ox + oz * oz;
    const k = (2 * byCm) / Math.max(1, length2);
    return [x + ox * k, z + oz * k] as const;
  });
}

/** Half extents from the middle: across (x) and from front to back (z). */
export function reachOf(section: Section): { readonly acrossCm: number; readonly deepCm: number } {
  switch (section.kind) {
    case 'disc':
      return { acrossCm: section.radiusCm, deepCm: section.radiusCm };
    case 'rect':
      return { acrossCm: section.halfLengthCm, deepCm: section.halfWidthCm };
    case 'polygon':
      return {
        acrossCm: Math.max(...section.points.map(([x]) => Math.abs(x))),
        deepCm: Math.max(...section.points.map(([, z]) => Math.abs(z))),
      };
  }
}

/** Where a section ends on each side, cm from the middle: what is not the same on both sides has no half width. */
export function spanOf(section: Section): {
  readonly leftCm: number;
  readonly rightCm: number;
  readonly backCm: number;
  readonly frontCm: number;
} {
  if (section.kind !== 'polygon') {
    const { acrossCm, deepCm } = reachOf(section);
    return { leftCm: -acrossCm, rightCm: acrossCm, backCm: -deepCm, frontCm: deepCm };
  }
  const [xs, zs] = [section.points.map(([x]) => x), section.points.map(([, z]) => z)];
  return {
    leftCm: Math.min(...xs),
    rightCm: Math.max(...xs),
    backCm: Math.min(...zs),
    frontCm: Math.max(...zs),
  };
}

/** Length of the outer edge, cm. */
export function edgeLengthCm(section: Section): number {
  switch (section.kind) {
    case 'disc':
      return 2 * Math.PI * section.radiusCm;
    case 'rect':
      return 4 * (section.halfLengthCm + section.halfWidthCm);
    case 'polygon':
      return section.points.reduce((sum, [x, z], i) => {
        const [nx, nz] = section.points[(i + 1) % section.points.length]!;
        return sum + Math.hypot(nx - x, nz - z);
      }, 0);
  }
}
