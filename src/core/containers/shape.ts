import type * as z from 'zod';
import { clamp } from '../units/units';
import type { containerSchema, shapeSchema } from './schema';
import { disc, edgeLengthCm, grownPolygon, polygon, polygonAreaCm2, reachOf, rect, turnedAreaCm2, type PlanPoint, type Section } from './section';

/**
 * Inside of a container, centimetres, as it was measured. Every answer (volume, plan, elevation, packing) reads it through its form,
 * so a new shape is one member of the schema, one case in {@link formOf} and one in {@link offset}.
 */
export type Shape = Readonly<z.infer<typeof shapeSchema>>;
type Of<K extends Shape['kind']> = Extract<Shape, { kind: K }>;

/** A shape as level cuts. Heights are above the inside base, 0 to the depth; outside that the nearest counts. */
export interface Form {
  readonly depthCm: number;
  /** Heights at which the wall bends or steps, from 0 to the depth: what a drawing joins by straight lines. */
  readonly levelsCm: readonly number[];
  readonly sectionAt: (heightCm: number) => Section;
  /** Heights at which the wall juts inward, as a neck or a slot does: straight and bulging walls have none. */
  readonly jutsCm: readonly number[];
  /** Volume below a height, litres, in closed form. */
  readonly volumeBelowL: (heightCm: number) => number;
}

/** How far below its own rim a tier's mix ends and the next tier stands, cm. */
const TIER_HEADSPACE_CM = 2;
/** Straight pieces in which a curved wall is drawn. */
const CURVE: readonly number[] = [0, 0.04, 0.12, 0.24, 0.4, 0.6, 0.8, 1];

const forms = new WeakMap<Shape, Form>();

/** The form of a shape; worked out once. */
export function formOf(shape: Shape): Form {
  let form = forms.get(shape);
  if (!form) forms.set(shape, (form = finished(shape.kind, build(shape))));
  return form;
}

type Built = Omit<Form, 'jutsCm'>;

function finished(kind: Shape['kind'], { depthCm, levelsCm, sectionAt, volumeBelowL }: Built): Form {
  const inside = (heightCm: number) => clamp(heightCm, 0, depthCm);
  // Packing and trailing ask for the same few cuts thousands of times.
  const held = new Map<number, Section>();
  const cut = (heightCm: number): Section => {
    const z = inside(heightCm);
    let section = held.get(z);
    if (!section) {
      if (held.size >= 256) held.clear();
      held.set(z, (section = sectionAt(z)));
    }
    return section;
  };
  // A slot is met just under its top, where the ball is widest. Tiers stand on one another: their steps are not necks.
  const jutsCm = kind === 'saddle' ? [levelsCm[1]! - 1e-6] : kind === 'tiered' ? [] : levelsCm.filter((level, i) => i > 0 && i < levelsCm.length - 1 && juts(levelsCm[i - 1]!, level, levelsCm[i + 1]!, (z) => reachOf(sectionAt(z)).acrossCm));
  return { depthCm, levelsCm, jutsCm, sectionAt: cut, volumeBelowL: (z) => volumeBelowL(inside(z)) };
}

/** Is the wall at the middle height inside the straight line between the outer two? */
function juts(low: number, middle: number, high: number, reach: (heightCm: number) => number): boolean {
  return reach(middle) < reach(low) + ((reach(high) - reach(low)) * (middle - low)) / (high - low) - 1e-6;
}

function build(shape: Shape): Built {
  switch (shape.kind) {
    case 'round':
      return stack([{ heightCm: 0, widthCm: shape.baseCm }, { heightCm: shape.depthCm, widthCm: shape.topCm }]);
    case 'cylinder':
      return stack([{ heightCm: 0, widthCm: shape.topCm }, { heightCm: shape.depthCm, widthCm: shape.topCm }]);
    case 'cone':
      return stack([{ heightCm: 0, widthCm: 0 }, { heightCm: shape.depthCm, widthCm: shape.topCm }]);
    case 'urn':
      return stack(shape.profile);
    case 'bowl':
    case 'basket':
      return cap(shape.topCm / 2, shape.depthCm);
    case 'barrel':
      return barrel(shape);
    case 'square':
      return frustum({ lengthCm: shape.topCm, widthCm: shape.topCm, baseLengthCm: shape.baseCm, baseWidthCm: shape.baseCm, depthCm: shape.depthCm });
    case 'box':
      return frustum(shape);
    case 'saddle':
      return saddle(shape);
    case 'wall':
      return wallBasket(shape);
    case 'tiered':
      return tiered(shape);
    case 'bag':
      return bag(shape);
    case 'outline':
      return outlined(shape);
  }
}

