import type { Migration } from './migration';

/** Photographs lie beside the log. */
export const toVersion11: Migration = {
  version: 11,
  stores: { photos: 'id, plantingId' },
};
