import * as z from 'zod';
import { NURSERY_SIZE_IDS } from '@/core/plants/nursery';

/** What a stop answers; read only when one is asked. */
export const benchSchema = z.object({
  stock: z.array(
    z.object({
      kindId: z.string(),
      size: z.enum(NURSERY_SIZE_IDS),
      count: z.number(),
      price: z.number(),
      note: z.string(),
      tired: z.boolean(),
      daysIn: z.number(),
    }),
  ),
});
