/** Growing mixes as bought; see {@link MIXES}. */
export const MIX_IDS = [
  'peat-free',
  'peat-based',
  'loam-based',
  'gritty',
  'acid',
  'basket',
  'aquatic',
] as const;
export type MixId = (typeof MIX_IDS)[number];

/** A mix by its physics: shares of its volume in place, and weights. */
export interface MixFacts {
  /** Dry, kg/L. */
  readonly dryKgL: number;
  /** Water held after draining, litres per litre (container capacity). */
  readonly waterShare: number;
  /** Water below which plants wilt, litres per litre. */
  readonly wiltShare: number;
  /** All pores, litres per litre: what is not water after draining is air. */
  readonly poreShare: number;
  /** How long what it holds feeds plants, weeks: range. */
  readonly feedsWeeks: readonly [least: number, most: number];
  /** Acidity: for lime-haters, near neutral, or limy. */
  readonly acidity: 'acid' | 'neutral' | 'limy';
}

/**
 * Typical values of bought mixes; bags differ (dry weight by ±40 %, water by ±15 %) and the bag wins.
 * Peat-based, peat-free, loam-based, gritty and basket: air and capacity as measured in nurseries (Handreck & Black; Raviv & Lieth; EN 13041).
 * Acid as peat-free without lime. Aquatic as a heavy loam: it is used under water, where no mix drains.
 */
export const MIXES: Readonly<Record<MixId, MixFacts>> = {
  'peat-free': {
    dryKgL: 0.22,
    waterShare: 0.55,
    wiltShare: 0.22,
    poreShare: 0.86,
    feedsWeeks: [4, 6],
    acidity: 'neutral',
  },
  'peat-based': {
    dryKgL: 0.12,
    waterShare: 0.62,
    wiltShare: 0.25,
    poreShare: 0.9,
    feedsWeeks: [5, 7],
    acidity: 'neutral',
  },
  'loam-based': {
    dryKgL: 0.95,
    waterShare: 0.42,
    wiltShare: 0.15,
    poreShare: 0.61,
    feedsWeeks: [8, 12],
    acidity: 'limy',
  },
  gritty: {
    dryKgL: 0.95,
    waterShare: 0.28,
    wiltShare: 0.08,
    poreShare: 0.55,
    feedsWeeks: [3, 5],
    acidity: 'neutral',
  },
  acid: {
    dryKgL: 0.22,
    waterShare: 0.57,
    wiltShare: 0.23,
    poreShare: 0.87,
    feedsWeeks: [4, 6],
    acidity: 'acid',
  },
  basket: {
    dryKgL: 0.1,
    waterShare: 0.52,
    wiltShare: 0.2,
    poreShare: 0.92,
    feedsWeeks: [4, 6],
    acidity: 'neutral',
  },
  aquatic: {
    dryKgL: 1.1,
    waterShare: 0.46,
    wiltShare: 0.2,
    poreShare: 0.57,
    feedsWeeks: [8, 12],
    acidity: 'limy',
  },
};

export const MIX_PART_IDS = [
  'peat-free mix',
  'peat',
  'loam',
  'coir',
  'composted bark',
  'leaf mould',
  'garden compost',
  'sharp sand',
  'grit',
  'perlite',
  'pumice',
  'vermiculite',
] as const;
export type MixPartId = (typeof MIX_PART_IDS)[number];

