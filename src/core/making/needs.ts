import { fillable, footL, mixL, type Container } from '../containers/container';
import { isHung } from '../containers/shape';
import type { MixId } from '../containers/mixes';
import { weightOf } from '../containers/weight';
import { dripPlaces } from '../placing/drip';
import { fillingOf } from '../potting/filling';
import type { House } from '../plantings/house';
import { seasonWeeks, stays, type PlaceId, type PlantingInSpot } from '../plantings/planting';
import type { KindId } from '../plants/kind';
import { FEED_G_PER_L, mixNeed, type MixNeed } from '../shopping/shoppingList';
import type { NurserySizeId } from '../plants/nursery';
import { sizesTaken, SIZES_BY_BALL } from './sizes';
import type { Want } from './packs';

/** A plant that is wanted somewhere. */
export interface WantedPlace {
  readonly plantingId: string;
  readonly placeId: PlaceId;
  readonly size: NurserySizeId;
}

/** Plants of one kind to buy, over all plantings. */
export interface PlantNeed {
  readonly kindId: KindId;
  readonly wants: readonly Want[];
  readonly places: readonly WantedPlace[];
  /** Already in the shed, and taken off. */
  readonly fromShed: number;
}

/** Mix of one kind. */
export interface MixLine extends MixNeed {
  readonly mix: MixId | 'own';
  readonly priceMinor: number;
}

/** Food for the plants, by what the house prefers. */
export interface FeedLine {
  readonly what: 'slow-release' | 'liquid' | 'pellets';
  /** Grams, or millilitres of liquid. */
  readonly amount: number;
  readonly packs: number;
  readonly packAmount: number;
  readonly priceMinor: number;
}

export type BitWhat =
  | 'mesh'
  | 'coarse layer'
  | 'liner'
  | 'dressing'
  | 'obelisk'
  | 'wigwam'
  | 'trellis'
  | 'ties'
  | 'hook'
  | 'emitters'
  | 'drip line'
  | 'seed';
/** Anything else that goes into or under a container. */
export interface Bit {
  readonly what: BitWhat;
  /** Pieces, litres for layers and dressings, metres for the line. */
  readonly amount: number;
  readonly unit: 'pieces' | 'litres' | 'metres' | 'packets';
  readonly priceMinor: number;
  /** A hook: the weight it must bear, wet, kg. */
  readonly bearsKg?: number;
  /** Seed: of which kind. */
  readonly kindId?: KindId;
}

export interface Needs {
  readonly plants: readonly PlantNeed[];
  readonly mixes: readonly MixLine[];
  readonly feeds: readonly FeedLine[];
  readonly bits: readonly Bit[];
}

interface Circumstances {
  readonly house: House;
  /** Plants of a kind that are in the shed. */
  readonly owned: (kindId: KindId) => number;
  /** Has something stood in this planting's container before, so that only the top third is renewed where the house does so? */
  readonly isReused: (plantingId: string) => boolean;
}

/** All that some plantings need, each thing once over all of them. */
export function needsOf(its: readonly PlantingInSpot[], around: Circumstances): Needs {
  return {
    plants: plantNeeds(its, around.owned),
    mixes: mixLines(its, around),
    feeds: feedLines(its, around),
    bits: bitsOf(its, around),
  };
}

function plantNeeds(
  its: readonly PlantingInSpot[],
  owned: Circumstances['owned'],
): readonly PlantNeed[] {
  const found = new Map<KindId, { places: WantedPlace[]; wants: Map<string, Want> }>();
  for (const it of its) {
    const takes = sizesTaken(it);
    for (const plant of it.plants) {
      const { id, kindId, size } = plant;
      if (stays(it, plant)) continue;
      const need = found.get(kindId) ?? { places: [], wants: new Map<string, Want>() };
      found.set(kindId, need);
      need.places.push({ plantingId: it.planting.id, placeId: id, size });
      const { from, to } = takes.get(id)!;
      want(need.wants, from, to);
    }
    // What is pushed through a hole is bought in the size that goes through.
    for (const { id, kindId, size } of it.sides) {
      const need = found.get(kindId) ?? { places: [], wants: new Map<string, Want>() };
      found.set(kindId, need);
      need.places.push({ plantingId: it.planting.id, placeId: id, size });
      want(need.wants, size, size);
    }
  }
  return [...found].map(([kindId, { places, wants }]) => {
    const fromShed = Math.min(owned(kindId), places.length);
    return { kindId, places, fromShed, wants: lessOwned([...wants.values()], fromShed) };
  });
}

