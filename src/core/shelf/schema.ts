import * as z from 'zod';
import { textSchema } from '../records/textSchema';
import { containerSchema } from '../containers/schema';

/** A container the gardener has, one or several alike. */
export const shelfItemSchema = z.object({
  id: z
    .string()
    .min(1, 'Shelf id must not be empty.')
    .max(80, 'Shelf id must be at most 80 letters.'),
  container: containerSchema,
  count: z
    .number({
      error: (issue) => `How many there are must be a whole number; got ${String(issue.input)}.`,
    })
    .int('How many there are must be a whole number.')
    .min(1, 'There must be 1 or more.')
    .max(500, 'There may be at most 500.'),
  /** Where they are kept while empty. */
  kept: textSchema('Where it is kept', 80).default(''),
  demo: z.boolean().default(false),
});
