import type { Shape } from '@/core/containers/shape';

/** Where a line from back to front at (x, height) runs inside: pairs of z, cm. */
type Runs = readonly (readonly [fromZ: number, toZ: number])[];

const chord = (half: number, x: number): Runs =>
  Math.abs(x) < half ? [[-Math.sqrt(half * half - x * x), Math.sqrt(half * half - x * x)]] : [];

const between = (a: number, b: number, t: number) => a + (b - a) * t;

/**
 * Every shape once more, from what its measures mean and not from the code that is tested: where a line through it lies inside.
 * Volumes are integrated from it and balls are held against it.
 */
export function runsThrough(shape: Shape, x: number, height: number): Runs {
  switch (shape.kind) {
    case 'round':
      return chord(between(shape.baseCm, shape.topCm, height / shape.depthCm) / 2, x);
    case 'cylinder':
      return chord(shape.topCm / 2, x);
    case 'cone':
      return chord((shape.topCm / 2) * (height / shape.depthCm), x);
    case 'bowl':
    case 'basket': {
      // A globe whose lowest point is the base and which passes through the rim.
      const globe = (shape.topCm ** 2 / 4 + shape.depthCm ** 2) / (2 * shape.depthCm);
      return chord(Math.sqrt(Math.max(0, globe ** 2 - (globe - height) ** 2)), x);
    }
    case 'urn': {
      const above = shape.profile.findIndex(({ heightCm }) => heightCm > height);
      const [low, high] = [shape.profile[above - 1]!, shape.profile[above]!];
      return chord(
        between(
          low.widthCm,
          high.widthCm,
          (height - low.heightCm) / (high.heightCm - low.heightCm),
        ) / 2,
        x,
      );
    }
    case 'barrel':
      return chord(
        (shape.topCm - (shape.topCm - shape.baseCm) * (1 - height / shape.depthCm) ** 2) / 2,
        x,
      );
    case 'square': {
      const half = between(shape.baseCm, shape.topCm, height / shape.depthCm) / 2;
      return Math.abs(x) < half ? [[-half, half]] : [];
    }
    case 'box':
    case 'saddle': {
      const t = height / shape.depthCm;
      const half = between(shape.baseWidthCm, shape.widthCm, t) / 2;
      if (Math.abs(x) >= between(shape.baseLengthCm, shape.lengthCm, t) / 2) return [];
      return shape.kind === 'saddle' && height < shape.slotHeightCm
        ? [
            [-half, -shape.slotWidthCm / 2],
            [shape.slotWidthCm / 2, half],
          ]
        : [[-half, half]];
    }
    case 'wall': {
      // A quarter of an egg: (x/a)² + (z/p)² + (down from the rim/depth)² ≤ 1, its back at half the projection behind the middle.
      const left =
        1 - ((shape.depthCm - height) / shape.depthCm) ** 2 - (x / (shape.widthCm / 2)) ** 2;
      return left > 0
        ? [[-shape.projectionCm / 2, shape.projectionCm * Math.sqrt(left) - shape.projectionCm / 2]]
        : [];
    }
    case 'tiered': {
      // Each tier stands on the mix of the one below, 2 cm under its rim.
      let foot = 0;
      for (const [i, tier] of shape.tiers.entries()) {
        const next = foot + tier.depthCm - 2;
        if (height < next || i === shape.tiers.length - 1)
          return chord(between(tier.baseCm, tier.topCm, (height - foot) / tier.depthCm) / 2, x);
        foot = next;
      }
      return [];
    }
    case 'bag': {
      const r = shape.depthCm / 2;
      const past = Math.sqrt(Math.max(0, r * r - (height - r) ** 2)) - r;
      return Math.abs(x) < shape.lengthCm / 2 + past
        ? [[-shape.widthCm / 2 - past, shape.widthCm / 2 + past]]
        : [];
    }
    case 'outline': {
      const at = (height / shape.depthCm) * (shape.shares.length - 1);
      const i = Math.min(shape.shares.length - 2, Math.floor(at));
      const share = between(shape.shares[i]!, shape.shares[i + 1]!, at - i);
      const [mx, mz] = balance(shape.points);
      const points = shape.points.map(
        ([px, pz]) => [mx + (px - mx) * share, mz + (pz - mz) * share] as const,
      );
      const crossings: number[] = [];
      points.forEach(([ax, az], k) => {
        const [bx, bz] = points[(k + 1) % points.length]!;
        if (ax > x !== bx > x) crossings.push(between(az, bz, (x - ax) / (bx - ax)));
      });
      crossings.sort((a, b) => a - b);
      return Array.from(
        { length: crossings.length / 2 },
        (_, k) => [crossings[2 * k]!, crossings[2 * k + 1]!] as const,
      );
    }
  }
}

/** Where a card cut to the outline balances: triangles from its first corner, weighed. */
function balance(points: readonly (readonly [number, number])[]): readonly [number, number] {
  const [ox, oz] = points[0]!;
  let [weight, x, z] = [0, 0, 0];
  for (let i = 1; i + 1 < points.length; i += 1) {
    const [[ax, az], [bx, bz]] = [points[i]!, points[i + 1]!];
    const area = ((ax - ox) * (bz - oz) - (bx - ox) * (az - oz)) / 2;
    weight += area;
    x += (area * (ox + ax + bx)) / 3;
    z += (area * (oz + az + bz)) / 3;
  }
  return [x / weight, z / weight];
}

/** From where to where across the front there is any inside at a height, cm. */
export function acrossAt(shape: Shape, height: number): readonly [fromX: number, toX: number] {
  const most =
    JSON.stringify(shape)
      .match(/-?\d+(\.\d+)?(e-?\d+)?/g)!
      .reduce((best, n) => Math.max(best, Math.abs(Number(n))), 0) * 2.5;
  // Halving between air and inside finds the edge on either side of a line known to lie inside.
  const middle = Array.from(
    { length: 81 },
    (_, i) => (((i % 2 ? 1 : -1) * Math.ceil(i / 2)) / 40) * most,
  ).find((x) => runsThrough(shape, x, height).length > 0);
  if (middle === undefined) return [0, 0];
  const edge = (outside: number): number => {
    let [within, without] = [middle, outside];
    for (let i = 0; i < 26; i += 1) {
      const x = (within + without) / 2;
      if (runsThrough(shape, x, height).length > 0) within = x;
      else without = x;
    }
    return within;
  };
  return [edge(-most), edge(most)];
}

/** Square centimetres at a height, by adding up lines through it. */
export function areaByHand(shape: Shape, height: number, lines: number): number {
  const [from, to] = acrossAt(shape, height);
  let sum = 0;
  for (let j = 0; j < lines; j += 1)
    for (const [back, front] of runsThrough(
      shape,
      from + ((j + 0.5) / lines) * (to - from),
      height,
    ))
      sum += front - back;
  return (sum * (to - from)) / lines;
}

/** Litres from the base to a height, layer by layer. */
export function integratedL(shape: Shape, height: number): number {
  const layers = 400;
  let sum = 0;
  for (let i = 0; i < layers; i += 1) sum += areaByHand(shape, ((i + 0.5) / layers) * height, 32);
  return (sum * height) / layers / 1000;
}

/** Does a point lie inside, give or take so much from back to front? */
export function holdsPoint(
  shape: Shape,
  x: number,
  height: number,
  z: number,
  slackCm = 0,
): boolean {
  return runsThrough(shape, x, height).some(([from, to]) => z > from - slackCm && z < to + slackCm);
}
