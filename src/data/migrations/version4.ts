import type { Migration } from './migration';

/** Adds the shelf of containers. Plantings from before stand in containers described only with them. */
export const toVersion4: Migration = {
  version: 4,
  stores: {
    spots: 'id',
    plantings: 'id, spotId, demo',
    settings: 'key',
    histories: 'plantingId',
    weather: 'spotId',
    shelf: 'id',
  },
};
