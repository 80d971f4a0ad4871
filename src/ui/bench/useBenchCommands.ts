import { useEffect, useRef } from 'react';
import { offer } from '@/ui/session/commands';
import type { BenchState } from './benchCommands';
import { STENCIL_KEYS } from './stencilKeys';

/** Offers what can be done on the Bench to the palette, and the stencil's keys to the key map. */
export function useBenchCommands(state: BenchState): void {
  const now = useRef(state);
  useEffect(() => {
    now.current = state;
  });
  const {
    editing: { planting },
    selection,
    looking: { views },
  } = state;
  const picked = planting.places.filter(({ id }) => selection.includes(id)).length;
  const key = JSON.stringify([
    planting.id,
    planting.places.map(({ id, kindId }) => [id, kindId]),
    picked,
    views.map(({ id }) => id),
    state.editing.history.past.length,
    state.editing.history.future.length,
  ]);
  useEffect(() => {
    let here = true;
    void import('./benchCommands').then(
      ({ commandsOf }) =>
        here &&
        offer('bench', {
          commands: commandsOf(() => now.current),
          keys: STENCIL_KEYS.map(([keys, does]) => ({
            group: 'On a plant of the stencil',
            keys,
            does,
          })),
        }),
    );
    return () => {
      here = false;
      offer('bench', null);
    };
  }, [key]);
}
