/** One build of Rillbank, as the service worker keeps it. */
export interface Version {
  /** Name of the build. */
  readonly id: string;
  /** Addresses of the rooms, such as `/diary`. */
  readonly pages: readonly string[];
  /** Addresses of everything else: scripts, styles, fonts, icons. Those under `/_next/static/` never change their content. */
  readonly files: readonly string[];
  /** Address of the page that says that there is no such room. It answers so itself, with 404. */
  readonly notFound: string;
}

const VERSION_CACHE = 'rillbank-version-';
/** Last answers of outside services. */
export const ANSWERS_CACHE = 'rillbank-answers';
/** No more answers than this are kept; the oldest are let go. */
export const MOST_ANSWERS = 40;

export const cacheName = (id: string): string => VERSION_CACHE + id;
export const isVersionCache = (name: string): boolean => name.startsWith(VERSION_CACHE);

/** Where the data of a page is kept, which the router asks for by a header instead of by address. */
export const dataAddress = (page: string): string => `${page}?kept=data`;

const UNCHANGING = '/_next/static/';
/** So many are fetched at once. */
const AT_ONCE = 6;

/**
 * Fetches and keeps one whole version, or nothing: a room is never there by half.
 * What never changes its content is taken over from earlier versions.
 * @throws when one of its parts cannot be fetched
 */
export async function keepVersion(
  version: Version,
  caches: CacheStorage,
  fetch: (request: Request) => Promise<Response>,
  origin: string,
): Promise<void> {
  const earlier = (await caches.keys()).filter(isVersionCache);
  const kept = await caches.open(cacheName(version.id));
  const whole = async (
    address: string,
    headers: Record<string, string> = {},
  ): Promise<Response> => {
    const request = new Request(new URL(address, origin), { headers, cache: 'no-cache' });
    const answer = await fetch(request);
    const isAsMeant = answer.ok || (address === version.notFound && answer.status === 404);
    if (!isAsMeant) throw new Error(`${address} answered ${answer.status}`);
    return answer;
  };
  const takenOver = async (address: string): Promise<Response | undefined> => {
    if (!address.startsWith(UNCHANGING)) return undefined;
    for (const name of earlier) {
      const found = await (await caches.open(name)).match(address);
      if (found) return found;
    }
    return undefined;
  };
  const works = [
    ...version.files.map((address) => async () => {
      await kept.put(address, (await takenOver(address)) ?? (await whole(address)));
    }),
    async () => kept.put(version.notFound, await whole(version.notFound)),
    ...version.pages.flatMap((page) => [
      async () => kept.put(page, await whole(page)),
      async () => kept.put(dataAddress(page), await whole(page, { RSC: '1' })),
    ]),
  ];
  try {
    await atOnce(works, AT_ONCE);
  } catch (error) {
    await caches.delete(cacheName(version.id));
    throw error;
  }
}

async function atOnce(works: readonly (() => Promise<void>)[], many: number): Promise<void> {
  let next = 0;
  const hand = async () => {
    for (let work = works[next++]; work; work = works[next++]) await work();
  };
  await Promise.all(Array.from({ length: many }, hand));
}

/**
 * Lets go of versions before the last: pages of the last may still be open in another tab, and go on asking for its scripts.
 * @param id the version that answers from now on
 */
export async function letGo(id: string, caches: CacheStorage): Promise<void> {
  // Caches are told in the order in which they were made.
  const others = (await caches.keys()).filter(
    (name) => isVersionCache(name) && name !== cacheName(id),
  );
  await Promise.all(others.slice(0, -1).map((name) => caches.delete(name)));
}
