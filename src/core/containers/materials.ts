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
