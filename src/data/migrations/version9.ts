import { kindsRenamed } from './renaming';

/** Calibrachoas went by a trade name, and Spanish shawl by another plant's. */
export const toVersion9 = kindsRenamed(9);
