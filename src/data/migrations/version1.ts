import type { Migration } from './migration';

/** The first shape: plantings, spots and settings. */
export const toVersion1: Migration = {
  version: 1,
  stores: { spots: 'id', plantings: 'id, spotId, demo', settings: 'key' },
};
