// How good and how fast choosing is: against every way there is, against a general solver, as the book grows, and between two answers.
import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import loadHighs from 'highs';
import { opinionOf } from '../src/core/checks/opinion';
import { BOOK, kindOf } from '../src/core/plants/book/index';
import type { PlantKind } from '../src/core/plants/kind';
import { assign, THOROUGH } from '../src/core/search/assign';
import type { Member } from '../src/core/search/judge';
import { differ } from '../src/core/search/ideas';
import { propose, proposeNow } from '../src/core/search/propose';
import { handComposed } from '../tests/builders/handComposed';
import { everyWay, smallProblem } from '../tests/builders/smallProblems';
import { USUAL_HOUSE } from '../src/core/plantings/house';

const PROBLEMS = 200;
const SOLVED = 6;

export interface SearchBench {
  /** Share of small problems within a hundredth of the true best; time of trying every way over ours. */
  readonly withinOnePercent: number;
  readonly problems: number;
  readonly worstShare: number;
  readonly everyWayOverOurs: number;
  /** The same against a solver, on the linear part. */
  readonly solverOverOurs: number;
  readonly solverProblems: number;
  readonly asGoodAsSolver: number;
  /** Milliseconds of a whole search by kinds in the book, and the power of n that fits them. */
  readonly byKinds: Readonly<Record<string, number>>;
  readonly power: number;
  readonly within150MB: boolean;
  readonly longestStepMs: number;
  readonly rejudge12Ms: number;
  readonly firstSixDiffer: boolean;
}

const clock = <T,>(work: () => T): readonly [T, number] => {
  const from = performance.now();
  const value = work();
  return [value, performance.now() - from];
};

/** Singles and pairs only: what an integer program can say of a cast. */
function linearPart(
  { judge }: ReturnType<typeof smallProblem>,
  members: readonly Member[],
): number {
  let [single, weights, pairs, count] = [0, 0, 0, 0];
  for (const [i, { kind, role }] of members.entries()) {
    const weight = role === 'lead' ? 1.3 : 1;
    single += weight * judge.of(kind, role);
    weights += weight;
    for (let j = 0; j < i; j += 1) {
      const pair = judge.pair(kind, members[j]!.kind);
      if (pair <= 0) return 0;
      pairs += pair;
      count += 1;
    }
  }
  return 0.42 * (single / weights) + 0.33 * (count > 0 ? pairs / count : 0);
}

/**
 * The linear part as an integer program: x takes a kind in a slot, y both of a pair. Tight: for every kind taken, the pairs it makes with each other
 * slot sum to it (so kinds that must not share a container, and a kind with itself, simply have no y).
 */
function programOf(problem: ReturnType<typeof smallProblem>): string {
  const { judge, slots, offered } = problem;
  const weights = slots.map((role): number => (role === 'lead' ? 1.3 : 1));
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  const pairs = (slots.length * (slots.length - 1)) / 2;
  const lists = slots.map((role) => offered(role));
  const objective: string[] = [];
  const rows: string[] = [];
  const binaries: string[] = [];
  const name = (i: number, a: number, j: number, b: number) =>
    i < j ? `y${i}_${a}_${j}_${b}` : `y${j}_${b}_${i}_${a}`;
  lists.forEach((list, i) => {
    rows.push(`one${i}: ${list.map((_, a) => `x${i}_${a}`).join(' + ')} = 1`);
    list.forEach((kind, a) => {
      binaries.push(`x${i}_${a}`);
      objective.push(
        `${((0.42 * weights[i]! * judge.of(kind, slots[i]!)) / whole).toFixed(8)} x${i}_${a}`,
      );
      lists.forEach((others, j) => {
        if (j === i) return;
        const together = others.flatMap((other, b) =>
          other !== kind && judge.pair(kind, other) > 0 ? [name(i, a, j, b)] : [],
        );
        rows.push(
          together.length > 0
            ? `r${i}_${a}_${j}: ${together.join(' + ')} - x${i}_${a} = 0`
            : `r${i}_${a}_${j}: x${i}_${a} = 0`,
        );
        if (j < i)
          others.forEach((other, b) => {
            if (other !== kind && judge.pair(kind, other) > 0)
              objective.push(
                `${((0.33 * judge.pair(kind, other)) / pairs).toFixed(8)} ${name(i, a, j, b)}`,
              );
          });
      });
    });
  });
  return `Maximize\n obj: ${objective.join('\n + ')}\nSubject To\n ${rows.join('\n ')}\nBinary\n ${binaries.join('\n ')}\nEnd`;
}

