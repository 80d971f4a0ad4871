import type * as z from 'zod';
import type { shapeSchema } from './schema';

/**
 * Inside of a container, centimetres. Every answer (volume, plan, elevation, packing) reads the shape through the functions below,
 * so a new shape is one member of the schema and one case in each.
 */
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
