import * as z from 'zod';

const at = z.array(z.union([z.string().max(200), z.object({ id: z.string().max(200) })])).max(12);

// Strict: an order that is too long must not be read as a plain difference without its values.
const differenceSchema = z.union([
  z.strictObject({
    at,
    orderWas: z.array(z.string().max(200)).max(5000),
    orderIs: z.array(z.string().max(200)).max(5000),
  }),
  z.strictObject({ at, was: z.unknown().optional(), is: z.unknown().optional() }),
]);

export const stepSchema = z.object({
  id: z.string().min(1).max(120),
  of: z.string().min(3).max(200),
  at: z.string().max(40),
  by: z.string().max(80),
  done: z.unknown(),
  differences: z.array(differenceSchema).max(5000).readonly(),
  undone: z.union([z.literal(0), z.literal(1)]),
});
