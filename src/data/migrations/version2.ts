import type { Migration } from './migration';

/** Undo histories outlive the tab; spots learn how far a container hangs above the ground. */
export const toVersion2: Migration = {
  version: 2,
  stores: { spots: 'id', plantings: 'id, spotId, demo', settings: 'key', histories: 'plantingId' },
  upgrade: async (transaction) => {
    await transaction
      .table('spots')
      .toCollection()
      .modify((spot: { dropCm?: number; view?: string }) => {
        // Hung containers were the only ones seen from below, usually just above head height.
        spot.dropCm ??= spot.view === 'from below' ? 200 : 0;
      });
  },
};