export async function benchSearch(): Promise<SearchBench> {
  let [close, every, ours, worst] = [0, 0, 0, 1];
  for (let seed = 0; seed < PROBLEMS; seed += 1) {
    const problem = smallProblem(seed, 3 + (seed % 3));
    const [best, everyMs] = clock(() => everyWay(problem));
    const [found, oursMs] = clock(
      () => assign(problem.judge, [], problem.slots, THOROUGH)[0]?.promise ?? 0,
    );
    every += everyMs;
    ours += oursMs;
    worst = Math.min(worst, best > 0 ? found / best : 1);
    if (found >= best * 0.99) close += 1;
  }
  const highs = await loadHighs();
  let [solver, linear, asGood] = [0, 0, 0];
  for (let seed = 0; seed < SOLVED; seed += 1) {
    const problem = smallProblem(seed, 4);
    const judge = {
      best: problem.judge.best.bind(problem.judge),
      promise: (members: readonly Member[]) => linearPart(problem, members),
    };
    const [found, oursMs] = clock(
      () => assign(judge, [], problem.slots, THOROUGH)[0]?.promise ?? 0,
    );
    const program = programOf(problem);
    const [solved, solverMs] = clock(() => highs.solve(program));
    solver += solverMs;
    linear += oursMs;
    if (found >= solved.ObjectiveValue - 1e-4) asGood += 1;
  }
  const { it } = handComposed()[0]!;
  const ask = (kinds: readonly PlantKind[]) => ({
    container: it.planting.container,
    spot: it.spot,
    wishes: { ...it.planting.wishes, school: 'thriller' as const },
    plantedWeek: 20,
    endWeek: 42,
    kinds,
    seed: 1,
    house: USUAL_HOUSE,
  });
  const bookOf = (n: number): PlantKind[] =>
    Array.from({ length: n }, (_, i) => ({
      ...BOOK[i % BOOK.length]!,
      id: `k${i}`,
      heightCm: BOOK[i % BOOK.length]!.heightCm.map(
        (cm) => cm + (i % 7) * 0.01,
      ) as unknown as PlantKind['heightCm'],
    }));
  proposeNow(ask(bookOf(400)));
  const byKinds: Record<string, number> = {};
  for (const n of [100, 300, 1000, 5000]) {
    const kinds = bookOf(n);
    byKinds[n] = Math.min(
      ...[0, 1, 2].map(() => clock(() => proposeNow(ask(kinds.map((kind) => ({ ...kind })))))[1]),
    );
  }
  let longestStepMs = 0;
  const thinking = { ...ask(BOOK), wishes: { ...it.planting.wishes, school: 'any' as const } };
  proposeNow(thinking);
  const search = propose({ ...thinking, seed: 2 }, { wanted: 6, effort: 48, improve: 200 });
  for (;;) {
    const [turn, ms] = clock(() => search.next());
    if (turn.done) break;
    longestStepMs = Math.max(longestStepMs, ms);
  }
  const six = proposeNow(thinking);
  const twelve = {
    ...it,
    plants: Array.from({ length: 12 }, (_, i) => ({
      ...it.plants[i % it.plants.length]!,
      id: `t${i}`,
      xCm: 14 * Math.cos(i),
      zCm: 14 * Math.sin(i),
    })),
    planting: { ...it.planting, endWeek: 47 },
  };
  const judged = Array.from({ length: 60 }, () => clock(() => opinionOf(twelve))[1]).sort(
    (a, b) => a - b,
  );
  const memory = spawnSync(
    process.execPath,
    [
      '--max-old-space-size=150',
      '--import',
      'tsx',
      fileURLToPath(new URL('./memory.mts', import.meta.url)),
    ],
    { encoding: 'utf8' },
  );
  return {
    withinOnePercent: close / PROBLEMS,
    problems: PROBLEMS,
    worstShare: worst,
    everyWayOverOurs: every / ours,
    solverOverOurs: solver / linear,
    solverProblems: SOLVED,
    asGoodAsSolver: asGood / SOLVED,
    byKinds,
    power: Math.log(byKinds[5000]! / byKinds[100]!) / Math.log(50),
    within150MB: memory.status === 0,
    longestStepMs,
    rejudge12Ms: judged[30]!,
    firstSixDiffer:
      six.every((a, i) => six.slice(i + 1).every((b) => differ(a, b))) &&
      kindOf(six[0]!.places[0]!.kindId) !== null,
  };
}