function want(wants: Map<string, Want>, from: NurserySizeId, to: NurserySizeId): void {
  const key = `${from} ${to}`;
  wants.set(key, { from, to, count: (wants.get(key)?.count ?? 0) + 1 });
}

/** Plants from the shed go where the choice of sizes is least. */
function lessOwned(wants: readonly Want[], owned: number): readonly Want[] {
  const width = ({ from, to }: Want) => SIZES_BY_BALL.indexOf(to) - SIZES_BY_BALL.indexOf(from);
  let left = owned;
  return [...wants]
    .sort((a, b) => width(a) - width(b))
    .map((want) => {
      const taken = Math.min(left, want.count);
      left -= taken;
      return { ...want, count: want.count - taken };
    })
    .filter(({ count }) => count > 0);
}

/** Mix to bring for one container, litres in place: only the top third where what is there goes on being used. */
function freshL(it: PlantingInSpot, { house, isReused }: Circumstances): number {
  const { container, id } = it.planting;
  const { netL, topThirdL, fillL } = fillingOf(
    container,
    it.plants.map(({ size }) => size),
    false,
    it.sides.map(({ size }) => size),
  );
  const third =
    isReused(id) &&
    (house.mix === 'always top third' ||
      (house.mix === 'fresh in small, top third in large' && fillL >= LARGE_L));
  return third ? Math.min(netL, topThirdL) : netL;
}
/** From this much mix on only the top third is renewed, litres: the usual advice. */
const LARGE_L = 30;

function mixLines(its: readonly PlantingInSpot[], around: Circumstances): readonly MixLine[] {
  const litres = new Map<MixId | 'own', number>();
  for (const it of its) {
    const { mix, ownMix } = it.planting.container;
    const id = ownMix ? 'own' : mix;
    litres.set(id, (litres.get(id) ?? 0) + freshL(it, around));
  }
  return [...litres].map(([mix, netL]) => {
    const need = mixNeed(netL);
    return { mix, ...need, priceMinor: minorOf(need.price) };
  });
}

/** Pellets, g a litre of mix for each month. Ours, from a handful to a bucket. */
const PELLETS_G_PER_L = { none: 0, light: 2, medium: 3, heavy: 4 } as const;
/** Weeks that pellets last. */
export const PELLET_WEEKS = 4;
/** Liquid: from week 6, weekly, a tenth of the mix in litres of feed at half strength beside slow-release, 2.5 ml to the litre. */
const LIQUID = { fromWeek: 6, share: 0.1, mlPerL: 2.5 } as const;
const PACKS = {
  'slow-release': { amount: 500, priceMinor: 600 },
  liquid: { amount: 1000, priceMinor: 550 },
  pellets: { amount: 1500, priceMinor: 650 },
} as const;

function feedLines(its: readonly PlantingInSpot[], { house }: Circumstances): readonly FeedLine[] {
  const amounts = { 'slow-release': 0, liquid: 0, pellets: 0 };
  for (const it of its) {
    if (it.plants.length === 0) continue;
    const litres = mixL(it.planting.container);
    const mean = (
      rates: Readonly<Record<PlantingInSpot['plants'][number]['kind']['feed'], number>>,
    ) => it.plants.reduce((sum, { kind }) => sum + rates[kind.feed], 0) / it.plants.length;
    const weeks = seasonWeeks(it.planting);
    if (house.feed === 'organic pellets')
      amounts.pellets += mean(PELLETS_G_PER_L) * litres * Math.ceil(weeks / PELLET_WEEKS);
    else amounts['slow-release'] += mean(FEED_G_PER_L) * litres;
    const hungry = it.plants.filter(({ kind }) => kind.feed === 'heavy').length / it.plants.length;
    if (house.feed === 'slow-release and liquid')
      amounts.liquid +=
        hungry * Math.max(0, weeks - LIQUID.fromWeek) * LIQUID.share * litres * LIQUID.mlPerL;
  }
  return (Object.keys(amounts) as FeedLine['what'][]).flatMap((what) => {
    const amount = amounts[what];
    if (amount < 0.5) return [];
    const pack = PACKS[what];
    const packs = Math.ceil(amount / pack.amount - 1e-9);
    return [{ what, amount, packs, packAmount: pack.amount, priceMinor: packs * pack.priceMinor }];
  });
}

