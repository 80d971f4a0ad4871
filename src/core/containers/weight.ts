import { FULL_LEAF_LAYERS } from '../plants/leaves';
import { CM3_PER_L } from '../units/units';
import { footL, mixAreaCm2, mixL, wallVolumeL, type Container } from './container';
import { MATERIALS } from './materials';
import { mixFactsOf, mixWeights } from './mixes';

/** Weight of one part of a planted container, kg: dry, watered and drained, every pore full. */
export interface PartWeight {
  readonly part: 'walls' | 'mix' | 'coarse layer' | 'dressing' | 'reservoir' | 'plants';
  readonly dryKg: number;
  readonly wateredKg: number;
  readonly soakedKg: number;
}

/** Weights, kg. */
export interface Weight {
  readonly emptyKg: number;
  /** Mix as dry as it gets: what a wind has to tip. */
  readonly dryKg: number;
  /** Watered and drained. */
  readonly wateredKg: number;
  /** Every pore full, straight after soaking: what a hook must bear before any allowance. */
  readonly soakedKg: number;
  readonly parts: readonly PartWeight[];
}

/** Gravel, and broken pots, kg/L as they lie; what either holds wet and soaked. */
const COARSE = { dryKgL: 1.5, wetKgL: 1.55, soakedKgL: 1.9 } as const;
/** Mix as dry as plants leave it still holds about this share of its wilting water. */
const AIR_DRY_SHARE = 0.4;
/** Fresh leaf and stem of one layer of leaf, kg/m², ±50 % (models). */
const LEAF_KG_M2 = 0.45;

/**
 * Weight of a planted container by parts added up. Root balls count as mix, a reservoir as full when watered. An empty weight from a
 * scale wins over the reckoned walls, which may be out by a third.
 * @param foliageM2 plan area of leaves
 */
export function weightOf(container: Container, foliageM2: number): Weight {
  const { uptake, densityKgM3 } = MATERIALS[container.material];
  const emptyKg = container.weighedKg ?? wallVolumeL(container) * (densityKgM3 / 1000);
  const facts = mixFactsOf(container);
  const { capacityKgL, soakedKgL } = mixWeights(facts);
  const litres = mixL(container);
  const coarse = container.foot === 'none' || container.foot === 'mesh' ? 0 : footL(container);
  const dressing = (mixAreaCm2(container) * container.dressingCm) / CM3_PER_L;
  const plants = foliageM2 * FULL_LEAF_LAYERS * LEAF_KG_M2;
  const parts: PartWeight[] = [
    {
      part: 'walls' as const,
      dryKg: emptyKg,
      wateredKg: emptyKg * (1 + uptake),
      soakedKg: emptyKg * (1 + uptake),
    },
    {
      part: 'mix' as const,
      dryKg: litres * (facts.dryKgL + facts.wiltShare * AIR_DRY_SHARE),
      wateredKg: litres * capacityKgL,
      soakedKg: litres * soakedKgL,
    },
    {
      part: 'coarse layer' as const,
      dryKg: coarse * COARSE.dryKgL,
      wateredKg: coarse * COARSE.wetKgL,
      soakedKg: coarse * COARSE.soakedKgL,
    },
    {
      part: 'dressing' as const,
      dryKg: dressing * COARSE.dryKgL,
      wateredKg: dressing * COARSE.wetKgL,
      soakedKg: dressing * COARSE.wetKgL,
    },
    {
      part: 'reservoir' as const,
      dryKg: 0,
      wateredKg: container.reservoirL,
      soakedKg: container.reservoirL,
    },
    { part: 'plants' as const, dryKg: plants, wateredKg: plants, soakedKg: plants },
  ].filter(({ soakedKg }) => soakedKg > 0);
  const sum = (of: (part: PartWeight) => number) =>
    parts.reduce((total, part) => total + of(part), 0);
  return {
    emptyKg,
    dryKg: sum((p) => p.dryKg),
    wateredKg: sum((p) => p.wateredKg),
    soakedKg: sum((p) => p.soakedKg),
    parts,
  };
}

/** Close to the body at waist height, kg: the lower filter for one person (HSE INDG143: women 16, men 25), and two thirds of two men's for a pair. Filters, not limits. */
const LIFT_KG = { one: 16, two: 33 } as const;

/** Who should move it: one person, two, or a trolley. A filter for healthy adults at waist height; from the floor it is half. */
export function lifting(kg: number): 'one' | 'two' | 'trolley' {
  return kg <= LIFT_KG.one ? 'one' : kg <= LIFT_KG.two ? 'two' : 'trolley';
}
