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
import { SCHOOL_IDS } from '@/core/plantings/schoolId';
import { hash01 } from '@/core/random/hash';
import { hurdleOf } from '@/core/search/ask';
import { composeGroup } from '@/core/search/group';
import { sixIdeas } from '@/core/search/ideas';
import { likingFor, shrubCost } from '@/core/search/liking';
import type { Proposal } from '@/core/search/proposal';
import { SHIPPED } from '@/core/shelf/shipped';
import { HALT } from './halt';
import { known } from './plantings';
import { proposalOf } from './proposals';
import { randomAsk } from './randomAsk';
import { toldOf, type Told } from './told';

type Row = readonly [of: string, told: Told];

/** Plantings of the Halt that are made anew in every way: a tub, a box and a basket among them. */
const REMADE = 4;

/** Ways of making plantings anew, what stands in the way of asks, and what a query finds. */
export function remakesTold(): readonly Row[] {
  return [
    ...HALT.slice(0, REMADE).flatMap(waysTold),
    ...hindrancesTold(),
    ...queriesTold(),
    ...poolsTold(),
    ...groupsTold(),
    ...likingsTold(),
  ];
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

const POOLS = 40;
const IN_A_POOL = 14;

/** Which six, and in which order, are chosen of proposals by lot that differ in all that counts. */
function poolsTold(): readonly Row[] {
  return Array.from({ length: POOLS }, (_, pool): Row => {
    const found = Array.from({ length: IN_A_POOL }, (_, n) => {
      const lot = (of: number) => hash01(pool, n, of);
      const ids = [1, 2, 3].map((of) => `k${Math.floor(lot(of) * 9)}`);
      return proposalOf(`k${Math.floor(lot(4) * 7)}`, {
        school: SCHOOL_IDS[1 + Math.floor(lot(5) * (SCHOOL_IDS.length - 1))] as Proposal['school'],
        scheme: { kind: (['warm', 'cool', 'pastel', 'jewel'] as const)[Math.floor(lot(6) * 4)]! },
        bodies: ids.slice(0, 2),
        edges: ids.slice(2),
        places: ids.flatMap((kindId, at) =>
          Array.from({ length: 1 + Math.floor(lot(7 + at) * 3) }, (_, one) => ({
            id: `${at}-${one}`,
            kindId,
            xCm: one,
            zCm: at,
            size: '9cm' as const,
            seed: 1,
          })),
        ),
        cost: 15 + 80 * lot(11),
        score: 0.55 + 0.4 * lot(12),
        promise: 0.5 + 0.4 * lot(13),
        missing: lot(14) < 0.15 ? ['white'] : [],
        coloured: lot(15) < 0.3 ? lot(16) : 1,
        ...(lot(17) < 0.4 ? { leafy: lot(18) } : {}),
        ...(lot(19) < 0.3 ? { thin: 0.5 * lot(20) } : {}),
        ...(lot(21) < 0.2 ? { lasts: true as const } : {}),
      });
    });
    return [
      `of pool ${pool}`,
      toldOf([1, 4, 6].map((wanted) => sixIdeas(found, wanted).map((one) => found.indexOf(one)))),
    ];
  });
}

/** Containers of the shelf that stand together. */
const TOGETHER = [
  [0, 3, 6],
  [2, 5],
  [9, 1, 4],
] as const;

function groupsTold(): readonly Row[] {
  return TOGETHER.map((which, i): Row => {
    const { container: _, ...ask } = randomAsk(8103 + 6 * i);
    const group = composeGroup(
      which.map((at) => SHIPPED[at]!),
      { ...ask, plantedWeek: 21, endWeek: 40 },
    );
    return [
      `a group of ${which.length}, ${i}`,
      toldOf(
        group?.map(({ atCm, school, places, score }) => [
          atCm,
          school,
          places.length,
          [...new Set(places.map(({ kindId }) => kindId))].sort(),
          score,
        ]),
      ),
    ];
  });
}

/** Asks for which the liking of many kinds is told, and every so many kinds. */
const LIKED_IN = 8;
const EVERY_KIND = 6;

function likingsTold(): readonly Row[] {
  return Array.from({ length: LIKED_IN }, (_, i): Row => {
    const ask = randomAsk(9001 + 17 * i);
    return [
      `liked in ask ${i}`,
      toldOf(
        BOOK.filter((_, n) => n % EVERY_KIND === i % EVERY_KIND).map((kind) => [
          Math.round(1000 * (likingFor(kind, ask) - shrubCost(kind, ask))),
          hurdleOf(kind, ask) ?? 0,
        ]),
      ),
    ];
  });
}
