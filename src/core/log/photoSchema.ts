import * as z from 'zod';
import { MOST_PARTS, PHOTO_PART } from './photo';

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
