import type { Photo } from './photoSchema';

/** Longest edge of a photograph that is kept, pixels. */
export const PHOTO_EDGE_PX = 1280;
/** Letters of one part of a photograph: what a file's door lets through. */
export const PHOTO_PART = 8000;
export const MOST_PARTS = 200;
/** Largest JPEG of a photograph that is kept, bytes: what its parts hold. */
export const PHOTO_MOST_BYTES = (PHOTO_PART * MOST_PARTS * 3) / 4;

/** The photograph as an address that a picture can show. */
export function photoUrl({ jpeg }: Pick<Photo, 'jpeg'>): string {
  return `data:image/jpeg;base64,${jpeg.join('')}`;
}

/** Base64 in parts. */
export function inParts(base64: string): readonly string[] {
  const parts: string[] = [];
  for (let i = 0; i < base64.length; i += PHOTO_PART) parts.push(base64.slice(i, i + PHOTO_PART));
  return parts;
}
