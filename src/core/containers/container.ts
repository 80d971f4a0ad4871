import type * as z from 'zod';
import { clamp, CM3_PER_L } from '../units/units';
import { MATERIALS, MIXES } from './materials';
import type { containerSchema } from './schema';
import { sectionAreaCm2, sectionAt, volumeBelowL, type Section } from './shape';

export type Container = Readonly<z.infer<typeof containerSchema>>;

/** Height of the mix above the inside base, cm. */
export function mixHeightCm(container: Container): number {
  return container.shape.depthCm - container.headspaceCm;
}

/** The mix's surface. */
export function mixSurface(container: Container): Section {
  return sectionAt(container.shape, mixHeightCm(container));
}

/** Area of the mix's surface, cm². */
export function mixAreaCm2(container: Container): number {
  return sectionAreaCm2(mixSurface(container));
}

/** Litres of mix, root balls included. */
export function mixL(container: Container): number {
  return volumeBelowL(container.shape, mixHeightCm(container));
}

/** Litres to the brim. */
export function brimL(container: Container): number {
  return volumeBelowL(container.shape, container.shape.depthCm);
}

/** Rule-of-thumb headspace, cm: 2, or 2.5 for baskets, 3 for pots over 40 cm deep. It is the watering reservoir. */
export function usualHeadspaceCm(shape: Container['shape']): number {
  const usual = shape.kind === 'basket' ? 2.5 : shape.depthCm > 40 ? 3 : 2;
  return clamp(usual, 0.5, shape.depthCm / 3);
}

/** Outside height as seen, cm: the inside depth and the base's thickness. */
export function visibleHeightCm(container: Container): number {
  return container.shape.depthCm + MATERIALS[container.material].wallCm;
}

/** How far leaves may reach past the rim without anyone calling it crowded, cm. Ours. */
const PAST_RIM_CM = 12;

/** Plan area that grown leaves may take: the mix and a hand's breadth past the rim, cm². */
export function growingRoomCm2(container: Container): number {
  const surface = mixSurface(container);
  return sectionAreaCm2(
    surface.kind === 'disc'
      ? { kind: 'disc', radiusCm: surface.radiusCm + PAST_RIM_CM }
      : { kind: 'rect', halfLengthCm: surface.halfLengthCm + PAST_RIM_CM, halfWidthCm: surface.halfWidthCm + PAST_RIM_CM },
  );
}

/** Weights, kg. */
export interface Weight {
  readonly emptyKg: number;
  /** Watered and drained. */
  readonly wateredKg: number;
  /** Every pore full, straight after soaking: what a hook must bear before any allowance. */
  readonly soakedKg: number;
}

/**
 * Weight of a planted container by parts added up. Root balls count as mix.
 * Fresh plant weight = plan area × leaf area index 3 × .45 kg/m² (±50 %).
 */
export function weightOf(container: Container, foliageM2: number): Weight {
  const material = MATERIALS[container.material];
  const emptyKg = wallVolumeL(container) * (material.densityKgM3 / 1000);
  const mix = MIXES[container.mix];
  const plantsKg = foliageM2 * 3 * 0.45;
  const wetKg = emptyKg * (1 + material.uptake) + plantsKg;
  return { emptyKg, wateredKg: wetKg + mixL(container) * mix.capacityKgL, soakedKg: wetKg + mixL(container) * mix.soakedKgL };
}

/** Volume of the wall and base, litres: the inside grown by the wall on all sides, less the inside. The base is as wide outside as the foot of the wall. */
function wallVolumeL({ shape, material }: Container): number {
  const t = MATERIALS[material].wallCm;
  const inner = volumeBelowL(shape, shape.depthCm);
  switch (shape.kind) {
    case 'round': {
      const outer = { ...shape, topCm: shape.topCm + 2 * t, baseCm: shape.baseCm + 2 * t };
      return volumeBelowL(outer, Infinity) + (sectionAreaCm2(sectionAt(outer, 0)) * t) / CM3_PER_L - inner;
    }
    case 'box': {
      const outer = { ...shape, lengthCm: shape.lengthCm + 2 * t, widthCm: shape.widthCm + 2 * t, baseLengthCm: shape.baseLengthCm + 2 * t, baseWidthCm: shape.baseWidthCm + 2 * t };
      return volumeBelowL(outer, Infinity) + (sectionAreaCm2(sectionAt(outer, 0)) * t) / CM3_PER_L - inner;
    }
    case 'basket':
      return volumeBelowL({ ...shape, topCm: shape.topCm + 2 * t, depthCm: shape.depthCm + t }, Infinity) - inner;
  }
}
