import type { Scheme, SchemeReading } from '../colour/schemes';
import type { Opinion, Remark } from '../checks/opinion';
import type { CheckId } from '../checks/rules/index';
import { plantingOf, type Brief } from '../plantings/brief';
import { inSpot, type Place, type PlantingInSpot } from '../plantings/planting';
import type { SchoolId } from '../plantings/schoolId';
import type { KindId, PlantKind } from '../plants/kind';
import { isCoolSeason, isForShrubs } from '../suitability/season';
import { isForPerennials } from './liking';
import { standingOf } from '../suitability/standing';

/** One proposed planting: who, where, what it costs, how it scores. */
export interface Proposal {
  readonly school: SchoolId;
  /** The colours it was composed in. */
  readonly scheme: Scheme;
  readonly lead: KindId | null;
  readonly bodies: readonly KindId[];
  readonly edges: readonly KindId[];
  /** Bulbs that sleep beneath the others until it is their turn. */
  readonly beneath?: readonly KindId[];
  readonly places: readonly Place[];
  readonly cost: number;
  /** Whole opinion, 0–1. */
  readonly score: number;
  /** Colours of the wished scheme that are not to be had in it. */
  readonly missing: SchemeReading['missing'];
  /** How far there is colour enough to make the wished scheme, 0–1. */
  readonly coloured: number;
  /** How far it is of leaves alone where flowers were meant, 0–1; absent where flowers are not what the season is for. */
  readonly leafy?: number;
  /** Share of the cover wanted that its money does not reach, 0–1; absent where money is not counted. */
  readonly thin?: number;
  /** Is it to stand for a year or longer, so that its price is spread over them? */
  readonly lasts?: true;
  /** The first judgement of its cast: settles the order among plantings with nothing wrong. */
  readonly promise: number;
}

/** A proposal as a planting that can be judged and drawn, in the school it was composed in, and in its colours where those are told. */
export function proposedIn(
  {
    places,
    school,
    scheme,
  }: Pick<Proposal, 'places' | 'school'> & Partial<Pick<Proposal, 'scheme'>>,
  ask: Brief,
  kindOf: (id: KindId) => PlantKind | null,
): PlantingInSpot {
  return inSpot(
    plantingOf({ places, school, scheme }, ask, { id: 'proposal', name: 'Proposal' }),
    ask.spot,
    kindOf,
    ask.house,
  );
}

/** What the check of the scheme says of its colours. */
export function coloursIn({ remarks }: Opinion): Pick<Proposal, 'missing' | 'coloured'> {
  const scheme = remarks.find((remark): remark is Remark<'scheme'> => remark.check === 'scheme');
  return scheme
    ? { missing: scheme.facts.missing, coloured: scheme.facts.coloured }
    : { missing: [], coloured: 1 };
}

/** Checks whose trouble lies in the container or the place, whatever is planted. */
const OF_THE_PLACE: readonly CheckId[] = ['mix', 'root-heat', 'pot-frost', 'drainage', 'rain'];

/** The checks that call something trouble, but for what other plants would not mend. */
export function troublesIn({ remarks }: Opinion): ReadonlySet<CheckId> {
  return new Set(
    remarks.flatMap(({ check, severity }) =>
      severity === 'trouble' && !OF_THE_PLACE.includes(check) ? [check] : [],
    ),
  );
}

/** May it be offered? What a check calls trouble is not. */
export const isOffered = (opinion: Opinion): boolean => troublesIn(opinion).size === 0;

/** Share of the weeks in which a kind flowers from which it counts as one that flowers. Ours. */
const FLOWERS_OFTEN = 0.3;
const FLOWERS_IN_A_YEAR = 0.12;
/** What leaves alone count in the cool half of the year. Ours. */
const ALL_WINTER_LEAVES = 0.6;
/** Share of the weeks in which a kind flowers or bears from which it has colour then. Ours. */
const WINTER_COLOUR = 0.15;
const hasColour = (kind: PlantKind, ask: Brief): boolean => {
  const { flowering, fruiting } = standingOf(kind, ask);
  return Math.max(flowering, fruiting) >= WINTER_COLOUR;
};
/** Ideas that leaves alone make. */
const OF_LEAVES: ReadonlySet<string> = new Set(['green-and-white', 'dark-and-lime']);

/**
 * How far a planting is of leaves alone, where nothing else was asked for: in the warm half of the year the share of its kinds that do not
 * flower; in the cool half so much when nothing in it flowers or bears.
 */
export function leafyIn(plants: PlantingInSpot['plants'], ask: Brief): Pick<Proposal, 'leafy'> {
  const { company, kitchen, scheme } = ask.wishes;
  if (company || kitchen || OF_LEAVES.has(scheme.kind)) return {};
  const kinds = new Set(plants.map(({ kind }) => kind));
  // Perennials that come back flower for some weeks of the year, and are wished for because they do.
  if (isForShrubs(ask) && !isForPerennials(ask))
    return isCoolSeason(ask) && ![...kinds].some((kind) => hasColour(kind, ask))
      ? { leafy: ALL_WINTER_LEAVES }
      : {};
  const often = isForShrubs(ask) ? FLOWERS_IN_A_YEAR : FLOWERS_OFTEN;
  const flowering = [...kinds].filter((kind) => standingOf(kind, ask).flowering >= often);
  return { leafy: 1 - flowering.length / Math.max(1, kinds.size) };
}
