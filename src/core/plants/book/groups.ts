import type { Group } from './plant';

/** Tender bedding raised from seed or cuttings and set out after frost. */
export const BEDDING: Group = {
  sun: [5, 12, 'bears'],
  thirst: 'medium',
  dryBetween: false,
  feed: 'medium',
  lowestC: 0,
  bringInC: null,
  cycle: 'annual',
  sold: [
    { size: 'six-pack', price: 4.5 },
    { size: '9cm', price: 2.5 },
  ],
  propagation: 'seed or plugs in spring',
  support: 'none',
  scent: 'none',
  wildlife: [],
  confidence: 'good',
};

/** Cutting-raised patio plants, sold singly. */
export const PATIO: Group = {
  ...BEDDING,
  feed: 'heavy',
  cycle: 'tender perennial',
  lowestC: 0,
  bringInC: 5,
  sold: [
    { size: '9cm', price: 2.9 },
    { size: '1L', price: 5.5 },
  ],
  propagation: 'tip cuttings in late summer',
};

/** Plants for shade under canopies and north walls. */
export const SHADE: Group = { ...BEDDING, sun: [1, 4, 'scorches'], feed: 'light' };

/** Tender plants grown for their leaves. */
export const LEAFY: Group = {
  ...PATIO,
  feed: 'medium',
  lowestC: 3,
  bringInC: 10,
  sold: [
    { size: '9cm', price: 3.2 },
    { size: '1L', price: 6 },
  ],
};

/** Hardy perennials used in pots. */
export const HARDY: Group = {
  sun: [3, 8, 'bears'],
  thirst: 'medium',
  dryBetween: false,
  feed: 'light',
  lowestC: -18,
  bringInC: null,
  cycle: 'perennial',
  sold: [
    { size: '9cm', price: 3.8 },
    { size: '1L', price: 6.5 },
  ],
  propagation: 'division in spring',
  support: 'none',
  scent: 'none',
  wildlife: [],
  confidence: 'good',
};

/** Small shrubs and conifers for a frame that stays. */
export const SHRUB: Group = {
  ...HARDY,
  cycle: 'shrub',
  sold: [
    { size: '9cm', price: 4.5 },
    { size: '2L', price: 11 },
  ],
  propagation: 'semi-ripe cuttings',
};

/** Spring bulbs, planted in autumn. */
export const BULB: Group = {
  ...HARDY,
  sun: [3, 10, 'bears'],
  cycle: 'bulb',
  lowestC: -20,
  sold: [
    { size: 'bulb', price: 4 },
    { size: '9cm', price: 2.8 },
  ],
  propagation: 'dry bulbs in autumn, or in pots in spring',
};

/** Violas and their like for the cold months. */
export const COOL_SEASON: Group = {
  ...BEDDING,
  sun: [3, 8, 'bears'],
  lowestC: -12,
  feed: 'light',
  cycle: 'biennial',
};

/** Fleshy plants that must dry out. */
export const SUCCULENT: Group = {
  sun: [5, 14, 'bears'],
  thirst: 'low',
  dryBetween: true,
  feed: 'none',
  lowestC: 1,
  bringInC: 5,
  cycle: 'succulent',
  sold: [
    { size: 'four-pack', price: 8.5 },
    { size: '9cm', price: 3.8 },
    { size: '1L', price: 8 },
  ],
  propagation: 'leaf or stem cuttings left to dry',
  support: 'none',
  scent: 'none',
  wildlife: [],
  confidence: 'good',
};

/** Herbs and vegetables. */
export const KITCHEN: Group = {
  ...BEDDING,
  sun: [5, 12, 'bears'],
  feed: 'light',
  cycle: 'annual',
  sold: [{ size: '9cm', price: 2.4 }],
  propagation: 'seed',
};
