/** Ways of composing a planting, by our names; see `schools/`. */
export const SCHOOL_IDS = [
  'thriller',
  'dome',
  'screen',
  'repeat-run',
  'shares',
  'leaf-led',
  'clustered-odds',
  'opposite-pairs',
  'specimen',
  'evergreen-frame',
  'kitchen',
  'group',
] as const;
export type SchoolId = (typeof SCHOOL_IDS)[number];
