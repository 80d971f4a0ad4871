import * as z from 'zod';
import { simulatedProbe } from '@/core/care/device';
import { seedOf } from '@/core/random/hash';

const date = (name: string) => z.iso.date(`${name} must be a date like 2026-07-16.`);
const percent = z.coerce
  .number({ error: 'water must be a number.' })
  .min(0, 'water must be 0–100.')
  .max(100, 'water must be 0–100.');

const query = z.object({
  /** Which probe it is. */
  probe: z.string().min(1, 'probe must be named.').max(120, 'probe has at most 120 letters.'),
  day: date('day'),
  /** Since when it is in the mix. */
  since: date('since'),
  /** Water that is really there that day, percent of the volume: a stand-in has no mix of its own to feel. */
  water: percent,
});

/** The simulated soil-moisture probe: noisy, drifting, silent at times, and now and then stuck for a week. */
export async function GET(request: Request): Promise<Response> {
  const parsed = query.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!parsed.success)
    return Response.json(
      { error: parsed.error.issues[0]?.message ?? 'Bad request' },
      { status: 400 },
    );
  const { probe, day, since, water } = parsed.data;
  const answer = simulatedProbe(seedOf(probe), () => water, since)(day);
  return Response.json({ simulated: true, ...answer });
}
