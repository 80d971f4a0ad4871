import { enlarged } from '@/core/containers/shape';
import { isLong } from '@/core/containers/container';
import { BOOK } from '@/core/plants/book/index';
import { ROLES } from '@/core/plants/terms';
import { addPlant } from '@/core/search/addPlant';
import { finish } from '@/core/search/finish';
import { obstaclesTo } from '@/core/search/obstacles';
import { findBy, NO_QUERY, type Query } from '@/core/search/query';
import { decisionsFor, refresh } from '@/core/search/refresh';
import type { Remade } from '@/core/search/remade';
import { repeat } from '@/core/search/repeat';
import { scale } from '@/core/search/scale';
import { seasonChange } from '@/core/search/seasonChange';
import { standInsFor } from '@/core/search/standIns';
import { moodsFor, vary } from '@/core/search/vary';
import { weekAfter } from '@/core/units/units';
import { HALT } from './halt';
import { known } from './plantings';
import { randomAsk } from './randomAsk';
import { toldOf, type Told } from './told';

type Row = readonly [of: string, told: Told];

/** Plantings of the Halt that are made anew in every way: a tub, a box and a basket among them. */
const REMADE = 4;

/** Ways of making plantings anew, what stands in the way of asks, and what a query finds. */
export function remakesTold(): readonly Row[] {
  return [...HALT.slice(0, REMADE).flatMap(waysTold), ...hindrancesTold(), ...queriesTold()];
}

/** A remade planting in few numbers: how many plants of how many kinds, what comes and goes, and what it is worth. */
const inShort = ({ change, come, gone, score, cost }: Remade) => [
  change.places.length,
  change.places.reduce((sum, { xCm, zCm }, i) => sum + (i + 1) * Math.hypot(xCm, zCm), 0),
  [...come].sort(),
  [...gone].sort(),
  score,
  cost,
];

function waysTold(it: (typeof HALT)[number], i: number): readonly Row[] {
  const { name, container } = it.planting;
  const kept = it.plants.filter((_, n) => n % 3 !== 2).map(({ id }) => id);
  const sized = [0.7, 1.6].map((times) => {
    const way = scale(it, { ...container, shape: enlarged(container.shape, times) }, BOOK);
    return way && inShort(way);
  });
  const again = isLong(container)
    ? repeat(it, { unit: null, units: 2, ends: 'matched' }, BOOK)
    : null;
  const [change] = seasonChange(it, { plantedWeek: 41, endWeek: weekAfter(41, 22) }, BOOK);
  const one = addPlant(it, known(it.plants[i % it.plants.length]!.kindId)).places.at(-1)!;
  return [
    [
      `${name}: moods`,
      toldOf([
        moodsFor(it).map(({ kind }) => kind),
        vary(it, BOOK).map(({ scheme, remade }) => [scheme.kind, inShort(remade)]),
      ]),
    ],
    [`${name}: finished`, toldOf(finish(it, BOOK, kept).map(inShort))],
    [`${name}: smaller and larger`, toldOf(sized)],
    [`${name}: repeated`, toldOf(again && inShort(again))],
    [`${name}: in October`, toldOf(change && inShort(change))],
    [
      `${name}: refreshed`,
      toldOf([
        [4, 10, 16].map((weeks) =>
          decisionsFor(it, weeks).map(({ kindId, what, why }) => [kindId, what, why]),
        ),
        refresh(it, 11, BOOK).ways.map(inShort),
      ]),
    ],
    [`${name}: one more`, toldOf([one.kindId, one.size, one.xCm, one.zCm])],
    [
      `${name}: instead of one`,
      toldOf(standInsFor(it, it.plants[(i + 1) % it.plants.length]!.kindId, BOOK)),
    ],
  ];
}

/** Seeds of asks that leave little. */
const HARD = [8103, 8109, 8114] as const;

function hindrancesTold(): readonly Row[] {
  return HARD.map((seed): Row => [
    `in the way of ask ${seed}`,
    toldOf(obstaclesTo(randomAsk(seed), { wanted: 2, effort: 8, improve: 0 })),
  ]);
}

const QUERIES: readonly (Partial<Query> & { readonly words: string })[] = [
  { words: '', role: 'lead', sunHours: 2, tallestCm: 60 },
  { words: 'fuchsia', trails: true, widestCm: 50 },
  { words: '', thirst: 'low', coldestC: -8, scented: true },
  { words: '', colour: { at: [0.6, 0.2, 25], part: 'flower' }, week: 30 },
  { words: '', colour: { at: [0.35, 0.05, 330], part: 'leaf' }, texture: 'bold' },
  { words: '', edible: true, safeFor: ['dogs', 'cats'], priceMost: 3 },
  { words: '', wildlife: true, leafShape: 'lance', form: 'daisy' },
  { words: 'grass', habit: 'grass', surface: 'matt' },
];

function queriesTold(): readonly Row[] {
  return QUERIES.map((asked, i): Row => {
    const { suited, nearly } = findBy(BOOK, { ...NO_QUERY, ...asked });
    const ids = (list: typeof suited) =>
      list.slice(0, 12).map(({ kind, against }) => [kind.id, against]);
    return [
      `query ${i + 1}`,
      toldOf([
        suited.length,
        nearly.length,
        ROLES.map((role) => suited.filter(({ kind }) => kind.roles.includes(role)).length),
        ids(suited),
        ids(nearly),
      ]),
    ];
  });
}
