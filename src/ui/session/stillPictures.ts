import { digestOf } from '@/core/random/hash';
import { subjectKey } from '@/core/seeing/subject';
import type { PaintRequest } from '@/workers/messages';

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

/** The name a picture is kept by between visits: its key in short, with the pixels it was painted at. */
export function keptKey(key: string): string {
  return `${digestOf(key)}@${restingDensity()}`;
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

/** Puts a picture on a canvas; it stays the holder's. */
export function showStill(
  element: HTMLCanvasElement,
  bitmap: ImageBitmap,
  detail: 'flat' | 'full' = 'full',
): void {
  element.width = bitmap.width;
  element.height = bitmap.height;
  element.getContext('2d')?.drawImage(bitmap, 0, 0);
  element.dataset.painted = detail;
}
