import { inParts, PHOTO_EDGE_PX } from '@/core/log/photo';
import type { Photo } from '@/core/log/photoSchema';

const QUALITY = 0.8;

/** Larger files are not opened: a picture of that size would take all the memory of a phone. */
export const LARGEST_PHOTO_BYTES = 60_000_000;

/** Why a file was not taken as a photograph, in words that name it. */
export class NoPhoto extends Error {
  override readonly name = 'NoPhoto';
}

/**
 * A picture file made small: only its pixels are taken, so that where and with what it was taken stays behind.
 * @throws {NoPhoto} when the file is too large, or no picture this browser can read
 */
export async function smallPhoto(
  file: File,
): Promise<Pick<Photo, 'widthPx' | 'heightPx' | 'jpeg'>> {
  if (file.size > LARGEST_PHOTO_BYTES)
    throw new NoPhoto(
      `${file.name} has ${Math.round(file.size / 1e6)} MB; a photograph may have ${LARGEST_PHOTO_BYTES / 1e6} MB at most.`,
    );
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => {
    throw new NoPhoto(
      isHeic(file)
        ? `${file.name} is a HEIC picture, which this browser cannot read. Save it as JPEG first, or set the camera to write JPEG.`
        : `${file.name} is no picture that this browser can read.`,
    );
  });
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

const isHeic = ({ name, type }: File): boolean =>
  /\.hei[cf]$/i.test(name) || /^image\/hei[cf]/i.test(type);
