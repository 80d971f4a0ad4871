import type { FileFault } from '@/core/files/parse';

/** Why something was not kept. Put into words by the interface. */
export type Trouble =
  /** The browser has no room left. */
  | { readonly kind: 'full' }
  /** The browser has no database here, or will not open it (private window, settings). */
  | { readonly kind: 'missing'; readonly told: string }
  /** The connection was closed by the browser. */
  | { readonly kind: 'closed' }
  /** A newer Rillbank in another window has taken over; this one has stopped writing. */
  | { readonly kind: 'overtaken' }
  /** The database was written by a newer Rillbank. */
  | { readonly kind: 'newer' }
  /** Another window with an older Rillbank keeps the database from being upgraded. */
  | { readonly kind: 'blocked' }
  /** What was to be kept could not have been read again. */
  | { readonly kind: 'refused'; readonly what: string; readonly faults: readonly FileFault[] }
  /** What was to be changed is no longer there. */
  | { readonly kind: 'gone'; readonly what: string }
  /** Anything else the browser said. */
  | { readonly kind: 'other'; readonly told: string };

/** Something was not kept, and that has been told. */
export class NotKept extends Error {
  override readonly name = 'NotKept';
  constructor(readonly trouble: Trouble) {
    super(`Not kept: ${'told' in trouble ? trouble.told : trouble.kind}`);
  }
}

/** What kind of trouble an error of the database is. */
export function troubleOf(error: unknown): Trouble {
  if (error instanceof NotKept) return error.trouble;
  const names = namesOf(error);
  if (names.includes('QuotaExceededError')) return { kind: 'full' };
  if (names.includes('NewerDatabase')) return { kind: 'newer' };
  if (names.some((name) => CLOSED.includes(name))) return { kind: 'closed' };
  const told = error instanceof Error ? error.message : String(error);
  return names.some((name) => MISSING.includes(name))
    ? { kind: 'missing', told }
    : { kind: 'other', told };
}

const CLOSED = [
  'DatabaseClosedError',
  'InvalidStateError',
  'AbortError',
  'TransactionInactiveError',
];
const MISSING = ['MissingAPIError', 'OpenFailedError', 'SecurityError', 'NotAllowedError'];

/** Names of an error and of those it carries: Dexie wraps what the browser said. */
function namesOf(error: unknown): readonly string[] {
  const names: string[] = [];
  let at: unknown = error;
  for (let depth = 0; depth < 5 && typeof at === 'object' && at !== null; depth += 1) {
    const { name, inner, cause } = at as { name?: unknown; inner?: unknown; cause?: unknown };
    if (typeof name === 'string') names.push(name);
    at = inner ?? cause;
  }
  return names;
}
