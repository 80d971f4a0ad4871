import type { Oklch } from '../../colour/oklch';
import type { Harm, PlantKind } from '../kind';
import { STEM } from './palette';

type Foliage = PlantKind['foliage'];
type Bloom = NonNullable<PlantKind['bloom']>;
type Range = readonly [number, number];

/** What most kinds of a group share; each kind states where it differs. */
export type Group = Pick<
  PlantKind,
  | 'thirst'
  | 'dryBetween'
  | 'feed'
  | 'lowestC'
  | 'bringInC'
  | 'cycle'
  | 'sold'
  | 'propagation'
  | 'support'
  | 'scent'
  | 'wildlife'
  | 'confidence'
> & { readonly sun: readonly [number, number, PlantKind['light']['afternoon']] };

/** The part of a record that every kind states for itself. */
export interface Facts extends Partial<Omit<Group, 'sun'>> {
  readonly habit: PlantKind['habit'];
  readonly roles: PlantKind['roles'];
  readonly height: Range;
  readonly spread: Range;
  readonly trail?: Range;
  readonly fill: number;
  readonly vigour: number;
  readonly sun?: Group['sun'];
  readonly leaf: Foliage;
  readonly bloom?: Bloom;
  readonly fruit?: PlantKind['fruit'];
  readonly edible?: string;
  readonly notEdible?: string;
  /** People, cats and dogs, and what is known; then where cats, dogs or horses differ. Left out: nothing known. */
  readonly harm?: readonly [
    people: Harm,
    pets: Harm,
    note: string,
    apart?: Partial<Record<'cats' | 'dogs' | 'horses', Harm>>,
  ];
  readonly skin?: readonly ['yes' | 'unsure', string];
  readonly wild?: string;
  readonly alsoCalled?: readonly string[];
}

/** A record of the book from its group and its own facts. */
export function plant(
  group: Group,
  id: string,
  botanical: string,
  common: string,
  description: string,
  facts: Facts,
): PlantKind {
  const { sun: groupSun, ...shared } = group;
  const {
    height,
    spread,
    trail,
    fill,
    sun = groupSun,
    leaf,
    bloom,
    fruit,
    edible,
    notEdible,
    harm,
    skin,
    wild,
    alsoCalled,
    ...own
  } = facts;
  // Where harm is not known for sure the record as a whole is less sure.
  const unsure = [harm?.[0], harm?.[1], skin?.[0]].includes('unsure');
  return {
    ...shared,
    ...(unsure ? { confidence: 'fair' as const } : {}),
    ...own,
    id,
    botanical,
    common,
    description,
    alsoCalled: alsoCalled ?? [],
    heightCm: height,
    spreadCm: spread,
    trailCm: trail ?? null,
    weeksToFill: fill,
    light: { hours: [sun[0], sun[1]], afternoon: sun[2] },
    foliage: leaf,
    bloom: bloom ?? null,
    fruit: fruit ?? null,
    edible: edible ?? null,
    notEdible: notEdible ?? null,
    toxicity: {
      ...harms(harm),
      note: harm?.[2] ?? 'Nothing harmful is widely reported; no plant is meant as food for pets.',
    },
    irritant: { skin: skin?.[0] ?? 'no', note: skin?.[1] ?? '' },
    runsWild: wild ?? null,
  };
}

/** Harm by creature. Horses are less often written of: what is mild or unsure for cats and dogs is unsure for them. */
function harms(harm: Facts['harm']): Omit<PlantKind['toxicity'], 'note'> {
  const pets = harm?.[1] ?? 'none known';
  return {
    people: harm?.[0] ?? 'none known',
    cats: pets,
    dogs: pets,
    horses: pets === 'mild' ? 'unsure' : pets,
    ...harm?.[3],
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
