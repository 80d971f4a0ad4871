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
  'globe cactus',
  'pad cactus',
  'pencil',
  'rush',
  'umbrella',
  'sword',
  'whole frond',
  'cone',
  'threads',
  'head',
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
  'spathe',
  'tassel',
] as const;
export type FlowerForm = (typeof FLOWER_FORMS)[number];

export const PATTERNS = ['plain', 'edge', 'centre', 'zone', 'vein', 'stripe', 'speckle'] as const;
export const TEXTURES = ['fine', 'medium', 'bold'] as const;
export const SURFACES = ['matt', 'glossy', 'felted', 'fleshy', 'quilted', 'bloomed'] as const;
export const HARM = ['none known', 'mild', 'poisonous', 'unsure'] as const;
export type Harm = (typeof HARM)[number];

/** The few communities in which people really grow plants together. A kind belongs to one to three. */
export const COMPANIES = [
  'cool-season bedding',
  'summer bedding',
  'bold tender foliage',
  'woodland shade',
  'dry and silver',
  'meadow and grasses',
  'alpine',
  'soft succulents',
  'desert',
  'kitchen',
  'evergreen structure',
  'moist',
] as const;
export type Company = (typeof COMPANIES)[number];

/** What stands in the pot once a plant has gone over. */
export const REMAINS = [
  'nothing',
  'yellowing leaves',
  'dead stems',
  'seed heads',
  'bare twigs',
] as const;
export type Remains = (typeof REMAINS)[number];

export const WIND = ['bears', 'a breeze', 'shelter'] as const;
export const SALT = ['bears', 'some', 'none'] as const;
export const LIME = ['wants', 'bears', 'hates'] as const;

/** Ways to make more of a plant, each with its time. */
export const PROPAGATION = [
  'seed under cover in spring',
  'seed where it grows',
  'seed in summer for next year',
  'division in spring',
  'division after flowering',
  'tip cuttings in late summer',
  'basal cuttings in spring',
  'semi-ripe cuttings in summer',
  'hardwood cuttings in winter',
  'root cuttings in winter',
  'leaf cuttings',
  'leaf or stem cuttings left to dry',
  'offsets',
  'bulbs lifted and parted when dormant',
  'tubers divided in spring',
  'spores, slowly',
  'runners pegged down',
  'grafted: buy it',
] as const;
export type Propagation = (typeof PROPAGATION)[number];

/** Parts that do harm, and how they come to do it. */
export const HARM_PARTS = [
  'all parts',
  'leaves',
  'flowers',
  'berries',
  'fruit',
  'unripe fruit',
  'seeds',
  'bulb or tuber',
  'roots',
  'sap',
  'bark',
  'pollen',
  'hop cones',
  'raw pods',
] as const;
export type HarmPart = (typeof HARM_PARTS)[number];
export const HARM_WAYS = ['eaten', 'on the skin', 'eaten or on the skin'] as const;
export type HarmWay = (typeof HARM_WAYS)[number];

export const SURE = ['good', 'fair', 'low'] as const;
export type Sure = (typeof SURE)[number];
