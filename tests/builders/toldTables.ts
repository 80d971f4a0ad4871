import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { addDays } from '@/core/calendar/day';
import { careFrom, worldsOf } from '@/core/care/careOf';
import { severityOf, type Check } from '@/core/checks/check';
import { read } from '@/core/checks/reading';
import { CHECK_IDS, CHECKS, type CheckId } from '@/core/checks/rules/index';
import { usualDay } from '@/core/care/spotWeather';
import { weightOf } from '@/core/containers/weight';
import { didWell, SORTS } from '@/core/diary/didWell';
import { seasonLine } from '@/core/diary/seasonLine';
import { turnOver } from '@/core/diary/turnOver';
import { worthOf } from '@/core/diary/worth';
import { learntHere } from '@/core/learning/here';
import { byPlanting, lifeOf } from '@/core/log/life';
import { hash01 } from '@/core/random/hash';
import { wentInOf, type Entry } from '@/core/log/entry';
import { labelPages } from '@/core/making/labels';
import { needsOf } from '@/core/making/needs';
import { tilesOf, type SheetMark } from '@/core/making/sheet';
import { templateOf, type TemplateWords } from '@/core/making/template';
import { stepsOf } from '@/core/making/steps';
import { USUAL_HOUSE } from '@/core/plantings/house';
import { fillingOf } from '@/core/potting/filling';
import { tippingOf } from '@/core/potting/tipping';
import { proposeNow, USUAL_EFFORT } from '@/core/search/propose';
import { shoppingListOf } from '@/core/shopping/shoppingList';
import { frostFreeWeeks } from '@/core/spots/frost';
import { midsummerSun, surroundingsOf } from '@/core/spots/light';
import { rainShare } from '@/core/spots/rain';
import { monthlySun, reckonYear } from '@/core/spots/reckoning';
import { hangRoom } from '@/core/spots/sightline';
import { yearOut } from '@/core/spots/yearOut';
import { rillbankHalt } from '@/demo/rillbankHalt';
import { randomAsk } from './randomAsk';
import { HALT } from './halt';
import { handComposed } from './handComposed';
import { FORMATS, spoiled } from './spoiledFiles';
import { SPOILINGS } from './spoilings';
import { MORE_SPOILINGS } from './spoilingsMore';
import { movedTold, toldOf, type Told } from './told';
import { goodsTold } from './toldGoods';
import { kindsTold } from './toldKinds';
import { learningTold } from './toldLearning';
import { remakesTold } from './toldRemakes';
import { aroundTold } from './toldSpots';
import { placesTold, skyTold, viewsTold } from './toldPlaces';

type Row = readonly [of: string, told: Told];

/** Every so many of the plantings composed by hand is looked at: they are many, and much alike. */
const EVERY = 7;

/** What every check says of the Halt's plantings, of some composed by hand, and of the same with something wrong. */
export function verdictsTold(): readonly Row[] {
  const its = [
    ...HALT.map((it) => [it.planting.name, it] as const),
    ...handComposed()
      .filter((_, i) => i % EVERY === 0)
      .map(({ name, it }) => [name, it] as const),
    ...[...SPOILINGS, ...MORE_SPOILINGS].flatMap(({ name, spoil }, i) => {
      const spoiled = spoil(HALT[i % HALT.length]!);
      return spoiled
        ? [[`${HALT[i % HALT.length]!.planting.name}, ${name}`, spoiled] as const]
        : [];
    }),
  ];
  return its.flatMap(([name, it]) => {
    const reading = read(it);
    return CHECK_IDS.flatMap((id): readonly Row[] => {
      const check = CHECKS[id] as unknown as Check<CheckId, unknown>;
      const verdict = check.judge(reading);
      if (!verdict) return [];
      const { score, facts, culprits } = verdict;
      return [
        [`${name}: ${id}`, toldOf([severityOf(check, score), score, facts, culprits.length])],
      ];
    });
  });
}

const PLANTED = '2026-05-14';
/** Days on which care is asked for: through a whole year, on weekdays that differ. */
const CARE_DAYS = Array.from({ length: 14 }, (_, i) => addDays(PLANTED, 4 + i * 25));

/** What is to be done to the Halt's containers through a year, planted in May, watered by nobody after the first month. */
export function careTold(): readonly Row[] {
  let count = 0;
  const write = (plantingId: string, day: string, what: Entry['what']): Entry => ({
    id: String((count += 1)).padStart(6, '0'),
    at: `${day}T08:00:00+01:00`,
    zone: 'Europe/London',
    of: { plantingId },
    what,
  });
  const log = HALT.flatMap(({ planting, plants }) => [
    write(planting.id, PLANTED, { did: 'planted', plants: wentInOf(plants) }),
    write(planting.id, PLANTED, { did: 'put out' }),
    ...Array.from({ length: 10 }, (_, i) =>
      write(planting.id, addDays(PLANTED, 3 * i), { did: 'watered', litres: 3 }),
    ),
  ]);
  return CARE_DAYS.flatMap((today) =>
    [...worldsOf({ its: HALT, log, today, hour: 8, records: {} })].flatMap(
      (world): readonly Row[] => {
        if (!world) return [];
        const { plantingId, tasks, outlook, measured } = careFrom(world);
        const { share } = outlook;
        const told = tasks.map(({ key: _, plantingId: __, places, ...task }) => ({
          ...task,
          places: places.length,
        }));
        return [[`${today} ${plantingId}`, toldOf([share, measured.weightKg, told])]];
      },
    ),
  );
}

