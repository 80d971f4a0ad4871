// npm run bench: how long the heavy work takes on this machine, in one run, as a table and bench/out/bench.json:
// first in Node, then as a person meets it in Chromium. Ratios matter more than milliseconds; nothing here is a test.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { addDays } from '../src/core/calendar/day';
import { balanceOf } from '../src/core/care/balance';
import { potOf } from '../src/core/care/pot';
import { read } from '../src/core/checks/reading';
import { climateAt } from '../src/core/climate/climates';
import { simulatedDay } from '../src/core/climate/weather';
import { opinionOf } from '../src/core/checks/opinion';
import { BOOK, kindOf } from '../src/core/plants/book/index';
import { inSpot } from '../src/core/plantings/planting';
import { fitsIn } from '../src/core/placing/fits';
import { settle } from '../src/core/placing/settle';
import { needsOf } from '../src/core/making/needs';
import { stopFrom } from '../src/core/making/offers';
import { cheapestTrip } from '../src/core/making/trip';
import { benchesOf, STOPS } from '../src/core/shopping/stops';
import { itemBuffer } from '../src/core/seeing/itemBuffer';
import { buildScene, elevation } from '../src/core/seeing/scene';
import { subjectOf } from '../src/core/seeing/subject';
import { NAMED_COLOURS } from '../src/core/colour/names';
import { propose } from '../src/core/search/propose';
import { findBy, NO_QUERY } from '../src/core/search/query';
import { OBSTACLE_KINDS } from '../src/core/spots/obstacle';
import { reckonDay, reckonYear, seasonDays } from '../src/core/spots/reckoning';
import { usualObstacle } from '../src/core/spots/usualObstacles';
import { shelfKind } from '../src/core/shelf/shipped';
import { rillbankHalt } from '../src/demo/rillbankHalt';
import { benchPage, spreadOf, type Spread } from './benchPage.mts';
import { benchSearch } from './benchSearch.mts';
import { USUAL_HOUSE } from '../src/core/plantings/house';

function timed(work: () => void, runs: number): Spread {
  return spreadOf(
    Array.from({ length: runs }, () => {
      const start = performance.now();
      work();
      return performance.now() - start;
    }),
  );
}

/** Processor time so far, and what of it the machine's other guests took while this one wanted it; zeros where it is not told. */
function processor(): { readonly total: number; readonly stolen: number } {
  const ticks = existsSync('/proc/stat')
    ? readFileSync('/proc/stat', 'utf8').split('\n')[0]!.trim().split(/\s+/).slice(1, 9).map(Number)
    : [];
  return { total: ticks.reduce((sum, n) => sum + n, 0), stolen: ticks[7] ?? 0 };
}

const { plantings, spots } = rillbankHalt();
const it = inSpot(
  plantings[1]!,
  spots.find(({ id }) => id === plantings[1]!.spotId)!,
  kindOf,
  USUAL_HOUSE,
);
const ask = {
  container: it.planting.container,
  spot: it.spot,
  wishes: it.planting.wishes,
  plantedWeek: 20,
  endWeek: 42,
  kinds: BOOK,
  seed: 1,
  house: USUAL_HOUSE,
};
const until = (enough: number) => () => {
  for (const { best } of propose(ask)) if (best.length >= enough) return;
};
const lens = { azimuthRad: 0.3, pitchRad: 0.16, pxPerCm: 3.5, originX: 260, originY: 400 };
const frame = { widthPx: 512, heightPx: 432 };
const scene = buildScene(subjectOf(it), 12);
const around = {
  latitudeDeg: 51.5,
  longitudeDeg: 0,
  leafHeightCm: 60,
  obstacles: [...OBSTACLE_KINDS, 'wall' as const, 'tree' as const].map((kind, i) =>
    usualObstacle(kind, `o${i}`, 90 + i * 25),
  ),
};
const barrow = shelfKind('Old barrow');
const dozen = Array.from({ length: 12 }, (_, i) => ({
  xCm: 8 * Math.cos(i),
  zCm: 8 * Math.sin(i),
  size: (['2L', '9cm', 'six-pack'] as const)[i % 3]!,
  spreadRadiusCm: 15,
}));
/** The book again and again under other names, as after a large import. */
const sixtyIts = Array.from({ length: 60 }, (_, i) => {
  const planting = plantings[i % plantings.length]!;
  const spot = spots.find(({ id }) => id === planting.spotId)!;
  return inSpot({ ...planting, id: `sixty-${i}` }, spot, kindOf, USUAL_HOUSE);
});
const sixtyNeeds = () =>
  needsOf(sixtyIts, { house: USUAL_HOUSE, owned: () => 0, isReused: () => false }).plants;
