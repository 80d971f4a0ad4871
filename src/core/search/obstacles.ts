import type { Container } from '../containers/container';
import { bookWeek } from '../spots/spot';
import { hurdleOf, type Ask, type Hurdle } from './ask';
import { proposeNow, type ProposeOptions } from './propose';

/** A wish let go of, or a fact of the place changed as far as a gardener could change it. */
export const RELAXATIONS = [
  'budget',
  'must',
  'scheme',
  'school',
  'kitchen',
  'reach',
  'light',
  'container',
  'week',
] as const;
export type Relaxation = (typeof RELAXATIONS)[number];

/** What stands in the way, and what relaxing it would give. */
export interface Obstacle {
  /** One thing; two when no one thing alone would help. */
  readonly relaxed: readonly Relaxation[];
  /** Proposals there would be, at most the number asked for. */
  readonly proposals: number;
}

export interface Obstacles {
  /** Most helpful first; empty when nothing tried helps. */
  readonly obstacles: readonly Obstacle[];
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
export function obstaclesTo(
  ask: Ask,
  options: ProposeOptions = { wanted: 6, effort: 24, improve: 0 },
): Obstacles {
  const now = proposeNow(ask, options).length;
  const tried = (relaxed: readonly Relaxation[]): Obstacle => {
    const variants = relaxed.reduce<readonly Ask[]>(
      (asks, one) => asks.flatMap((other) => relax(other, one)),
      [ask],
    );
    return {
      relaxed,
      proposals: Math.max(0, ...variants.map((other) => proposeNow(other, options).length)),
    };
  };
  const helpful = (many: readonly (readonly Relaxation[])[]) =>
    many
      .map(tried)
      .filter(({ proposals }) => proposals > now)
      .sort((a, b) => b.proposals - a.proposals);
  const applicable = RELAXATIONS.filter((one) => relax(ask, one).length > 0);
  const alone = helpful(applicable.map((one) => [one]));
  const pairs = applicable.flatMap((a, i) => applicable.slice(i + 1).map((b) => [a, b] as const));
  const ruledOut: Partial<Record<Hurdle, number>> = {};
  for (const kind of ask.kinds) {
    const hurdle = hurdleOf(kind, ask);
    if (hurdle) ruledOut[hurdle] = (ruledOut[hurdle] ?? 0) + 1;
  }
  return { obstacles: alone.length > 0 ? alone : helpful(pairs).slice(0, 2), ruledOut };
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
    case 'scheme':
      return (['warm', 'cool'] as const)
        .filter((kind) => kind !== wishes.scheme.kind)
        .map((kind) => ({ ...ask, wishes: { ...wishes, scheme: { kind } } }));
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
    case 'container':
      return [{ ...ask, container: bigger(ask.container) }];
    case 'week':
      return bookWeek(ask.plantedWeek, spot) === MAY_WEEK
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
  const { shape } = container;
  const grown = Object.fromEntries(
    Object.entries(shape).map(([key, value]) => [
      key,
      typeof value === 'number' ? value * BIGGER : value,
    ]),
  ) as typeof shape;
  return { ...container, shape: grown };
}
