import type { Day } from '../calendar/day';
import { holding, isOf, type Entry } from '../log/entry';
import type { Planting } from '../plantings/planting';
import { ANSWERS, type Question, type TrialPart } from '../plantings/trial';

/** One trial with its pots, in the order of their places. */
export interface Trial extends Omit<TrialPart, 'half' | 'place'> {
  readonly pots: readonly {
    readonly plantingId: string;
    readonly half: 0 | 1;
    readonly place: number;
  }[];
}

/** Both halves on one day of asking. */
export interface Asked {
  readonly day: Day;
  readonly halves: readonly [readonly number[], readonly number[]];
}

/** What a question has told so far. */
export interface Told {
  readonly question: Question;
  readonly days: readonly Asked[];
  /** Pairs of neighbours of which both were asked. */
  readonly pairs: number;
  /** Second half less first, by pairs, over all days of asking; `null` with fewer than two pairs. */
  readonly more: {
    readonly mean: number;
    /** Between these it lies in nine of ten such trials. */
    readonly from: number;
    readonly to: number;
  } | null;
  readonly verdict: 'too few' | 'cannot tell' | 'more' | 'less';
}

/** Student's t for nine of ten, by degrees of freedom from 1. Abramowitz & Stegun, table 26.10. */
const T90 = [6.314, 2.92, 2.353, 2.132, 2.015, 1.943, 1.895, 1.86, 1.833, 1.812, 1.796] as const;
/** With fewer pairs nothing is said, however clear it looks. */
const LEAST_PAIRS = 3;
/** Answers are rounded: pairs that agree to the digit may still differ by this share of a grain. */
const ROUNDING = 0.4;

/** Every trial that plantings stand in. */
export function trialsOf(plantings: readonly Planting[]): readonly Trial[] {
  const byId = new Map<string, (Trial['pots'][number] & { readonly of: TrialPart })[]>();
  for (const { id, trial } of plantings) {
    if (!trial) continue;
    const pots = byId.get(trial.id) ?? [];
    pots.push({ plantingId: id, half: trial.half, place: trial.place, of: trial });
    byId.set(trial.id, pots);
  }
  return [...byId.values()].map((pots) => {
    const sorted = [...pots].sort((a, b) => a.place - b.place);
    const { half: _, place: _1, ...of } = sorted[0]!.of;
    return { ...of, pots: sorted.map(({ of: _2, ...pot }) => pot) };
  });
}

/** What each question of a trial has told, with the doubt that so few pots leave. */
export function toldBy(trial: Trial, log: readonly Entry[]): readonly Told[] {
  const answers = answersOf(trial, log);
  return trial.questions.map((question) => {
    const its = answers.filter((one) => one.question === question);
    const days = [...new Set(its.map(({ day }) => day))].sort();
    const halvesOn = (day: Day): Asked => {
      const of = (half: 0 | 1) =>
        its.filter((one) => one.day === day && one.pot.half === half).map(({ value }) => value);
      return { day, halves: [of(0), of(1)] };
    };
    const differences = pairsOf(trial).flatMap((pair) => {
      const both = days.flatMap((day) => {
        const [plain, other] = pair.map(
          (pot) => its.find((one) => one.day === day && one.pot === pot)?.value,
        );
        return plain === undefined || other === undefined ? [] : [other - plain];
      });
      return both.length === 0 ? [] : [meanOf(both)];
    });
    const more = doubted(differences, ANSWERS[question].grain);
    return {
      question,
      days: days.map(halvesOn),
      pairs: differences.length,
      more,
      verdict: verdictOf(differences.length, more),
    };
  });
}

type Pot = Trial['pots'][number];

/** Neighbours that were drawn together, the plain one first. A pair that lost one is none. */
function pairsOf({ pots }: Trial): readonly (readonly [Pot, Pot])[] {
  return pots.flatMap((pot) => {
    if (pot.half !== 0) return [];
    const pair = Math.floor((pot.place - 1) / 2);
    const other = pots.find(
      ({ half, place }) => half === 1 && Math.floor((place - 1) / 2) === pair,
    );
    return other ? [[pot, other] as const] : [];
  });
}

interface Answer {
  readonly pot: Pot;
  readonly question: Question;
  readonly day: Day;
  readonly value: number;
}

/** The last answer of each pot to each question of a day holds. */
function answersOf({ id, pots, questions }: Trial, log: readonly Entry[]): readonly Answer[] {
  const byPot = new Map(pots.map((pot) => [pot.plantingId, pot]));
  const found = new Map<string, Answer>();
  for (const entry of holding(log)) {
    if (!isOf(entry, 'asked') || entry.what.trialId !== id) continue;
    const pot = byPot.get(entry.of.plantingId ?? '');
    const [asked, day] = entry.what.question.split(' ');
    const question = questions.find((one) => one === asked);
    if (!pot || !day || !question) continue;
    // Out of a file of another hand it may be anything.
    const value = Number(entry.what.answer);
    const { least, most } = ANSWERS[question];
    if (!(value >= least && value <= most)) continue;
    found.set(`${pot.plantingId} ${question} ${day}`, { pot, question, day, value });
  }
  return [...found.values()];
}

const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** Mean of paired differences with its interval by Student's t. */
function doubted(differences: readonly number[], grain: number): Told['more'] {
  const n = differences.length;
  if (n < 2) return null;
  const mean = meanOf(differences);
  const variance = differences.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (n - 1);
  const sd = Math.max(Math.sqrt(variance), grain * ROUNDING);
  const half = ((T90[n - 2] ?? T90[T90.length - 1]!) * sd) / Math.sqrt(n);
  return { mean, from: mean - half, to: mean + half };
}

function verdictOf(pairs: number, more: Told['more']): Told['verdict'] {
  if (pairs < LEAST_PAIRS || !more) return 'too few';
  if (more.from > 0) return 'more';
  return more.to < 0 ? 'less' : 'cannot tell';
}
