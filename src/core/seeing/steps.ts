/**
 * Long work written as a generator can be put aside after every step, so that something more urgent goes first.
 * This does all of it at once.
 */
export function finished<T>(steps: Generator<void, T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
