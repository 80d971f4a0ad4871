import type { Migration } from './migration';

/** What was seen of each record when this device last met another. */
export const toVersion13: Migration = { version: 13, stores: { stamps: 'of' } };
