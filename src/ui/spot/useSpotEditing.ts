'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { withLightInUse } from '@/core/spots/light';
import type { Spot } from '@/core/spots/spot';
import { useLive, useStore } from '@/ui/session/StoreProvider';

export interface SpotEditing {
  /** The spot as it is, with what is under the hand laid over it. */
  readonly spot: Spot;
  /** Containers that stand here. */
  readonly plantings: readonly { readonly id: string; readonly name: string; readonly plantedWeek: number; readonly weeks: number }[];
  /** Makes a change that can be undone. A change that cannot be is refused and told by its field. */
  readonly apply: (change: Partial<Spot>, name: string) => void;
  /** Shows a change while a hand is still on it; `null` lets go. */
  readonly preview: (change: Partial<Spot> | null) => void;
  /** What was wrong with the last change, by field. */
  readonly faults: Readonly<Record<string, string>>;
  readonly undo: { readonly name: string; readonly go: () => void } | null;
  readonly redo: { readonly name: string; readonly go: () => void } | null;
}

interface Step {
  readonly name: string;
  readonly spot: Spot;
}

/** One spot being worked on. `undefined` while it loads, `null` when there is none. */
export function useSpotEditing(id: string): SpotEditing | null | undefined {
  const store = useStore();
  const stored = useLive(async (s) => ({ spot: (await s.spot(id)) ?? null, plantings: (await s.plantings()).filter(({ spotId }) => spotId === id) }), [id]);
  const [held, setHeld] = useState<Partial<Spot> | null>(null);
  const [ahead, setAhead] = useState<Spot | null>(null);
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});
  const [past, setPast] = useState<readonly Step[]>([]);
  const [future, setFuture] = useState<readonly Step[]>([]);
  const kept = ahead ?? stored?.spot ?? null;
  const spot = useMemo(() => (kept && held ? withLightInUse({ ...kept, ...held }) : kept), [kept, held]);

  // Changes are written one after another, each upon the one before it: quick hands lose nothing.
  const writing = useRef<{ last: Promise<unknown>; open: number; base: Spot | null }>({ last: Promise.resolve(), open: 0, base: null });
  useEffect(() => {
    writing.current.base = kept;
  }, [kept]);
  useEffect(() => {
    if (writing.current.open === 0) setAhead(null);
  }, [stored]);
  const write = useCallback(
    (next: Spot) => {
      if (!store) return;
      const w = writing.current;
      const shown = withLightInUse(next);
      w.base = shown;
      w.open += 1;
      setAhead(shown);
      w.last = w.last.then(() => store.putSpot(shown)).finally(() => (w.open -= 1));
    },
    [store],
  );
  const apply = useCallback(
    async (change: Partial<Spot>, name: string) => {
      // The parser is loaded when first needed, not before the page.
      const [{ parseWith }, { spotSchema }] = await Promise.all([import('@/core/files/plantingFile'), import('@/core/spots/schema')]);
      const base = writing.current.base;
      if (!base) return;
      const parsed = parseWith<Spot>(spotSchema, { ...base, ...change });
      setHeld(null);
      if (!parsed.ok) return setFaults(Object.fromEntries(parsed.faults.map(({ field, message }) => [field, message])));
      setFaults({});
      setPast((steps) => [...steps, { name, spot: base }]);
      setFuture([]);
      write(parsed.value);
    },
    [write],
  );
  const step = useCallback(
    (from: readonly Step[], setFrom: typeof setPast, setTo: typeof setPast) => {
      const last = from[from.length - 1];
      if (!last || !kept) return null;
      return {
        name: last.name,
        go: () => {
          setFrom(from.slice(0, -1));
          setTo((steps) => [...steps, { name: last.name, spot: kept }]);
          write(last.spot);
        },
      };
    },
    [write, kept],
  );
  if (stored === undefined) return undefined;
  if (!spot) return null;
  return {
    spot,
    plantings: stored.plantings.map(({ id: plantingId, name, plantedWeek, endWeek }) => ({ id: plantingId, name, plantedWeek, weeks: (((endWeek - plantedWeek) % 52) + 52) % 52 })),
    apply: (change, name) => void apply(change, name), preview: setHeld, faults,
    undo: step(past, setPast, setFuture), redo: step(future, setFuture, setPast),
  };
}
