import * as z from 'zod';
import { BOOK } from '@/core/plants/book/index';
import { benchesOf, STOPS } from '@/core/shopping/stops';
import { asked } from '../asked';

const STOP_IDS = STOPS.map(({ id }) => id);
const query = z.object({
  seed: z.coerce
    .number({ error: 'seed must be a number.' })
    .int('seed must be a whole number.')
    .min(0, 'seed must be 0 or more.')
    .max(1e9, 'seed must be at most 1000000000.')
    .default(1),
  day: z.iso.date('day must be a date like 2026-05-18.'),
  stop: z
    .enum(STOP_IDS, { error: `stop must be one of ${STOP_IDS.join(', ')}.` })
    .default(STOP_IDS[0]!),
});

/** The simulated garden centres: what a stop has on its benches on a day, at what price. It is asked nothing about the gardener. */
export function GET(request: Request): Response {
  const parsed = asked(request, query);
  if (!parsed.ok) return parsed.refused;
  const { day, stop, seed } = parsed.data;
  return Response.json({
    simulated: true,
    day,
    stop,
    stock: benchesOf(
      BOOK,
      STOPS.find(({ id }) => id === stop)!,
      seed,
      day,
    ),
  });
}
