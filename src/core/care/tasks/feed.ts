import { addDays, daysBetween, weekOfDay, type Day } from '../../calendar/day';
import { bookWeek } from '../../spots/spot';
import { mixL } from '../../containers/container';
import type { PlantKind } from '../../plants/kind';
import { lastDay, type CareWorld } from '../world';
import type { Candidate, Rule } from '../task';
import { SOON_DAYS, windowOn } from './kindly';

/** Liquid by appetite: every so many days, mg of nitrogen a litre (models). */
const LIQUID = {
  heavy: { days: 7, ppm: 200 },
  medium: { days: 14, ppm: 150 },
  light: { days: 21, ppm: 100 },
} as const;
/** Liquid begins so many days after planting: what is in the mix feeds until then; in the middle of 4–6 weeks (models). */
const LIQUID_FROM_DAYS = 35;
/** A usual liquid feed has this share of nitrogen, by weight over volume. The label wins. */
const NITROGEN_SHARE = 0.04;
const CAN_L = 10;
/** Pellets last about this long, days, and go in as grams a litre of mix. */
const PELLETS = { days: 42, gPerL: 2.5 } as const;
/** Food outside these weeks of the book's year is washed out: little grows. */
const GROWS = [12, 38] as const;
/** A tenth of the mix is poured as feed. */
const POURED_SHARE = 0.1;
/** Beside slow-release half of the usual liquid is enough. */
const BESIDE_SLOW = 0.5;

/** Slow-release feed: months at 21 °C, and how much faster it gives for each 10 K (models). */
const SLOW = { months: 5.5, q10: 1.5, at: 21 } as const;

/** Share of a slow-release feed that is left, by the temperature of the mix, 0–1. @param mixC mean of each day since it went in */
export function slowReleaseLeft(mixC: readonly number[]): number {
  const used = mixC.reduce((sum, c) => sum + SLOW.q10 ** ((c - SLOW.at) / 10), 0);
  return Math.max(0, 1 - used / (SLOW.months * 30.4));
}

/** Months that a slow-release feed lasts at one temperature of the mix. */
export const slowReleaseMonths = (mixC: number): number =>
  SLOW.months * SLOW.q10 ** (-(mixC - SLOW.at) / 10);

/** Millilitres of liquid feed for a can of so many litres. */
export function liquidMl(ppm: number, canL: number, nitrogenShare = NITROGEN_SHARE): number {
  return (ppm * canL) / 1000 / nitrogenShare;
}

const APPETITES = ['heavy', 'medium', 'light'] as const;

/** The hungriest plants that make up a third of the planting or more set the pace. */
function appetiteOf({ reading }: Pick<CareWorld, 'reading'>): 'heavy' | 'medium' | 'light' | null {
  const { all } = reading;
  const share = (feed: PlantKind['feed']) =>
    all.filter(({ kind }) => kind.feed === feed).length / Math.max(1, all.length);
  let sum = 0;
  for (const appetite of APPETITES) {
    sum += share(appetite);
    if (sum >= 1 / 3) return appetite;
  }
  return null;
}

/** Food by the house's school: never two in full. */
export const feed: Rule = {
  id: 'feed',
  answeredBy: ['fed'],
  tasks: (world) => {
    const { reading, today } = world;
    const { house, planting, spot } = reading;
    const appetite = appetiteOf(world);
    const book = bookWeek(weekOfDay(today), spot);
    if (planting.care.feeding === 'none' || !appetite || book < GROWS[0] || book > GROWS[1])
      return [];
    return house.feed === 'organic pellets'
      ? pellets(world)
      : liquid(world, appetite, house.feed === 'slow-release only');
  },
};

function pellets(world: CareWorld): readonly Candidate[] {
  const since = lastDay(world, ['fed']);
  const best = due(world, since, PELLETS.days, PELLETS.days);
  return fed(world, best, {
    latest: addDays(best, PELLETS.days - 1),
    minutes: 1,
    tools: ['feed'],
    facts: {
      rule: 'feed',
      what: 'pellets',
      amount: PELLETS.gPerL * mixL(world.reading.planting.container),
      perCanMl: null,
      everyDays: PELLETS.days,
      since,
    },
  });
}

function liquid(
  world: CareWorld,
  appetite: keyof typeof LIQUID,
  onlySlow: boolean,
): readonly Candidate[] {
  const { life, today, weather, reading } = world;
  const left = slowReleaseLeft(
    Array.from({ length: Math.max(0, daysBetween(life.plantedOn, today)) }, (_, i) => {
      const { minC, maxC } = weather.on(addDays(life.plantedOn, i));
      return (minC + maxC) / 2 + MIX_OVER_AIR_K;
    }),
  );
  const gives = left > SLOW_GIVES;
  // While it gives, slow-release alone is enough for those who use nothing else.
  if (onlySlow && gives) return [];
  const { days, ppm } = LIQUID[appetite];
  const since = lastDay(world, ['fed']);
  const best = due(world, since, onlySlow ? 1 : LIQUID_FROM_DAYS, days);
  return fed(world, best, {
    latest: addDays(best, days - 1),
    minutes: 1.5,
    tools: ['can', 'feed'],
    facts: {
      rule: 'feed',
      what: 'liquid',
      amount: POURED_SHARE * mixL(reading.planting.container),
      perCanMl: liquidMl(ppm * (gives ? BESIDE_SLOW : 1), CAN_L),
      everyDays: days,
      since,
    },
  });
}

/** The mix of a pot in the sun is so much warmer than the air, in the mean of day and night, K. Ours. */
const MIX_OVER_AIR_K = 2;
/** Share of slow-release feed left from which it still feeds. */
const SLOW_GIVES = 0.1;

/** The first day on which it is due: so long after planting, then so long after the last time. */
function due(
  { life: { plantedOn }, today }: CareWorld,
  since: Day | null,
  firstAfter: number,
  every: number,
): Day {
  const next =
    since === null || since < plantedOn ? addDays(plantedOn, firstAfter) : addDays(since, every);
  return windowOn(today, next, every);
}

function fed(
  { today }: CareWorld,
  best: Day,
  rest: Omit<Candidate, 'window' | 'earliest' | 'best'>,
): readonly Candidate[] {
  if (daysBetween(today, best) > SOON_DAYS) return [];
  return [{ window: best, earliest: best, best, ...rest }];
}
