import { act, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { CM, editingOf } from '../../../tests/builders/editing';
import { renderWithBook } from '../../../tests/builders/library';
import { GOOD, planted } from '../../../tests/builders/plantings';
import type { StandIn } from '@/core/search/standIns';
import { PlantActions } from './PlantActions';

const asked: {
  readonly kindId: string;
  readonly place: string | null;
  readonly signal: AbortSignal;
}[] = [];
const found: readonly StandIn[] = [
  { kindId: 'petunia-magenta', size: '9cm', scoreChange: 0.02, costChange: 0.5, mood: ['deeper'] },
  { kindId: 'petunia-white', size: '9cm', scoreChange: -0.05, costChange: 0, mood: [] },
];
jest.mock('@/workers/runJob', () => ({
  runJob: (
    _: string,
    { kindId, place }: { kindId: string; place: string | null },
    { signal }: { signal: AbortSignal },
  ) => {
    asked.push({ kindId, place, signal });
    return Promise.resolve(found);
  },
}));
jest.mock('next/dynamic', () => () => () => null);

const it = planted(GOOD);
const shown = (selected: string | null, weeks = 6) => {
  const editing = editingOf(it);
  const picked: (string | null)[] = [];
  const view = renderWithBook(
    <PlantActions
      editing={editing}
      selected={selected}
      onSelect={(place) => picked.push(place)}
      settings={CM}
      weeks={weeks}
    />,
  );
  return {
    editing,
    picked,
    again: (other: typeof it) =>
      view.rerender(
        <PlantActions
          editing={{ ...editing, it: other }}
          selected={selected}
          onSelect={() => undefined}
          settings={CM}
          weeks={weeks}
        />,
      ),
  };
};
beforeEach(() => void asked.splice(0));

test('stand-ins are tried once the hand rests, and not for every move of it', async () => {
  jest.useFakeTimers();
  const { again } = shown('p3');
  const wait = (ms: number) => act(async () => void jest.advanceTimersByTime(ms));
  for (let i = 0; i < 10; i += 1) {
    await wait(100);
    again(planted(GOOD));
  }
  expect(asked).toEqual([]);
  await wait(300);
  expect(asked.map(({ kindId, place }) => [kindId, place])).toEqual([['calibrachoa-yellow', null]]);
  again(planted(GOOD));
  expect(asked[0]!.signal.aborted).toBe(true);
  jest.useRealTimers();
});

test('a stand-in takes every place of its kind, or only the one picked', async () => {
  const { editing } = shown('p3');
  await userEvent.click(await screen.findByRole('button', { name: /deeper/ }));
  expect(editing.applied).toEqual([
    { kind: 'swap', from: 'calibrachoa-yellow', to: 'petunia-magenta', size: '9cm', place: null },
  ]);
  await userEvent.click(screen.getByRole('checkbox', { name: 'only this one' }));
  await userEvent.click(await screen.findByRole('button', { name: /deeper/ }));
  expect(editing.applied[1]).toMatchObject({ kind: 'swap', place: 'p3' });
  await waitFor(() => expect(asked.at(-1)).toMatchObject({ place: 'p3' }));
});

test('one more of a kind takes a place of its own and is picked; taking it out lets go of it', async () => {
  const { editing, picked } = shown('p5');
  await userEvent.click(screen.getByRole('button', { name: 'One more' }));
  const more = editing.applied[0] as Extract<(typeof editing.applied)[number], { kind: 'arrange' }>;
  expect(more).toMatchObject({ kind: 'arrange', how: 'more' });
  expect(more.places).toHaveLength(GOOD.length + 1);
  const added = more.places.find(({ id }) => !it.planting.places.some((place) => place.id === id))!;
  expect(added.kindId).toBe('coleus-lime');
  expect(picked).toEqual([added.id]);
  // Balls do not stand in each other.
  for (const other of more.places)
    if (other !== added)
      expect(Math.hypot(other.xCm - added.xCm, other.zCm - added.zCm)).toBeGreaterThan(5);
  await userEvent.click(screen.getByRole('button', { name: 'Take it out' }));
  expect(editing.applied[1]).toEqual({ kind: 'remove', place: 'p5' });
  expect(picked[1]).toBeNull();
});

test('a trim is planned for the week shown; on planting day there is nothing to trim', async () => {
  const { editing } = shown('p5', 9);
  await userEvent.click(screen.getByRole('button', { name: 'Trim it in week 9' }));
  expect(editing.applied).toEqual([{ kind: 'trim', place: 'p5', weeks: 9, cut: 0.4 }]);
});

test('with nothing picked it says what to do', () => {
  shown(null, 0);
  expect(screen.getByText(/^Pick a plant above/)).toBeVisible();
  expect(screen.queryByRole('button', { name: 'Take it out' })).toBeNull();
});
