import type { Migration } from './migration';

/** Daily weather records, one list for each spot. Spots themselves gain fields with a usual value each, put in when they are read. */
export const toVersion3: Migration = {
  version: 3,
  stores: {
    spots: 'id',
    plantings: 'id, spotId, demo',
    settings: 'key',
    histories: 'plantingId',
    weather: 'spotId',
  },
};
