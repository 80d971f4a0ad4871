/** Small drawings that outlive a visit: PNGs in the browser's cache, one cache a build of the app, since a new build may draw otherwise. */
const BUILT = process.env.BUILT;
const NAME = `rillbank-drawings-${BUILT}`;
const ANY = 'rillbank-drawings-';

let opening: Promise<Cache | null> | null = null;

/** @returns `null` where the browser keeps nothing, and in development, where drawings change under the hand */
function cacheHere(): Promise<Cache | null> {
  opening ??= open().catch(() => null);
  return opening;
}

async function open(): Promise<Cache | null> {
  if (!BUILT || typeof caches === 'undefined') return null;
  const names = await caches.keys();
  const old = names.filter((name) => name.startsWith(ANY) && name !== NAME);
  await Promise.all(old.map((name) => caches.delete(name)));
  return caches.open(NAME);
}

const address = (key: string) => `/drawn/${encodeURIComponent(key)}`;

/** A drawing from an earlier visit. @returns `null` when there is none, or none can be read */
export async function keptDrawing(key: string): Promise<ImageBitmap | null> {
  try {
    const answer = await (await cacheHere())?.match(address(key));
    return answer ? await createImageBitmap(await answer.blob()) : null;
  } catch {
    // What cannot be read is drawn anew.
    return null;
  }
}

/** Keeps what a canvas shows for the next visit; where that fails it is drawn again then. */
export async function keepDrawing(key: string, canvas: HTMLCanvasElement): Promise<void> {
  const cache = await cacheHere();
  if (!cache) return;
  canvas.toBlob((blob) => {
    if (blob) void cache.put(address(key), new Response(blob)).catch(() => undefined);
  });
}
