import * as z from 'zod';
import type { Oklch } from './oklch';

/** A colour at a door: lightness 0–1, chroma 0–.4, hue 0–360. */
export const colourSchema = z
  .tuple([z.number().min(0).max(1), z.number().min(0).max(0.4), z.number().min(0).max(360)], {
    error: 'A colour is three numbers: lightness 0–1, chroma 0–0.4 and hue 0–360.',
  })
  .readonly() as unknown as z.ZodType<Oklch, Oklch>;
