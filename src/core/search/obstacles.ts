import type { Container } from '../containers/container';
import { bookWeek, isSeasonless } from '../spots/spot';
import { isWindy } from '../suitability/wind';
import { askThere, hurdleOf, type Ask, type Hurdle } from './ask';
import { enlarged } from '../containers/shape';
import { finished, type Work } from '../work/steps';
import { proposed, type ProposeOptions } from './propose';

/** A wish let go of, or a fact of the place changed as far as a gardener could change it. */
export const RELAXATIONS = [
  'budget',
  'must',
  'scheme',
  'school',
  'height',
  'company',
  'kitchen',
  'reach',
  'light',
  'wind',
  'container',
  'week',
] as const;
export type Relaxation = (typeof RELAXATIONS)[number];

/** What stands in the way, and what relaxing it would give. */
export interface Hindrance {
  /** One thing; two when no one thing alone would help. */
  readonly relaxed: readonly Relaxation[];
  /** Proposals there would be, at most the number asked for. */
  readonly proposals: number;
}

export interface Obstacles {
  /** Most helpful first; empty when nothing tried helps. */
  readonly obstacles: readonly Hindrance[];
  /** Kinds that each hurdle rules out first. */
  readonly ruledOut: Readonly<Partial<Record<Hurdle, number>>>;
}

/** Week by which frost is past and summer plants are on the benches. */
const MAY_WEEK = 20;
const OCTOBER_WEEK = 42;
const SUN_STEP_H = 2;
const BIGGER = 4 / 3;

/**
 * What stands in the way when there are fewer proposals than asked for: each wish is relaxed alone and the search run again;
 * when none helps alone, each pair of wishes.
 */
export function obstaclesTo(...asked: Parameters<typeof findObstacles>): Obstacles {
  return finished(findObstacles(...asked));
}

/** The same, search by search. */
export function* findObstacles(
  asked: Ask,
  options: ProposeOptions = { wanted: 6, effort: 24, improve: 0 },
): Work<Obstacles> {
  const ask = askThere(asked);
  const now = (yield* proposed(ask, options)).length;
  const applicable = RELAXATIONS.filter((one) => relax(ask, one).length > 0);
  const alone = yield* helpful(
    applicable.map((one) => [one]),
    ask,
    options,
    now,
  );
  const pairs = applicable.flatMap((a, i) => applicable.slice(i + 1).map((b) => [a, b] as const));
  const ruledOut: Partial<Record<Hurdle, number>> = {};
  for (const kind of ask.kinds) {
    const hurdle = hurdleOf(kind, ask);
    if (hurdle) ruledOut[hurdle] = (ruledOut[hurdle] ?? 0) + 1;
  }
  if (alone.length > 0) return { obstacles: alone, ruledOut };
  return { obstacles: (yield* helpful(pairs, ask, options, now)).slice(0, 2), ruledOut };
}

/** Those that give more proposals than there are now, the most helpful first. */
function* helpful(
  many: readonly (readonly Relaxation[])[],
  ask: Ask,
  options: ProposeOptions,
  now: number,
): Work<Hindrance[]> {
  const found: Hindrance[] = [];
  for (const relaxed of many) {
    const variants = relaxed.reduce<readonly Ask[]>(
      (asks, one) => asks.flatMap((other) => relax(other, one)),
      [ask],
    );
    let proposals = 0;
    for (const variant of variants)
      proposals = Math.max(proposals, (yield* proposed(variant, options)).length);
    if (proposals > now) found.push({ relaxed, proposals });
  }
  return found.sort((a, b) => b.proposals - a.proposals);
}

/** The ask with one thing relaxed: no answer when it does not bind, several when there is more than one way. */
function relax(ask: Ask, one: Relaxation): readonly Ask[] {
  const { wishes, spot } = ask;
  switch (one) {
    case 'budget':
      return wishes.budget === null ? [] : [{ ...ask, wishes: { ...wishes, budget: null } }];
    case 'must':
      return wishes.must.length === 0 && wishes.never.length === 0
        ? []
        : [{ ...ask, wishes: { ...wishes, must: [], never: [] } }];
    case 'school':
      return wishes.school === 'any' || wishes.kitchen
        ? []
        : [{ ...ask, wishes: { ...wishes, school: 'any' } }];
    case 'height': {
      const { tallestCm, ...others } = wishes;
      return tallestCm ? [{ ...ask, wishes: others }] : [];
    }
    case 'scheme':
      return wishes.anyColours ? [] : [{ ...ask, wishes: { ...wishes, anyColours: true } }];
    case 'company': {
      const { company, likes, ...others } = wishes;
      return company || (likes && likes.length > 0) ? [{ ...ask, wishes: others }] : [];
    }
    case 'kitchen':
      return wishes.kitchen ? [{ ...ask, wishes: { ...wishes, kitchen: false } }] : [];
    case 'reach':
      return spot.pets || spot.children
        ? [{ ...ask, spot: { ...spot, pets: false, children: false } }]
        : [];
    case 'light':
      return [spot.sunHours - SUN_STEP_H, spot.sunHours + SUN_STEP_H]
        .filter((hours) => hours >= 0 && hours <= 16)
        .map((sunHours) => ({ ...ask, spot: { ...spot, sunHours } }));
    case 'wind':
      return isWindy(spot) ? [{ ...ask, spot: { ...spot, exposure: 'sheltered' } }] : [];
    case 'container':
      return [{ ...ask, container: bigger(ask.container) }];
    case 'week':
      return isSeasonless(spot) || bookWeek(ask.plantedWeek, spot) === MAY_WEEK
        ? []
        : [
            {
              ...ask,
              plantedWeek: bookWeek(MAY_WEEK, spot),
              endWeek: bookWeek(OCTOBER_WEEK, spot),
            },
          ];
  }
}

function bigger(container: Container): Container {
  return { ...container, shape: enlarged(container.shape, BIGGER) };
}
