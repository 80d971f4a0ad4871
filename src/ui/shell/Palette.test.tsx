import 'fake-indexeddb/auto';
import { act, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { GOOD, planting, SUNNY } from '../../../tests/builders/plantings';
import { openHere } from '../../../tests/builders/store';
import { offer } from '@/ui/session/commands';
import { StoreProvider } from '@/ui/session/StoreProvider';
import { PaletteKeys } from './PaletteKeys';

const went: string[] = [];
jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: (href: string) => went.push(href) }),
}));
// cmdk brings the chosen line into view; jsdom has nothing to scroll.
Element.prototype.scrollIntoView = () => undefined;

const rooms = [
  { href: '/', name: 'Yard' },
  { href: '/plants', name: 'Plant book' },
];
const run = jest.fn();

beforeEach(async () => {
  went.splice(0);
  run.mockClear();
  offer('bench', {
    commands: [{ id: 'turn', name: 'Turn to the back', group: 'Look', keys: 'B', run }],
    keys: [{ group: 'On the stencil', keys: '← →', does: 'moves the plant' }],
  });
  await act(
    async () =>
      void render(
        <StoreProvider>
          <input aria-label="A field" />
          <PaletteKeys rooms={rooms} />
        </StoreProvider>,
      ),
  );
});
afterEach(() => act(() => offer('bench', null)));

test('the palette opens by its keys, finds by a few letters, does what it is told and closes', async () => {
  await userEvent.keyboard('{Control>}k{/Control}');
  const words = await screen.findByRole('combobox');
  await userEvent.type(words, 'tur');
  await userEvent.keyboard('{Enter}');
  expect(run).toHaveBeenCalledTimes(1);
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
});

test('rooms and plantings are among what can be done; what nothing is called is said so', async () => {
  const { store } = await openHere();
  await store.plantings.add(planting(GOOD, { name: 'Pot by the door' }), SUNNY);
  await userEvent.click(screen.getByRole('button', { name: /^Find/ }));
  await screen.findByText('Put Pot by the door on the bench');
  await userEvent.type(screen.getByRole('combobox'), 'plant book');
  await userEvent.keyboard('{Enter}');
  expect(went).toEqual(['/plants']);
  await userEvent.keyboard('{Control>}k{/Control}');
  await userEvent.type(await screen.findByRole('combobox'), 'zzz');
  expect(await screen.findByText('Nothing is called that here.')).toBeVisible();
  await store.plantings.remove('planting');
});

test('the question mark shows the keys of the room, but not while a field is being typed in', async () => {
  await userEvent.type(screen.getByRole('textbox', { name: 'A field' }), '?');
  expect(screen.queryByRole('dialog')).toBeNull();
  await userEvent.click(document.body);
  await userEvent.keyboard('?');
  expect(await screen.findByRole('dialog', { name: 'Keys' })).toBeVisible();
  expect(screen.getByText('moves the plant')).toBeVisible();
  expect(screen.getByText('undo')).toBeVisible();
  await userEvent.keyboard('{Escape}');
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
});
