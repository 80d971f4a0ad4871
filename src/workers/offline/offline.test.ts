import { answer, KNOWN_SINCE } from './answer';
import { cacheName, dataAddress, keepVersion, letGo, MOST_ANSWERS, type Version } from './version';

const ORIGIN = 'https://rillbank.example';

/** The browser's caches, in memory. */
class Caches {
  readonly all = new Map<string, Map<string, Response>>();
  private readonly whole = (at: string | Request) =>
    new URL(typeof at === 'string' ? at : at.url, ORIGIN).href;
  open = async (name: string) => {
    const held = this.all.get(name) ?? new Map<string, Response>();
    this.all.set(name, held);
    return {
      match: async (at: string) => held.get(this.whole(at))?.clone(),
      put: async (at: string, response: Response) => void held.set(this.whole(at), response),
      delete: async (at: string | Request) => held.delete(this.whole(at)),
      keys: async () => [...held.keys()].map((url) => new Request(url)),
    };
  };
  keys = async () => [...this.all.keys()];
  delete = async (name: string) => this.all.delete(name);
}

const version = (id: string, files: readonly string[] = ['/_next/static/a.js']): Version => ({
  id,
  pages: ['/', '/diary'],
  files,
  notFound: '/_not-found',
});

let caches: Caches;
let asked: string[];
let isOnline: boolean;
/** A server of one build; what it says tells the build and the address. */
const server =
  (build: string, missing: readonly string[] = []) =>
  async (request: Request) => {
    if (!isOnline) throw new TypeError('Failed to fetch');
    const { pathname, search } = new URL(request.url);
    asked.push(pathname);
    if (missing.includes(pathname)) return new Response('', { status: 404 });
    // It says of itself that it is not there.
    const status = pathname === '/_not-found' ? 404 : 200;
    const what = request.headers.get('RSC') === '1' ? 'data' : 'page';
    return new Response(`${build} ${what} ${pathname}${search}`, { status });
  };
const keep = (of: Version, fetch = server(of.id)) =>
  keepVersion(of, caches as unknown as CacheStorage, fetch, ORIGIN);
const around = (of: Version) => ({
  version: of,
  caches: caches as unknown as CacheStorage,
  fetch: server('live'),
  origin: ORIGIN,
});
const navigation = (path: string) =>
  Object.defineProperty(new Request(ORIGIN + path), 'mode', { value: 'navigate' });
const said = async (request: Request, of: Version) =>
  (await answer(request, around(of)))?.text() ?? null;

beforeEach(() => {
  caches = new Caches();
  asked = [];
  isOnline = true;
});

test('without a network every room opens, by its address and by a link, whatever it asks for', async () => {
  const one = version('one');
  await keep(one);
  isOnline = false;
  expect(await said(navigation('/diary?planting=tub'), one)).toBe('one page /diary');
  const data = new Request(`${ORIGIN}/diary?planting=tub&_rsc=1x`, { headers: { RSC: '1' } });
  expect(await said(data, one)).toBe('one data /diary');
  expect(await said(new Request(`${ORIGIN}/_next/static/a.js`), one)).toBe(
    'one page /_next/static/a.js',
  );
  const nowhere = (await answer(navigation('/nowhere'), around(one)))!;
  expect([nowhere.status, await nowhere.text()]).toEqual([404, 'one page /_not-found']);
  // Before anything was kept it is said in plain words.
  const none = (await answer(navigation('/nowhere'), around(version('none'))))!;
  expect([none.status, await none.text()]).toEqual([404, 'There is no such room.']);
});

test('a version is kept whole or not at all', async () => {
  const one = version('one', ['/_next/static/a.js', '/_next/static/b.js']);
  for (const lost of ['/_next/static/b.js', '/diary'])
    await expect(keep(one, server('one', [lost]))).rejects.toThrow(`${lost} answered 404`);
  expect(await caches.keys()).toEqual([]);
});

test('a newer version fetches only what changed, and pages of two versions are never mixed', async () => {
  const [one, two] = [
    version('one', ['/_next/static/a.js', '/icon.svg']),
    version('two', ['/_next/static/a.js', '/_next/static/c.js', '/icon.svg']),
  ];
  await keep(one);
  asked = [];
  await keep(two);
  expect([...new Set(asked)].sort()).toEqual([
    '/',
    '/_next/static/c.js',
    '/_not-found',
    '/diary',
    '/icon.svg',
  ]);
  // The one that waits says nothing yet.
  expect(await said(navigation('/'), one)).toBe('one page /');
  expect(await said(new Request(`${ORIGIN}/icon.svg`), one)).toBe('one page /icon.svg');
  expect(await said(navigation('/'), two)).toBe('two page /');
});

test('scripts of the version before are there for pages still open; those before it are let go', async () => {
  const all = ['one', 'two', 'three'].map((id) => version(id, [`/_next/static/${id}.js`]));
  for (const each of all) await keep(each);
  await letGo('three', caches as unknown as CacheStorage);
  expect(await caches.keys()).toEqual([cacheName('two'), cacheName('three')]);
  isOnline = false;
  expect(await said(new Request(`${ORIGIN}/_next/static/two.js`), all[2]!)).toBe(
    'two page /_next/static/two.js',
  );
  await expect(said(new Request(`${ORIGIN}/_next/static/one.js`), all[2]!)).rejects.toThrow();
});

test('a service that cannot be reached answers as it last did, and says since when', async () => {
  const one = version('one');
  const ask = (search: string) => answer(new Request(`${ORIGIN}/api/${search}`), around(one))!;
  const fresh = await ask('garden-centre?stop=mill&day=2026-05-01');
  expect(fresh.headers.get(KNOWN_SINCE)).toBeNull();
  isOnline = false;
  const known = await ask('garden-centre?stop=mill&day=2026-05-02');
  expect(await known.text()).toBe('live page /api/garden-centre?stop=mill&day=2026-05-01');
  expect(Date.parse(known.headers.get(KNOWN_SINCE)!)).toBeGreaterThan(0);
  expect((await ask('garden-centre?stop=nursery&day=2026-05-02')).status).toBe(503);
  // What a device felt this morning is not what it feels now.
  isOnline = true;
  await ask('device?id=1');
  isOnline = false;
  expect((await ask('device?id=1')).status).toBe(503);
});

test('answers kept are bounded, the oldest go first', async () => {
  const one = version('one');
  for (let i = 0; i <= MOST_ANSWERS; i += 1)
    await answer(new Request(`${ORIGIN}/api/weather?climate=${i}`), around(one));
  isOnline = false;
  const ask = (i: number) =>
    answer(new Request(`${ORIGIN}/api/weather?climate=${i}`), around(one))!;
  expect((await ask(0)).status).toBe(503);
  expect((await ask(1)).status).toBe(200);
});

test('what is no business of the worker is left to the browser', async () => {
  const one = version('one');
  await keep(one);
  for (const request of [
    new Request(`${ORIGIN}/api/weather`, { method: 'POST' }),
    new Request('https://elsewhere.example/diary'),
    new Request(`${ORIGIN}/diary`, { headers: { RSC: '1', 'Next-Router-Prefetch': '1' } }),
    new Request(ORIGIN + dataAddress('/nowhere')),
  ])
    expect(answer(request, around(one))).toBeNull();
});
