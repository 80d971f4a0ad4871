import { kindThere } from '../plantings/kindThere';
import { bookWeek } from '../spots/spot';
import type { Spot } from '../spots/spot';
import {
  inSpot,
  stays,
  USUAL_CARE,
  type PlaceId,
  type Planting,
  type PlantingInSpot,
} from '../plantings/planting';
import type { KindId, PlantKind } from '../plants/kind';
import { plantCost } from '../shopping/plantCost';
import { weekAfter, weeksBetween } from '../units/units';
import { seasonShare } from '../growth/growth';
import { finished, type Work } from '../work/steps';
import { finishing } from './finish';
import { kindsIn } from './remade';
import { frameFor } from './seasonChange';

/** Seasons for which pockets are filled, in their order. */
export const POCKET_SEASONS = ['spring', 'summer', 'autumn', 'winter'] as const;
export type PocketSeason = (typeof POCKET_SEASONS)[number];

/** Weeks of the book's year in which pockets change: first spring flowers in the shops, after the frosts, after summer, before winter. Ours. */
const CHANGES: Readonly<Record<PocketSeason, number>> = {
  spring: 11,
  summer: 21,
  autumn: 38,
  winter: 46,
};
/** A change nearer than this is no change but what stands there now, weeks. */
const SOONEST = 3;

/** When pockets change, and until when they are filled: weeks of the year at that spot. */
export interface ChangeWeeks {
  readonly season: PocketSeason;
  readonly plantedWeek: number;
  readonly endWeek: number;
}

/** One change of pockets. */
export interface PocketChange extends ChangeWeeks {
  /** What stands from then on, the frame at its age. */
  readonly it: PlantingInSpot;
  /** Kinds that come, and what they cost; none when nothing suits the pockets in that season. */
  readonly comes: readonly KindId[];
  readonly cost: number;
  /** How many ways there were to fill them. */
  readonly ways: number;
}

export interface PocketYear {
  /** Places that stay through all changes. */
  readonly frame: readonly PlaceId[];
  readonly changes: readonly PocketChange[];
}

/** The next four changes of a spot, from a week on. */
export function changesFrom(week: number, spot: Spot): readonly ChangeWeeks[] {
  const weeks = POCKET_SEASONS.map((season) => ({
    season,
    plantedWeek: bookWeek(CHANGES[season], spot),
  }));
  const inOrder = [...weeks].sort(
    (a, b) => weeksTo(week, a.plantedWeek) - weeksTo(week, b.plantedWeek),
  );
  return inOrder.map((change, i) => ({
    ...change,
    endWeek: inOrder[(i + 1) % inOrder.length]!.plantedWeek,
  }));
}

const weeksTo = (from: number, to: number): number => {
  const weeks = weeksBetween(from, to) % 52;
  return weeks < SOONEST ? weeks + 52 : weeks;
};

/** What stays through all of the changes: the frame. */
export function frameThrough(
  it: PlantingInSpot,
  changes: readonly ChangeWeeks[],
): readonly PlaceId[] {
  const through = changes.map((change) => new Set(frameFor(it, change)));
  return it.plants.map(({ id }) => id).filter((id) => through.every((one) => one.has(id)));
}

/**
 * Pockets for each of the next four seasons round a frame that stays and grows older.
 * @param frame what stays; `null`: all that can stay through the year
 * @param picks which way is taken for each change, from 0; left out: the best
 * @param planting how each is called and follows the one before
 */
export function* yearOfPockets(
  it: PlantingInSpot,
  {
    from,
    frame,
    picks = [],
    named,
  }: {
    readonly from: number;
    readonly frame: readonly PlaceId[] | null;
    readonly picks?: readonly number[];
    readonly named: Readonly<Record<PocketSeason, Pick<Planting, 'id' | 'name'>>>;
  },
  kinds: readonly PlantKind[],
): Work<PocketYear> {
  const weeks = changesFrom(from, it.spot);
  const stay = frame ?? frameThrough(it, weeks);
  const changes: PocketChange[] = [];
  // Tropical seasons bring no change of pockets: the weeks are one.
  const isSeasonless = new Set(weeks.map(({ plantedWeek }) => plantedWeek)).size < weeks.length;
  if (stay.length === 0 || isSeasonless) return { frame: stay, changes };
  let before = it;
  for (const [i, change] of weeks.entries()) {
    const next = yield* changed(before, change, {
      used: new Set(changes.slice(-REMEMBERED).flatMap(({ comes }) => comes)),
      stay,
      pick: picks[i] ?? 0,
      named: named[change.season],
      kinds,
    });
    changes.push(next);
    before = next.it;
  }
  return { frame: stay, changes };
}

