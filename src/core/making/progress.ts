import { isOf, wentInOf, type Entry, type EntryThat } from '../log/entry';
import type { PlaceId } from '../plantings/planting';
import type { MakingStep } from './steps';

export type StepEntry = EntryThat<'step'>;

/** How far the making of one planting has come. */
export interface MakingProgress {
  /** Each step's answer that holds, by its key. */
  readonly answers: ReadonlyMap<string, StepEntry>;
  /** Index of the first step without an answer; the number of steps when all have one. */
  readonly at: number;
  readonly planted: EntryThat<'planted'> | null;
  readonly putOut: EntryThat<'put out'> | null;
  /** Minutes that the steps took so far, those that were timed. */
  readonly minutes: number;
}

/** @param held the planting's entries that hold, in order */
export function progressOf(steps: readonly MakingStep[], held: readonly Entry[]): MakingProgress {
  const answers = new Map<string, StepEntry>();
  for (const entry of held) if (isOf(entry, 'step')) answers.set(entry.what.key, entry);
  const open = steps.findIndex(({ key }) => !answers.has(key));
  const last = <D extends Entry['what']['did']>(did: D) =>
    (held.findLast((entry) => isOf(entry, did)) as EntryThat<D> | undefined) ?? null;
  return {
    answers,
    at: open < 0 ? steps.length : open,
    planted: last('planted'),
    putOut: last('put out'),
    minutes: [...answers.values()].reduce((sum, { what }) => sum + (what.minutes ?? 0), 0),
  };
}

/** Where to look: at the step asked for, as long as there is one; the end; else at the next to do. What was planted without steps is at its end. */
export function indexShown(
  steps: readonly MakingStep[],
  progress: MakingProgress,
  looked: string | null,
): number {
  if (looked === END) return steps.length;
  const asked = looked === null ? -1 : steps.findIndex(({ key }) => key === looked);
  if (asked >= 0) return asked;
  return progress.planted && progress.answers.size === 0 ? steps.length : progress.at;
}
/** Key that stands for the end. */
export const END = 'end';

/** Steps that set a plant in. */
export function plantKeys(steps: readonly MakingStep[]): readonly string[] {
  return steps.flatMap(({ key, what }) => (what.do === 'plant' ? [key] : []));
}

/**
 * What an answer completes: with the last plant the planting is planted, with what really went in and what is missing.
 * @param more plants that stood there before, and are in without a step; and answers on their way to the log, which are not in the
 *   progress yet: without them a plant that is pressed at once after another would not be known as the last
 * @returns `null` while plants are left, or when it was told as planted already
 */
export function completes(
  steps: readonly MakingStep[],
  progress: MakingProgress,
  answer: Pick<StepEntry['what'], 'key' | 'how'>,
  places: Parameters<typeof wentInOf>[0],
  {
    staying = NONE,
    underway = NO_ANSWERS,
  }: {
    readonly staying?: ReadonlySet<PlaceId>;
    readonly underway?: ReadonlyMap<string, StepEntry['what']['how']>;
  } = {},
): {
  readonly wentIn: EntryThat<'planted'>['what']['plants'];
  readonly missing: readonly PlaceId[];
} | null {
  const keys = plantKeys(steps);
  if (progress.planted || !keys.includes(answer.key)) return null;
  const how = (key: string) =>
    key === answer.key ? answer.how : (underway.get(key) ?? progress.answers.get(key)?.what.how);
  if (keys.some((key) => how(key) === undefined)) return null;
  const isIn = new Set(keys.filter((key) => how(key) === 'done'));
  const isThere = ({ id }: { readonly id: PlaceId }) => staying.has(id) || isIn.has(`plant ${id}`);
  const went = places.filter(isThere);
  // Nothing at all is no planting.
  if (went.length === 0) return null;
  return {
    wentIn: wentInOf(went),
    missing: places.filter((place) => !isThere(place)).map(({ id }) => id),
  };
}

const NONE: ReadonlySet<PlaceId> = new Set();
const NO_ANSWERS: ReadonlyMap<string, StepEntry['what']['how']> = new Map();
