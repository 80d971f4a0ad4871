import { lookApart } from '../colour/ciede2000';
import type { Oklch } from '../colour/oklch';
import { findKinds } from '../plants/find';
import {
  middle,
  noHarmKnown,
  type FlowerForm,
  type Habit,
  type KindId,
  type LeafShape,
  type PlantKind,
  type Role,
  type SURFACES,
  type TEXTURES,
} from '../plants/kind';
import { ofInterest } from '../plants/season';

export const COLOUR_PARTS = ['any part', 'leaf', 'vein', 'stem', 'flower', 'throat'] as const;
export type ColourPart = (typeof COLOUR_PARTS)[number];
export const SAFE_FOR = ['people', 'cats', 'dogs', 'horses'] as const;
export type SafeFor = (typeof SAFE_FOR)[number];

/** What a gardener looks for. What is not asked is `null` or empty. */
export interface Query {
  readonly words: string;
  readonly role: Role | null;
  readonly habit: Habit | null;
  /** Direct sun, hours a day. */
  readonly sunHours: number | null;
  readonly tallestCm: number | null;
  readonly widestCm: number | null;
  readonly trails: boolean;
  readonly thirst: PlantKind['thirst'] | null;
  readonly colour: { readonly at: Oklch; readonly part: ColourPart } | null;
  readonly texture: (typeof TEXTURES)[number] | null;
  readonly leafShape: LeafShape | null;
  readonly surface: (typeof SURFACES)[number] | null;
  readonly form: FlowerForm | null;
  /** A week of the book's year in which it should be worth looking at. */
  readonly week: number | null;
  /** Coldest night it must live through, °C. */
  readonly coldestC: number | null;
  readonly edible: boolean;
  readonly safeFor: readonly SafeFor[];
  readonly scented: boolean;
  readonly wildlife: boolean;
  readonly priceMost: number | null;
  /** Kinds that are to be had; `null`: any. */
  readonly among: ReadonlySet<KindId> | null;
}

export const NO_QUERY: Query = {
  words: '',
  role: null,
  habit: null,
  sunHours: null,
  tallestCm: null,
  widestCm: null,
  trails: false,
  thirst: null,
  colour: null,
  texture: null,
  leafShape: null,
  surface: null,
  form: null,
  week: null,
  coldestC: null,
  edible: false,
  safeFor: [],
  scented: false,
  wildlife: false,
  priceMost: null,
  among: null,
};

/** What may stand against a kind. */
export type Against = Exclude<keyof Query, 'words'>;

/** CIEDE2000 within which a colour counts as the one looked for: plainly of that family, not the very shade. */
const SAME_FAMILY = 16;
const ALL_DAY_H = 12;

/** Colours a part of a kind shows; of any part, those that carry it. */
export function coloursAt(kind: PlantKind, part: ColourPart): readonly Oklch[] {
  return COLOURS_AT[part](kind).filter(
    (colour): colour is Oklch => colour !== null && colour !== undefined,
  );
}

/** Share of a plant its flowers cover from which they carry its colour. */
const CARRIES = 0.1;

const COLOURS_AT: Readonly<
  Record<ColourPart, (kind: PlantKind) => readonly (Oklch | null | undefined)[]>
> = {
  leaf: ({ foliage }) => [foliage.main, foliage.second, foliage.under],
  vein: ({ foliage }) => [foliage.vein],
  stem: ({ foliage }) => [foliage.stem],
  flower: ({ bloom }) => [bloom?.main, bloom?.second],
  throat: ({ bloom }) => [bloom?.eye],
  'any part': ({ foliage, bloom, fruit }) => [
    foliage.main,
    foliage.second,
    ...(bloom && bloom.cover > CARRIES ? [bloom.main, bloom.second] : []),
    fruit?.colour,
  ],
};

/** How near a kind comes to a colour, CIEDE2000; infinity when it has no such part. */
export function colourGap(kind: PlantKind, { at, part }: NonNullable<Query['colour']>): number {
  return coloursAt(kind, part).reduce(
    (least, colour) => Math.min(least, lookApart(colour, at)),
    Infinity,
  );
}