/** Typical prices of small things, pence or cents for one piece, litre or metre. Ours, from price tags. */
const BIT_PRICES: Readonly<Record<Bit['what'], number>> = {
  mesh: 30,
  'coarse layer': 60,
  liner: 350,
  dressing: 70,
  obelisk: 1800,
  wigwam: 450,
  trellis: 900,
  ties: 10,
  hook: 700,
  emitters: 90,
  'drip line': 80,
  seed: 250,
};
/** Soft ties to one thing to climb. Ours. */
const TIES = 6;
/** What a hook is rated for against the wet weight, so that wind and a hand on it are borne too: the usual factor. The maker rules. */
export const HOOK_FACTOR = 3;

function bitsOf(its: readonly PlantingInSpot[], { house }: Circumstances): readonly Bit[] {
  const amounts = new Map<Bit['what'], number>();
  const add = (what: Bit['what'], amount: number) => {
    if (amount > 0) amounts.set(what, (amounts.get(what) ?? 0) + amount);
  };
  let bearsKg = 0;
  const seeds = new Set<KindId>();
  for (const it of its) {
    const { planting, plants, spot } = it;
    for (const kindId of planting.rimSeeds ?? []) seeds.add(kindId);
    const { container, support } = planting;
    const filling = fillingOf(
      container,
      plants.map(({ size }) => size),
      false,
    );
    const foot = footOf(container, house);
    if (foot.over === 'mesh') add('mesh', container.drainHoles);
    if (foot.over === 'liner') add('liner', 1);
    add('coarse layer', foot.litres);
    add('dressing', filling.dressingL);
    if (support) {
      add(support.form, 1);
      add('ties', TIES);
    }
    if (isHung(container.shape)) {
      add('hook', 1);
      bearsKg = Math.max(bearsKg, soakedKg(container) * HOOK_FACTOR);
    }
    if (spot.waters.by === 'drip' && plants.length > 0) {
      add('emitters', dripPlaces(container, plants).length);
      add('drip line', filling.rimCm / 100);
    }
  }
  return [
    ...[...amounts].map(([what, amount]): Bit => ({
      what,
      amount,
      unit: unitOf(what),
      priceMinor: Math.round(amount * BIT_PRICES[what]),
      ...(what === 'hook' ? { bearsKg } : {}),
    })),
    // One packet of a kind sows many rims.
    ...[...seeds].map((kindId): Bit => ({
      what: 'seed',
      amount: 1,
      unit: 'packets',
      priceMinor: BIT_PRICES.seed,
      kindId,
    })),
  ];
}

/** Depth of a coarse layer where the container does not tell, cm. Usual advice of those who lay one. */
const COARSE_CM = 2.5;

/** What lies over the holes: what the container tells, else as the house does it; with the litres of a layer. */
export function footOf(
  container: Container,
  { drainage }: Pick<House, 'drainage'>,
): { readonly over: Container['foot'] | 'liner'; readonly litres: number } {
  if (container.material === 'coir') return { over: 'liner', litres: 0 };
  if (container.foot !== 'none' || container.drainHoles === 0)
    return { over: container.foot, litres: footL(container) };
  return drainage === 'mesh'
    ? { over: 'mesh', litres: 0 }
    : { over: 'coarse', litres: fillable(container).volumeBelowL(COARSE_CM) };
}

const soakedKg = (container: Container): number => weightOf(container, 0.3).soakedKg;

function unitOf(what: Bit['what']): Bit['unit'] {
  if (what === 'drip line') return 'metres';
  return what === 'coarse layer' || what === 'dressing' ? 'litres' : 'pieces';
}

/** Pence or cents of a price. */
export function minorOf(price: number): number {
  return Math.round(price * 100);
}
