import { addDays, daysBetween, weekOfDay, type Day } from '../../calendar/day';
import { dayOf, type What } from '../../log/entry';
import { isTender, unhelpedC } from '../../plants/tender';
import type { PlacedPlant } from '../../plantings/planting';
import { within } from '../../plants/season';
import { bookWeek } from '../../spots/spot';
import type { Candidate, Rule } from '../task';
import { daysAhead, type CareWorld } from '../world';
import { kindsOf } from './kindly';

/** How many days ahead cold is told. */
const AHEAD = 4;
/** How far on the careful side a night told ahead is taken: in its usual misses. */
const CARE = 0.7;
/** A wall or a roof keeps a night so much milder, K; fleece so much. Ours and usual. */
const SHELTER_K = 1.5;
const FLEECE_K = 3;
/** Young tender leaves are hardened off for so many days after planting out. */
const HARDEN_DAYS = 10;
/** Single cool nights so far under their limit do tropical kinds no lasting harm, K. As the checks have it. */
const CHILL_BORNE_K = 3;
/** Nights that come again and again are from these weeks of the book's year on; a cool one in summer is no reason to carry pots in. */
const AUTUMN = [35, 52] as const;

/** The night that must be reckoned with. */
function nightC({ weather, reading }: CareWorld, day: Day): number {
  const { spot } = reading;
  const sheltered = spot.underCover || spot.exposure === 'sheltered' ? SHELTER_K : 0;
  return weather.on(day).minC - CARE * weather.missC(day) + sheltered;
}

/** The coldest night within the days told ahead that hurts some of the plants. */
function coldNight(
  world: CareWorld,
  hurts: (plant: PlacedPlant, nightC: number) => boolean,
): { readonly on: Day; readonly nightC: number; readonly plants: readonly PlacedPlant[] } | null {
  const nights = daysAhead(addDays(world.today, world.hour < 12 ? 0 : 1), AHEAD)
    .map((on) => ({ on, nightC: nightC(world, on) }))
    .map((night) => ({
      ...night,
      plants: world.reading.all.filter((plant) => hurts(plant, night.nightC)),
    }))
    .filter(({ plants }) => plants.length > 0);
  return nights[0] ?? null;
}

/** Was one of the two told later than the other? @param before only what was told before that day; left out: all of it */
const isLast = (
  { held }: CareWorld,
  did: What['did'],
  orElse: What['did'],
  before?: Day,
): boolean => {
  const last = held.findLast(
    (entry) =>
      (entry.what.did === did || entry.what.did === orElse) &&
      (before === undefined || dayOf(entry) < before),
  );
  return last?.what.did === did;
};

const isCovered = (world: CareWorld, before?: Day): boolean =>
  isLast(world, 'covered', 'uncovered', before);
const isIndoors = (world: CareWorld, before?: Day): boolean =>
  isLast(world, 'brought in', 'taken out again', before);

/** Does a night take it, and could fleece save it? What minds cool nights is brought in, not covered. */
const coverSaves = ({ kind }: PlacedPlant, c: number): boolean =>
  c < unhelpedC(kind) + 0.5 && c >= unhelpedC(kind) - FLEECE_K && kind.lowestC <= 5;

/** Fleece before a frost that fleece keeps off. */
export const cover: Rule = {
  id: 'cover',
  answeredBy: ['covered', 'brought in'],
  tasks: (world) => {
    const night = coldNight(world, coverSaves);
    if (!night || isCovered(world)) return [];
    return [
      {
        window: night.on,
        earliest: addDays(night.on, -2),
        best: addDays(night.on, -1) < world.today ? world.today : addDays(night.on, -1),
        latest: night.on,
        minutes: 3,
        tools: ['fleece'],
        places: night.plants.map(({ id }) => id),
        isUrgent: daysBetween(world.today, night.on) <= 1,
        facts: {
          rule: 'cover',
          kinds: kindsOf(night.plants),
          nightC: night.nightC,
          missC: world.weather.missC(night.on),
          on: night.on,
        },
      },
    ];
  },
};

/** Fleece off again on the first mild day: under it leaves grow soft and mould. */
export const uncover: Rule = {
  id: 'uncover',
  answeredBy: ['uncovered'],
  tasks: (world) => {
    if (!isCovered(world) || coldNight(world, coverSaves)) return [];
    return [
      {
        window: world.held.findLast(({ what }) => what.did === 'covered')!.id,
        earliest: world.today,
        best: world.today,
        latest: addDays(world.today, 2),
        minutes: 2,
        facts: { rule: 'uncover', nightC: nightC(world, addDays(world.today, 1)) },
      },
    ];
  },
};

/** A night that was too cold for what stood uncovered: so long it is asked to look, days. What was black shows within a day or two. */
const AFTER_DAYS = 6;

