import type { Unit } from './species';

/** The units in which plants of a sort are usually sold, with typical prices. */
export const SOLD = {
  /** Bedding raised from seed or plugs. */
  bedding: [
    ['six-pack', 4.5],
    ['9cm', 2.5],
  ],
  /** Patio plants from cuttings, sold singly. */
  patio: [
    ['9cm', 2.9],
    ['1L', 5.5],
  ],
  /** Tender plants grown for their leaves. */
  leafy: [
    ['9cm', 3.2],
    ['1L', 6],
  ],
  /** Hardy perennials. */
  hardy: [
    ['9cm', 3.8],
    ['1L', 6.5],
  ],
  /** Small shrubs and conifers. */
  shrub: [
    ['9cm', 4.5],
    ['2L', 11],
  ],
  /** Bulbs, dry or started. */
  bulb: [
    ['bulb', 4],
    ['9cm', 2.8],
  ],
  /** Fleshy plants. */
  succulent: [
    ['four-pack', 8.5],
    ['9cm', 3.8],
    ['1L', 8],
  ],
  /** Large fleshy plants, singly. */
  largeSucculent: [
    ['9cm', 4.5],
    ['1L', 11],
    ['3L', 24],
  ],
  /** Herbs and vegetables. */
  kitchen: [['9cm', 2.4]],
} as const satisfies Record<string, readonly Unit[]>;