/** Volume of a cut cone, cm³. */
const cutCone = (d: number, D: number, h: number): number => (Math.PI * h * (d * d + d * D + D * D)) / 12;

/** Round, with straight walls between widths at heights. */
function stack(profile: readonly { readonly heightCm: number; readonly widthCm: number }[]): Built {
  const widthAt = (z: number): number => {
    const i = Math.max(1, profile.findIndex(({ heightCm }) => heightCm >= z - 1e-9));
    const [low, high] = [profile[i - 1]!, profile[i]!];
    return low.widthCm + ((high.widthCm - low.widthCm) * (z - low.heightCm)) / (high.heightCm - low.heightCm);
  };
  return {
    depthCm: profile[profile.length - 1]!.heightCm,
    levelsCm: profile.map(({ heightCm }) => heightCm),
    sectionAt: (z) => disc(widthAt(z) / 2),
    volumeBelowL: (z) => {
      let sum = 0;
      for (let i = 1; i < profile.length && profile[i - 1]!.heightCm < z; i += 1) {
        const [low, high] = [profile[i - 1]!, profile[i]!];
        const to = Math.min(z, high.heightCm);
        sum += cutCone(low.widthCm, widthAt(to), to - low.heightCm);
      }
      return sum / 1000;
    },
  };
}

/** Part of a ball: R = (r² + a²) / 2a; volume πz²(3R − z)/3. */
function cap(r: number, depthCm: number): Built {
  const R = (r * r + depthCm * depthCm) / (2 * depthCm);
  return {
    depthCm,
    levelsCm: CURVE.map((t) => t * depthCm),
    sectionAt: (z) => disc(Math.sqrt(Math.max(0, z * (2 * R - z)))),
    volumeBelowL: (z) => (Math.PI * z * z * (3 * R - z)) / 3000,
  };
}

/** A barrel cut at its belly: width T − d(1 − z/h)², upright at the rim. */
function barrel({ topCm: T, baseCm, depthCm: h }: Of<'barrel'>): Built {
  const d = T - baseCm;
  return {
    depthCm: h,
    levelsCm: [0, 0.25, 0.5, 0.75, 1].map((t) => t * h),
    sectionAt: (z) => disc((T - d * (1 - z / h) ** 2) / 2),
    volumeBelowL: (z) => {
      const below = (u: number) => T * T * u - (2 * T * d * u ** 3) / 3 + (d * d * u ** 5) / 5;
      return ((Math.PI / 4) * h * (below(1) - below(1 - z / h))) / 1000;
    },
  };
}

interface Frustum {
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly baseLengthCm: number;
  readonly baseWidthCm: number;
  readonly depthCm: number;
}

/** Four straight walls; a prismatoid. */
function frustum({ lengthCm, widthCm, baseLengthCm: l, baseWidthCm: w, depthCm }: Frustum): Built {
  const lengthAt = (z: number) => l + ((lengthCm - l) * z) / depthCm;
  const widthAt = (z: number) => w + ((widthCm - w) * z) / depthCm;
  return {
    depthCm,
    levelsCm: [0, depthCm],
    sectionAt: (z) => rect(lengthAt(z) / 2, widthAt(z) / 2),
    volumeBelowL: (z) => {
      const [L, W] = [lengthAt(z), widthAt(z)];
      return (z / 6000) * (l * w + L * W + (l + L) * (w + W));
    },
  };
}

function saddle(shape: Of<'saddle'>): Built {
  const box = frustum(shape);
  const { slotWidthCm, slotHeightCm, baseLengthCm: l, lengthCm, depthCm } = shape;
  return {
    depthCm,
    levelsCm: [0, slotHeightCm, depthCm],
    sectionAt: (z) => {
      const section = box.sectionAt(z);
      return section.kind === 'rect' && z < slotHeightCm ? rect(section.halfLengthCm, section.halfWidthCm, slotWidthCm / 2) : section;
    },
    volumeBelowL: (z) => {
      const h = Math.min(z, slotHeightCm);
      return box.volumeBelowL(z) - (slotWidthCm * h * (l + ((lengthCm - l) * h) / depthCm / 2)) / 1000;
    },
  };
}

/** Points in which half an ellipse is drawn and packed. */
const HALF_POINTS = 28;

