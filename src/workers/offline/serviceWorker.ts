import { answer } from './answer';
import { keepVersion, letGo, type Version } from './version';

interface Waiting extends Event {
  waitUntil: (work: Promise<unknown>) => void;
}
interface Asked extends Waiting {
  readonly request: Request;
  respondWith: (answer: Promise<Response>) => void;
}
interface Scope {
  readonly location: Location;
  readonly clients: { claim: () => Promise<void> };
  skipWaiting: () => Promise<void>;
  addEventListener<E extends Event>(name: string, hear: (event: E) => void): void;
}

/** Written in by the build. */
declare const VERSION: Version;

const scope = self as unknown as Scope;
const ask = (request: Request) => fetch(request);
const { origin } = scope.location;

scope.addEventListener<Waiting>('install', (event) =>
  event.waitUntil(keepVersion(VERSION, caches, ask, origin)),
);
scope.addEventListener<Waiting>('activate', (event) =>
  event.waitUntil(letGo(VERSION.id, caches).then(() => scope.clients.claim())),
);
scope.addEventListener<Asked>('fetch', (event) => {
  const found = answer(event.request, { version: VERSION, caches, fetch: ask, origin });
  if (found) event.respondWith(found);
});
// A newer version waits until the gardener takes it.
scope.addEventListener<MessageEvent>('message', ({ data }) => {
  if (data === 'take over') void scope.skipWaiting();
});