/** The same at once. */
export function pocketsOf(...asked: Parameters<typeof yearOfPockets>): PocketYear {
  return finished(yearOfPockets(...asked));
}

/** Pockets of the two seasons before are not filled with the same again. */
const REMEMBERED = 2;

interface Filling {
  readonly stay: readonly PlaceId[];
  readonly pick: number;
  readonly named: Pick<Planting, 'id' | 'name'>;
  readonly kinds: readonly PlantKind[];
  /** Kinds that pockets were filled with not long before. */
  readonly used: ReadonlySet<KindId>;
}

function* changed(
  before: PlantingInSpot,
  weeks: ChangeWeeks,
  { stay, pick, named, kinds, used }: Filling,
): Work<PocketChange> {
  const { planting, spot, house } = before;
  const kept = before.plants.filter(({ id }) => stay.includes(id));
  const age = weeksBetween(planting.plantedWeek, weeks.plantedWeek);
  const weeksBefore = Object.fromEntries(
    kept.map(({ id }) => [id, (before.weeksBefore[id] ?? 0) + age]),
  );
  const kindOf = kindsIn(before, kinds);
  const joined = (one: Planting) => inSpot(one, spot, kindOf, house, weeksBefore);
  const then = unfilled(planting, weeks);
  const { budget } = planting.wishes;
  // What stays is not paid for again.
  const wishes = { ...planting.wishes, budget: budget === null ? null : budget + plantCost(kept) };
  const forPockets = kinds.filter((kind) => isForPocket(kind, weeks, spot) && !used.has(kind.id));
  let ways = yield* finishing(joined({ ...then, wishes }), forPockets, stay);
  if (ways.length === 0)
    // The frame plays every part of its own school: then pockets are a carpet round it.
    ways = yield* finishing(
      joined({ ...then, wishes: { ...wishes, school: 'dome' } }),
      forPockets,
      stay,
    );
  const places =
    ways[pick % Math.max(1, ways.length)]?.change.places ??
    then.places.filter(({ id }) => stay.includes(id));
  const it = joined({
    ...then,
    ...named,
    places: places.map(({ locked: _locked, ...place }) =>
      stay.includes(place.id) ? { ...place, locked: true } : place,
    ),
    follows: planting.id,
  });
  const fresh = it.plants.filter((plant) => !stays(it, plant));
  return {
    ...weeks,
    it,
    comes: [...new Set(fresh.map(({ kindId }) => kindId))],
    cost: plantCost(fresh),
    ways: ways.length,
  };
}

/** The planting as it goes on from a change, before its pockets are filled: without what belonged to the season gone by. */
function unfilled(planting: Planting, { plantedWeek, endWeek }: ChangeWeeks): Planting {
  const {
    rimSeeds: _seeds,
    secondChoices: _choices,
    madeIn: _made,
    whatIf: _whatIf,
    trial: _trial,
    sides: _sides,
    ...same
  } = planting;
  return { ...same, plantedWeek, endWeek, care: USUAL_CARE, meant: [], demo: false };
}

/** Is it bought for one season: not woody, or in flower meanwhile? A shrub that only keeps its leaves is frame. */
function isForPocket(kind: PlantKind, { plantedWeek, endWeek }: ChangeWeeks, spot: Spot): boolean {
  const { cycle, bloom } = kindThere(kind, spot);
  if (cycle !== 'shrub') return true;
  if (!bloom) return false;
  const weeks = weeksBetween(plantedWeek, endWeek);
  const inFlower = Array.from({ length: weeks }, (_, i) =>
    seasonShare(bloom.weeks, bookWeek(weekAfter(plantedWeek, i), spot)),
  ).filter((share) => share > 0.3).length;
  return inFlower >= weeks / 3;
}
