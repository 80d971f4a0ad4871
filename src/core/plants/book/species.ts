import type { Oklch } from '../../colour/oklch';
import type { Harm, PlantKind } from '../kind';
import { STEM } from './palette';

type Foliage = PlantKind['foliage'];
type Bloom = NonNullable<PlantKind['bloom']>;

/** What is true of a species whatever its colour or form: said once, for all its kinds. */
export interface SpeciesFacts {
  readonly cycle: PlantKind['cycle'];
  /** Lowest temperature its top lives through, °C. */
  readonly lowestC: number;
  /** Night temperature at which to bring it in, °C; `null` when it stays out. */
  readonly bringInC: number | null;
  /** Left out: as its cycle tells. */
  readonly inLeaf?: NonNullable<PlantKind['inLeaf']>;
  readonly thirst: PlantKind['thirst'];
  readonly dryBetween: boolean;
  /** People, cats and dogs, and what is known; then where dogs or horses differ. */
  readonly harm: readonly [
    people: Harm,
    pets: Harm,
    note: string,
    apart?: Partial<Record<'dogs' | 'horses', Harm>>,
  ];
  /** What touch may do; `null` when nothing is known. */
  readonly skin: readonly ['yes' | 'unsure', string] | null;
  readonly edible: string | null;
  readonly notEdible: string | null;
  /** Where it runs wild; `null` when no report is widely known. */
  readonly wild: string | null;
  readonly wildlife: PlantKind['wildlife'];
  readonly propagation: PlantKind['propagation'];
  readonly confidence: PlantKind['confidence'];
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
  /** What is not as in the species, and why. */
  readonly but?: { readonly why: string } & Partial<SpeciesFacts>;
}

/** A unit it is sold in, with its typical price. */
export type Unit = readonly [PlantKind['sold'][number]['size'], price: number];

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
  const { harm, skin, wild, ...facts }: SpeciesFacts = { ...shared, ...but };
  const [people, pets, note, apart] = harm;
  const { cycle, lowestC, bringInC, thirst, dryBetween, edible, notEdible, wildlife } = facts;
  return {
    id: own.id,
    botanical,
    common: own.common,
    alsoCalled: own.alsoCalled ?? [],
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
    bringInC,
    cycle,
    inLeaf: facts.inLeaf ?? null,
    foliage,
    bloom: own.bloom ?? null,
    fruit: own.fruit ?? null,
    scent: own.scent ?? 'none',
    wildlife,
    edible,
    notEdible,
    // Horses are less often written of: what is mild for cats and dogs is unsure for them.
    toxicity: {
      people,
      cats: pets,
      dogs: pets,
      horses: pets === 'mild' ? 'unsure' : pets,
      ...apart,
      note,
    },
    irritant: { skin: skin?.[0] ?? 'no', note: skin?.[1] ?? '' },
    runsWild: wild,
    sold: sold.map(([size, price]) => ({ size, price })),
    support: own.support ?? 'none',
    propagation: facts.propagation,
    confidence: facts.confidence,
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
