/** What the stencil shows besides the plants. */
export const SHOWN = ['spread', 'sight', 'sun', 'drip'] as const;
export type Shown = (typeof SHOWN)[number];