/** What could not be kept from a frost is looked at, once. */
export const afterFrost: Rule = {
  id: 'after frost',
  answeredBy: [],
  tasks: (world) => {
    const { today, weather, reading, life } = world;
    const { spot } = reading;
    const sheltered = spot.underCover || spot.exposure === 'sheltered' ? SHELTER_K : 0;
    const nights = Array.from({ length: AFTER_DAYS }, (_, i) => addDays(today, -i))
      .filter((on) => on > life.plantedOn && !isIndoors(world, on))
      .map((on) => {
        const c = weather.on(on).minC + sheltered + (isCovered(world, on) ? FLEECE_K : 0);
        return { on, c, plants: reading.all.filter(({ kind }) => c < unhelpedC(kind)) };
      });
    const night = nights.find(({ plants }) => plants.length > 0);
    if (!night) return [];
    return [
      {
        window: night.on,
        earliest: night.on,
        best: addDays(night.on, 1),
        latest: addDays(night.on, AFTER_DAYS - 1),
        minutes: 2,
        tools: ['snips'],
        places: night.plants.map(({ id }) => id),
        facts: {
          rule: 'after frost',
          kinds: kindsOf(night.plants),
          nightC: weather.on(night.on).minC,
          on: night.on,
          wasCovered: isCovered(world, night.on),
        },
      },
    ];
  },
};

/** Under a roof before nights that no fleece keeps off, and before nights that tropical kinds mind. */
export const bringIn: Rule = {
  id: 'bring in',
  answeredBy: ['brought in', 'moved'],
  tasks: (world) => {
    const book = bookWeek(weekOfDay(world.today), world.reading.spot);
    if (isIndoors(world) || book < AUTUMN[0] || book > AUTUMN[1]) return [];
    const night = coldNight(
      world,
      ({ kind }, c) =>
        isTender(kind) &&
        kind.cycle !== 'annual' &&
        c < (kind.bringInC === null ? unhelpedC(kind) - FLEECE_K : kind.bringInC - CHILL_BORNE_K),
    );
    if (!night) return [];
    return [
      {
        window: night.on.slice(0, 7),
        earliest: addDays(night.on, -3),
        best: addDays(night.on, -1) < world.today ? world.today : addDays(night.on, -1),
        latest: night.on,
        minutes: 8,
        tools: ['trolley'],
        places: night.plants.map(({ id }) => id),
        isUrgent: daysBetween(world.today, night.on) <= 1,
        facts: {
          rule: 'bring in',
          kinds: kindsOf(night.plants),
          nightC: night.nightC,
          missC: world.weather.missC(night.on),
          on: night.on,
        },
      },
    ];
  },
};

/** Weeks of the book's year in which frost reaches the roots in a pot: one cold night outside them cools no mix through. Ours. */
const ROOT_FROST = [40, 12] as const;
/** Roots that bear so much, °C, need no wrapping; and the night from which others do. Ours. */
const ROOTS_BEAR_C = -12;
const WRAP_C = -2;

/** A pot wrapped before the frost that reaches roots: what stays out all winter. */
export const wrap: Rule = {
  id: 'wrap',
  answeredBy: ['wrapped'],
  tasks: (world) => {
    const { reading, today, held } = world;
    const first = daysAhead(today, AHEAD + 3).find(
      (day) =>
        nightC(world, day) < WRAP_C && within(ROOT_FROST, bookWeek(weekOfDay(day), reading.spot)),
    );
    const stays = reading.all.filter(({ kind }) => kind.rootsC > ROOTS_BEAR_C && !isTender(kind));
    const year = today.slice(0, 4);
    const isWrapped = held.some(
      ({ what, at }) => what.did === 'wrapped' && daysBetween(at.slice(0, 10), today) < 200,
    );
    if (!first || stays.length === 0 || isWrapped) return [];
    return [
      {
        window: `${year} winter`,
        earliest: today,
        best: addDays(first, -1) < today ? today : addDays(first, -1),
        latest: first,
        minutes: 10,
        tools: ['wrap'],
        facts: { rule: 'wrap', coldC: nightC(world, first), on: first },
      },
    ];
  },
};

/** Out of the glasshouse by and by: longer each day. */
export const hardenOff: Rule = {
  id: 'harden off',
  answeredBy: [],
  tasks: ({ reading, life, today }): readonly Candidate[] => {
    const day = daysBetween(life.plantedOn, today) + 1;
    const book = bookWeek(weekOfDay(life.plantedOn), reading.spot);
    const soft = reading.all.filter(({ kind }) => isTender(kind));
    if (day > HARDEN_DAYS || soft.length === 0 || book < 10 || book > 24 || life.putOutOn)
      return [];
    return [
      {
        window: today,
        earliest: today,
        best: today,
        latest: today,
        minutes: 2,
        facts: {
          rule: 'harden off',
          kinds: kindsOf(soft).slice(0, 3),
          hours: Math.min(12, 2 + day),
          day,
          of: HARDEN_DAYS,
        },
      },
    ];
  },
};
