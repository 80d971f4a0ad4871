import { clamp } from '../units/units';
import type * as z from 'zod';
import type { containerFields } from './fields';
import type { Form, Shape } from './form';
import { build, type Built } from './forms';
import { disc, edgeLengthCm, grownPolygon, reachOf, type Section } from './section';
import { once } from '../work/once';

export type { Form, Shape } from './form';

/** The form of a shape; worked out once. */
export const formOf = once((shape: Shape): Form => finished(shape.kind, build(shape)));

function finished(
  kind: Shape['kind'],
  { depthCm, levelsCm, sectionAt, volumeBelowL }: Built,
): Form {
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
  const jutsCm =
    kind === 'saddle'
      ? [levelsCm[1]! - 1e-6]
      : kind === 'tiered'
        ? []
        : levelsCm.filter(
            (level, i) =>
              i > 0 &&
              i < levelsCm.length - 1 &&
              juts(
                levelsCm[i - 1]!,
                level,
                levelsCm[i + 1]!,
                (z) => reachOf(sectionAt(z)).acrossCm,
              ),
          );
  return {
    depthCm,
    levelsCm,
    jutsCm,
    sectionAt: cut,
    volumeBelowL: (z) => volumeBelowL(inside(z)),
  };
}

/** Is the wall at the middle height inside the straight line between the outer two? */
function juts(
  low: number,
  middle: number,
  high: number,
  reach: (heightCm: number) => number,
): boolean {
  return (
    reach(middle) < reach(low) + ((reach(high) - reach(low)) * (middle - low)) / (high - low) - 1e-6
  );
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
      const outer = {
        ...shape,
        lengthCm: wide(shape.lengthCm),
        widthCm: wide(shape.widthCm),
        baseLengthCm: wide(shape.baseLengthCm),
        baseWidthCm: wide(shape.baseWidthCm),
      };
      return outer.kind === 'saddle'
        ? { ...outer, slotWidthCm: Math.max(0.1, outer.slotWidthCm - 2 * cm) }
        : outer;
    }
    case 'bag':
      return { ...shape, lengthCm: wide(shape.lengthCm), widthCm: wide(shape.widthCm) };
    case 'bowl':
    case 'basket':
    case 'cone':
      return { ...shape, topCm: wide(shape.topCm), depthCm: Math.max(1, shape.depthCm + cm) };
    case 'wall':
      return {
        ...shape,
        widthCm: wide(shape.widthCm),
        projectionCm: Math.max(1, shape.projectionCm + cm),
        depthCm: Math.max(1, shape.depthCm + cm),
      };
    case 'urn':
      return {
        ...shape,
        profile: shape.profile.map(({ heightCm, widthCm }) => ({
          heightCm,
          widthCm: wide(widthCm),
        })),
      };
    case 'tiered':
      return {
        ...shape,
        tiers: shape.tiers.map((tier) => ({
          ...tier,
          topCm: wide(tier.topCm),
          baseCm: wide(tier.baseCm),
        })),
      };
    case 'outline':
      return {
        ...shape,
        points: grownPolygon(shape.points, cm).map(([x, z]): [number, number] => [x, z]),
      };
  }
}

/** Is it round below, so that its wall closes it and no base lies flat? */
export function roundBelow(shape: Shape): boolean {
  return (
    shape.kind === 'bowl' ||
    shape.kind === 'basket' ||
    shape.kind === 'wall' ||
    shape.kind === 'cone'
  );
}

/** Made to be hung: a basket on chains, or one on a wall. */
export function isHung(shape: Shape): boolean {
  return shape.kind === 'basket' || shape.kind === 'cone' || shape.kind === 'wall';
}

/** Inside depth, cm. */
export function insideDepthCm(shape: Shape): number {
  return formOf(shape).depthCm;
}

/** Litres inside up to the brim, liner taken off, before anything was poured to measure it. */
export function insideVolumeL({
  shape,
  linerCm,
}: Pick<z.infer<typeof containerFields>, 'shape' | 'linerCm'>): number {
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
  return shape.kind === 'tiered'
    ? disc(shape.tiers[0]!.topCm / 2)
    : sectionAt(shape, insideDepthCm(shape));
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

/**
 * The same shape larger or smaller in every direction: whatever is measured in centimetres grows,
 * shares of the outline stay. Measures are rounded to a millimetre. What comes out may pass the limits of a shape that can be kept.
 * @param factor above 0; 1 leaves it as it is
 * @throws {RangeError} when the factor is not above 0
 */
export function enlarged(shape: Shape, factor: number): Shape {
  if (!(factor > 0)) throw new RangeError(`A shape grows by a factor above 0; got ${factor}.`);
  return grownBy(shape, factor) as Shape;
}

/** Lists of a shape that hold centimetres without saying so in each of their names. */
const LENGTHS = ['points'];

function grownBy(value: unknown, factor: number, measured = false): unknown {
  if (typeof value === 'number') return measured ? Math.round(value * factor * 10) / 10 : value;
  if (Array.isArray(value)) return value.map((one) => grownBy(one, factor, measured));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, one]) => [
      key,
      grownBy(one, factor, key.endsWith('Cm') || LENGTHS.includes(key)),
    ]),
  );
}
