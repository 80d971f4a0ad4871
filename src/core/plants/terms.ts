// The words a kind is told in. The schema reads them, and the type is read from the schema.

/** Overall way of growing: which generator draws it and how it takes up room. */
export const HABITS = [
  'mound',
  'upright',
  'spike',
  'grass',
  'strap',
  'trailing',
  'rosette',
  'fern',
  'paddle',
  'cloud',
  'climber',
  'bulb',
  'truss',
] as const;
export type Habit = (typeof HABITS)[number];

export const ROLES = ['lead', 'body', 'edge'] as const;
export type Role = (typeof ROLES)[number];

export const LEAF_SHAPES = [
  'ovate',
  'lance',
  'elliptic',
  'obovate',
  'spoon',
  'paddle',
  'fleshy',
  'heart',
  'round',
  'disc',
  'kidney',
  'ivy',
  'lobed',
  'cut',
  'toothed',
  'needle',
  'strap',
  'trifoliate',
  'pinnate',
] as const;
export type LeafShape = (typeof LEAF_SHAPES)[number];

export const FLOWER_FORMS = [
  'trumpet',
  'daisy',
  'cluster',
  'spike',
  'cloud',
  'viola',
  'star',
  'double',
  'bell',
  'pendant',
  'cup',
  'plume',
  'globe',
  'flag',
  'lip',
] as const;
export type FlowerForm = (typeof FLOWER_FORMS)[number];

export const PATTERNS = ['plain', 'edge', 'centre', 'zone', 'vein', 'stripe', 'speckle'] as const;
export const TEXTURES = ['fine', 'medium', 'bold'] as const;
export const SURFACES = ['matt', 'glossy', 'felted', 'fleshy', 'quilted', 'bloomed'] as const;
export const HARM = ['none known', 'mild', 'poisonous', 'unsure'] as const;
export type Harm = (typeof HARM)[number];
