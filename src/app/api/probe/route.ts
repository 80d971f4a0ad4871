import * as z from 'zod';
import { simulatedProbe } from '@/core/care/device';
import { seedOf } from '@/core/random/hash';

const date = (name: string) => z.iso.date(`${name} must be a date like 2026-07-16.`);
const percent = (name: string) =>
  z.coerce
    .number({ error: `${name} must be a number.` })
    .min(0, `${name} must be 0–100.`)
    .max(100, `${name} must be 0–100.`);

const query = z.object({
  /** Which probe it is. */
  probe: z.string().min(1, 'probe must be named.').max(120, 'probe has at most 120 letters.'),
  day: date('day'),
  /** Since when it is in the mix. */
  since: date('since'),
  /** Water that is really there that day, percent of the volume: a stand-in has no mix of its own to feel. */
  water: percent('water'),
  /** What it showed last; left out: nothing yet. */
  last: percent('last').optional(),
});

/** The simulated soil-moisture probe: noisy, drifting, silent at times, and now and then stuck for a week. */
export async function GET(request: Request): Promise<Response> {
  const parsed = query.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!parsed.success)
    return Response.json(
      { error: parsed.error.issues[0]?.message ?? 'Bad request' },
      { status: 400 },
    );
  const { probe, last = null, ...reading } = parsed.data;
  const answer = simulatedProbe(seedOf(probe), { ...reading, last });
  return Response.json({ simulated: true, ...answer });
}
