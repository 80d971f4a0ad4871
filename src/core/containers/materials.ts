/** Materials with wall density, usual wall and water uptake; see {@link MATERIALS}. */
export const MATERIAL_IDS = [
  'terracotta',
  'glazed',
  'plastic',
  'fibreglass',
  'concrete',
  'fibre clay',
  'stone',
  'metal',
  'aluminium',
  'steel',
  'softwood',
  'oak',
  'fabric',
  'coir',
] as const;
export type MaterialId = (typeof MATERIAL_IDS)[number];

/** Whether wet walls crack when they freeze, unless sold as standing frost. */
export type FrostRisk = 'cracks' | 'may crack' | 'stands';

export interface Material {
  readonly densityKgM3: number;
  /** Usual wall, cm, and its range. */
  readonly wallCm: number;
  readonly wallRangeCm: readonly [least: number, most: number];
  /** Water taken into the wall, kg per kg of wall. */
  readonly uptake: number;
  readonly frost: FrostRisk;
  /** Lets water and heat through its sides: dries sooner and keeps roots cooler by drying. */
  readonly porous: boolean;
  /** How well the wall keeps heat from passing, 0 (metal) to 1 (thick timber): a rank, ours. */
  readonly keepsHeat: number;
}

/**
 * Wall densities and uptakes are handbook means; real pots differ by ±30 % (rim, foot), so a weighed value
 * always wins. Coir stands for a wire basket with its liner.
 */
export const MATERIALS: Readonly<Record<MaterialId, Material>> = {
  terracotta: {
    densityKgM3: 1850,
    wallCm: 1.2,
    wallRangeCm: [0.8, 2],
    uptake: 0.12,
    frost: 'cracks',
    porous: true,
    keepsHeat: 0.4,
  },
  glazed: {
    densityKgM3: 2200,
    wallCm: 1.2,
    wallRangeCm: [0.8, 2],
    uptake: 0.04,
    frost: 'may crack',
    porous: false,
    keepsHeat: 0.35,
  },
  plastic: {
    densityKgM3: 920,
    wallCm: 0.25,
    wallRangeCm: [0.15, 0.4],
    uptake: 0,
    frost: 'stands',
    porous: false,
    keepsHeat: 0.2,
  },
  fibreglass: {
    densityKgM3: 1700,
    wallCm: 0.45,
    wallRangeCm: [0.3, 0.6],
    uptake: 0,
    frost: 'stands',
    porous: false,
    keepsHeat: 0.25,
  },
  concrete: {
    densityKgM3: 2350,
    wallCm: 3,
    wallRangeCm: [2.5, 5],
    uptake: 0.05,
    frost: 'may crack',
    porous: false,
    keepsHeat: 0.45,
  },
  'fibre clay': {
    densityKgM3: 1600,
    wallCm: 1.1,
    wallRangeCm: [0.8, 1.5],
    uptake: 0.12,
    frost: 'may crack',
    porous: true,
    keepsHeat: 0.4,
  },
  stone: {
    densityKgM3: 2400,
    wallCm: 4,
    wallRangeCm: [3, 10],
    uptake: 0.03,
    frost: 'may crack',
    porous: false,
    keepsHeat: 0.5,
  },
  metal: {
    densityKgM3: 7140,
    wallCm: 0.12,
    wallRangeCm: [0.07, 0.3],
    uptake: 0,
    frost: 'stands',
    porous: false,
    keepsHeat: 0,
  },
  aluminium: {
    densityKgM3: 2700,
    wallCm: 0.2,
    wallRangeCm: [0.1, 0.4],
    uptake: 0,
    frost: 'stands',
    porous: false,
    keepsHeat: 0,
  },
  steel: {
    densityKgM3: 7850,
    wallCm: 0.2,
    wallRangeCm: [0.07, 0.3],
    uptake: 0,
    frost: 'stands',
    porous: false,
    keepsHeat: 0,
  },
  softwood: {
    densityKgM3: 450,
    wallCm: 2,
    wallRangeCm: [1.5, 2.8],
    uptake: 0.35,
    frost: 'stands',
    porous: false,
    keepsHeat: 1,
  },
  oak: {
    densityKgM3: 700,
    wallCm: 2.4,
    wallRangeCm: [1.5, 3],
    uptake: 0.25,
    frost: 'stands',
    porous: false,
    keepsHeat: 1,
  },
  fabric: {
    densityKgM3: 250,
    wallCm: 0.3,
    wallRangeCm: [0.1, 0.6],
    uptake: 1.5,
    frost: 'stands',
    porous: true,
    keepsHeat: 0.1,
  },
  coir: {
    densityKgM3: 250,
    wallCm: 1.2,
    wallRangeCm: [0.8, 2.5],
    uptake: 1.5,
    frost: 'stands',
    porous: true,
    keepsHeat: 0.3,
  },
};
