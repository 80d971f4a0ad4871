import type { Edit } from '../plantings/edits';
import type { PlaceId } from '../plantings/planting';
import type { Reading } from './reading';

/** Where a rule comes from. */
export type Source =
  | { readonly kind: 'published'; readonly citation: string }
  | { readonly kind: 'ours'; readonly reason: string };

/** How sure a check can be of what it says. */
export type Certainty = 'quite sure' | 'fairly sure' | 'a matter of taste' | 'a caution';

/** How much a remark matters: trouble and look want an answer, taste may be left, right is praise. */
export type Severity = 'trouble' | 'look' | 'taste' | 'right';

/** What one check says about one planting. */
export interface Verdict<Facts> {
  /** 0 = as bad as this check can tell, 1 = nothing to improve. */
  readonly score: number;
  /** The numbers behind the score, units in their names. Plain data. */
  readonly facts: Facts;
  /** Plants to point at, worst first. */
  readonly culprits: readonly PlaceId[];
}

/** One question asked of a planting. One check, one file. */
export interface Check<Id extends string, Facts> {
  readonly id: Id;
  readonly weight: number;
  readonly certainty: Certainty;
  readonly source: Source;
  /** Scores below `trouble` are trouble, below `look` want a look (taste for matters of taste); above is right. */
  readonly limits: { readonly trouble: number; readonly look: number };
  /** @returns `null` when the question does not arise */
  readonly judge: (reading: Reading) => Verdict<Facts> | null;
  /** Changes worth trying; the engine keeps only one that was tried and helps. */
  readonly fixes?: (reading: Reading, verdict: Verdict<Facts>) => readonly Edit[];
}

export function severityOf(
  check: Pick<Check<string, never>, 'certainty' | 'limits'>,
  score: number,
): Severity {
  if (score < check.limits.trouble) return 'trouble';
  if (score < check.limits.look) return check.certainty === 'a matter of taste' ? 'taste' : 'look';
  return 'right';
}
