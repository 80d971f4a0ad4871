/** Nothing has scrolled for so long: the hand has let go, ms. */
const REST_MS = 150;

let scrolledAt = -Infinity;
if (typeof window !== 'undefined')
  window.addEventListener('scroll', () => void (scrolledAt = performance.now()), {
    capture: true,
    passive: true,
  });

const restLeft = (): number => scrolledAt + REST_MS - performance.now();

/** Resolves once nothing scrolls: what can wait takes no frame from a page in the hand. */
export async function whenStill(): Promise<void> {
  for (let left = restLeft(); left > 0; left = restLeft())
    await new Promise((resolve) => setTimeout(resolve, left));
}
