import type { Migration } from './migration';

/** Entries are found by what happened: what teaches of kinds is read without the rest of a long log. */
export const toVersion12: Migration = {
  version: 12,
  stores: { entries: 'id, of.plantingId, *of.plantingIds, what.did' },
};
