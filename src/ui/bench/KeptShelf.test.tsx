import 'fake-indexeddb/auto';
import { act, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { CM } from '../../../tests/builders/editing';
import { WithBook } from '../../../tests/builders/library';
import { GOOD, planting, SUNNY } from '../../../tests/builders/plantings';
import type { Store } from '@/data/store';
import { openHere } from '../../../tests/builders/store';
import { StoreProvider } from '@/ui/session/StoreProvider';
import { useEditing, type Editing } from '@/ui/session/useEditing';
import { KeptShelf } from './KeptShelf';

let store: Store;
let editing: Editing;

function Bench() {
  const now = useEditing('planting');
  if (!now) return null;
  editing = now;
  return (
    <>
      <p>{now.planting.places.length} plants on the bench</p>
      <KeptShelf editing={now} settings={CM} weeks={8} />
    </>
  );
}

beforeEach(async () => {
  ({ store } = await openHere());
  await store.plantings.add(planting(GOOD), SUNNY);
  render(
    <StoreProvider>
      <WithBook>
        <Bench />
      </WithBook>
    </StoreProvider>,
  );
  await screen.findByText('6 plants on the bench');
});
afterEach(async () => {
  for (const { id } of await store.kept.of('planting')) await store.kept.letGo(id);
  await store.plantings.remove('planting');
});

const take = async (place: string) => {
  act(() => editing.apply({ kind: 'remove', place }));
  await waitFor(async () =>
    expect(
      (await store.plantings.get('planting'))!.planting.places.some(({ id }) => id === place),
    ).toBe(false),
  );
};

test('a version is kept under a name, brought back whole, and that can be undone', async () => {
  await userEvent.click(screen.getByRole('button', { name: 'Keep this version' }));
  const name = screen.getByRole('textbox', { name: 'Name of this version' });
  expect(name).toHaveValue('Version 1');
  await userEvent.clear(name);
  await userEvent.type(name, 'As drawn in May');
  await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
  await screen.findByText('As drawn in May');
  await take('p0');
  await take('p1');
  await screen.findByText('4 plants on the bench');
  await userEvent.click(screen.getByRole('button', { name: 'Use As drawn in May' }));
  await screen.findByText('6 plants on the bench');
  await waitFor(() => expect(editing.history.past).toHaveLength(3));
  act(() => editing.undo());
  await screen.findByText('4 plants on the bench');
});

test('a what-if is worked on by itself; the first plan is gone back to as it stood', async () => {
  await userEvent.click(screen.getByRole('button', { name: 'What if…' }));
  await screen.findByRole('button', { name: 'Go to First plan' });
  await take('p2');
  await screen.findByText('5 plants on the bench');
  await userEvent.click(screen.getByRole('button', { name: 'Go to First plan' }));
  await screen.findByText('6 plants on the bench');
  // The branch that was left holds what was done on it.
  await userEvent.click(await screen.findByRole('button', { name: 'Go to What if 1' }));
  await screen.findByText('5 plants on the bench');
});

test('what is let go is gone from the list; names are free again', async () => {
  for (const expected of ['Version 1', 'Version 2']) {
    await userEvent.click(screen.getByRole('button', { name: 'Keep this version' }));
    expect(screen.getByRole('textbox')).toHaveValue(expected);
    await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
    await screen.findByText(expected);
  }
  await userEvent.click(screen.getByRole('button', { name: 'Let Version 1 go' }));
  await waitFor(() => expect(screen.queryByText('Version 1')).toBeNull());
  expect((await store.kept.of('planting')).map(({ name }) => name)).toEqual(['Version 2']);
  await userEvent.click(screen.getByRole('button', { name: 'Keep this version' }));
  expect(screen.getByRole('textbox')).toHaveValue('Version 1');
});

test('no more than four are held side by side, the one on the bench among them', async () => {
  for (let i = 1; i <= 4; i += 1) {
    await userEvent.click(screen.getByRole('button', { name: 'Keep this version' }));
    await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
    await screen.findByText(`Version ${i}`);
  }
  const group = within(screen.getByRole('group', { name: 'Kept' }));
  expect(group.getByRole('button', { name: 'Compare' })).toBeDisabled();
  for (const n of [1, 2, 3])
    await userEvent.click(group.getByRole('checkbox', { name: `Compare Version ${n}` }));
  expect(group.getByRole('button', { name: 'Compare 4' })).toBeEnabled();
  expect(group.getByRole('checkbox', { name: 'Compare Version 4' })).toBeDisabled();
  await userEvent.click(group.getByRole('checkbox', { name: 'Compare Version 2' }));
  expect(group.getByRole('checkbox', { name: 'Compare Version 4' })).toBeEnabled();
});