const sixty = sixtyNeeds();
const fourStops = STOPS.map((stop) =>
  stopFrom(stop.id, 300, benchesOf(BOOK, stop, 1, '2026-05-14'), kindOf),
);
const yearOfPots = sixtyIts.map((one) => potOf(read(one)));
const yearOfWeather = new Map(
  Array.from({ length: 366 }, (_, i) => {
    const date = addDays('2026-05-14', i);
    return [
      date,
      simulatedDay({ climate: climateAt('cool-maritime', 51.5), latitudeDeg: 51.5, seed: 1 }, date),
    ];
  }),
);
const yearOfWater = () =>
  yearOfPots.forEach((pot) =>
    balanceOf({
      pot,
      plantedOn: '2026-05-14',
      until: '2027-05-13',
      weatherOn: (day) => yearOfWeather.get(day)!,
      events: new Map(),
    }),
  );
// What leaves do is worked out once for each week: the first go is not the usual one.
yearOfWater();
/** As many days of the least a balance could be: one subtraction and two bounds. */
const plainDays = () => {
  let [left, sum] = [1, 0];
  for (let i = 0; i < 60 * 365; i += 1) {
    left = Math.max(0, Math.min(1, left - Math.sin(i) * 0.1));
    sum += left;
  }
  return sum;
};
const many = Array.from({ length: 5000 }, (_, i) => ({
  ...BOOK[i % BOOK.length]!,
  id: `kind-${i}`,
  common: `${BOOK[i % BOOK.length]!.common} ${Math.floor(i / BOOK.length)}`,
}));
const KEYS = [
  'p',
  'pe',
  'pet',
  'petu',
  'petun',
  'petuna',
  'petunai',
  'lime',
  'lime tr',
  'lime trail',
  'salvia viol',
];
const looking = {
  ...NO_QUERY,
  sunHours: 4,
  trails: true,
  colour: { at: NAMED_COLOURS.lime, part: 'leaf' as const },
  safeFor: ['cats' as const],
};
let key = 0;
const nextKey = () => KEYS[(key += 1) % KEYS.length]!;
findBy(many, { ...looking, words: 'lime' });
const rows = {
  'a year of water, sixty containers': timed(yearOfWater, 15),
  'as many days of a plain loop': timed(plainDays, 15),
  'a key typed, 5000 kinds, words alone': timed(
    () => findBy(many, { ...NO_QUERY, words: nextKey() }),
    44,
  ),
  'a key typed, 5000 kinds, all asked': timed(
    () => findBy(many, { ...looking, words: nextKey() }),
    44,
  ),
  'colour and light, 5000 kinds': timed(() => findBy(many, looking), 22),
  'first proposal': timed(until(1), 9),
  'six different proposals': timed(until(6), 9),
  'whole search': timed(() => [...propose(ask)], 5),
  [`checking ${it.plants.length} plants again`]: timed(() => opinionOf(it), 60),
  [`growing and lighting ${scene.marks.length} marks`]: timed(
    () => buildScene(subjectOf(it), 12),
    15,
  ),
  'projecting, moving': timed(() => elevation(scene, lens, 'flat', frame), 15),
  'projecting, at rest': timed(() => elevation(scene, lens, 'full', frame), 15),
  'a year of sun past eight obstacles': timed(() => reckonYear(around), 15),
  'a season of sun past eight obstacles': timed(
    () => seasonDays(20, 22).forEach((day) => reckonDay(around, day % 365)),
    15,
  ),
  'settling a dozen unequal balls': timed(() => settle(barrow, dozen), 41),
  'what fits in a barrow': timed(() => fitsIn(barrow), 5),
  'what sixty plantings need': timed(sixtyNeeds, 9),
  'sixty plantings at four stops, the cheapest round': timed(
    () => cheapestTrip(sixty, fourStops),
    9,
  ),
  'counting what is seen': timed(() => itemBuffer(elevation(scene, lens, 'flat', frame), 0.25), 15),
};
const choosing = await benchSearch();
const before = processor();
const page = await benchPage();
const after = processor();
const stolenPercent =
  Math.round((1000 * (after.stolen - before.stolen)) / Math.max(1, after.total - before.total)) /
  10;
