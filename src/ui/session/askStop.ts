import type { Day } from '@/core/calendar/day';
import type { BenchLine } from '@/core/shopping/stops';

/** What a stop of the simulated garden centres has on its benches, in European prices. */
export interface AskedStop {
  readonly lines: readonly BenchLine[];
  /** When it was seen last, where the stop cannot be reached now. */
  readonly knownSince: Date | null;
}

/** @returns `null` when it does not answer */
export async function askStop(
  stop: string,
  day: Day,
  signal: AbortSignal,
): Promise<AskedStop | null> {
  try {
    const [{ askService }, { benchSchema }] = await Promise.all([
      import('./askService'),
      import('./benchSchema'),
    ]);
    const { answer, knownSince } = await askService(
      `/api/garden-centre?stop=${stop}&day=${day}`,
      benchSchema,
      signal,
    );
    return { lines: answer.stock, knownSince };
  } catch {
    return null;
  }
}
