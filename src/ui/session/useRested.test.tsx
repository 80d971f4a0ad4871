import { act, renderHook } from '@testing-library/react';
import { useRested } from './useRested';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

const watch = () =>
  renderHook(({ value }) => useRested(value), { initialProps: { value: 'begun' } });
const wait = (ms: number) => act(() => jest.advanceTimersByTime(ms));

test('follows once nothing has changed for longer than a hand takes between two moves, not before', () => {
  const { result, rerender } = watch();
  expect(result.current).toBe('begun');
  rerender({ value: 'moved' });
  wait(130);
  expect(result.current).toBe('begun');
  wait(20);
  expect(result.current).toBe('moved');
});

test('a hand that goes on moving is never caught up with, and only its last place counts', () => {
  const { result, rerender } = watch();
  for (let i = 0; i < 20; i += 1) {
    rerender({ value: `move ${i}` });
    wait(60);
    expect(result.current).toBe('begun');
  }
  wait(150);
  expect(result.current).toBe('move 19');
});

test('what comes back to where it was leaves nothing to follow', () => {
  const { result, rerender } = watch();
  rerender({ value: 'moved' });
  wait(60);
  rerender({ value: 'begun' });
  wait(500);
  expect(result.current).toBe('begun');
  expect(jest.getTimerCount()).toBe(0);
});
