/** Why a plant died or was taken out, as far as anyone can tell. */
export const CAUSES = [
  'not known',
  'too wet',
  'too dry',
  'frost',
  'heat',
  'wind',
  'eaten',
  'ill',
  'swallowed',
  'broken',
  'over',
] as const;

/** Where a plant goes that is taken out. */
export const WHERE_TO = [
  'garden',
  'indoors',
  'another container',
  'compost',
  'given away',
] as const;

/** How a step of making was answered. */
export const STEP_ANSWERS = ['done', 'skipped'] as const;
