import { z } from 'zod';

/**
 * Inside dimensions of a container, centimetres. Every answer (volume, plan, elevation, packing) reads the
 * shape through the functions below, so a new shape is one member here and one case in each.
 */
const cm = (label: string, least: number, most: number) =>
  z
    .number({ error: (issue) => `${label} must be a number of centimetres; got ${String(issue.input)}.` })
    .refine((v) => Number.isFinite(v) && v >= least && v <= most, {
      error: (issue) => `${label} must be ${least}–${most} cm; got ${String(issue.input)}.`,
    });

export const roundShape = z.object({
  kind: z.literal('round'),
  topCm: cm('Inner top width', 5, 200),
  baseCm: cm('Inner base width', 3, 200),
  depthCm: cm('Inner depth', 5, 200),
});

export const boxShape = z.object({
  kind: z.literal('box'),
  lengthCm: cm('Inner length', 10, 400),
  widthCm: cm('Inner width', 8, 200),
  baseLengthCm: cm('Inner base length', 8, 400),
  baseWidthCm: cm('Inner base width', 5, 200),
  depthCm: cm('Inner depth', 5, 200),
});

export const basketShape = z.object({
  kind: z.literal('basket'),
  topCm: cm('Inner top width', 15, 100),
  depthCm: cm('Inner depth', 8, 60),
});

export const shapeSchema = z
  .discriminatedUnion('kind', [roundShape, boxShape, basketShape], {
    error: 'Container shape must be one of round, box, basket.',
  })
  .superRefine((shape, context) => {
    const fault = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message });
    if (shape.kind === 'round' && shape.baseCm > shape.topCm * 1.6)
      fault('baseCm', `Inner base width must be at most 1.6 times the top (${shape.topCm} cm); got ${shape.baseCm}.`);
    if (shape.kind === 'box' && shape.baseLengthCm > shape.lengthCm)
      fault('baseLengthCm', `Inner base length must not pass the top length (${shape.lengthCm} cm); got ${shape.baseLengthCm}.`);
    if (shape.kind === 'box' && shape.baseWidthCm > shape.widthCm)
      fault('baseWidthCm', `Inner base width must not pass the top width (${shape.widthCm} cm); got ${shape.baseWidthCm}.`);
    if (shape.kind === 'basket' && shape.depthCm > shape.topCm / 2 + 1e-9)
      fault('depthCm', `A bowl-shaped basket is at most half as deep as wide (${shape.topCm / 2} cm); got ${shape.depthCm}.`);
  });

export type Shape = Readonly<z.infer<typeof shapeSchema>>;

/** A level cut through the inside. Plan axes: x right, z toward the viewer, both from the middle. */
export type Section =
  | { readonly kind: 'disc'; readonly radiusCm: number }
  | { readonly kind: 'rect'; readonly halfLengthCm: number; readonly halfWidthCm: number };

/** The bowl's sphere radius: R = (r² + a²) / 2a. */
function bowlRadiusCm(shape: Extract<Shape, { kind: 'basket' }>): number {
  const r = shape.topCm / 2;
  return (r * r + shape.depthCm * shape.depthCm) / (2 * shape.depthCm);
}

/** The inside at a height above the inside base, 0 to the depth. */
export function sectionAt(shape: Shape, heightCm: number): Section {
  const z = Math.max(0, Math.min(shape.depthCm, heightCm));
  const t = z / shape.depthCm;
  switch (shape.kind) {
    case 'round':
      return { kind: 'disc', radiusCm: (shape.baseCm + (shape.topCm - shape.baseCm) * t) / 2 };
    case 'box':
      return {
        kind: 'rect',
        halfLengthCm: (shape.baseLengthCm + (shape.lengthCm - shape.baseLengthCm) * t) / 2,
        halfWidthCm: (shape.baseWidthCm + (shape.widthCm - shape.baseWidthCm) * t) / 2,
      };
    case 'basket': {
      const R = bowlRadiusCm(shape);
      return { kind: 'disc', radiusCm: Math.sqrt(Math.max(0, z * (2 * R - z))) };
    }
  }
}

/** Area of a section, cm². */
export function sectionAreaCm2(section: Section): number {
  return section.kind === 'disc' ? Math.PI * section.radiusCm ** 2 : 4 * section.halfLengthCm * section.halfWidthCm;
}

/**
 * Volume below a height above the inside base, litres. Closed forms: cone frustum, prismatoid, spherical cap.
 */
export function volumeBelowL(shape: Shape, heightCm: number): number {
  const z = Math.max(0, Math.min(shape.depthCm, heightCm));
  switch (shape.kind) {
    case 'round': {
      const top = 2 * (sectionAt(shape, z) as Extract<Section, { kind: 'disc' }>).radiusCm;
      const base = shape.baseCm;
      return (Math.PI * z * (base * base + base * top + top * top)) / 12000;
    }
    case 'box': {
      const at = sectionAt(shape, z) as Extract<Section, { kind: 'rect' }>;
      const [l, w, L, W] = [shape.baseLengthCm, shape.baseWidthCm, at.halfLengthCm * 2, at.halfWidthCm * 2];
      return (z / 6000) * (l * w + L * W + (l + L) * (w + W));
    }
    case 'basket':
      return (Math.PI * z * z * (3 * bowlRadiusCm(shape) - z)) / 3000;
  }
}

/** Length of the inside rim, cm. */
export function rimLengthCm(shape: Shape): number {
  return shape.kind === 'box' ? 2 * (shape.lengthCm + shape.widthCm) : Math.PI * shape.topCm;
}

/** Half the greatest width across the front, cm. */
export function halfFrontCm(shape: Shape): number {
  return shape.kind === 'box' ? shape.lengthCm / 2 : shape.topCm / 2;
}

/** Half the greatest extent from front to back, cm. */
export function halfDepthCm(shape: Shape): number {
  return shape.kind === 'box' ? shape.widthCm / 2 : shape.topCm / 2;
}

/**
 * How far inside a section's edge a point lies, cm: the room a ball's edge may use there.
 * @returns negative outside
 */
export function insetCm(section: Section, xCm: number, zCm: number): number {
  return section.kind === 'disc'
    ? section.radiusCm - Math.hypot(xCm, zCm)
    : Math.min(section.halfLengthCm - Math.abs(xCm), section.halfWidthCm - Math.abs(zCm));
}
