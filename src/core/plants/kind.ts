import type * as z from 'zod';
import type { kindSchema } from './schema';

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

/** One kind of plant as the book knows it. */
export type PlantKind = Readonly<z.infer<typeof kindSchema>>;
export type KindId = string;

/** Middle of a range. */
export function middle([low, high]: readonly [number, number]): number {
  return (low + high) / 2;
}

/** How careful to be: what is not known is taken for worse than what is known to be mild. */
export const GRAVITY: Readonly<Record<Harm, number>> = {
  'none known': 0,
  mild: 1,
  unsure: 2,
  poisonous: 3,
};

/** The worse of what is known for cats and for dogs. */
export function petHarm({ toxicity: { cats, dogs } }: Pick<PlantKind, 'toxicity'>): Harm {
  return GRAVITY[cats] >= GRAVITY[dogs] ? cats : dogs;
}

/** Nothing harmful is known to people, cats, dogs or horses, and its touch is not known to irritate. No promise. */
export function noHarmKnown({
  toxicity: { people, cats, dogs, horses },
  irritant,
}: PlantKind): boolean {
  return (
    [people, cats, dogs, horses].every((harm) => harm === 'none known') && irritant.skin === 'no'
  );
}
