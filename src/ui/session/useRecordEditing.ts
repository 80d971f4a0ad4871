'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Parsed } from '@/core/files/plantingFile';

/** One stored record being worked on. */
export interface RecordEditing<T> {
  /** The record as it is, with what is under the hand laid over it. */
  readonly record: T;
  /** Makes a change that can be undone. A change that cannot be is refused and told by its field. */
  readonly apply: (change: Partial<T>, name: string) => void;
  /** Shows a change while a hand is still on it; `null` lets go. */
  readonly preview: (change: Partial<T> | null) => void;
  /** What was wrong with the last change, by field. */
  readonly faults: Readonly<Record<string, string>>;
  readonly undo: { readonly name: string; readonly go: () => void } | null;
  readonly redo: { readonly name: string; readonly go: () => void } | null;
}

interface Step<T> {
  readonly name: string;
  readonly record: T;
}

interface Door<T> {
  /** Loads the parser when it is first needed, not before the page. */
  readonly parser: () => Promise<(data: unknown) => Parsed<T>>;
  readonly put: (record: T) => Promise<void>;
  /** What follows from a record, worked out anew. */
  readonly settle: (record: T) => T;
}

/**
 * Editing of one record with undo while its room is open. `undefined` while it loads, `null` when there is none.
 * @param stored the record as it is kept
 * @param door stable between renders
 */
export function useRecordEditing<T extends object>(
  stored: T | null | undefined,
  door: Door<T>,
): RecordEditing<T> | null | undefined {
  const [held, setHeld] = useState<Partial<T> | null>(null);
  const [ahead, setAhead] = useState<T | null>(null);
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});
  const [past, setPast] = useState<readonly Step<T>[]>([]);
  const [future, setFuture] = useState<readonly Step<T>[]>([]);
  const kept = ahead ?? stored ?? null;
  const record = useMemo(
    () => (kept && held ? door.settle({ ...kept, ...held }) : kept),
    [kept, held, door],
  );

  // Changes are written one after another, each upon the one before it: quick hands lose nothing.
  const writing = useRef<{ last: Promise<unknown>; open: number; base: T | null }>({
    last: Promise.resolve(),
    open: 0,
    base: null,
  });
  useEffect(() => {
    writing.current.base = kept;
  }, [kept]);
  useEffect(() => {
    if (writing.current.open === 0) setAhead(null);
  }, [stored]);
  const write = useCallback(
    (next: T) => {
      const w = writing.current;
      const shown = door.settle(next);
      w.base = shown;
      w.open += 1;
      setAhead(shown);
      w.last = w.last.then(() => door.put(shown)).finally(() => (w.open -= 1));
    },
    [door],
  );
  const apply = useCallback(
    async (change: Partial<T>, name: string) => {
      const parse = await door.parser();
      const base = writing.current.base;
      if (!base) return;
      const parsed = parse({ ...base, ...change });
      setHeld(null);
      if (!parsed.ok)
        return setFaults(
          Object.fromEntries(
            [...parsed.faults].reverse().map(({ field, message }) => [field, message]),
          ),
        );
      setFaults({});
      setPast((steps) => [...steps, { name, record: base }]);
      setFuture([]);
      write(parsed.value);
    },
    [write, door],
  );
  const step = useCallback(
    (from: readonly Step<T>[], setFrom: typeof setPast, setTo: typeof setPast) => {
      const last = from[from.length - 1];
      if (!last || !kept) return null;
      return {
        name: last.name,
        go: () => {
          setFrom(from.slice(0, -1));
          setTo((steps) => [...steps, { name: last.name, record: kept }]);
          write(last.record);
        },
      };
    },
    [write, kept],
  );
  if (stored === undefined) return undefined;
  if (!record) return null;
  return {
    record,
    apply: (change, name) => void apply(change, name),
    preview: setHeld,
    faults,
    undo: step(past, setPast, setFuture),
    redo: step(future, setFuture, setPast),
  };
}
