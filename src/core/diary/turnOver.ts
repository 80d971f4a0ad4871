import { addDays, weekOfDay, type Day } from '../calendar/day';
import type { Entry, What } from '../log/entry';
import { borneC } from '../plants/tender';
import type { KindId, PlantKind, Propagation } from '../plants/kind';
import { allPlants, type PlaceId, type Planting, type PlantingInSpot } from '../plantings/planting';
import { eachMinor } from './worth';
import { yearOut, type WeekOut } from '../spots/yearOut';

/** What becomes of plants when a planting is over. */
export const FATES = [
  'keep',
  'divide',
  'cuttings',
  'indoors',
  'garden',
  'give away',
  'compost',
] as const;
export type Fate = (typeof FATES)[number];

/** What is advised for all plants of one kind. */
export interface Advice {
  readonly kind: PlantKind;
  readonly places: readonly PlaceId[];
  readonly fate: Fate;
  /** The way to make more of it that is meant; `null`: none is. */
  readonly how: Propagation | null;
  /** The day before the first week whose nights may be too cold for it; `null`: none are within a year. */
  readonly by: Day | null;
  /** What one of them costs to buy, pence or cents. */
  readonly eachMinor: number;
}

const NONE: ReadonlyMap<PlaceId, unknown> = new Map();

/** Clumps are parted from this age on. Usual advice: every second or third year. */
const PARTED_WEEKS = 90;
const findHow = (kind: PlantKind, words: RegExp): Propagation | null =>
  kind.propagation.find((how) => words.test(how)) ?? null;

/** What to do with each kind of a planting that comes to its end, on a day. @param gone plants that stand there no more */
export function turnOver(
  it: PlantingInSpot,
  { today, gone = NONE }: { readonly today: Day; readonly gone?: ReadonlyMap<PlaceId, unknown> },
): readonly Advice[] {
  const year = yearOut(it.spot).weeks;
  const coldest = Math.min(...year.map(({ coldC }) => coldC));
  const kinds = new Map<KindId, { readonly kind: PlantKind; readonly places: PlaceId[] }>();
  for (const { id, kindId, kind } of allPlants(it)) {
    if (gone.has(id)) continue;
    const known = kinds.get(kindId);
    if (known) known.places.push(id);
    else kinds.set(kindId, { kind, places: [id] });
  }
  return [...kinds.values()].map(({ kind, places }) => {
    const weeks = Math.max(...places.map((id) => it.weeksBefore[id] ?? 0));
    const { fate, how } = fateOf(kind, coldest, weeks);
    return {
      kind,
      places,
      fate,
      how,
      by: fate === 'keep' || fate === 'compost' ? null : coldFrom(kind, year, today),
      eachMinor: eachMinor(kind),
    };
  });
}

function fateOf(
  kind: PlantKind,
  coldest: number,
  weeksBefore: number,
): { readonly fate: Fate; readonly how: Propagation | null } {
  if (kind.cycle === 'annual' || kind.cycle === 'biennial') {
    const seed = findHow(kind, /^seed/);
    return { fate: 'compost', how: seed };
  }
  // Those that are taken before the cold: others want the plant itself to come through.
  const cuttings = findHow(kind, /^(tip|semi-ripe|leaf)/);
  if (borneC(kind) <= coldest && kind.rootsC <= coldest) {
    const parted = findHow(kind, /^division|^offsets/);
    return parted && weeksBefore >= PARTED_WEEKS
      ? { fate: 'divide', how: parted }
      : { fate: 'keep', how: null };
  }
  // In the ground roots do not freeze from the side.
  if (kind.lowestC <= coldest) return { fate: 'garden', how: null };
  const lifted = findHow(kind, /lifted/);
  // A pot of cuttings needs a sill; the whole plant a room.
  if (cuttings && !lifted) return { fate: 'cuttings', how: cuttings };
  return { fate: 'indoors', how: lifted };
}

/** What need not be bought next year, pence or cents. */
export function savesMinor({
  fate,
  places,
  eachMinor,
}: Pick<Advice, 'fate' | 'places' | 'eachMinor'>): number {
  return Math.round(savedBy(fate) * places.length * eachMinor);
}

/** Plants that a fate leaves for next year, for each there is. */
function savedBy(fate: Fate): number {
  if (fate === 'divide') return 2;
  return fate === 'keep' || fate === 'cuttings' || fate === 'indoors' ? 1 : 0;
}

/** Plants that go to the shed for each there is: those that do not stay where they are. */
export function toShed(fate: Fate): number {
  if (fate === 'divide') return 1;
  return fate === 'cuttings' || fate === 'indoors' ? 1 : 0;
}

/** The day before the first week ahead with a night, in one year of ten, that it would not live through. */
function coldFrom(kind: PlantKind, year: readonly WeekOut[], today: Day): Day | null {
  for (let ahead = 0; ahead < 52; ahead += 1) {
    const day = addDays(today, ahead * 7);
    if ((year[weekOfDay(day) - 1]?.coldC ?? Infinity) < borneC(kind)) return addDays(day, -1);
  }
  return null;
}

const WHERE: Partial<Readonly<Record<Fate, Extract<What, { readonly did: 'removed' }>['to']>>> = {
  indoors: 'indoors',
  garden: 'garden',
  'give away': 'given away',
  // The old plant goes, its cuttings stay.
  cuttings: 'compost',
  compost: 'compost',
};

/** What is written when a planting is turned over: what went where, and that it is over. What is kept or parted stays in its place. */
export function turnedOver(
  fates: readonly {
    readonly kind: Pick<PlantKind, 'id'>;
    readonly places: readonly PlaceId[];
    readonly fate: Fate;
  }[],
  of: Pick<Entry['of'], 'plantingId' | 'spotId'>,
): readonly Pick<Entry, 'of' | 'what'>[] {
  const stays = fates.flatMap(({ fate, places }) => (WHERE[fate] ? [] : places));
  return [
    // With what stays, or else nobody could tell "all of it" from "nobody said".
    { of: { ...of, placeIds: stays }, what: { did: 'ended', why: '' } },
    ...fates.flatMap(({ kind, places, fate }) => {
      const to = WHERE[fate];
      return to
        ? [
            {
              of: { ...of, kindId: kind.id, placeIds: [...places] },
              what: { did: 'removed' as const, why: 'over' as const, to },
            },
          ]
        : [];
    }),
  ];
}

/**
 * What is written of a planting when the one that goes on from it is planted: what the next has in the same place stays there, the rest
 * was taken out.
 * @param gone plants of the former that stood there no more
 */
export function endedByNext(
  former: PlantingInSpot,
  next: Pick<Planting, 'places' | 'sides'>,
  gone: ReadonlyMap<PlaceId, unknown>,
): readonly Pick<Entry, 'of' | 'what'>[] {
  const kindAt = new Map(
    [...next.places, ...(next.sides ?? [])].map((one) => [one.id, one.kindId]),
  );
  const rows = allPlants(former)
    .filter(({ id }) => !gone.has(id))
    .map(({ id, kind }) => ({
      kind,
      places: [id],
      fate: kindAt.get(id) === kind.id ? ('keep' as const) : ('compost' as const),
    }));
  return turnedOver(rows, { plantingId: former.planting.id, spotId: former.spot.id });
}
