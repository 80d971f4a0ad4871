import { act, render } from '@testing-library/react';
import Rehearsal from './Rehearsal';

let room = '/';
let ready = false;
const asked: AbortSignal[] = [];
jest.mock('next/navigation', () => ({ usePathname: () => room }));
jest.mock('@/ui/session/LibraryProvider', () => ({ useLibrary: () => ({ ready }) }));
jest.mock('@/ui/session/useClock', () => ({ useClock: () => ({ now: () => 0 }) }));
jest.mock('@/workers/canHire', () => ({ CAN_HIRE: { thinkers: true, drawers: true } }));
jest.mock('@/ui/start/rehearse', () => ({
  rehearse: (_clock: unknown, signal: AbortSignal) => {
    asked.push(signal);
    return new Promise((_, reject) => signal.addEventListener('abort', () => reject(new Error())));
  },
}));

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());
const pass = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

test('the search is run through once the room rests, and given up when somebody comes to search', async () => {
  const { rerender } = render(<Rehearsal />);
  await pass(5000);
  // Without the book there is nothing to search.
  expect(asked).toHaveLength(0);
  ready = true;
  rerender(<Rehearsal />);
  await pass(2000);
  expect(asked).toHaveLength(0);
  await pass(1000);
  expect(asked.map(({ aborted }) => aborted)).toEqual([false]);
  room = '/start';
  rerender(<Rehearsal />);
  expect(asked.map(({ aborted }) => aborted)).toEqual([true]);
  await pass(5000);
  expect(asked).toHaveLength(1);
});
