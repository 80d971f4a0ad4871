import { whenStill } from './scrolling';

let now = 1000;
beforeEach(() => {
  jest.useFakeTimers();
  jest.spyOn(performance, 'now').mockImplementation(() => now);
});
afterEach(() => {
  jest.restoreAllMocks();
  jest.useRealTimers();
});

async function pass(ms: number): Promise<void> {
  now += ms;
  await jest.advanceTimersByTimeAsync(ms);
}

test('work that can wait begins at once while nothing scrolls, and after the last scroll otherwise', async () => {
  const began: string[] = [];
  void whenStill().then(() => began.push('before'));
  await pass(0);
  expect(began).toEqual(['before']);

  document.dispatchEvent(new Event('scroll'));
  void whenStill().then(() => began.push('after'));
  await pass(140);
  // Scrolled on: the rest begins anew.
  document.dispatchEvent(new Event('scroll'));
  await pass(140);
  expect(began).toEqual(['before']);
  await pass(20);
  expect(began).toEqual(['before', 'after']);
});
