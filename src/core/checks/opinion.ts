import { applyEdit, type Edit } from '../plantings/edits';
import { inSpot, type PlantingInSpot } from '../plantings/planting';
import type { KindId, PlantKind } from '../plants/kind';
import { severityOf, type Certainty, type Check, type Severity, type Verdict } from './check';
import { meritOf } from './merits';
import { read, type CountedSeen, type Reading } from './reading';
import { CHECK_IDS, CHECKS, type CheckId, type FactsOf } from './rules/index';

/** One check's remark on a planting: data only; the words are elsewhere. */
export interface Remark<Id extends CheckId = CheckId> {
  readonly check: Id;
  readonly severity: Severity;
  readonly certainty: Certainty;
  readonly score: number;
  readonly facts: FactsOf<Id>;
  readonly culprits: readonly string[];
  /** The gardener has answered "I mean it". */
  readonly meant: boolean;
}

/** What all checks together say. */
export interface Opinion {
  /**
   * How good it is in all, 0–1: how little is wrong, the worst matter weighing more than its share, and how it stands in its
   * merits among plain plantings. For ordering; shown nowhere.
   */
  readonly score: number;
  /** How little there is to answer: the weighted mean of the checks that arise, 0–1. Merits do not come into it. */
  readonly answered: number;
  /** Most important first. */
  readonly remarks: readonly Remark[];
}

const ORDER: Readonly<Record<Severity, number>> = { trouble: 0, look: 1, taste: 2, right: 3 };

type AnyCheck = Check<CheckId, unknown>;

/** Asks every check. */
export function opinionOf(it: PlantingInSpot, counted?: CountedSeen): Opinion {
  return opinionOfReading(read(it, counted));
}

export function opinionOfReading(reading: Reading): Opinion {
  let sum = 0;
  let weights = 0;
  let worst = 0;
  const remarks: Remark[] = [];
  for (const id of CHECK_IDS) {
    const check = CHECKS[id] as unknown as AnyCheck;
    const say = sayOf(id, reading);
    // What a school does not ask, and what the gardener has silenced, is not asked.
    if (say === 0 && check.weight > 0) continue;
    const verdict = check.judge(reading);
    if (!verdict) continue;
    sum += verdict.score * say;
    weights += say;
    worst = Math.max(worst, Math.min(1, say) * (1 - verdict.score) ** 1.5);
    remarks.push({
      check: id,
      severity: severityOf(check, verdict.score),
      certainty: check.certainty,
      score: verdict.score,
      facts: verdict.facts as FactsOf<CheckId>,
      culprits: verdict.culprits,
      meant: reading.planting.meant.includes(id),
    });
  }
  remarks.sort(
    (a, b) =>
      ORDER[a.severity] - ORDER[b.severity] ||
      sayOf(b.check, reading) * (1 - b.score) - sayOf(a.check, reading) * (1 - a.score),
  );
  const answered = weights > 0 ? sum / weights : 0;
  const faultless = answered * (1 - WORST_SHARE * worst);
  const merit = faultless > 0 ? meritOf(reading) : 0;
  return { score: faultless * (1 - MERIT_SHARE * (1 - merit)), answered, remarks };
}

/** What the one worst matter takes off the whole, and what merits make of it. Ours. */
const WORST_SHARE = 0.4;
const MERIT_SHARE = 0.5;

/** How much a check has to say of a planting: its own weight, what the school makes of it, and how far the gardener turned it down. */
export function sayOf(id: CheckId, { school, house }: Pick<Reading, 'school' | 'house'>): number {
  const check = CHECKS[id] as unknown as AnyCheck;
  return (
    check.weight *
    (school.weights[id] ?? 1) *
    (check.certainty === 'a caution' ? 1 : (house.turnedDown[id] ?? 1))
  );
}

/** A change that was tried and helps. */
export interface Fix {
  readonly edit: Edit;
  /** Score of the remark's check before and after, and of the whole. */
  readonly before: number;
  readonly after: number;
  readonly wholeGain: number;
  /** What the check says after it; `null` when its question no longer arises. */
  readonly facts: unknown;
}

/** Least gain of the check's own score that makes a fix worth offering. */
const WORTH_OFFERING = 0.08;

/**
 * The best of the changes a check proposes, tried before it is offered: it must help its own check and not harm the whole.
 * @returns `null` when nothing tried helps
 */
export function tryFixes(
  it: PlantingInSpot,
  check: CheckId,
  kindOf: (id: KindId) => PlantKind | null,
  more: readonly Edit[] = [],
): Fix | null {
  const rule = CHECKS[check] as unknown as AnyCheck;
  const reading = read(it);
  const verdict: Verdict<unknown> | null = rule.judge(reading);
  if (!verdict) return null;
  const whole = opinionOfReading(reading).score;
  let best: Fix | null = null;
  for (const edit of [...(rule.fixes?.(reading, verdict) ?? []), ...more]) {
    const after = inSpot(applyEdit(it.planting, edit), it.spot, kindOf, it.house);
    // An empty pot keeps every budget, and is no planting.
    if (after.plants.length === 0) continue;
    const changed = read(after);
    const again = rule.judge(changed);
    const score = again ? again.score : 1;
    const wholeGain = opinionOfReading(changed).score - whole;
    if (score < verdict.score + WORTH_OFFERING || wholeGain < -0.005) continue;
    if (!best || wholeGain > best.wholeGain)
      best = { edit, before: verdict.score, after: score, wholeGain, facts: again?.facts ?? null };
  }
  return best;
}
