import { act, renderHook } from '@testing-library/react';
import type { Task } from '@/core/care/task';
import type { Entry } from '@/core/log/entry';
import { useAside } from './useAside';

const task = (key: string) => ({ key }) as Task;
const entry = (id: string) => ({ id }) as Entry;
const shown = (log: readonly Entry[]) =>
  renderHook(({ told }) => useAside(told), { initialProps: { told: log } });

test('a task that was answered is aside at once, and until it is reckoned with the answer', async () => {
  const { result, rerender } = shown([entry('1')]);
  let keep = (_: readonly Entry[]) => {};
  const writing = new Promise<readonly Entry[]>((resolve) => (keep = resolve));
  act(() => result.current.lay([task('water')], writing));
  expect(result.current.isAside(task('water'))).toBe(true);
  expect(result.current.isAside(task('feed'))).toBe(false);
  await act(async () => keep([entry('2')]));
  // An older reckoning that arrives late does not bring it back.
  rerender({ told: [entry('1')] });
  expect(result.current.isAside(task('water'))).toBe(true);
  rerender({ told: [entry('1'), entry('2')] });
  expect(result.current.isAside(task('water'))).toBe(false);
});

test('an answer that cannot be written, or is taken back, is asked again', async () => {
  const { result } = shown([]);
  await act(async () => result.current.lay([task('water')], Promise.reject(new Error('full'))));
  expect(result.current.isAside(task('water'))).toBe(false);
  await act(async () => result.current.lay([task('feed')], Promise.resolve([entry('2')])));
  expect(result.current.isAside(task('feed'))).toBe(true);
  act(() => result.current.back([task('feed')]));
  expect(result.current.isAside(task('feed'))).toBe(false);
});
