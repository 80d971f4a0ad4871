import type { Migration } from './migration';

/** Plantings kept beside the one worked on, and containers that stand together. */
export const toVersion6: Migration = {
  version: 6,
  stores: { kept: 'id, plantingId', groups: 'id' },
};
