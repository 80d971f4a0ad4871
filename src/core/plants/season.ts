import { weeksBetween } from '../units/units';
import type { PlantKind } from './kind';
import { hasColouredLeaves, hasFormedLeaves } from './leaves';

/** First and last week of the year, round the year's end when the first is later. */
export type Weeks = readonly [from: number, to: number];

/** Is it in leaf the whole year round? */
export function isEverInLeaf({ inLeaf: [from, to] }: Pick<PlantKind, 'inLeaf'>): boolean {
  return weeksBetween(from, to) === 51;
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
  return (
    within(kind.inLeaf, week) &&
    (isEverInLeaf(kind) ||
      (kind.cycle !== 'bulb' && (hasColouredLeaves(kind) || hasFormedLeaves(kind))))
  );
}
