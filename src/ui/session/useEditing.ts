'use client';

import { useCallback, useMemo, useRef, useState } from 'react';
import type { CountedSeen } from '@/core/checks/reading';
import { opinionOf, type Opinion } from '@/core/checks/opinion';
import { applyEdit, type Edit } from '@/core/plantings/edits';
import { inSpot, type Planting, type PlantingInSpot } from '@/core/plantings/planting';
import type { Spot } from '@/core/spots/spot';
import type { History } from '@/data/db';
import { useLibrary } from './LibraryProvider';
import { useLive, useSettings, useStore } from './StoreProvider';
import { NOT_COUNTED, useCountedSeen } from './useCountedSeen';
import { useRested } from './useRested';

/** By when a change that was stored has come back through the live query, ms. */
const ARRIVES_MS = 80;

export interface Editing {
  readonly planting: Planting;
  readonly spot: Spot;
  readonly it: PlantingInSpot;
  /** What is seen of each plant as counted on the drawing; empty until it is. */
  readonly counted: CountedSeen;
  readonly opinion: Opinion;
  readonly history: History;
  /** Makes a change that can be undone. */
  readonly apply: (edit: Edit) => void;
  /** Shows a change while a hand is still on it; `null` lets go of it. Nothing is stored. */
  readonly preview: (edit: Edit | null) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** Walks so many steps through the history, back when negative. */
  readonly walk: (steps: number) => void;
}

/** One planting being worked on: what is stored, with the change under the hand laid over it. `null` when there is none; `undefined` while it loads. */
export function useEditing(id: string | null): Editing | null | undefined {
  const store = useStore();
  const { ready, kindOf } = useLibrary();
  const { house } = useSettings();
  const stored = useLive(async (s) => (id ? ((await s.planting(id)) ?? null) : null), [id]);
  const [held, setHeld] = useState<{ readonly base: Planting; readonly edit: Edit } | null>(null);
  // A change that is let go of leads back to the very same: nothing about it need be reckoned again.
  const still = useMemo(
    () => (stored ? inSpot(stored.planting, stored.spot, kindOf, house) : null),
    [stored, kindOf, house],
  );
  const it = useMemo(
    () =>
      stored && held && held.base.id === stored.planting.id
        ? inSpot(applyEdit(stored.planting, held.edit), stored.spot, kindOf, house)
        : still,
    [stored, held, still, kindOf, house],
  );
  const count = useCountedSeen(it);
  // Drawings follow the hand; remarks that change with every move of it could not be read. Another planting is judged at once.
  const rested = useRested(it);
  const judged = rested?.planting.id === it?.planting.id ? rested : it;
  const seen = count && count.of === judged ? count.seen : NOT_COUNTED;
  const counted = judged === it ? seen : NOT_COUNTED;
  const opinion = useMemo(() => (judged ? opinionOf(judged, seen) : null), [judged, seen]);
  // One after another, as they were asked for: an undo that follows a change at once means that change, stored or not.
  const turn = useRef<Promise<unknown>>(Promise.resolve());
  const inTurn = useCallback((work: () => Promise<unknown>) => {
    const done = turn.current.then(work);
    turn.current = done.catch(() => undefined);
    void done;
  }, []);
  const preview = useCallback(
    (edit: Edit | null) => setHeld(edit && stored ? { base: stored.planting, edit } : null),
    [stored],
  );
  const apply = useCallback(
    (edit: Edit) => {
      if (!store || !stored) return;
      // The held change stays on screen until the stored one has arrived, so that nothing jumps back; a later change keeps its own hold.
      const mine = { base: stored.planting, edit };
      setHeld(mine);
      // Sentences are fetched beside the page; changes wait for them in the order in which they were made.
      const before = inSpot(stored.planting, stored.spot, kindOf);
      inTurn(() =>
        import('@/words/remarks')
          .then(({ historyText }) =>
            store.edit(before.planting.id, edit, historyText(edit, before, kindOf)),
          )
          .finally(() =>
            setTimeout(() => setHeld((now) => (now === mine ? null : now)), ARRIVES_MS),
          ),
      );
    },
    [store, stored, kindOf, inTurn],
  );
  const undo = useCallback(
    () => inTurn(async () => store && id && store.undo(id)),
    [store, id, inTurn],
  );
  const redo = useCallback(
    () => inTurn(async () => store && id && store.redo(id)),
    [store, id, inTurn],
  );
  const walk = useCallback(
    (steps: number) => inTurn(async () => store && id && store.walk(id, steps)),
    [store, id, inTurn],
  );
  if (stored === undefined || !ready) return undefined;
  if (!stored || !it || !opinion) return null;
  return {
    planting: it.planting,
    spot: stored.spot,
    it,
    counted,
    opinion,
    history: stored.history,
    apply,
    preview,
    undo,
    redo,
    walk,
  };
}
