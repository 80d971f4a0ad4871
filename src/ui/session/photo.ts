import { inParts, PHOTO_EDGE_PX, type Photo } from '@/core/log/photoSchema';

const QUALITY = 0.8;

/**
 * A picture file made small: only its pixels are taken, so that where and with what it was taken stays behind.
 * @throws {Error} when the file is no picture this browser can read
 */
export async function smallPhoto(
  file: Blob,
): Promise<Pick<Photo, 'widthPx' | 'heightPx' | 'jpeg'>> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = Math.min(1, PHOTO_EDGE_PX / Math.max(bitmap.width, bitmap.height));
  const widthPx = Math.max(1, Math.round(bitmap.width * scale));
  const heightPx = Math.max(1, Math.round(bitmap.height * scale));
  const canvas = document.createElement('canvas');
  canvas.width = widthPx;
  canvas.height = heightPx;
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, widthPx, heightPx);
  bitmap.close();
  const address = canvas.toDataURL('image/jpeg', QUALITY);
  return { widthPx, heightPx, jpeg: inParts(address.slice(address.indexOf(',') + 1)) };
}