const PLAIN_WORDS: TemplateWords = {
  title: 'As planned',
  front: 'Front',
  letterOf: ({ kindId }) => kindId.slice(0, 1),
  underOf: ({ size }) => size,
};
const LABELS = Array.from({ length: 23 }, (_, i) => ({
  title: `Pot ${i + 1} of the long run at the end of the platform`,
  lines: ['Three lobelias', 'Planted 14 May', 'Water every day'].slice(0, 1 + (i % 3)),
  address: `https://example.org/bench?planting=pot-${i + 1}`,
}));

/** Marks of a page in few numbers: how many of each sort, and where their points lie in sum. */
const marksInShort = (marks: readonly SheetMark[]): Told => {
  const kinds = [...new Set(marks.map(({ kind }) => kind))];
  return kinds.map((kind) => {
    const its = marks.filter((mark) => mark.kind === kind);
    const points = its.flatMap((mark) =>
      'points' in mark ? mark.points : 'at' in mark ? [mark.at] : [],
    );
    const sum = (axis: 0 | 1) => points.reduce((total, point) => total + point[axis], 0);
    return [kind, its.length, sum(0), sum(1)];
  });
};

/** What the Halt's plantings need and weigh, how they are filled, and in what steps they are planted. */
export function makingTold(): readonly Row[] {
  const around = { house: USUAL_HOUSE, owned: () => 0, isReused: () => false };
  const needs = needsOf(HALT, around);
  return [
    ['plants needed', toldOf(needs.plants.map(({ kindId, places }) => [kindId, places.length]))],
    ['mixes, feeds and bits', toldOf([needs.mixes, needs.feeds, needs.bits])],
    [
      'labels',
      toldOf(labelPages(LABELS, 'A4').map(({ name, marks }) => [name, marksInShort(marks)])),
    ],
    ...HALT.flatMap((it): readonly Row[] => {
      const { container, name } = it.planting;
      const reading = read(it);
      const balls = it.plants.map(({ size }) => size);
      const sides = it.sides.map(({ size }) => size);
      return [
        ...[false, true].map((board): Row => {
          const sheet = templateOf(it, { words: PLAIN_WORDS, drip: true, board });
          const tiled = tilesOf(sheet, 'A4', 8);
          const { widthMm, heightMm, marks } = sheet;
          return [
            `${name}: ${board ? 'board' : 'template'}`,
            toldOf([
              widthMm,
              heightMm,
              marksInShort(marks),
              tiled.ok
                ? [tiled.isTurned, tiled.pages.map(({ shiftMm, clip }) => [shiftMm, clip])]
                : tiled.fault,
            ]),
          ];
        }),
        [`${name}: weight`, toldOf(weightOf(container, 0.5))],
        [`${name}: tipping`, toldOf(tippingOf(container, reading.plants, reading.grown()))],
        [`${name}: filling`, toldOf(fillingOf(container, balls, true, sides))],
        [`${name}: shopping`, toldOf(shoppingListOf(container, it.plants))],
        ...stepsOf(reading, USUAL_HOUSE).map((step, i): Row => [
          `${name}: step ${i + 1}`,
          toldOf(step),
        ]),
      ];
    }),
  ];
}

/** The year, the sun and the rain at the Halt's spots. */
export function spotsTold(): readonly Row[] {
  const spots = [...new Map(HALT.map(({ spot }) => [spot.id, spot])).values()];
  return spots.flatMap((spot): readonly Row[] => {
    const { weeks, ...year } = yearOut(spot);
    return [
      [
        `${spot.name}: year`,
        toldOf([year, frostFreeWeeks(spot), weeks.filter((_, i) => i % 4 === 0)]),
      ],
      [`${spot.name}: midsummer`, toldOf(midsummerSun(spot))],
      [`${spot.name}: months`, toldOf(monthlySun(reckonYear(surroundingsOf(spot))))],
      [
        `${spot.name}: rain and room`,
        toldOf([
          ...[0, 90, 180, 270].map((fromDeg) => rainShare(spot, fromDeg, 26)),
          rainShare(spot, 225, 4),
          hangRoom(spot),
        ]),
      ],
    ];
  });
}

/** So many asks by lot; most of them find something. */
const ASKS = 24;

