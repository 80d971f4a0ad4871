import { kindsRenamed } from './renaming';

/** Three kinds had ids that read like trade names. */
export const toVersion8 = kindsRenamed(8);
