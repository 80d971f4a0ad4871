import type * as z from 'zod';
import type { kindSchema } from './schema';
import type { Harm, Role } from './terms';

export * from './terms';

/** One kind of plant as the book knows it. */
export type PlantKind = Readonly<z.infer<typeof kindSchema>> & {
  /** What was seen of it here, and is laid over the book's figures; left out: nothing was. */
  readonly here?: Here;
  /** Its weeks are those of a place whose winter is its season (`plantings/kindThere.ts`); left out: the book's. */
  readonly weeksThere?: true;
  /** There it lives through such a night, °C, when it was out all autumn, or under fleece; left out: what the book says. */
  readonly hardenedC?: number;
};
export type KindId = string;

/** What was learnt of a kind in this garden. `null`: nothing was seen of it. */
export interface Here {
  /** On the book's heights and spreads. */
  readonly height: SeenFactor | null;
  readonly spread: SeenFactor | null;
  /** Weeks by which its flowers begin and end later than the book says; below 0: earlier. */
  readonly flowersFrom: SeenShift | null;
  readonly flowersTo: SeenShift | null;
  /** Hours of sun by which it bears less, and more, than the book says: on the least and on the most. */
  readonly leastSun: SeenShift | null;
  readonly mostSun: SeenShift | null;
  /** On what it is reckoned to drink. */
  readonly thirst: SeenFactor | null;
  /** Plantings in which it stood, and those in which it did badly: died before its time, or was told to look bad more than once. */
  readonly stood: number;
  readonly badly: number;
}

/** What something that was learnt rests on. */
export interface Rest {
  readonly sd: number;
  readonly plantings: number;
  readonly looks: number;
  readonly years: number;
}

/** A factor on a figure of the book. */
export interface SeenFactor extends Rest {
  readonly factor: number;
}

/** A shift of a figure of the book, in its unit. */
export interface SeenShift extends Rest {
  readonly by: number;
}

/** Middle of a range. */
export function middle([low, high]: readonly [number, number]): number {
  return (low + high) / 2;
}

/** What a kind is first of all. */
export function mainRole({ roles }: Pick<PlantKind, 'roles'>): Role {
  return roles[0] ?? 'body';
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
