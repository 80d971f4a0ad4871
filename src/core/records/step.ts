import type { Difference } from './difference';

/** Which record a step belongs to: the name of its table and its id. */
export interface RecordRef {
  readonly table: string;
  readonly id: string;
}

/** One change of one record, kept so that it can be taken back: what was done, and what it changed. */
export interface Step {
  /** Sorts by when it was made. */
  readonly id: string;
  /** The record, as {@link keyOf} writes it. */
  readonly of: string;
  /** When, ISO 8601. */
  readonly at: string;
  /** The open window (tab) in which it was made: undo in one takes back nothing of another's. */
  readonly by: string;
  /** What was done, as data; `null` where the differences say it. Put into words when it is read. */
  readonly done: unknown;
  readonly differences: readonly Difference[];
  /** 1 after it was taken back, 0 before. A number, because the database can look it up. */
  readonly undone: 0 | 1;
}

export function keyOf({ table, id }: RecordRef): string {
  return `${table}/${id}`;
}

export function refOf(key: string): RecordRef {
  const cut = key.indexOf('/');
  return { table: key.slice(0, cut), id: key.slice(cut + 1) };
}

/**
 * Ids that sort by time: milliseconds in base 36, a count within them, and a mark of the maker.
 * @param at milliseconds since 1970
 */
export function stepId(at: number, count: number, by: string): string {
  return `${at.toString(36).padStart(9, '0')}-${count.toString(36).padStart(3, '0')}-${by}`;
}

/** A record's steps as one hand may walk them: what it can take back and what it can do again. */
export interface History {
  /** Oldest first; the last is taken back next. */
  readonly past: readonly Step[];
  /** The first is done again next. */
  readonly future: readonly Step[];
}

/**
 * The steps that are this hand's to walk.
 * @param steps of one record, oldest first
 * @param mine is a step this window's own, or of one that has been closed?
 */
export function historyOf(steps: readonly Step[], mine: (step: Step) => boolean): History {
  const own = steps.filter(mine);
  return {
    past: own.filter(({ undone }) => undone === 0),
    future: own.filter(({ undone }) => undone === 1),
  };
}