/** A quarter ellipsoid against a wall: half ellipses, flat at the back. The middle of the plan is half the projection before the wall. */
function wallBasket({ widthCm, projectionCm: p, depthCm: c }: Of<'wall'>): Built {
  const half = widthCm / 2;
  return {
    depthCm: c,
    levelsCm: CURVE.map((t) => t * c),
    sectionAt: (z) => {
      const s = Math.sqrt(Math.max(1e-6, 1 - ((c - z) / c) ** 2));
      return polygon(Array.from({ length: HALF_POINTS + 1 }, (_, i): PlanPoint => {
        const angle = -Math.PI / 2 + (i / HALF_POINTS) * Math.PI;
        return [Math.sin(angle) * half * s, -p / 2 + Math.cos(angle) * p * s];
      }));
    },
    volumeBelowL: (z) => ((Math.PI * half * p) / 2) * ((z * z) / c - z ** 3 / (3 * c * c)) / 1000,
  };
}

/** Heights at which the tiers stand, lowest first. */
export function tierFeetCm({ tiers }: Of<'tiered'>): readonly number[] {
  let at = 0;
  return tiers.map(({ depthCm }) => {
    const foot = at;
    at += depthCm - TIER_HEADSPACE_CM;
    return foot;
  });
}

function tiered(shape: Of<'tiered'>): Built {
  const feet = tierFeetCm(shape);
  const cones = shape.tiers.map(({ topCm, baseCm, depthCm }) => stack([{ heightCm: 0, widthCm: baseCm }, { heightCm: depthCm, widthCm: topCm }]));
  const last = cones.length - 1;
  const depthCm = feet[last]! + cones[last]!.depthCm;
  const tierAt = (z: number) => {
    let i = last;
    while (i > 0 && z < feet[i]!) i -= 1;
    return i;
  };
  return {
    depthCm,
    levelsCm: feet.flatMap((foot, i) => (i === 0 ? [0] : [foot - 1e-6, foot])).concat(depthCm),
    sectionAt: (z) => cones[tierAt(z)]!.sectionAt(z - feet[tierAt(z)]!),
    volumeBelowL: (z) => cones.reduce((sum, cone, i) => sum + (z <= feet[i]! ? 0 : cone.volumeBelowL(Math.min(z, feet[i + 1] ?? z) - feet[i]!)), 0),
  };
}

/** A cushion: a rectangle whose edges bulge in half circles as deep as the bag. */
function bag({ lengthCm, widthCm, depthCm }: Of<'bag'>): Built {
  const r = depthCm / 2;
  const [l, w] = [lengthCm / 2 - r, widthCm / 2 - r];
  const bulge = (y: number) => Math.sqrt(Math.max(0, r * r - y * y));
  // ∫4(l+q)(w+q)dy with q = √(r²−y²).
  const until = (y: number) => 4 * (l * w * y + ((l + w) * (y * bulge(y) + r * r * Math.asin(clamp(y / r, -1, 1)))) / 2 + r * r * y - y ** 3 / 3);
  return {
    depthCm,
    levelsCm: [0, 0.08, 0.25, 0.5, 0.75, 0.92, 1].map((t) => t * depthCm),
    sectionAt: (z) => rect(Math.max(0.01, l + bulge(z - r)), Math.max(0.01, w + bulge(z - r))),
    volumeBelowL: (z) => (until(z - r) - until(-r)) / 1000,
  };
}

function outlined({ points, shares, depthCm }: Of<'outline'>): Built {
  const middle = middleOf(points);
  const area = polygonAreaCm2(points);
  const step = depthCm / (shares.length - 1);
  const shareAt = (z: number) => {
    const i = Math.min(shares.length - 2, Math.floor(z / step));
    return shares[i]! + (shares[i + 1]! - shares[i]!) * (z / step - i);
  };
  return {
    depthCm,
    levelsCm: shares.map((_, i) => i * step),
    sectionAt: (z) => polygon(points.map(([x, y]): PlanPoint => [middle[0] + (x - middle[0]) * shareAt(z), middle[1] + (y - middle[1]) * shareAt(z)])),
    volumeBelowL: (z) => {
      let sum = 0;
      for (let i = 0; i < shares.length - 1 && i * step < z; i += 1) {
        const to = Math.min(z, (i + 1) * step);
        const [low, high] = [shares[i]!, shareAt(Math.min(to, (i + 1) * step - 1e-9))];
        sum += ((to - i * step) * area * (low * low + low * high + high * high)) / 3;
      }
      return sum / 1000;
    },
  };
}

