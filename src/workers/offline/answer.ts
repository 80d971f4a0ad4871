import {
  ANSWERS_CACHE,
  cacheName,
  dataAddress,
  isVersionCache,
  MOST_ANSWERS,
  type Version,
} from './version';

interface Around {
  readonly version: Version;
  readonly caches: CacheStorage;
  readonly fetch: (request: Request) => Promise<Response>;
  /** Where Rillbank itself is served from. */
  readonly origin: string;
}

/** Tells of an answer from an outside service that it is the last known one, and when it came: an ISO time. */
export const KNOWN_SINCE = 'x-known-since';

/**
 * The answer to what a page of this version asks.
 * Rooms, scripts and fonts come from what was kept of this very version, so that two versions are never mixed;
 * services are asked first, and answer as they last did when they cannot be reached.
 * @returns `null`: the browser is to see to it itself
 */
export function answer(request: Request, around: Around): Promise<Response> | null {
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== around.origin) return null;
  if (url.pathname.startsWith('/api/')) return lastKnown(request, url, around);
  const { pages, files } = around.version;
  if (pages.includes(url.pathname)) {
    if (request.headers.get('RSC') === '1')
      return isAhead(request) ? null : kept(dataAddress(url.pathname), request, around);
    if (request.mode === 'navigate') return kept(url.pathname, request, around);
    return null;
  }
  if (files.includes(url.pathname) || url.pathname.startsWith('/_next/static/'))
    return kept(url.pathname, request, around);
  return request.mode === 'navigate' ? notThere(request, around) : null;
}

/** Is it fetched before anybody asked for it? What is kept needs no such thing. */
const isAhead = (request: Request): boolean =>
  request.headers.has('Next-Router-Prefetch') ||
  request.headers.has('Next-Router-Segment-Prefetch');

async function kept(address: string, request: Request, around: Around): Promise<Response> {
  const { version, caches } = around;
  const names = (await caches.keys()).filter(isVersionCache);
  const own = cacheName(version.id);
  // Scripts of the version before are still asked for by pages that were opened with it.
  for (const name of [own, ...names.filter((other) => other !== own)]) {
    if (!names.includes(name)) continue;
    const found = await (await caches.open(name)).match(address);
    if (found) return renewed(found);
    if (!address.startsWith('/_next/static/')) break;
  }
  return around.fetch(request);
}

/** A kept answer bears its own address, which would hide the one that was asked for: a worker reads its name from there. */
const renewed = ({ body, status, headers }: Response): Response =>
  new Response(body, { status, headers });

async function notThere(request: Request, { version, caches, fetch }: Around): Promise<Response> {
  try {
    return await fetch(request);
  } catch {
    const said = await (await caches.open(cacheName(version.id))).match(version.notFound);
    if (said) return renewed(said);
    return new Response('There is no such room.', {
      status: 404,
      headers: { 'content-type': 'text/plain; charset=utf-8' },
    });
  }
}

/** Parts of an address that say when it was asked, not what. */
const WHEN = ['day', 'from', 'issued'];

async function lastKnown(request: Request, url: URL, around: Around): Promise<Response> {
  const answers = await around.caches.open(ANSWERS_CACHE);
  const name = new URL(url);
  WHEN.forEach((part) => name.searchParams.delete(part));
  try {
    const fresh = await around.fetch(request);
    if (fresh.ok && url.pathname !== '/api/device') {
      await answers.delete(name.href);
      await answers.put(name.href, await since(fresh.clone()));
      const all = await answers.keys();
      await Promise.all(all.slice(0, -MOST_ANSWERS).map((old) => answers.delete(old)));
    }
    return fresh;
  } catch {
    const before = await answers.match(name.href);
    return before
      ? renewed(before)
      : Response.json({ error: 'There is no network just now.' }, { status: 503 });
  }
}

async function since(answer: Response): Promise<Response> {
  const headers = new Headers(answer.headers);
  headers.set(KNOWN_SINCE, new Date().toISOString());
  return new Response(await answer.blob(), { status: answer.status, headers });
}
