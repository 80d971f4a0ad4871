import type * as z from 'zod';
import { folded } from './find';
import { GRAVITY, middle, type Harm, type KindId, type PlantKind } from './kind';
import type { ownKindSchema, toldSchema } from './ownSchema';

export type Told = Readonly<z.infer<typeof toldSchema>>;
export type OwnKind = Readonly<z.infer<typeof ownKindSchema>>;

/** A record of nothing yet told: of a kind of the book. */
export const untold = (id: KindId): OwnKind => ({
  id,
  likeId: id,
  told: {},
  owned: 0,
  note: '',
  favourite: false,
  never: null,
});

/** Is nothing left in it that is worth keeping? */
export function saysNothing({ id, likeId, told, owned, note, favourite, never }: OwnKind): boolean {
  return (
    id === likeId &&
    Object.keys(told).length === 0 &&
    owned === 0 &&
    note === '' &&
    !favourite &&
    never === null
  );
}

/** A kind with what the gardener tells laid over it. */
export function withTold(kind: PlantKind, told: Told): PlantKind {
  const { bloom } = kind;
  const flowerless = told.flowerColour === null;
  const flowers = flowerless
    ? null
    : bloom
      ? {
          ...bloom,
          ...(told.flowerColour ? { main: told.flowerColour } : {}),
          ...(told.flowerWeeks ? { weeks: told.flowerWeeks } : {}),
        }
      : told.flowerColour
        ? {
            main: told.flowerColour,
            eye: null,
            second: null,
            form: 'star' as const,
            sizeCm: 3,
            weeks: told.flowerWeeks ?? ([22, 40] as const),
            continuous: true,
            deadhead: false,
            pinch: false,
            cover: 0.3,
          }
        : null;
  const sold =
    told.size || told.price !== undefined
      ? [{ size: told.size ?? kind.sold[0]!.size, price: told.price ?? kind.sold[0]!.price }]
      : kind.sold;
  return {
    ...kind,
    sold,
    bloom: flowers,
    ...pick(told, [
      'common',
      'botanical',
      'description',
      'heightCm',
      'spreadCm',
      'trailCm',
      'weeksToFill',
      'thirst',
      'lowestC',
    ]),
    light: told.hours ? { ...kind.light, hours: told.hours } : kind.light,
    foliage: told.leafColour ? { ...kind.foliage, main: told.leafColour } : kind.foliage,
  };
}

function pick<K extends keyof Told>(told: Told, names: readonly K[]): Partial<Pick<Told, K>> {
  return Object.fromEntries(
    names.filter((name) => told[name] !== undefined).map((name) => [name, told[name]]),
  ) as Partial<Pick<Told, K>>;
}

/**
 * A kind that the book has not: what was told, the rest guessed from a kind like it. Guesses of harm are never better than "unsure", and
 * nothing is called edible by a guess.
 */
export function guessedFrom(like: PlantKind, id: KindId, told: Told): PlantKind {
  const careful = (harm: Harm): Harm => (GRAVITY[harm] > GRAVITY.unsure ? harm : 'unsure');
  const { toxicity: t, irritant } = like;
  return {
    ...withTold(like, told),
    id,
    alsoCalled: [],
    edible: null,
    notEdible: null,
    confidence: 'low',
    toxicity: {
      people: careful(t.people),
      cats: careful(t.cats),
      dogs: careful(t.dogs),
      horses: careful(t.horses),
      note: `Not told on the tag; ${like.common.toLowerCase()}, which it was guessed from: ${t.note}`,
    },
    irritant: {
      skin: irritant.skin === 'yes' ? 'yes' : 'unsure',
      note: irritant.note || 'Not told on the tag; gloves are wise.',
    },
  };
}

/**
 * The kind of the book most like a plant: of its genus when there is one, then by size, trail, light, water and words of its name.
 * @throws when the book is empty
 */
export function nearestKind(kinds: readonly PlantKind[], told: Told): PlantKind {
  const kin = kindsOfGenus(kinds, genusOf(told.botanical ?? ''));
  const [first] = kin;
  if (!first) throw new Error('There is no kind to guess from: the book is empty.');
  const words = new Set(
    folded(told.common ?? '')
      .split(/[^a-z]+/)
      .filter((word) => word.length > 3),
  );
  const apart = (kind: PlantKind): number => {
    let off = 0;
    if (told.botanical && folded(kind.botanical) === folded(told.botanical)) off -= 2;
    off -=
      folded(kind.common)
        .split(/[^a-z]+/)
        .filter((word) => words.has(word)).length * 1.2;
    if (told.heightCm) off += Math.abs(Math.log(middle(told.heightCm) / middle(kind.heightCm)));
    if (told.spreadCm) off += Math.abs(Math.log(middle(told.spreadCm) / middle(kind.spreadCm)));
    if (told.trailCm !== undefined)
      off += (told.trailCm === null) === (kind.trailCm === null) ? 0 : 1.5;
    if (told.hours) off += Math.abs(middle(told.hours) - middle(kind.light.hours)) / 4;
    if (told.thirst && told.thirst !== kind.thirst) off += 0.7;
    if (told.lowestC !== undefined) off += Math.abs(told.lowestC - kind.lowestC) / 12;
    if (told.flowerColour === null && kind.bloom && kind.bloom.cover > 0.2) off += 1;
    return off;
  };
  return kin
    .map((kind) => [apart(kind), kind] as const)
    .reduce((best, one) => (one[0] < best[0] ? one : best))[1];
}

const genera = new WeakMap<readonly PlantKind[], ReadonlyMap<string, readonly PlantKind[]>>();

/** Kinds of a genus, its synonyms' included; all when the book has none. */
function kindsOfGenus(kinds: readonly PlantKind[], genus: string): readonly PlantKind[] {
  let byGenus = genera.get(kinds);
  if (!byGenus) {
    const map = new Map<string, PlantKind[]>();
    for (const kind of kinds)
      for (const name of new Set([kind.botanical, ...kind.alsoCalled].map(genusOf)))
        map.set(name, [...(map.get(name) ?? []), kind]);
    genera.set(kinds, (byGenus = map));
  }
  return byGenus.get(genus) ?? kinds;
}

const genusOf = (botanical: string): string =>
  folded(botanical)
    .split(/\s+/)
    .find((word) => word.length > 1) ?? '';
