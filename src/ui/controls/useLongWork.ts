import { useRef, useState } from 'react';

/** Something that takes its time, tells how far it is, and can be stopped. */
export interface LongWork {
  /** What is being done, and how much of it is, 0–1; `null`: nothing. */
  readonly at: { readonly what: string; readonly share: number } | null;
  /** @returns what came of it; `null` when it was stopped */
  readonly run: <T>(
    what: string,
    work: (ask: {
      readonly signal: AbortSignal;
      readonly onShare: (share: number) => void;
    }) => Promise<T>,
  ) => Promise<T | null>;
  readonly stop: () => void;
}

export function useLongWork(): LongWork {
  const [at, setAt] = useState<LongWork['at']>(null);
  const stop = useRef<AbortController | null>(null);
  return {
    at,
    run: async (what, work) => {
      stop.current?.abort();
      const own = new AbortController();
      stop.current = own;
      setAt({ what, share: 0 });
      try {
        return await work({
          signal: own.signal,
          onShare: (share) => setAt((now) => (now ? { ...now, share } : now)),
        });
      } catch (error) {
        if (own.signal.aborted) return null;
        throw error;
      } finally {
        if (stop.current === own) setAt(null);
      }
    },
    stop: () => stop.current?.abort(),
  };
}
