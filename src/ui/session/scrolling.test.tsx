import { whenStill, whileStill } from './scrolling';

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

/** Work that ends when it is told to, and gives up when asked. */
function longWork() {
  const begun: { readonly end: (found: string) => void; readonly signal: AbortSignal }[] = [];
  const work = (signal: AbortSignal) =>
    new Promise<string>((resolve, reject) => {
      begun.push({ end: resolve, signal });
      signal.addEventListener('abort', () => reject(new Error('given up')));
    });
  return { begun, work };
}

test('long work is given up when the page scrolls and begun anew once it rests', async () => {
  now += 1000;
  const { begun, work } = longWork();
  const found = whileStill(work, new AbortController().signal);
  await pass(0);
  expect(begun).toHaveLength(1);
  document.dispatchEvent(new Event('scroll'));
  expect(begun[0]!.signal.aborted).toBe(true);
  await pass(140);
  expect(begun).toHaveLength(1);
  await pass(20);
  expect(begun).toHaveLength(2);
  begun[1]!.end('all of it');
  await expect(found).resolves.toBe('all of it');
});

test('long work that nobody wants any more is not begun again, and its own failures are told', async () => {
  now += 1000;
  const giveUp = new AbortController();
  const { begun, work } = longWork();
  const unwanted = whileStill(work, giveUp.signal);
  await pass(0);
  giveUp.abort();
  await expect(unwanted).rejects.toThrow('given up');
  expect(begun).toHaveLength(1);
  const failing = whileStill(
    () => Promise.reject(new Error('broken')),
    new AbortController().signal,
  );
  await expect(failing).rejects.toThrow('broken');
});
