/** Small drawings of this visit, the latest used last; beyond so many the oldest are let go. About 60 kB each. */
const held = new Map<string, ImageBitmap>();
const MOST = 400;

export function heldDrawing(key: string): ImageBitmap | null {
  const found = held.get(key);
  if (!found) return null;
  held.delete(key);
  held.set(key, found);
  return found;
}

export function holdDrawing(key: string, bitmap: ImageBitmap): void {
  const before = held.get(key);
  if (before !== bitmap) before?.close();
  held.set(key, bitmap);
  if (held.size <= MOST) return;
  const [oldest] = held.entries();
  if (!oldest) return;
  oldest[1].close();
  held.delete(oldest[0]);
}
