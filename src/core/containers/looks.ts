/** How a surface takes light. */
export const FINISHES = ['matt', 'glossy', 'rough', 'weathered'] as const;
/** Decoration in the second colour. */
export const POT_PATTERNS = ['plain', 'bands', 'ribs', 'lattice', 'speckle'] as const;
/** Words by which people match a container to a house and its plants. */
export const STYLE_WORDS = [
  'classical',
  'cottage',
  'formal',
  'industrial',
  'modern',
  'rustic',
  'seaside',
] as const;
