import type { Migration } from './migration';

/** What the gardener knows of kinds of plants: their own, and better than the book. */
export const toVersion5: Migration = { version: 5, stores: { kinds: 'id' } };
