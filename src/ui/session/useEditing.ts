'use client';

import { useCallback, useMemo, useState } from 'react';
import type { CountedSeen } from '@/core/checks/reading';
import { opinionOf, type Opinion } from '@/core/checks/opinion';
import { doneOf } from '@/core/plantings/done';
import { applyEdit, type Edit } from '@/core/plantings/edits';
import { inSpot, type Planting, type PlantingInSpot } from '@/core/plantings/planting';
import type { History } from '@/core/records/step';
import type { Spot } from '@/core/spots/spot';
import { faultsText } from '@/words/trouble';
import { useLibrary } from './LibraryProvider';
import { say } from './say';
import { useLive, useSettings } from './StoreProvider';
import { NOT_COUNTED, useCountedSeen } from './useCountedSeen';
import { useRested } from './useRested';
import { useSteps } from './useSteps';

export interface Editing {
  readonly planting: Planting;
  readonly spot: Spot;
  readonly it: PlantingInSpot;
  /** What is seen of each plant as counted on the drawing; empty until it is. */
  readonly counted: CountedSeen;
  readonly opinion: Opinion;
  readonly history: History;
  /** A hand is on it: what is shown is not what is kept. */
  readonly isHeld: boolean;
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
  const { ready, kindOf } = useLibrary();
  const { house } = useSettings();
  const stored = useLive(
    async (s) => {
      const found = id ? await s.plantings.get(id) : undefined;
      return found ? { ...found, before: await s.plantings.weeksBefore(found.planting) } : null;
    },
    [id],
  );
  const asSteps = useMemo(
    () => stored && { record: stored.planting, history: stored.history },
    [stored],
  );
  const steps = useSteps('plantings', id, asSteps);
  const [held, setHeld] = useState<{ readonly of: string; readonly edit: Edit } | null>(null);
  const kept = steps?.record ?? null;
  const spot = stored?.spot ?? null;
  const before = useSame(stored?.before);
  // A change that is let go of leads back to the very same: nothing about it need be worked out again.
  const still = useMemo(
    () => (kept && spot ? inSpot(kept, spot, kindOf, house, before) : null),
    [kept, spot, kindOf, house, before],
  );
  const it = useMemo(
    () =>
      kept && spot && held && held.of === kept.id
        ? inSpot(applyEdit(kept, held.edit), spot, kindOf, house, before)
        : still,
    [kept, spot, held, still, kindOf, house, before],
  );
  const count = useCountedSeen(it);
  // Drawings follow the hand; remarks that change with every move of it could not be read. Another planting is judged at once.
  const rested = useRested(it);
  const judged = rested?.planting.id === it?.planting.id ? rested : it;
  const seen = count && count.of === judged ? count.seen : NOT_COUNTED;
  const counted = judged === it ? seen : NOT_COUNTED;
  const opinion = useMemo(() => (judged ? opinionOf(judged, seen) : null), [judged, seen]);
  const preview = useCallback(
    (edit: Edit | null) => setHeld(edit && id ? { of: id, edit } : null),
    [id],
  );
  const change = steps?.change;
  const apply = useCallback(
    (edit: Edit) => {
      setHeld(null);
      const became = change?.(
        (now) => applyEdit(now, edit),
        (before) => doneOf(edit, before),
      );
      if (Array.isArray(became)) say(`That was not done. ${faultsText(became)}`);
      if (became === 'the same' && edit.kind === 'arrange')
        say('Nothing moved: it stands so already, or what is picked is locked.');
    },
    [change],
  );
  if (steps === undefined || !ready) return undefined;
  if (!steps || !it || !opinion) return null;
  const { history, undo, redo, walk } = steps;
  return {
    planting: it.planting,
    spot: it.spot,
    it,
    counted,
    opinion,
    history,
    isHeld: held !== null && held.of === kept?.id,
    apply,
    preview,
    undo,
    redo,
    walk,
  };
}

/** The same object as long as it says the same: what is worked out from it need not be worked out again. */
function useSame<T extends object>(value: T | undefined): T | undefined {
  const text = JSON.stringify(value);
  // eslint-disable-next-line react-hooks/exhaustive-deps
  return useMemo(() => value, [text]);
}
