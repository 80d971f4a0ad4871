import { clamp } from '../units/units';
import { disc, polygon, polygonAreaCm2, rect, turnedAreaCm2, type PlanPoint } from './section';
import type { Form, Shape } from './form';

export type Built = Omit<Form, 'jutsCm'>;
type Of<K extends Shape['kind']> = Extract<Shape, { kind: K }>;

/** How far below its own rim a tier's mix ends and the next tier stands, cm. */
const TIER_HEADSPACE_CM = 2;
/** Straight pieces in which a curved wall is drawn. */
const CURVE: readonly number[] = [0, 0.04, 0.12, 0.24, 0.4, 0.6, 0.8, 1];

/** Level cuts and litres of each kind of shape, as its measures give them. */
export function build(shape: Shape): Built {
  switch (shape.kind) {
    case 'round':
      return stack([
        { heightCm: 0, widthCm: shape.baseCm },
        { heightCm: shape.depthCm, widthCm: shape.topCm },
      ]);
    case 'cylinder':
      return stack([
        { heightCm: 0, widthCm: shape.topCm },
        { heightCm: shape.depthCm, widthCm: shape.topCm },
      ]);
    case 'cone':
      return stack([
        { heightCm: 0, widthCm: 0 },
        { heightCm: shape.depthCm, widthCm: shape.topCm },
      ]);
    case 'urn':
      return stack(shape.profile);
    case 'bowl':
    case 'basket':
      return cap(shape.topCm / 2, shape.depthCm);
    case 'barrel':
      return barrel(shape);
    case 'square':
      return frustum({
        lengthCm: shape.topCm,
        widthCm: shape.topCm,
        baseLengthCm: shape.baseCm,
        baseWidthCm: shape.baseCm,
        depthCm: shape.depthCm,
      });
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
const cutCone = (d: number, D: number, h: number): number =>
  (Math.PI * h * (d * d + d * D + D * D)) / 12;

/** Round, with straight walls between widths at heights. */
function stack(profile: readonly { readonly heightCm: number; readonly widthCm: number }[]): Built {
  const widthAt = (z: number): number => {
    const i = Math.max(
      1,
      profile.findIndex(({ heightCm }) => heightCm >= z - 1e-9),
    );
    const [low, high] = [profile[i - 1]!, profile[i]!];
    return (
      low.widthCm +
      ((high.widthCm - low.widthCm) * (z - low.heightCm)) / (high.heightCm - low.heightCm)
    );
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
      return section.kind === 'rect' && z < slotHeightCm
        ? rect(section.halfLengthCm, section.halfWidthCm, slotWidthCm / 2)
        : section;
    },
    volumeBelowL: (z) => {
      const h = Math.min(z, slotHeightCm);
      return (
        box.volumeBelowL(z) - (slotWidthCm * h * (l + ((lengthCm - l) * h) / depthCm / 2)) / 1000
      );
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
      return polygon(
        Array.from({ length: HALF_POINTS + 1 }, (_, i): PlanPoint => {
          const angle = -Math.PI / 2 + (i / HALF_POINTS) * Math.PI;
          return [Math.sin(angle) * half * s, -p / 2 + Math.cos(angle) * p * s];
        }),
      );
    },
    volumeBelowL: (z) => (((Math.PI * half * p) / 2) * ((z * z) / c - z ** 3 / (3 * c * c))) / 1000,
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
  const cones = shape.tiers.map(({ topCm, baseCm, depthCm }) =>
    stack([
      { heightCm: 0, widthCm: baseCm },
      { heightCm: depthCm, widthCm: topCm },
    ]),
  );
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
    volumeBelowL: (z) =>
      cones.reduce(
        (sum, cone, i) =>
          sum + (z <= feet[i]! ? 0 : cone.volumeBelowL(Math.min(z, feet[i + 1] ?? z) - feet[i]!)),
        0,
      ),
  };
}

/** A cushion: a rectangle whose edges bulge in half circles as deep as the bag. */
function bag({ lengthCm, widthCm, depthCm }: Of<'bag'>): Built {
  const r = depthCm / 2;
  const [l, w] = [lengthCm / 2 - r, widthCm / 2 - r];
  const bulge = (y: number) => Math.sqrt(Math.max(0, r * r - y * y));
  // ∫4(l+q)(w+q)dy with q = √(r²−y²).
  const until = (y: number) =>
    4 *
    (l * w * y +
      ((l + w) * (y * bulge(y) + r * r * Math.asin(clamp(y / r, -1, 1)))) / 2 +
      r * r * y -
      y ** 3 / 3);
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
    sectionAt: (z) =>
      polygon(
        points.map(([x, y]): PlanPoint => [
          middle[0] + (x - middle[0]) * shareAt(z),
          middle[1] + (y - middle[1]) * shareAt(z),
        ]),
      ),
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
