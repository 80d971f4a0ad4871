'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { FileFault } from '@/core/files/parse';
import type { Done } from '@/core/plantings/done';
import { withDifferences } from '@/core/records/difference';
import type { History, Step } from '@/core/records/step';
import type { Store } from '@/data/store';
import type { RecordOf, RoomTable } from '@/data/tables';
import { useStore } from './StoreProvider';

/** A record as it is stored, with its history, read together. */
export interface Stored<T> {
  readonly record: T;
  readonly history: History;
}

export interface Steps<T> {
  /** The record as it stands: what is stored, and every change made since, kept or not yet. */
  readonly record: T;
  readonly history: History;
  /**
   * Makes a change that can be undone, and begins to keep it at once.
   * @returns what is wrong with it, or that it changes nothing; then nothing was changed
   */
  readonly change: (by: (now: T) => T, done: (before: T) => Done) => Changed;
  readonly undo: () => void;
  readonly redo: () => void;
  /** Walks so many steps through the history, back when negative. */
  readonly walk: (steps: number) => void;
}

/** What became of a change. */
export type Changed = 'changed' | 'the same' | readonly FileFault[];

/** A change on its way: until the stored record comes back with it, it is laid over the one there is. */
interface Underway<T> {
  readonly step: Step;
  /** What was stored when the database had it; `null` before. */
  readonly keptOver: Stored<T> | null;
}

/**
 * Changes of one record, shown when they are made and stored as they are made. The one way in which
 * every room changes what it works on.
 * @param stored `null` when there is no such record, `undefined` while it loads
 */
export function useSteps<N extends RoomTable>(
  table: N,
  id: string | null,
  stored: Stored<RecordOf<N>> | null | undefined,
): Steps<RecordOf<N>> | null | undefined {
  type T = RecordOf<N>;
  const store = useStore();
  const [underway, setUnderway] = useState<readonly Underway<T>[]>([]);
  // While another record is on its way, the one before is nobody's to change.
  const here = stored && stored.record.id !== id ? undefined : stored;
  const record = useMemo(
    () => (store && here ? shownRecord(store, table, here, underway) : null),
    [store, table, here, underway],
  );
  // Quick hands: a second change is made upon the first, before either has been drawn.
  const now = useRef({ record, stored: here });
  useEffect(() => {
    now.current = { record, stored: here };
  }, [record, here]);

  const change = useCallback(
    (by: (now: T) => T, done: (before: T) => Done): Changed => {
      const before = now.current.record;
      if (!store || !id || !before) return 'the same';
      const after = store.history.settled(table, by(before));
      const step = store.history.stepBetween({ table, id }, before, after, done(before));
      if (step.differences.length === 0) return 'the same';
      const faults = store.history.faultsOf(table, after);
      if (faults.length > 0) return faults;
      now.current = { ...now.current, record: after };
      setUnderway((all) => [...all, { step, keptOver: null }]);
      store.history.take(step).then(
        () => setUnderway((all) => settledIn(all, step, now.current.stored)),
        // That it was not kept has been told; it is shown no longer.
        () => setUnderway((all) => all.filter((one) => one.step !== step)),
      );
      return 'changed';
    },
    [store, table, id],
  );
  const undo = useCallback(
    () => void (id && store?.history.undo({ table, id })),
    [store, table, id],
  );
  const redo = useCallback(
    () => void (id && store?.history.redo({ table, id })),
    [store, table, id],
  );
  const walk = useCallback(
    (steps: number) => void (id && store?.history.walk({ table, id }, steps)),
    [store, table, id],
  );
  return useMemo(() => {
    if (here === undefined || !store) return undefined;
    if (here === null || record === null) return null;
    return { record, history: here.history, change, undo, redo, walk };
  }, [here, store, record, change, undo, redo, walk]);
}

/** Marks a change as kept, and forgets those that have come back long since. */
function settledIn<T>(
  all: readonly Underway<T>[],
  step: Step,
  stored: Stored<T> | null | undefined,
): readonly Underway<T>[] {
  return all
    .map((one) => (one.step === step ? { step, keptOver: stored ?? null } : one))
    .filter((one) => one.keptOver === null || one.keptOver === stored);
}

/** The stored record with the changes laid over it that it does not hold yet. */
function shownRecord<N extends RoomTable>(
  store: Store,
  table: N,
  stored: Stored<RecordOf<N>>,
  underway: readonly Underway<RecordOf<N>>[],
): RecordOf<N> {
  const held = new Set([...stored.history.past, ...stored.history.future].map(({ id }) => id));
  const missing = underway.filter(
    ({ step, keptOver }) => !held.has(step.id) && (keptOver === null || keptOver === stored),
  );
  return missing.reduce<RecordOf<N>>(
    (record, { step }) =>
      store.history.settled(
        table,
        withDifferences(record as object, step.differences, 'is').record as never,
      ),
    stored.record,
  );
}
