/**
 * Long work, written as a generator: it can be put aside after every step, so that something more
 * urgent goes first, and given up between two of them.
 */
export type Work<T> = Generator<void, T>;

/** All of it at once. */
export function finished<T>(work: Work<T>): T {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
}
