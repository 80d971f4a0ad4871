import type { Oklch } from '../../colour/oklch';
import type { Harm, HarmPart, HarmWay, PlantKind, Remains, Sure } from '../kind';
import { earlyOf } from './early';
import { STEM } from './palette';

type Foliage = PlantKind['foliage'];
type Bloom = NonNullable<PlantKind['bloom']>;

/** What is true of a species whatever its colour or form: said once, for all its kinds. */
export interface SpeciesFacts {
  /** Botanical names of the same plant that are still met with. */
  readonly synonyms?: readonly string[];
  /** Botanical names of other plants under which it is sold by mistake. */
  readonly misapplied?: readonly string[];
  /** Other common names that are true of all its kinds; that there is none is said. */
  readonly also: readonly string[] | 'no other name';
  /** Names of British or American use alone. */
  readonly british?: readonly string[];
  readonly american?: readonly string[];
  readonly cycle: PlantKind['cycle'];
  readonly company: PlantKind['company'];
  /** Lowest temperature its top lives through, and the roots in a pot, °C. */
  readonly lowestC: number;
  readonly rootsC: number;
  /** Night temperature at which to bring it in, °C; `null` when it stays out. */
  readonly bringInC: number | null;
  /** Nights below this check its growth, °C. */
  readonly sulksC: number | null;
  readonly summer: Summer;
  readonly bears: PlantKind['bears'];
  readonly inLeaf: PlantKind['inLeaf'];
  /** Week in which it has gone over, and what remains; `null` for what looks well all year. */
  readonly goneOver: readonly [week: number, remains: Remains] | null;
  readonly inShops: PlantKind['inShops'];
  /** Share of its height that a woody plant adds in a season in a pot; `null` for what is not woody. */
  readonly woodGrows: number | null;
  readonly thirst: PlantKind['thirst'];
  readonly dryBetween: boolean;
  readonly harm: HarmTold;
  /** What touch may do; `null` when nothing is known. */
  readonly skin: readonly ['yes' | 'unsure', string] | null;
  readonly edible: string | null;
  readonly notEdible: string | null;
  /** Where it runs wild; `null` when no report is widely known. */
  readonly wild: string | null;
  /** Who comes to it; that nobody is known to is said. */
  readonly wildlife: readonly [Visitor, ...Visitor[]] | 'none known';
  readonly propagation: PlantKind['propagation'];
  /** How sure the book is: of growing, cold, heat and harm. */
  readonly sure: readonly [growing: Sure, cold: Sure, heat: Sure, harm: Sure];
}

type Visitor = PlantKind['wildlife'][number];

/** Mean daily maximum of the warmest month, °C: needed to perform; borne in dry heat, and in humid. */
export type Summer = readonly [leastC: number, dryC: number | null, humidC: number | null];

/**
 * People, cats and dogs, what is known, the parts that do it (people's, then animals' where
 * they are others), and where dogs or horses differ.
 */
export interface HarmTold {
  readonly people: Harm;
  readonly pets: Harm;
  readonly dogs?: Harm;
  readonly horses?: Harm;
  readonly note: string;
  /** Left out: nothing is known to do harm. */
  readonly parts?: readonly HarmPart[];
  /** Left out: as people's. */
  readonly petParts?: readonly HarmPart[];
  /** Left out: when eaten. */
  readonly way?: HarmWay;
}

/** What differs from kind to kind of one species. */
export interface KindOfSpecies {
  readonly id: string;
  readonly common: string;
  /** Left out: no other name. */
  readonly alsoCalled?: readonly string[];
  readonly description: string;
  readonly habit: PlantKind['habit'];
  readonly roles: PlantKind['roles'];
  readonly heightCm: PlantKind['heightCm'];
  readonly spreadCm: PlantKind['spreadCm'];
  /** Left out: it does not trail. */
  readonly trailCm?: NonNullable<PlantKind['trailCm']>;
  readonly weeksToFill: number;
  readonly vigour: number;
  readonly sun: readonly [least: number, most: number, PlantKind['light']['afternoon']];
  readonly feed: PlantKind['feed'];
  readonly leaf: Foliage;
  /** Left out: grown for its leaves. */
  readonly bloom?: Bloom;
  readonly fruit?: NonNullable<PlantKind['fruit']>;
  /** Left out: none. */
  readonly scent?: PlantKind['scent'];
  readonly support?: PlantKind['support'];
  readonly sold: readonly Unit[];
  /** Why its leaves are drawn otherwise than its sisters'. */
  readonly drawnApart?: string;
  /** Where it flowers earlier or later than its sisters, and so is in leaf at other times. */
  readonly inLeaf?: SpeciesFacts['inLeaf'];
  readonly goneOver?: SpeciesFacts['goneOver'];
  /** What is not as in the species, and why. */
  readonly but?: { readonly why: string } & Partial<SpeciesFacts>;
}

/** A unit it is sold in, with its typical price, and how many are in it where the size does not tell: bulbs. */
export type Unit = readonly [PlantKind['sold'][number]['size'], price: number, perSale?: number];

export interface Species extends SpeciesFacts {
  readonly botanical: string;
  readonly kinds: readonly KindOfSpecies[];
}

