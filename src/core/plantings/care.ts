/** Care that nobody has said anything about. */
export const USUAL_CARE = { feeding: 'as usual', trims: [] } as const;