mkdirSync('bench/out', { recursive: true });
writeFileSync(
  'bench/out/bench.json',
  `${JSON.stringify({ node: rows, choosing, page, stolenPercent }, null, 1)}\n`,
);
const unit = rows['projecting, moving'].medianMs;
const print = (text: string) => process.stdout.write(`${text}\n`);
const table = (title: string, times: Readonly<Record<string, Spread>>) => {
  print(`\n${title}`);
  for (const [name, { medianMs, worstMs }] of Object.entries(times))
    print(
      `${name.padEnd(40)} median ${medianMs.toFixed(1).padStart(7)} ms  worst ${worstMs.toFixed(1).padStart(7)} ms  ${(medianMs / unit).toFixed(2).padStart(7)} × projecting`,
    );
};
table('In Node', rows);
print(`
Choosing
${choosing.problems} small problems, 24 kinds, 3–5 places: within 1 % of the true best in ${(100 * choosing.withinOnePercent).toFixed(1)} % (worst ${choosing.worstShare.toFixed(4)} of it), ${choosing.everyWayOverOurs.toFixed(1)} × faster than trying every way`);
print(
  `Linear part against an integer-programming solver, ${choosing.solverProblems} problems: ${choosing.solverOverOurs.toFixed(0)} × faster, as good or better in ${(100 * choosing.asGoodAsSolver).toFixed(0)} %`,
);
print(
  `A whole search by kinds in the book: ${Object.entries(choosing.byKinds)
    .map(([n, ms]) => `${n}: ${ms.toFixed(0)} ms`)
    .join(
      ', ',
    )}; grows as n^${choosing.power.toFixed(2)}; with 5,000 kinds within 150 MB: ${choosing.within150MB ? 'yes' : 'NO'}`,
);
print(
  `Longest step between two chances to cancel: ${choosing.longestStepMs.toFixed(0)} ms; 12 plants × 26 weeks judged again: ${choosing.rejudge12Ms.toFixed(1)} ms; the first six differ: ${choosing.firstSixDiffer ? 'yes' : 'NO'}`,
);
table('In Chromium, from the key pressed to the picture shown', page.times);
const { plainMs, yardScrolled, ...rounds } = page.rounds;
const plain = spreadOf(plainMs).medianMs;
print(
  `\nYard and Rounds with 1,000 plantings; reading their rows and writing them as JSON: ${plain.toFixed(0)} ms`,
);
for (const [what, times] of Object.entries(rounds)) {
  const { medianMs } = spreadOf(times);
  print(
    `${what.padEnd(40)} median ${medianMs.toFixed(0)} ms, ${(medianMs / plain).toFixed(2)} × that`,
  );
}
for (const [ground, { frames, longFrames, worstMs }] of Object.entries(yardScrolled))
  print(
    `The Yard scrolled, ${ground}: ${longFrames} of ${frames} frames over 33 ms, worst ${worstMs} ms`,
  );
print('\nThe Diary with 1,000 plantings, some 20,000 entries and 2,000 photographs');
const { scrolled: diaryScrolled, ...diary } = page.diary;
for (const [what, times] of Object.entries(diary))
  print(`${what.padEnd(40)} median ${spreadOf(times).medianMs.toFixed(0)} ms`);
print(
  `scrolled: ${diaryScrolled.longFrames} of ${diaryScrolled.frames} frames over 33 ms, worst ${diaryScrolled.worstMs} ms`,
);
print('\nTasks over 50 ms on the main thread');
for (const [what, tasks] of Object.entries(page.longTasksMs))
  print(
    `${what.padEnd(40)} ${
      tasks.length === 0
        ? 'none'
        : [...tasks]
            .sort((a, b) => b - a)
            .map((ms) => `${Math.round(ms)} ms`)
            .join(', ')
    }`,
  );
print(`Processor time taken by other guests of the machine during these: ${stolenPercent} %`);
print('\nFirst-load JavaScript, kB gzipped');
for (const [route, kB] of Object.entries(page.firstLoadKB))
  print(`${route.padEnd(26)} ${kB.toFixed(1)}`);
