import type { Step } from '@/core/records/step';

const PREFIX = 'rillbank-unkept-';

/**
 * Steps on their way to the database. A window that is closed in that very moment leaves them here,
 * and the next one keeps them. Written at once, which the database cannot do.
 */
export interface Journal {
  readonly write: (step: Step) => void;
  readonly clear: (step: Step) => void;
  readonly left: () => readonly Step[];
}

/** A journal in the browser's plain storage; where that is refused, none: the database still keeps the step. */
export function openJournal(storage: Storage | null): Journal {
  const safely = <T>(work: () => T, otherwise: T): T => {
    try {
      return work();
    } catch {
      return otherwise;
    }
  };
  return {
    write: (step) =>
      safely(() => storage?.setItem(PREFIX + step.id, JSON.stringify(step)), undefined),
    clear: (step) => safely(() => storage?.removeItem(PREFIX + step.id), undefined),
    left: () =>
      safely(
        () =>
          Object.keys(storage ?? {})
            .filter((key) => key.startsWith(PREFIX))
            .sort()
            .flatMap((key) => safely(() => [JSON.parse(storage!.getItem(key)!) as Step], [])),
        [],
      ),
  };
}