const TESTS: { readonly [F in Against]: (kind: PlantKind, query: Query) => boolean } = {
  role: (kind, { role }) => role === null || kind.roles.includes(role),
  habit: (kind, { habit }) => habit === null || kind.habit === habit,
  sunHours: (
    {
      light: {
        hours: [least, most],
      },
    },
    { sunHours },
  ) => sunHours === null || (sunHours >= least && (sunHours <= most || most >= ALL_DAY_H)),
  tallestCm: (kind, { tallestCm }) => tallestCm === null || middle(kind.heightCm) <= tallestCm,
  widestCm: (kind, { widestCm }) => widestCm === null || middle(kind.spreadCm) <= widestCm,
  trails: (kind, { trails }) => !trails || kind.trailCm !== null,
  thirst: (kind, { thirst }) => thirst === null || kind.thirst === thirst,
  texture: (kind, { texture }) => texture === null || kind.foliage.texture === texture,
  leafShape: (kind, { leafShape }) => leafShape === null || kind.foliage.shape === leafShape,
  surface: (kind, { surface }) => surface === null || kind.foliage.surface === surface,
  form: (kind, { form }) => form === null || kind.bloom?.form === form,
  week: (kind, { week }) => week === null || ofInterest(kind, week),
  coldestC: (kind, { coldestC }) => coldestC === null || kind.lowestC <= coldestC,
  edible: (kind, { edible }) => !edible || kind.edible !== null,
  safeFor: (kind, { safeFor }) =>
    safeFor.length === 0 ||
    (safeFor.length === SAFE_FOR.length
      ? noHarmKnown(kind)
      : safeFor.every(
          (who) =>
            kind.toxicity[who] === 'none known' &&
            (who !== 'people' || kind.irritant.skin === 'no'),
        )),
  scented: (kind, { scented }) => !scented || kind.scent !== 'none',
  wildlife: (kind, { wildlife }) => !wildlife || kind.wildlife.length > 0,
  priceMost: (kind, { priceMost }) =>
    priceMost === null || Math.min(...kind.sold.map(({ price }) => price)) <= priceMost,
  among: (kind, { among }) => among === null || among.has(kind.id),
  // The dearest question last.
  colour: (kind, { colour }) => colour === null || colourGap(kind, colour) <= SAME_FAMILY,
};
const FACETS = Object.keys(TESTS) as readonly Against[];

/** What is asked besides words. */
export function asked(query: Query): readonly Against[] {
  return FACETS.filter((facet) => {
    const value = query[facet];
    return Array.isArray(value) ? value.length > 0 : value !== null && value !== false;
  });
}

/** Everything that stands against a kind, up to a number. */
export function standsAgainst(kind: PlantKind, query: Query, most = 2): readonly Against[] {
  const against: Against[] = [];
  for (const facet of FACETS) {
    if (TESTS[facet](kind, query)) continue;
    against.push(facet);
    if (against.length >= most) break;
  }
  return against;
}

export interface Finding {
  readonly kind: PlantKind;
  /** The one thing against it; `null` when it is all that was asked. */
  readonly against: Against | null;
}

/**
 * Kinds that are all that is asked, best by words and colour first, and after them those with one thing against.
 */
export function findBy(
  kinds: readonly PlantKind[],
  query: Query,
): { readonly suited: readonly Finding[]; readonly nearly: readonly Finding[] } {
  const suited: Finding[] = [];
  const nearly: Finding[] = [];
  for (const kind of findKinds(kinds, query.words)) {
    const against = standsAgainst(kind, query);
    if (against.length === 0) suited.push({ kind, against: null });
    else if (against.length === 1) nearly.push({ kind, against: against[0]! });
  }
  const { colour } = query;
  if (!colour) return { suited, nearly };
  const gaps = new Map(suited.map(({ kind }) => [kind, colourGap(kind, colour)]));
  return { suited: suited.sort((a, b) => gaps.get(a.kind)! - gaps.get(b.kind)!), nearly };
}
