import 'fake-indexeddb/auto';
import { act, render, screen, waitFor } from '@testing-library/react';
import { WithBook } from '../../../tests/builders/library';
import { GOOD, planting, SUNNY } from '../../../tests/builders/plantings';
import type { Store } from '@/data/store';
import { stepText } from '@/words/done';
import { kindOf } from '@/core/plants/book/index';
import { openHere } from '../../../tests/builders/store';
import { StoreProvider } from './StoreProvider';
import { useEditing, type Editing } from './useEditing';

let store: Store;
let editing: Editing | null | undefined;

function Watcher() {
  editing = useEditing('planting');
  return (
    <p>
      {editing
        ? `${editing.planting.places.length} plants, ${editing.history.past.length} steps back`
        : 'none'}
    </p>
  );
}

beforeEach(async () => {
  ({ store } = await openHere());
  await store.plantings.add(planting(GOOD), SUNNY);
  render(
    <StoreProvider>
      <WithBook>
        <Watcher />
      </WithBook>
    </StoreProvider>,
  );
  await screen.findByText('6 plants, 0 steps back');
});

afterEach(async () => void (await store.plantings.remove('planting')));

test('a change is stored, named for undo, and undone', async () => {
  act(() => editing!.apply({ kind: 'remove', place: 'p0' }));
  expect(screen.getByText(/^5 plants/)).toBeVisible();
  await screen.findByText('5 plants, 1 steps back');
  expect((await store.plantings.get('planting'))!.planting.places).toHaveLength(5);
  expect(stepText(editing!.history.past[0]!, kindOf)).toMatch(/red cabbage palm/i);
  act(() => editing!.undo());
  await screen.findByText('6 plants, 0 steps back');
});

test('what is only held is judged and shown but never stored; letting go restores it', async () => {
  const before = editing!.opinion.score;
  act(() => editing!.preview({ kind: 'move', place: 'p1', xCm: 40, zCm: 0 }));
  expect(editing!.planting.places[1]!.xCm).toBe(40);
  // Remarks follow once the hand rests.
  await waitFor(() => expect(editing!.opinion.score).toBeLessThan(before));
  expect((await store.plantings.get('planting'))!.planting.places[1]!.xCm).toBe(-10);
  act(() => editing!.preview(null));
  await waitFor(() => expect(editing!.opinion.score).toBe(before));
});

test('of two changes made in quick succession the later one stays in sight while the earlier is being stored', async () => {
  const seen: number[] = [];
  act(() => editing!.apply({ kind: 'move', place: 'p1', xCm: 3, zCm: 0 }));
  act(() => editing!.apply({ kind: 'move', place: 'p1', xCm: 7, zCm: 0 }));
  await waitFor(async () => {
    seen.push(editing!.planting.places[1]!.xCm);
    expect(editing!.history.past).toHaveLength(2);
    expect((await store.plantings.get('planting'))!.planting.places[1]!.xCm).toBe(7);
  });
  expect(new Set(seen)).toEqual(new Set([7]));
});

test('undo asked for right after a change undoes that change, though it was not yet stored', async () => {
  act(() => {
    editing!.apply({ kind: 'move', place: 'p1', xCm: 9, zCm: 0 });
    editing!.undo();
  });
  await waitFor(() => expect(editing!.history.future).toHaveLength(1));
  expect((await store.plantings.get('planting'))!.planting.places[1]!.xCm).toBe(-10);
  act(() => {
    editing!.redo();
    editing!.apply({ kind: 'move', place: 'p1', xCm: 4, zCm: 0 });
    editing!.undo();
  });
  await waitFor(() => expect(editing!.history.future).toHaveLength(1));
  expect((await store.plantings.get('planting'))!.planting.places[1]!.xCm).toBe(9);
});

test('what is let go of again is the very same planting: nothing is judged or counted anew', () => {
  const before = editing!.it;
  act(() => editing!.preview({ kind: 'move', place: 'p1', xCm: 40, zCm: 0 }));
  expect(editing!.it).not.toBe(before);
  act(() => editing!.preview(null));
  expect(editing!.it).toBe(before);
});

test('a change made elsewhere arrives here', async () => {
  await act(() => store.plantings.edit('planting', { kind: 'rename', name: 'By the door' }));
  await waitFor(() => expect(editing!.planting.name).toBe('By the door'));
});
