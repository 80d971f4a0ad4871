import 'fake-indexeddb/auto';
import { act, render, screen, waitFor } from '@testing-library/react';
import type { Store } from '@/data/store';
import { openHere } from '../../../tests/builders/store';
import { usualObstacle } from '@/core/spots/usualObstacles';
import { usualSpot } from '@/core/spots/spot';
import { stepText } from '@/words/done';
import { StoreProvider } from '@/ui/session/StoreProvider';
import { useSpotEditing, type SpotEditing } from './useSpotEditing';

let store: Store;
let editing: SpotEditing | null | undefined;

const lastDone = ({ history: { past } }: SpotEditing) => {
  const last = past[past.length - 1];
  return last ? `undo ${stepText(last, () => null)}` : 'nothing to undo';
};

function Watcher() {
  editing = useSpotEditing('s');
  return (
    <p>{editing ? `${editing.spot.obstacles.length} around, ${lastDone(editing)}` : 'none'}</p>
  );
}

beforeEach(async () => {
  ({ store } = await openHere());
  await store.spots.put(usualSpot({ id: 's', name: 'S', lightFrom: 'reckoned' }));
  render(
    <StoreProvider>
      <Watcher />
    </StoreProvider>,
  );
  await screen.findByText('0 around, nothing to undo');
});

afterEach(async () => void (await store.spots.remove('s')));

test('quick hands lose nothing: each change goes upon the one before it', async () => {
  act(() => {
    editing!.apply({ name: 'Corner' }, 'Renamed');
    editing!.apply({ dropCm: 40 }, 'Changed the drop');
    editing!.apply({ obstacles: [usualObstacle('wall', 'w', 180)] }, 'Put down a wall');
  });
  await screen.findByText('1 around, undo Put down a wall');
  await waitFor(async () =>
    expect(await store.spots.get('s')).toMatchObject({
      name: 'Corner',
      dropCm: 40,
      obstacles: [{ id: 'w' }],
    }),
  );
});

test('what cannot be is refused at its field, and nothing is kept of it', async () => {
  act(() =>
    editing!.apply(
      { obstacles: [{ ...usualObstacle('wall', 'w', 180), heightCm: -3 } as never] },
      'Put down a wall',
    ),
  );
  await waitFor(() =>
    expect(editing!.faults).toEqual({
      'obstacles[0].heightCm': 'Height must be 10–10000 cm; got -3.',
    }),
  );
  expect((await store.spots.get('s'))!.obstacles).toEqual([]);
  expect(editing!.history.past).toEqual([]);
  act(() => editing!.apply({ dropCm: 5 }, 'Changed the drop'));
  await waitFor(() => expect(editing!.faults).toEqual({}));
});

test('undo goes back step by step, redo forward; the hours follow', async () => {
  const open = editing!.spot.sunHours;
  act(() =>
    editing!.apply({ obstacles: [usualObstacle('building', 'b', 90)] }, 'Put down a house'),
  );
  await screen.findByText('1 around, undo Put down a house');
  expect(editing!.spot.sunHours).toBeLessThan(open);
  act(() => editing!.undo());
  await screen.findByText('0 around, nothing to undo');
  expect(editing!.spot.sunHours).toBe(open);
  act(() => editing!.redo());
  await screen.findByText('1 around, undo Put down a house');
  await waitFor(async () => expect((await store.spots.get('s'))!.obstacles).toHaveLength(1));
});

test('what is under the hand is reckoned and shown, never kept', async () => {
  act(() => editing!.preview({ obstacles: [usualObstacle('building', 'b', 270)] }));
  expect(editing!.spot.sunWhen).toBe('afternoon');
  act(() => editing!.preview(null));
  expect(editing!.spot.sunWhen).toBe('spread');
  expect((await store.spots.get('s'))!.obstacles).toEqual([]);
});
