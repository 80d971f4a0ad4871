import { addDays } from '../../calendar/day';
import { bully } from '../../checks/rules/bully';
import { seasonShare } from '../../growth/growth';
import { bookWeek } from '../../spots/spot';
import { weekOfDay } from '../../calendar/day';
import type { Rule } from '../task';
import { lastDay, type CareWorld } from '../world';
import { again, kindsOf } from './kindly';

/** Weeks after planting in which tips are pinched, once, and days that leaves it. */
const PINCH = { from: 2, to: 5, days: 21 } as const;
/** Deadheads are worth a walk this often, days. */
const DEADHEAD_DAYS = 7;
/** Stems are tied in this often while they climb, days. */
const TIE_DAYS = 14;
/** How long before it swallows its neighbour a bully is to be cut, days. */
const BEFORE_DAYS = 7;
const TRIM_WEEKS = 3;
/** Minutes a plant. Ours, from doing it. */
const MINUTES = { pinch: 0.4, deadhead: 0.7, trim: 3, tie: 1 } as const;

const bookNow = ({ today, reading }: CareWorld) => bookWeek(weekOfDay(today), reading.spot);

/** Tips of young plants that branch for it, unless the house lets them trail. */
export const pinch: Rule = {
  id: 'pinch',
  answeredBy: ['pinched'],
  tasks: ({ reading, life, today, weeksOn }) => {
    const week = weeksOn(today);
    // In a trial of it one half is pinched, whatever the house does, and the other is not.
    const { trial } = reading.planting;
    const isTried = trial?.difference.what === 'pinch';
    if (isTried && trial.half === 1) return [];
    const way = isTried ? 'often' : reading.house.pinch;
    if (way === 'let it trail' || week < PINCH.from - 1 || week > PINCH.to) return [];
    const plants = reading.all.filter(
      ({ kind }) => kind.bloom?.pinch && (way === 'often' || kind.trailCm === null),
    );
    if (plants.length === 0) return [];
    const best = addDays(life.plantedOn, PINCH.from * 7);
    return [
      {
        window: 'once',
        earliest: addDays(best, -3),
        best,
        latest: addDays(best, PINCH.days),
        minutes: plants.length * MINUTES.pinch,
        tools: [],
        places: plants.map(({ id }) => id),
        facts: { rule: 'pinch', kinds: kindsOf(plants) },
      },
    ];
  },
};

/** Flowers that are over, of kinds that go on for it. */
export const deadhead: Rule = {
  id: 'deadhead',
  answeredBy: ['deadheaded'],
  tasks: (world) => {
    const { reading, life, today } = world;
    const book = bookNow(world);
    const plants = reading.all.filter(
      ({ kind }) => kind.bloom?.deadhead && seasonShare(kind.bloom.weeks, book) > 0.3,
    );
    return again(plants, {
      today,
      from: addDays(life.plantedOn, 21),
      since: lastDay(world, ['deadheaded']),
      every: DEADHEAD_DAYS,
      minutes: plants.length * MINUTES.deadhead,
      tools: ['snips', 'bag'],
      facts: { rule: 'deadhead', kinds: kindsOf(plants) },
    });
  },
};

/** The bully, before it swallows its neighbour; and trims that were planned. */
export const trim: Rule = {
  id: 'trim',
  answeredBy: ['trimmed'],
  tasks: ({ reading, life, today, weeksOn }) => {
    const byId = new Map(reading.all.map((plant) => [plant.id, plant]));
    const planned = reading.planting.care.trims.flatMap(({ place, weeks }) => {
      const plant = byId.get(place);
      return plant ? [{ plant, victim: null, best: addDays(life.plantedOn, weeks * 7) }] : [];
    });
    const verdict = reading.plants.length > 1 ? bully.judge(reading) : null;
    const strong = verdict?.facts && byId.get(verdict.culprits[0]!);
    const foreseen =
      verdict?.facts && strong && planned.every(({ plant }) => plant.id !== strong.id)
        ? [
            {
              plant: strong,
              victim: verdict.facts.victim,
              best: addDays(life.plantedOn, verdict.facts.weeks * 7 - BEFORE_DAYS),
            },
          ]
        : [];
    return [...planned, ...foreseen]
      .filter(({ best }) => Math.abs(weeksOn(today) - weeksOn(best)) <= TRIM_WEEKS)
      .map(({ plant, victim, best }) => ({
        window: `${plant.id} ${best}`,
        earliest: addDays(best, -4),
        best,
        latest: addDays(best, BEFORE_DAYS * 2),
        minutes: MINUTES.trim,
        tools: ['snips', 'bag'] as const,
        places: [plant.id],
        facts: { rule: 'trim' as const, bully: plant.kindId, victim, inDays: BEFORE_DAYS },
      }));
  },
};

/** What climbs or wants a stake, while it grows. */
export const tie: Rule = {
  id: 'tie',
  answeredBy: ['tied'],
  tasks: (world) => {
    const { reading, life, today } = world;
    const grown = reading.sizesAt(world.weeksOn(today));
    const plants = reading.plants.filter(
      ({ kind }, i) => kind.support !== 'none' && (grown[i]?.heightCm ?? 0) > 25,
    );
    return again(plants, {
      today,
      from: addDays(life.plantedOn, 14),
      since: lastDay(world, ['tied']),
      every: TIE_DAYS,
      minutes: plants.length * MINUTES.tie,
      tools: ['ties', 'snips'],
      facts: { rule: 'tie', kinds: kindsOf(plants) },
    });
  },
};