/** The records of a species' kinds, every field said. */
export function kindsOf({ botanical, kinds, ...facts }: Species): readonly PlantKind[] {
  return kinds.map((kind) => recordOf(botanical, facts, kind));
}

function recordOf(botanical: string, shared: SpeciesFacts, kind: KindOfSpecies): PlantKind {
  const { but, sun, leaf: foliage, sold, ...own } = kind;
  const facts: SpeciesFacts = { ...shared, ...timesOf(kind), ...but };
  const { cycle, company, lowestC, rootsC, bringInC, sulksC, bears, inLeaf, inShops } = facts;
  const { thirst, dryBetween, woodGrows, edible, notEdible, skin, propagation } = facts;
  const [leastC, dryC, humidC] = facts.summer;
  const [growing, cold, heat, harm] = facts.sure;
  const units = sold.map(([size, price, perSale]) => ({
    size,
    price,
    ...(perSale === undefined ? {} : { perSale }),
  }));
  return {
    id: own.id,
    botanical,
    common: own.common,
    alsoCalled: alsoOf(kind, facts),
    british: facts.british ?? [],
    american: facts.american ?? [],
    synonyms: facts.synonyms ?? [],
    misapplied: facts.misapplied ?? [],
    description: own.description,
    habit: own.habit,
    roles: own.roles,
    heightCm: own.heightCm,
    spreadCm: own.spreadCm,
    trailCm: own.trailCm ?? null,
    weeksToFill: own.weeksToFill,
    vigour: own.vigour,
    light: { hours: [sun[0], sun[1]], afternoon: sun[2] },
    thirst,
    dryBetween,
    feed: own.feed,
    lowestC,
    rootsC,
    bringInC,
    sulksC,
    summer: { leastC, dryC, humidC },
    bears,
    cycle,
    company,
    inLeaf,
    goneOver: facts.goneOver ? { week: facts.goneOver[0], remains: facts.goneOver[1] } : null,
    inShops,
    woodGrows,
    foliage,
    bloom: own.bloom ?? null,
    fruit: own.fruit ?? null,
    scent: own.scent ?? 'none',
    wildlife: facts.wildlife === 'none known' ? [] : facts.wildlife,
    edible,
    notEdible,
    toxicity: toxicityOf(facts.harm),
    irritant: { skin: skin?.[0] ?? 'no', note: skin?.[1] ?? '' },
    runsWild: facts.wild,
    sold: units,
    ...earlyOf({ botanical, cycle, sold: units, propagation, inShops }),
    support: own.support ?? 'none',
    propagation,
    confidence: { growing, cold, heat, harm },
  };
}

/** Its own other names, then its species', but not what it is called already. */
function alsoOf(kind: KindOfSpecies, { also }: SpeciesFacts): readonly string[] {
  const names = [...(kind.alsoCalled ?? []), ...(also === 'no other name' ? [] : also)];
  const own = kind.common.toLowerCase();
  return [...new Set(names)].filter((name) => name.toLowerCase() !== own);
}

function timesOf({ inLeaf, goneOver }: KindOfSpecies) {
  return { ...(inLeaf ? { inLeaf } : {}), ...(goneOver !== undefined ? { goneOver } : {}) };
}

function toxicityOf({ people, pets, note, ...more }: HarmTold): PlantKind['toxicity'] {
  const dogs = more.dogs ?? pets;
  // Horses are less often written of: what is mild for cats and dogs is unsure for them.
  const horses = more.horses ?? (pets === 'mild' ? 'unsure' : pets);
  const way = more.way ?? 'eaten';
  const by = (harm: Harm, parts: readonly HarmPart[] | undefined) =>
    harm === 'none known' ? null : { parts: parts ?? (['all parts'] as const), way };
  const petParts = more.petParts ?? more.parts;
  return {
    people,
    cats: pets,
    dogs,
    horses,
    note,
    by: {
      people: by(people, more.parts),
      cats: by(pets, petParts),
      dogs: by(dogs, petParts),
      horses: by(horses, petParts),
    },
  };
}

/** Leaf facts: colour, shape, length in cm, and what is out of the ordinary. Texture follows from the length unless given. */
export function leaf(
  main: Oklch,
  shape: Foliage['shape'],
  lengthCm: number,
  more: Partial<Foliage> = {},
): Foliage {
  const texture =
    lengthCm < 2.6 || shape === 'cut' || shape === 'needle'
      ? 'fine'
      : lengthCm < 9
        ? 'medium'
        : 'bold';
  return {
    main,
    second: null,
    vein: null,
    stem: STEM.green,
    under: null,
    pattern: 'plain',
    texture,
    shape,
    lengthCm,
    surface: 'matt',
    evergreen: false,
    ...more,
  };
}

/** Flower facts: colour, form, size in cm, weeks of the year, share of the plant covered, and what is out of the ordinary. */
export function flower(
  main: Oklch,
  form: Bloom['form'],
  sizeCm: number,
  weeks: readonly [number, number],
  cover: number,
  more: Partial<Bloom> = {},
): Bloom {
  return {
    main,
    eye: null,
    second: null,
    form,
    sizeCm,
    weeks,
    continuous: true,
    deadhead: false,
    pinch: false,
    cover,
    ...more,
  };
}
