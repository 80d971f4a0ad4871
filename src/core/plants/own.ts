import type * as z from 'zod';
import { weekAfter, weeksBetween } from '../units/units';
import { folded } from './folded';
import { GRAVITY, middle, type Harm, type KindId, type PlantKind } from './kind';
import type { ownKindSchema, toldSchema } from './ownSchema';
import { once } from '../work/once';

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

/** The flowers of a kind as told: none, its own in another colour or season, or plain stars where it had none. */
function flowersTold(
  bloom: PlantKind['bloom'],
  { flowerColour, flowerWeeks }: Told,
): PlantKind['bloom'] {
  if (flowerColour === null) return null;
  if (bloom)
    return {
      ...bloom,
      ...(flowerColour ? { main: flowerColour } : {}),
      ...(flowerWeeks ? { weeks: flowerWeeks } : {}),
    };
  if (!flowerColour) return null;
  return {
    main: flowerColour,
    eye: null,
    second: null,
    form: 'star',
    sizeCm: 3,
    weeks: flowerWeeks ?? [22, 40],
    continuous: true,
    deadhead: false,
    pinch: false,
    cover: 0.3,
  };
}

/** Units as told: one size or price stands for all, and comes by as many as that unit of the kind does. */
function soldTold({ sold }: PlantKind, { size, price }: Told): PlantKind['sold'] {
  const [first] = sold;
  if (!first || (size === undefined && price === undefined)) return sold;
  const unit = sold.find((one) => one.size === (size ?? first.size));
  return [{ ...unit, size: size ?? first.size, price: price ?? unit?.price ?? first.price }];
}

/** Bulbs, and what stands only while it flowers, are in leaf about their flowers: where those are told for other weeks, leaves go along. */
function yearTold(
  { bloom, cycle, inLeaf, goneOver }: PlantKind,
  { flowerWeeks }: Told,
): Partial<PlantKind> {
  if (!flowerWeeks || !bloom || (cycle !== 'bulb' && cycle !== 'biennial')) return {};
  const [sooner, later] = [
    weeksBetween(bloom.weeks[0], flowerWeeks[0]),
    weeksBetween(bloom.weeks[1], flowerWeeks[1]),
  ];
  return {
    inLeaf: [weekAfter(inLeaf[0], sooner), weekAfter(inLeaf[1], later)],
    goneOver: goneOver && { ...goneOver, week: weekAfter(goneOver.week, later) },
  };
}

/** A kind with what the gardener tells laid over it. */
export function withTold(kind: PlantKind, told: Told): PlantKind {
  return {
    ...kind,
    ...yearTold(kind, told),
    sold: soldTold(kind, told),
    // Roots in a pot bear no more than the top is told to.
    rootsC: Math.max(kind.rootsC, told.lowestC ?? kind.rootsC),
    bloom: flowersTold(kind.bloom, told),
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

/** Of what the tag does not tell, any part may do harm when eaten. */
const UNTOLD = { parts: ['all parts'], way: 'eaten' } as const;

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
    british: [],
    american: [],
    synonyms: [],
    misapplied: [],
    edible: null,
    notEdible: null,
    confidence: { growing: 'low', cold: 'low', heat: 'low', harm: 'low' },
    toxicity: {
      people: careful(t.people),
      cats: careful(t.cats),
      dogs: careful(t.dogs),
      horses: careful(t.horses),
      by: {
        people: t.by.people ?? UNTOLD,
        cats: t.by.cats ?? UNTOLD,
        dogs: t.by.dogs ?? UNTOLD,
        horses: t.by.horses ?? UNTOLD,
      },
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
  const asked = tellOf(told);
  let best = first;
  let least = Infinity;
  for (const kind of kin) {
    const off = unlikeness(likenessOf(kind), asked, words);
    if (off >= least) continue;
    least = off;
    best = kind;
  }
  return best;
}

/** What a kind is compared by, worked out once: a file may ask thirty thousand times. */
interface Likeness {
  readonly botanical: string;
  readonly words: readonly string[];
  readonly logHeight: number;
  readonly logSpread: number;
  readonly trails: boolean;
  readonly hours: number;
  readonly thirst: PlantKind['thirst'];
  readonly lowestC: number;
  readonly flowers: boolean;
}

/** What was told, in the same terms; `null` where nothing was. */
type Asked = { readonly [K in Exclude<keyof Likeness, 'words'>]: Likeness[K] | null };

/** Flowers over this share of a plant are part of what it looks like. */
const SHOWY = 0.2;

/** How unlike a kind is what was told, in steps of about one nursery's shelf. Ours. */
function unlikeness(kind: Likeness, asked: Asked, words: ReadonlySet<string>): number {
  let off = 0;
  if (asked.botanical !== null && kind.botanical === asked.botanical) off -= 2;
  if (words.size > 0) for (const word of kind.words) if (words.has(word)) off -= 1.2;
  if (asked.logHeight !== null) off += Math.abs(asked.logHeight - kind.logHeight);
  if (asked.logSpread !== null) off += Math.abs(asked.logSpread - kind.logSpread);
  if (asked.trails !== null && asked.trails !== kind.trails) off += 1.5;
  if (asked.hours !== null) off += Math.abs(asked.hours - kind.hours) / 4;
  if (asked.thirst !== null && asked.thirst !== kind.thirst) off += 0.7;
  if (asked.lowestC !== null) off += Math.abs(asked.lowestC - kind.lowestC) / 12;
  if (asked.flowers === false && kind.flowers) off += 1;
  return off;
}

const likenessOf = once((kind: PlantKind): Likeness => ({
  botanical: folded(kind.botanical),
  words: folded(kind.common).split(/[^a-z]+/),
  logHeight: Math.log(middle(kind.heightCm)),
  logSpread: Math.log(middle(kind.spreadCm)),
  trails: kind.trailCm !== null,
  hours: middle(kind.light.hours),
  thirst: kind.thirst,
  lowestC: kind.lowestC,
  flowers: kind.bloom !== null && kind.bloom.cover > SHOWY,
}));

function tellOf(told: Told): Asked {
  return {
    botanical: told.botanical ? folded(told.botanical) : null,
    logHeight: told.heightCm ? Math.log(middle(told.heightCm)) : null,
    logSpread: told.spreadCm ? Math.log(middle(told.spreadCm)) : null,
    trails: told.trailCm === undefined ? null : told.trailCm !== null,
    hours: told.hours ? middle(told.hours) : null,
    thirst: told.thirst ?? null,
    lowestC: told.lowestC ?? null,
    flowers: told.flowerColour === null ? false : null,
  };
}

/** Kinds of a genus, its synonyms' included; all when the book has none. */
function kindsOfGenus(kinds: readonly PlantKind[], genus: string): readonly PlantKind[] {
  return byGenus(kinds).get(genus) ?? kinds;
}

const byGenus = once((kinds: readonly PlantKind[]): ReadonlyMap<string, readonly PlantKind[]> => {
  const map = new Map<string, PlantKind[]>();
  for (const kind of kinds)
    for (const name of new Set([kind.botanical, ...kind.synonyms].map(genusOf)))
      map.set(name, [...(map.get(name) ?? []), kind]);
  return map;
});

const genusOf = (botanical: string): string =>
  folded(botanical)
    .split(/\s+/)
    .find((word) => word.length > 1) ?? '';
