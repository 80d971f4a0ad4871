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

/** How mix feels to a finger: dry an inch down, right, or soaked. */
export const FELT = ['bone dry', 'dry', 'right', 'soaked'] as const;
export type Felt = (typeof FELT)[number];

/** What can be read beside a container. */
export const DEVICES = ['moisture', 'light', 'scale'] as const;
export type Device = (typeof DEVICES)[number];

/** What a plant that looks bad looks like. */
export const LOOKS_BAD = [
  'wilted',
  'yellow',
  'scorched',
  'eaten',
  'mildew or spots',
  'rotting',
  'leggy',
  'sulking',
  'swallowed',
  'something else',
] as const;
export type LooksBad = (typeof LOOKS_BAD)[number];

/** From where a photograph was taken. */
export const ANGLES = ['front', 'above', 'left', 'right', 'back', 'close'] as const;
export type Angle = (typeof ANGLES)[number];
