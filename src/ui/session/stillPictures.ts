import { subjectKey } from '@/core/seeing/subject';
import type { PaintRequest } from '@/workers/messages';
import { paintAhead } from '@/workers/runJob';

type Asked = Omit<PaintRequest, 'detail' | 'density'>;

/** Pictures that rarely change, kept as they were painted in full, so that a room that is entered again shows them at once; the oldest are let go. */
const shown = new Map<string, ImageBitmap>();
const MOST_SHOWN = 48;

/** Two requests with one key make the same picture. */
export function pictureKey({
  subject,
  weeks,
  lens,
  widthPx,
  heightPx,
  holesCm,
  scenery = null,
}: Asked): string {
  return JSON.stringify([subjectKey(subject), weeks, lens, widthPx, heightPx, holesCm, scenery]);
}

/** Device pixels per picture pixel of a picture at rest. */
export function restingDensity(): number {
  return Math.min(2, window.devicePixelRatio || 1);
}

export function heldPicture(key: string): ImageBitmap | undefined {
  return shown.get(key);
}

export function holdPicture(key: string, bitmap: ImageBitmap): void {
  shown.get(key)?.close();
  shown.delete(key);
  shown.set(key, bitmap);
  if (shown.size <= MOST_SHOWN) return;
  const [oldest, old] = shown.entries().next().value!;
  old.close();
  shown.delete(oldest);
}

/** Has still pictures painted and kept while nobody waits for any other; a later list takes the place of an earlier one. */
export function prepareStills(requests: readonly Asked[]): void {
  const density = restingDensity();
  paintAhead(
    requests
      .map((asked) => ({ ...asked, detail: 'full' as const, density, key: pictureKey(asked) }))
      .filter(({ key }) => !shown.has(key)),
    holdPicture,
  );
}