/** Middle of the area of a polygon. */
function middleOf(points: readonly PlanPoint[]): PlanPoint {
  let [x, z] = [0, 0];
  points.forEach(([px, pz], i) => {
    const [qx, qz] = points[(i + 1) % points.length]!;
    const cross = px * qz - qx * pz;
    x += (px + qx) * cross;
    z += (pz + qz) * cross;
  });
  const six = 6 * turnedAreaCm2(points);
  return [x / six, z / six];
}

/** A shape with its walls moved outward by so many cm (inward when negative). What is round below grows downward too. */
export function offset(shape: Shape, cm: number): Shape {
  const wide = (value: number) => Math.max(0.5, value + 2 * cm);
  switch (shape.kind) {
    case 'round':
    case 'square':
    case 'barrel':
      return { ...shape, topCm: wide(shape.topCm), baseCm: wide(shape.baseCm) };
    case 'cylinder':
      return { ...shape, topCm: wide(shape.topCm) };
    case 'box':
    case 'saddle': {
      const outer = { ...shape, lengthCm: wide(shape.lengthCm), widthCm: wide(shape.widthCm), baseLengthCm: wide(shape.baseLengthCm), baseWidthCm: wide(shape.baseWidthCm) };
      return outer.kind === 'saddle' ? { ...outer, slotWidthCm: Math.max(0.1, outer.slotWidthCm - 2 * cm) } : outer;
    }
    case 'bag':
      return { ...shape, lengthCm: wide(shape.lengthCm), widthCm: wide(shape.widthCm) };
    case 'bowl':
    case 'basket':
    case 'cone':
      return { ...shape, topCm: wide(shape.topCm), depthCm: Math.max(1, shape.depthCm + cm) };
    case 'wall':
      return { ...shape, widthCm: wide(shape.widthCm), projectionCm: Math.max(1, shape.projectionCm + cm), depthCm: Math.max(1, shape.depthCm + cm) };
    case 'urn':
      return { ...shape, profile: shape.profile.map(({ heightCm, widthCm }) => ({ heightCm, widthCm: wide(widthCm) })) };
    case 'tiered':
      return { ...shape, tiers: shape.tiers.map((tier) => ({ ...tier, topCm: wide(tier.topCm), baseCm: wide(tier.baseCm) })) };
    case 'outline':
      return { ...shape, points: grownPolygon(shape.points, cm).map(([x, z]): [number, number] => [x, z]) };
  }
}

/** Is it round below, so that its wall closes it and no base lies flat? */
export function roundBelow(shape: Shape): boolean {
  return shape.kind === 'bowl' || shape.kind === 'basket' || shape.kind === 'wall' || shape.kind === 'cone';
}

/** Made to be hung: a basket on chains, or one on a wall. */
export function isHung(shape: Shape): boolean {
  return shape.kind === 'basket' || shape.kind === 'cone' || shape.kind === 'wall';
}

/** Inside depth, cm. */
export function depthOf(shape: Shape): number {
  return formOf(shape).depthCm;
}

/** Litres inside up to the brim, liner taken off, before anything was poured to measure it. */
export function insideVolumeL({ shape, linerCm }: Pick<z.infer<typeof containerSchema>, 'shape' | 'linerCm'>): number {
  const form = formOf(linerCm > 0 ? offset(shape, -linerCm) : shape);
  return form.volumeBelowL(form.depthCm);
}

/** The inside at a height above the inside base, 0 to the depth. */
export function sectionAt(shape: Shape, heightCm: number): Section {
  return formOf(shape).sectionAt(heightCm);
}

/** The edge that is seen from above: the rim; of tiers that of the lowest; of a bag, which bulges, its widest. */
export function rimSection(shape: Shape): Section {
  if (shape.kind === 'bag') return sectionAt(shape, shape.depthCm / 2);
  return shape.kind === 'tiered' ? disc(shape.tiers[0]!.topCm / 2) : sectionAt(shape, depthOf(shape));
}

/** Length of the inside rim, cm. */
export function rimLengthCm(shape: Shape): number {
  return edgeLengthCm(rimSection(shape));
}

/** Half the greatest width across the front, cm. */
export function halfFrontCm(shape: Shape): number {
  return Math.max(...formOf(shape).levelsCm.map((z) => reachOf(sectionAt(shape, z)).acrossCm));
}

/** Half the greatest extent from front to back, cm. */
export function halfDepthCm(shape: Shape): number {
  return Math.max(...formOf(shape).levelsCm.map((z) => reachOf(sectionAt(shape, z)).deepCm));
}
