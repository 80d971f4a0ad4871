import { act, render, screen } from '@testing-library/react';
import { useOneByOne } from './useOneByOne';

/** What the work of one item takes, ms. */
let takesMs = 20;
let now = 0;
beforeEach(() => {
  jest.useFakeTimers();
  takesMs = 20;
  jest.spyOn(performance, 'now').mockImplementation(() => now);
});
afterEach(() => {
  jest.restoreAllMocks();
  jest.useRealTimers();
});

const worked: number[] = [];
const square = (n: number) => {
  worked.push(n);
  now += takesMs;
  return n * n;
};
function Squares({ of }: { readonly of: readonly number[] }) {
  const done = useOneByOne(of, square);
  return <p>{done ? done.results.join(' ') : 'nothing yet'}</p>;
}
const tasks = (n: number) => act(async () => void jest.advanceTimersToNextTimer(n));

test('one item a task where each takes long; nothing is shown before all are done', async () => {
  const list = [1, 2, 3];
  render(<Squares of={list} />);
  expect(worked.splice(0)).toEqual([]);
  await tasks(2);
  expect(worked).toEqual([1, 2]);
  expect(screen.getByText('nothing yet')).toBeVisible();
  await tasks(1);
  expect(screen.getByText('1 4 9')).toBeVisible();
  await tasks(5);
  expect(worked.splice(0)).toEqual([1, 2, 3]);
});

test('a new list is begun from its start, what was found of the old one stays in sight meanwhile', async () => {
  const { rerender } = render(<Squares of={[4]} />);
  await tasks(1);
  const longer = [5, 6];
  rerender(<Squares of={longer} />);
  await tasks(1);
  expect(screen.getByText('16')).toBeVisible();
  const last = [7];
  rerender(<Squares of={last} />);
  worked.splice(0);
  await tasks(3);
  expect(worked.splice(0)).toEqual([7]);
  expect(screen.getByText('49')).toBeVisible();
});

test('an empty list is done at once, and one that is taken away goes no further', async () => {
  const { unmount } = render(<Squares of={[]} />);
  await tasks(1);
  expect(screen.queryByText('nothing yet')).toBeNull();
  unmount();
  const other = render(<Squares of={[8, 9]} />);
  await tasks(1);
  other.unmount();
  await tasks(3);
  expect(worked.splice(0)).toEqual([8]);
});

test('items that take little are worked together, for less than a frame at a time', async () => {
  takesMs = 3;
  const list = [1, 2, 3, 4, 5, 6, 7];
  render(<Squares of={list} />);
  await tasks(1);
  expect(worked.splice(0)).toEqual([1, 2, 3]);
  await tasks(2);
  expect(worked.splice(0)).toEqual([4, 5, 6, 7]);
  expect(screen.getByText('1 4 9 16 25 36 49')).toBeVisible();
});

test('while the page scrolls nothing is worked; it goes on where it stopped', async () => {
  render(<Squares of={[10, 11]} />);
  await tasks(1);
  document.dispatchEvent(new Event('scroll'));
  await tasks(1);
  expect(worked).toEqual([10]);
  now += 200;
  await tasks(1);
  expect(worked.splice(0)).toEqual([10, 11]);
});
