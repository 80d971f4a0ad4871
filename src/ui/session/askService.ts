import { KNOWN_SINCE } from '@/workers/offline/answer';

/** A service that has not answered by then will not, ms. */
const LONGEST_MS = 8000;
/** No honest answer is longer, bytes. */
const MOST_BYTES = 1_000_000;

export interface Answered<T> {
  readonly answer: T;
  /** When it came, where the service cannot be reached and answers as it last did. */
  readonly knownSince: Date | null;
}

/** Asked before the service worker was there to keep the answers. */
const unkept = new Set<string>();

/** Asks once more what was asked on the very first page, so that its answers are kept too. Whoever does not answer then is let be. */
export async function askUnkeptAgain(): Promise<void> {
  const again = [...unkept];
  unkept.clear();
  await Promise.allSettled(
    again.map((address) => fetch(address, { signal: AbortSignal.timeout(LONGEST_MS) })),
  );
}

/**
 * Asks a service of Rillbank's own server: bounded in time and size, and read by its schema.
 * @throws an `AbortError` when given up; an error when it does not answer, answers too long, or otherwise than the schema says
 */
export async function askService<T>(
  address: string,
  schema: { readonly parse: (json: unknown) => T },
  signal: AbortSignal,
): Promise<Answered<T>> {
  const response = await fetch(address, {
    signal: AbortSignal.any([signal, AbortSignal.timeout(LONGEST_MS)]),
  });
  if (!globalThis.navigator?.serviceWorker?.controller) unkept.add(address);
  if (!response.ok) throw new Error(`The service answered ${response.status}.`);
  const since = response.headers.get(KNOWN_SINCE);
  return {
    answer: schema.parse(JSON.parse(await textOf(response))),
    knownSince: since === null ? null : new Date(since),
  };
}

async function textOf(response: Response): Promise<string> {
  const reader = response.body!.getReader();
  const decoder = new TextDecoder();
  let bytes = 0;
  let text = '';
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return text + decoder.decode();
    bytes += value.length;
    if (bytes > MOST_BYTES) {
      await reader.cancel();
      throw new Error('The service answers with more than it should.');
    }
    text += decoder.decode(value, { stream: true });
  }
}
