/** Nothing has scrolled for so long: the hand has let go, ms. */
const REST_MS = 150;

let scrolledAt = -Infinity;
if (typeof window !== 'undefined')
  window.addEventListener('scroll', () => void (scrolledAt = performance.now()), {
    capture: true,
    passive: true,
  });

/** How long until the page rests if nothing scrolls it on, ms; 0 or less: it rests. */
export const restLeft = (): number => scrolledAt + REST_MS - performance.now();

/** Resolves once nothing scrolls: what can wait takes no frame from a page in the hand. */
export async function whenStill(): Promise<void> {
  for (let left = restLeft(); left > 0; left = restLeft())
    await new Promise((resolve) => setTimeout(resolve, left));
}

/**
 * Work that takes a processor for long: given up when the page scrolls, begun anew once it rests.
 * @param work gives up when its signal aborts
 * @throws what the work throws, and an `AbortError` when `signal` aborts
 */
export async function whileStill<T>(
  work: (signal: AbortSignal) => Promise<T>,
  signal: AbortSignal,
): Promise<T> {
  for (;;) {
    await whenStill();
    signal.throwIfAborted();
    const giveUp = new AbortController();
    const stop = () => giveUp.abort();
    window.addEventListener('scroll', stop, { capture: true, passive: true, once: true });
    signal.addEventListener('abort', stop, { once: true });
    try {
      return await work(giveUp.signal);
    } catch (error) {
      if (signal.aborted || !giveUp.signal.aborted) throw error;
    } finally {
      window.removeEventListener('scroll', stop, { capture: true });
      signal.removeEventListener('abort', stop);
    }
  }
}
