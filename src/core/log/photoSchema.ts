import * as z from 'zod';

/** Longest edge of a photograph that is kept, pixels. */
export const PHOTO_EDGE_PX = 1280;
/** Letters of one part of a photograph: what a file's door lets through. */
export const PHOTO_PART = 8000;
const MOST_PARTS = 200;
/** Largest JPEG of a photograph that is kept, bytes: what its parts hold. */
export const PHOTO_MOST_BYTES = (PHOTO_PART * MOST_PARTS * 3) / 4;

/** A photograph, small enough to keep by the hundred: it lies beside the log, which names it. */
export const photoSchema = z.object({
  id: z.string().min(1).max(120),
  plantingId: z.string().min(1).max(120),
  widthPx: z.number().int().min(1).max(4096),
  heightPx: z.number().int().min(1).max(4096),
  /** A JPEG in base64, in parts. Nothing of the file it came from but its pixels: no place, no device. */
  jpeg: z
    .array(
      z
        .string()
        .max(PHOTO_PART, 'A part of a photograph is too long.')
        .regex(/^[A-Za-z0-9+/=]*$/, 'A photograph is base64.'),
    )
    .min(1, 'A photograph must not be empty.')
    .max(MOST_PARTS, 'A photograph is too large.')
    .readonly(),
});

export type Photo = Readonly<z.infer<typeof photoSchema>>;

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