/** What is proposed for asks by lot: which kinds, how many of each, and what that is worth. */
export function proposalsTold(): readonly Row[] {
  return Array.from({ length: ASKS }, (_, i): Row => {
    const ask = randomAsk(8101 + i);
    const found = proposeNow(ask, { ...USUAL_EFFORT, improve: 0 });
    return [
      `ask ${i + 1}`,
      toldOf(
        found.map(({ school, places, score, cost }) => [
          school,
          score,
          cost,
          countsIn(places.map(({ kindId }) => kindId))
            .map(([id, count]) => `${count} ${id}`)
            .join(', '),
        ]),
      ),
    ];
  });
}

function countsIn(ids: readonly string[]): readonly (readonly [id: string, count: number])[] {
  return [...new Set(ids)].map((id) => [id, ids.filter((one) => one === id).length] as const);
}

/** A day on which the season is over. */
const SEASON_ENDS = '2026-10-12';

/** What the Halt's diary comes to: how each season went, what did well and what it was worth, what was learnt, and what to do with what stands. */
export function diaryTold(): readonly Row[] {
  const { entries } = rillbankHalt();
  const held = byPlanting(entries);
  const pasts = HALT.flatMap((it) => {
    const own = held.get(it.planting.id) ?? [];
    const { plantedOn } = lifeOf(own);
    return plantedOn ? [{ it, held: own, from: plantedOn, until: SEASON_ENDS }] : [];
  });
  return [
    ...SORTS.map((sort): Row => [`did well: ${sort}`, toldOf(didWell(pasts, sort))]),
    ['learnt', toldOf(learntHere(HALT, entries))],
    ...pasts.flatMap(({ it, held: own, from, until }): readonly Row[] => {
      const { name } = it.planting;
      const weatherOn = (day: string) => usualDay(it.spot, day);
      const advice = turnOver(it, { today: until });
      return [
        [`${name}: life`, toldOf(lifeOf(own))],
        [`${name}: season`, toldOf(seasonLine(read(it), own, { plantedOn: from, weatherOn }))],
        [`${name}: worth`, toldOf(worthOf(it, own, { from, until }))],
        [
          `${name}: turned over`,
          toldOf(advice.map(({ kind, places, ...rest }) => [kind.id, places.length, rest])),
        ],
      ];
    }),
  ];
}

/** What a value is put in the place of, by turns. */
const WRONG: readonly unknown[] = [
  null,
  -1,
  1e9,
  0.5,
  '',
  'x'.repeat(300),
  '2026-13-45',
  [],
  true,
  '#12',
];

/** A file with one value wrong, another for each number: of JSON its nth, of rows whatever is met. */
function oneWrong(good: string, nth: number): string {
  if (!good.startsWith('{')) return spoiled(good, SPOILED_SEED, nth);
  const file: unknown = JSON.parse(good);
  const leaves: [of: Record<string, unknown>, name: string][] = [];
  const walk = (one: unknown): void => {
    if (typeof one !== 'object' || one === null) return;
    for (const [name, value] of Object.entries(one)) {
      if (typeof value === 'object' && value !== null) walk(value);
      else leaves.push([one as Record<string, unknown>, name]);
    }
  };
  walk(file);
  const [of, name] = leaves[Math.floor(hash01(SPOILED_SEED, nth, 1) * leaves.length)]!;
  of[name] = WRONG[nth % WRONG.length];
  return JSON.stringify(file);
}

/** So many of each format's files are spoiled, each in its own way, by this seed. */
const SPOILED = 60;
const SPOILED_SEED = 20261130;

/** What is said of spoiled files of every format, and how much of them is kept. */
export function refusalsTold(): readonly Row[] {
  return FORMATS.flatMap(({ name, good, read: readFile }) =>
    Array.from({ length: SPOILED }, (_, i): Row => {
      const { messages, kept } = readFile(oneWrong(good, i));
      return [`${name} ${i + 1}`, toldOf([kept, messages.slice(0, 4)])];
    }),
  );
}

/** Each table by the name of its file. */
export const TOLD_TABLES = {
  verdicts: verdictsTold,
  care: careTold,
  making: makingTold,
  spots: () => [...spotsTold(), ...aroundTold()],
  proposals: proposalsTold,
  refusals: refusalsTold,
  diary: diaryTold,
  places: placesTold,
  views: viewsTold,
  sky: skyTold,
  learning: learningTold,
  kinds: kindsTold,
  goods: goodsTold,
  remakes: remakesTold,
} as const;

/** What is told otherwise than it was: the first dozen places, in words. */
export function movedIn(name: keyof typeof TOLD_TABLES): readonly string[] {
  const kept = readFileSync(join(__dirname, `../golden/${name}.json`), 'utf8');
  return movedTold(JSON.parse(kept) as Told, Object.fromEntries(TOLD_TABLES[name]())).slice(0, 12);
}
