import { daysBetween, type Day } from '../calendar/day';
import { schemeOf } from '../checks/coloursSeen';
import { read } from '../checks/reading';
import { dayOf, isOf, type Entry } from '../log/entry';
import { lifeOf } from '../log/life';
import { kindOfEntry } from '../learning/badly';
import { allPlants, type PlantingInSpot } from '../plantings/planting';
import type { KindId } from '../plants/kind';
import { eachMinor, spentOn, WORK } from './worth';

/** What may be asked: which of these did well. */
export const SORTS = ['kinds', 'pairs', 'schools', 'colours', 'spots', 'years'] as const;
export type Sort = (typeof SORTS)[number];

/** One planting as it stood, with its entries that hold. */
export interface Past {
  readonly it: PlantingInSpot;
  readonly held: readonly Entry[];
  /** The first day it was looked at, and the last. */
  readonly from: Day;
  readonly until: Day;
}

/** How one of them did, over all plantings it stood in. */
export interface Fared {
  /** Of kinds their id, of pairs both ids with a space between, else the id of the school, the scheme or the spot, or the year. */
  readonly key: string;
  readonly plantings: number;
  readonly years: number;
  /** Weeks it stood, and those of them in which nothing bad was told of it. */
  readonly weeks: number;
  readonly goodWeeks: number;
  /** What it cost, pence or cents; of kinds at the book's prices, else as told; 0: not told. */
  readonly spentMinor: number;
  /** Days on which something was done to the plantings it stood in, and how often those were watered. */
  readonly workDays: number;
  readonly waterings: number;
}

/** After a word that it looks bad it is taken to look bad for so long, days: to the next time somebody is likely to tell. Ours. */
const BAD_DAYS = 7;
/** So many weeks are taken as usual before any were seen, and so much of them as good: a single week proves little. Ours. */
const USUAL_WEEKS = 8;
const USUAL_SHARE = 0.8;

/** Share of its weeks in which it was good, drawn back towards the usual by how few they are: what they are put in order by. */
export function goodShare({ weeks, goodWeeks }: Pick<Fared, 'weeks' | 'goodWeeks'>): number {
  return (goodWeeks + USUAL_SHARE * USUAL_WEEKS) / (weeks + USUAL_WEEKS);
}

/** How each of a sort did, the best first. */
export function didWell(pasts: readonly Past[], sort: Sort): readonly Fared[] {
  const found = new Map<
    string,
    { readonly ids: Set<string>; readonly years: Set<string> } & Sums
  >();
  for (const past of pasts)
    for (const { key, until, kinds, spentMinor } of partsOf(past, sort)) {
      const weeks = Math.floor(Math.max(0, daysBetween(past.from, until)) / 7);
      if (weeks === 0) continue;
      const sums = found.get(key) ?? { ids: new Set(), years: new Set(), ...NOTHING };
      found.set(key, sums);
      sums.ids.add(past.it.planting.id);
      sums.years.add(past.from.slice(0, 4));
      sums.weeks += weeks;
      sums.goodWeeks += Math.max(0, weeks - badWeeks(past, kinds, until));
      sums.spentMinor += spentMinor;
      sums.workDays += new Set(past.held.filter(({ what }) => WORK.has(what.did)).map(dayOf)).size;
      sums.waterings += past.held.filter((entry) => isOf(entry, 'watered')).length;
    }
  return [...found]
    .map(([key, { ids, years, ...sums }]) => ({
      key,
      plantings: ids.size,
      years: years.size,
      ...sums,
    }))
    .sort((a, b) => goodShare(b) - goodShare(a) || b.weeks - a.weeks || (a.key < b.key ? -1 : 1));
}

interface Sums {
  weeks: number;
  goodWeeks: number;
  spentMinor: number;
  workDays: number;
  waterings: number;
}
const NOTHING: Sums = { weeks: 0, goodWeeks: 0, spentMinor: 0, workDays: 0, waterings: 0 };

interface Part {
  readonly key: string;
  readonly until: Day;
  /** Kinds it is about; `null`: all of the planting. */
  readonly kinds: readonly KindId[] | null;
  readonly spentMinor: number;
}

function partsOf({ it, held, from, until }: Past, sort: Sort): readonly Part[] {
  const { planting, spot } = it;
  const whole = (key: string): readonly Part[] => [
    { key, until, kinds: null, spentMinor: held.reduce((sum, entry) => sum + spentOn(entry), 0) },
  ];
  switch (sort) {
    case 'schools':
      return whole(planting.wishes.school);
    case 'colours':
      return whole(schemeOf(read(it)).kind);
    case 'spots':
      return whole(spot.id);
    case 'years':
      return whole(from.slice(0, 4));
    default: {
      const kinds = kindsStood(it, held, until);
      if (sort === 'kinds')
        return kinds.map(({ kindId, last, spentMinor }) => ({
          key: kindId,
          until: last,
          kinds: [kindId],
          spentMinor,
        }));
      return kinds.flatMap((a, i) =>
        kinds.slice(i + 1).map((b) => ({
          key: [a.kindId, b.kindId].sort().join(' '),
          until: a.last < b.last ? a.last : b.last,
          kinds: [a.kindId, b.kindId],
          spentMinor: a.spentMinor + b.spentMinor,
        })),
      );
    }
  }
}

/** Kinds that went in, until when any plant of each stood, and what they cost by the book. */
function kindsStood(
  it: PlantingInSpot,
  held: readonly Entry[],
  until: Day,
): readonly { readonly kindId: KindId; readonly last: Day; readonly spentMinor: number }[] {
  const { wentIn, gone } = lifeOf(held);
  const lastDays = new Map<KindId, Day>();
  for (const { placeId, kindId } of wentIn) {
    const day = gone.get(placeId) ?? until;
    const known = lastDays.get(kindId);
    if (known === undefined || day > known) lastDays.set(kindId, day);
  }
  const costs = new Map<KindId, number>();
  for (const { kindId, kind, size } of allPlants(it))
    costs.set(kindId, (costs.get(kindId) ?? 0) + eachMinor(kind, size));
  return [...lastDays].map(([kindId, last]) => ({
    kindId,
    last: last < until ? last : until,
    spentMinor: Math.round(costs.get(kindId) ?? 0),
  }));
}

/** Weeks in which some of it was told to look bad, or had died before its time. */
function badWeeks({ it, held }: Past, kinds: readonly KindId[] | null, until: Day): number {
  const bad = new Set<number>();
  for (const entry of held) {
    if (!isOf(entry, 'looks bad') && !(isOf(entry, 'died') && entry.what.why !== 'over')) continue;
    const kindId = kindOfEntry(entry, it);
    // What is told of the whole container is told of each plant in it.
    if (kinds && kindId !== null && !kinds.includes(kindId)) continue;
    const day = dayOf(entry);
    if (day >= until) continue;
    bad.add(Math.floor(daysBetween(day, until) / BAD_DAYS));
  }
  return bad.size;
}
