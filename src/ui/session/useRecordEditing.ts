'use client';

import { useCallback, useMemo, useState } from 'react';
import type { History } from '@/core/records/step';
import type { RecordOf, RoomTable } from '@/data/tables';
import { useLive, useStore } from './StoreProvider';
import { useSteps } from './useSteps';

/** One stored record being worked on. */
export interface RecordEditing<T> {
  /** The record as it is, with what is under the hand laid over it. */
  readonly record: T;
  readonly history: History;
  /** A hand is on it: what is shown is not what is kept. */
  readonly isHeld: boolean;
  /** Makes a change that can be undone, under a name for the history. One that cannot be is refused and told by its field. */
  readonly apply: (change: Partial<T>, name: string) => void;
  /** Shows a change while a hand is still on it; `null` lets go. */
  readonly preview: (change: Partial<T> | null) => void;
  /** What was wrong with the last change, by field. */
  readonly faults: Readonly<Record<string, string>>;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly walk: (steps: number) => void;
}

const NO_FAULTS: Readonly<Record<string, string>> = {};

/** Editing of one record with undo that outlives the window. `undefined` while it loads, `null` when there is none. */
export function useRecordEditing<N extends RoomTable>(
  table: N,
  id: string | null,
): RecordEditing<RecordOf<N>> | null | undefined {
  type T = RecordOf<N>;
  const store = useStore();
  const stored = useLive(
    async (s) => (id ? ((await s.history.open(table, id)) ?? null) : null),
    [table, id],
  );
  const steps = useSteps(table, id, stored);
  const [held, setHeld] = useState<Partial<T> | null>(null);
  const [faults, setFaults] = useState(NO_FAULTS);
  const record = useMemo(
    () =>
      steps && held && store
        ? store.history.settled(table, { ...steps.record, ...held })
        : steps?.record,
    [steps, held, store, table],
  );
  const change = steps?.change;
  const apply = useCallback(
    (fields: Partial<T>, name: string) => {
      setHeld(null);
      const became = change?.(
        (now) => ({ ...now, ...fields }),
        () => ({ did: 'told', name }),
      );
      setFaults(
        Array.isArray(became)
          ? Object.fromEntries([...became].reverse().map(({ field, message }) => [field, message]))
          : NO_FAULTS,
      );
    },
    [change],
  );
  if (steps === undefined) return undefined;
  if (!steps || !record) return null;
  const { history, undo, redo, walk } = steps;
  return {
    record,
    history,
    isHeld: held !== null,
    apply,
    preview: setHeld,
    faults,
    undo,
    redo,
    walk,
  };
}
