// The words a spot is told in. The schema reads them, and the type is read from the schema.

export const SUN_WHEN = ['morning', 'afternoon', 'spread'] as const;
export const VIEWS = ['one side', 'all round', 'from below'] as const;
export type View = (typeof VIEWS)[number];
/** What the hours of sun in use come from. */
export const LIGHT_FROM = ['told', 'reckoned', 'log'] as const;
export type LightFrom = (typeof LIGHT_FROM)[number];
export const EXPOSURES = ['sheltered', 'open', 'sill', 'balcony', 'coast', 'hanging'] as const;
export type Exposure = (typeof EXPOSURES)[number];
export const REFLECTS = ['nothing', 'paving', 'wall', 'both'] as const;
export const EYE_KINDS = ['standing', 'sitting', 'child'] as const;

/** Habits of naming light. They disagree, so the hours and the habit always stand beside the word. */
export const LIGHT_HABITS = ['plain', 'british', 'american', 'kitchen'] as const;
export type LightHabit = (typeof LIGHT_HABITS)[number];