/** What gardeners stir together. Handbook means as for {@link MIXES}; coarse parts hold little water, perlite and pumice hold air and hardly any weight. */
const MIX_PARTS: Readonly<Record<MixPartId, MixFacts>> = {
  'peat-free mix': MIXES['peat-free'],
  peat: {
    dryKgL: 0.1,
    waterShare: 0.66,
    wiltShare: 0.26,
    poreShare: 0.93,
    feedsWeeks: [0, 0],
    acidity: 'acid',
  },
  loam: {
    dryKgL: 1.15,
    waterShare: 0.44,
    wiltShare: 0.18,
    poreShare: 0.55,
    feedsWeeks: [6, 12],
    acidity: 'neutral',
  },
  coir: {
    dryKgL: 0.08,
    waterShare: 0.65,
    wiltShare: 0.25,
    poreShare: 0.94,
    feedsWeeks: [0, 0],
    acidity: 'neutral',
  },
  'composted bark': {
    dryKgL: 0.22,
    waterShare: 0.5,
    wiltShare: 0.25,
    poreShare: 0.82,
    feedsWeeks: [0, 2],
    acidity: 'neutral',
  },
  'leaf mould': {
    dryKgL: 0.2,
    waterShare: 0.58,
    wiltShare: 0.22,
    poreShare: 0.88,
    feedsWeeks: [2, 4],
    acidity: 'neutral',
  },
  'garden compost': {
    dryKgL: 0.45,
    waterShare: 0.55,
    wiltShare: 0.22,
    poreShare: 0.75,
    feedsWeeks: [6, 10],
    acidity: 'limy',
  },
  'sharp sand': {
    dryKgL: 1.5,
    waterShare: 0.2,
    wiltShare: 0.03,
    poreShare: 0.42,
    feedsWeeks: [0, 0],
    acidity: 'neutral',
  },
  grit: {
    dryKgL: 1.5,
    waterShare: 0.08,
    wiltShare: 0.02,
    poreShare: 0.43,
    feedsWeeks: [0, 0],
    acidity: 'neutral',
  },
  perlite: {
    dryKgL: 0.1,
    waterShare: 0.25,
    wiltShare: 0.1,
    poreShare: 0.9,
    feedsWeeks: [0, 0],
    acidity: 'neutral',
  },
  pumice: {
    dryKgL: 0.6,
    waterShare: 0.25,
    wiltShare: 0.1,
    poreShare: 0.72,
    feedsWeeks: [0, 0],
    acidity: 'neutral',
  },
  vermiculite: {
    dryKgL: 0.12,
    waterShare: 0.5,
    wiltShare: 0.2,
    poreShare: 0.93,
    feedsWeeks: [0, 0],
    acidity: 'neutral',
  },
};

interface MixChoice {
  readonly mix: MixId;
  readonly ownMix: {
    readonly parts: readonly { readonly part: MixPartId; readonly share: number }[];
  } | null;
}

/** Facts of a container's mix: the bought one, or the means of its own parts by volume. Fine parts settle between coarse ones, so an own mix comes out a little less than its parts. */
export function mixFactsOf({ mix, ownMix }: MixChoice): MixFacts {
  if (!ownMix) return MIXES[mix];
  const whole = ownMix.parts.reduce((sum, { share }) => sum + share, 0);
  const mean = (of: (facts: MixFacts) => number) =>
    ownMix.parts.reduce((sum, { part, share }) => sum + of(MIX_PARTS[part]) * share, 0) / whole;
  const limy = mean(({ acidity }) => (acidity === 'limy' ? 1 : acidity === 'acid' ? -1 : 0));
  return {
    dryKgL: mean(({ dryKgL }) => dryKgL),
    waterShare: mean(({ waterShare }) => waterShare),
    wiltShare: mean(({ wiltShare }) => wiltShare),
    poreShare: mean(({ poreShare }) => poreShare),
    feedsWeeks: [mean(({ feedsWeeks }) => feedsWeeks[0]), mean(({ feedsWeeks }) => feedsWeeks[1])],
    acidity: limy > 0.25 ? 'limy' : limy < -0.5 ? 'acid' : 'neutral',
  };
}

/** Weight of a litre in place, kg: dry, watered and drained, every pore full. */
export function mixWeights({ dryKgL, waterShare, poreShare }: MixFacts): {
  readonly dryKgL: number;
  readonly capacityKgL: number;
  readonly soakedKgL: number;
} {
  return { dryKgL, capacityKgL: dryKgL + waterShare, soakedKgL: dryKgL + poreShare };
}

/** Air after draining, litres per litre. Under .1 roots suffocate; nurseries look for .1–.3 (Bilderback & Fonteno). */
export function airShare({ poreShare, waterShare }: MixFacts): number {
  return poreShare - waterShare;
}
