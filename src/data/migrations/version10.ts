import type { Migration } from './migration';

/** What happened, as a log of its own: plantings that were there before have none yet, and are ideas. */
export const toVersion10: Migration = {
  version: 10,
  stores: { entries: 'id, of.plantingId, *of.plantingIds' },
};
