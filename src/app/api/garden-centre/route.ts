import * as z from 'zod';
import { BOOK } from '@/core/plants/book/index';
import { stockOn } from '@/core/shopping/stock';

const query = z.object({
  seed: z.coerce.number({ error: 'seed must be a number.' }).int('seed must be a whole number.').min(0, 'seed must be 0 or more.').max(1e9, 'seed must be at most 1000000000.').default(1),
  day: z.iso.date('day must be a date like 2026-05-18.'),
});

/** The simulated garden centre: stock and prices of a day. It is asked nothing about the gardener. */
export function GET(request: Request): Response {
  const parsed = query.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!parsed.success) return Response.json({ error: parsed.error.issues[0]?.message ?? 'Bad request' }, { status: 400 });
  return Response.json({ simulated: true, day: parsed.data.day, stock: stockOn(BOOK, parsed.data.seed, parsed.data.day) });
}
