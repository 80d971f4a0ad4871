import { weeksBetween } from '../units/units';
import type { PlantKind } from './kind';
import { hasColouredLeaves, hasFormedLeaves } from './leaves';

/** First and last week of the year, round the year's end when the first is later. */
export type Weeks = readonly [from: number, to: number];
export const ALL_YEAR: Weeks = [1, 52];

/** Weeks a tender plant is out of doors in leaf, a hardy one that dies back, and a bulb beside its flowers; the temperate north. Ours. */
const TENDER: Weeks = [20, 43];
const DIES_BACK: Weeks = [14, 44];
const BULB_BEFORE = 6;
const BULB_AFTER = 5;
/** A plant whose top lives through this, °C, is set out before the frosts are over. */
const HARDY_C = -3;

const around = (week: number): number => ((((week - 1) % 52) + 52) % 52) + 1;

/** Weeks in which a kind stands in leaf in a pot out of doors. */
export function leafWeeks({ foliage, cycle, bloom, lowestC, bringInC, inLeaf }: PlantKind): Weeks {
  if (inLeaf) return inLeaf;
  if (foliage.evergreen && bringInC === null) return ALL_YEAR;
  if (cycle === 'bulb' && bloom && lowestC <= HARDY_C)
    return [around(bloom.weeks[0] - BULB_BEFORE), around(bloom.weeks[1] + BULB_AFTER)];
  // Violas and their like stand in the pot for as long as they flower.
  if (cycle === 'biennial') return bloom?.weeks ?? [38, 20];
  return lowestC > HARDY_C || bringInC !== null ? TENDER : DIES_BACK;
}

/** Does a week lie within others? */
export function within([from, to]: Weeks, week: number): boolean {
  return weeksBetween(from, week) <= weeksBetween(from, to);
}

/** How many weeks two stretches share. */
export function sharedWeeks(a: Weeks, b: Weeks): number {
  let count = 0;
  for (let week = 1; week <= 52; week += 1) if (within(a, week) && within(b, week)) count += 1;
  return count;
}

/** Is it worth looking at in a week: in flower or fruit, or in leaf that is more than plain green, or that holds when others have none? */
export function ofInterest(kind: PlantKind, week: number): boolean {
  const { bloom, fruit } = kind;
  if ((bloom && within(bloom.weeks, week)) || (fruit && within(fruit.weeks, week))) return true;
  const leaves = leafWeeks(kind);
  return (
    within(leaves, week) &&
    (leaves === ALL_YEAR ||
      (kind.cycle !== 'bulb' && (hasColouredLeaves(kind) || hasFormedLeaves(kind))))
  );
}
