import { z } from 'zod';
import { colourSchema } from '../colour/schema';
import { clamp, CM3_PER_L } from '../units/units';
import { sectionAreaCm2, sectionAt, shapeSchema, volumeBelowL, type Section } from './shape';

/** Materials with wall density, usual wall and water uptake; see {@link MATERIALS}. */
export const MATERIAL_IDS = ['terracotta', 'glazed', 'plastic', 'fibreglass', 'concrete', 'stone', 'metal', 'softwood', 'oak', 'coir'] as const;
export type MaterialId = (typeof MATERIAL_IDS)[number];

export interface Material {
  readonly densityKgM3: number;
  readonly wallCm: number;
  /** Water taken into the wall, kg per kg of wall. */
  readonly uptake: number;
  /** May crack when wet walls freeze. */
  readonly frostTender: boolean;
}

/**
 * Wall densities and uptakes are handbook means; real pots differ by ±30 % (rim, foot), so a weighed value
 * always wins. Coir stands for a wire basket with its liner.
 */
export const MATERIALS: Readonly<Record<MaterialId, Material>> = {
  terracotta: { densityKgM3: 1850, wallCm: 1.2, uptake: 0.12, frostTender: true },
  glazed: { densityKgM3: 2200, wallCm: 1.2, uptake: 0.04, frostTender: true },
  plastic: { densityKgM3: 920, wallCm: 0.25, uptake: 0, frostTender: false },
  fibreglass: { densityKgM3: 1700, wallCm: 0.45, uptake: 0, frostTender: false },
  concrete: { densityKgM3: 2350, wallCm: 3, uptake: 0.05, frostTender: false },
  stone: { densityKgM3: 2400, wallCm: 4, uptake: 0.03, frostTender: false },
  metal: { densityKgM3: 7140, wallCm: 0.12, uptake: 0, frostTender: false },
  softwood: { densityKgM3: 450, wallCm: 2, uptake: 0.35, frostTender: false },
  oak: { densityKgM3: 700, wallCm: 2.4, uptake: 0.25, frostTender: false },
  coir: { densityKgM3: 250, wallCm: 1.2, uptake: 1.5, frostTender: false },
};

export const MIX_IDS = ['peat-free', 'loam-based', 'gritty'] as const;
export type MixId = (typeof MIX_IDS)[number];

/** Density at container capacity and with all pores full, kg/L (Handreck & Black; Raviv & Lieth). */
export const MIXES: Readonly<Record<MixId, { readonly capacityKgL: number; readonly soakedKgL: number }>> = {
  'peat-free': { capacityKgL: 0.77, soakedKgL: 1.08 },
  'loam-based': { capacityKgL: 1.37, soakedKgL: 1.56 },
  gritty: { capacityKgL: 1.23, soakedKgL: 1.5 },
};

export const containerSchema = z.object({
  name: z.string().trim().min(1, 'Container name must not be empty.').max(80, 'Container name must be at most 80 letters.'),
  shape: shapeSchema,
  material: z.enum(MATERIAL_IDS, { error: (issue) => `Container material must be one of ${MATERIAL_IDS.join(', ')}; got ${String(issue.input)}.` }),
  colour: colourSchema,
  drainHoles: z.number().int('Drain holes must be a whole number.').min(0, 'Drain holes must be 0 or more.').max(60, 'Drain holes must be at most 60.'),
  headspaceCm: z.number().min(0.5, 'Headspace must be at least 0.5 cm.').max(10, 'Headspace must be at most 10 cm.'),
  mix: z.enum(MIX_IDS),
}).superRefine((container, context) => {
  if (container.headspaceCm > container.shape.depthCm / 2)
    context.addIssue({ code: 'custom', path: ['headspaceCm'], message: `Headspace must leave at least half the depth (${container.shape.depthCm} cm) for mix; got ${container.headspaceCm}.` });
});
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
