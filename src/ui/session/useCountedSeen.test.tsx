import { act, render, screen } from '@testing-library/react';
import { GOOD, planted } from '../../../tests/builders/plantings';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { useCountedSeen } from './useCountedSeen';

interface Count {
  readonly it: PlantingInSpot;
  readonly signal: AbortSignal;
  readonly done: () => Promise<void>;
}
const counts: Count[] = [];

jest.mock('@/workers/runJob', () => ({
  runJob: (_: string, { it }: { it: PlantingInSpot }, { signal }: { signal: AbortSignal }) =>
    new Promise((resolve, reject) => {
      signal.addEventListener('abort', () => reject(new DOMException('Given up', 'AbortError')));
      counts.push({
        it,
        signal,
        done: () =>
          act(async () =>
            resolve([[6, { share: it.plants.map(() => 1), areaCm2: [], flowers: [] }]]),
          ),
      });
    }),
}));

beforeEach(() => {
  jest.useFakeTimers();
  counts.splice(0);
  Object.assign(globalThis, { Worker: class {} });
});
afterEach(() => jest.useRealTimers());

function Counted({ it }: { readonly it: PlantingInSpot | null }) {
  const count = useCountedSeen(it);
  return <p>{count ? `${count.of.planting.name}, ${count.seen.size} week` : 'not counted'}</p>;
}
const wait = (ms: number) => act(async () => void jest.advanceTimersByTime(ms));
const first = planted(GOOD, { name: 'first' });
const moved = planted(GOOD, { name: 'moved' });

test('leaves are counted once a planting rests, and told with the planting they were counted of', async () => {
  render(<Counted it={first} />);
  await wait(1499);
  expect(counts).toHaveLength(0);
  await wait(1);
  expect(counts.map(({ it }) => it)).toEqual([first]);
  expect(screen.getByText('not counted')).toBeVisible();
  await counts[0]!.done();
  expect(screen.getByText('first, 1 week')).toBeVisible();
});

test('a hand that goes on gives a count up; one that lets go again needs none, and what was counted stays', async () => {
  const { rerender } = render(<Counted it={first} />);
  await wait(1500);
  await counts[0]!.done();
  // Under the hand every move is another planting.
  for (let i = 0; i < 20; i += 1) {
    rerender(<Counted it={{ ...moved }} />);
    await wait(60);
  }
  expect(counts).toHaveLength(1);
  expect(screen.getByText('first, 1 week')).toBeVisible();
  rerender(<Counted it={first} />);
  await wait(5000);
  expect(counts).toHaveLength(1);
  rerender(<Counted it={moved} />);
  await wait(1500);
  expect(counts).toHaveLength(2);
  rerender(<Counted it={first} />);
  expect(counts[1]!.signal.aborted).toBe(true);
  await counts[1]!.done();
  expect(screen.getByText('first, 1 week')).toBeVisible();
});

test('of nothing, and of a plant alone, there is nothing to count', async () => {
  const { rerender } = render(<Counted it={null} />);
  await wait(3000);
  rerender(<Counted it={planted([GOOD[0]!])} />);
  await wait(3000);
  expect(counts).toHaveLength(0);
});
