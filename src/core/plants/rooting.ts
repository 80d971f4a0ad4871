import type { PlantKind } from './kind';
import { middle } from './kind';

/** Depth of mix a kind wants for a season, cm, by its way of growing. Rules of thumb from common practice; roots manage with less when watered and fed often. */
export function depthWantedCm(kind: PlantKind): number {
  const height = middle(kind.heightCm);
  switch (kind.cycle) {
    case 'succulent':
    case 'desert succulent':
      return 8;
    case 'bulb':
      return 15;
    case 'annual':
    case 'biennial':
    case 'tender perennial':
      if (kind.fruit && height > 45) return 28;
      return height > 90 ? 25 : height > 40 ? 18 : 12;
    case 'perennial':
      return height > 90 ? 30 : height > 40 ? 22 : 15;
    case 'shrub':
    case 'tender shrub':
      return height > 120 ? 40 : height > 50 ? 30 : 20;
  }
}

/** What a kind makes of a depth of mix: roots well, makes do with more watering, or had better not be planted. */
export function rootsIn(kind: PlantKind, mixDepthCm: number): 'well' | 'makes do' | 'too shallow' {
  const wanted = depthWantedCm(kind);
  return mixDepthCm >= wanted ? 'well' : mixDepthCm >= wanted * 0.65 ? 'makes do' : 'too shallow';
}

/** Genera that yellow in limy mixes and want an acid one. */
const LIME_HATERS: ReadonlySet<string> = new Set([
  'Calluna',
  'Camellia',
  'Enkianthus',
  'Erica',
  'Fothergilla',
  'Gaultheria',
  'Kalmia',
  'Leucothoe',
  'Lithodora',
  'Pieris',
  'Rhododendron',
  'Skimmia',
  'Vaccinium',
]);

export function hatesLime(kind: Pick<PlantKind, 'botanical'>): boolean {
  return LIME_HATERS.has(kind.botanical.split(' ')[0]!);
}
