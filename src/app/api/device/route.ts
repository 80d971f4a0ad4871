import * as z from 'zod';
import { simulatedReading } from '@/core/care/device';
import { DEVICES } from '@/core/log/terms';
import { seedOf } from '@/core/random/hash';
import { asked } from '../asked';

const date = (name: string) => z.iso.date(`${name} must be a date like 2026-07-16.`);
const figure = (name: string, most: number) =>
  z.coerce
    .number({ error: `${name} must be a number.` })
    .min(0, `${name} must be 0–${most}.`)
    .max(most, `${name} must be 0–${most}.`);

const query = z.object({
  device: z.enum(DEVICES, `device must be ${DEVICES.join(', ')}.`),
  /** Which one it is. */
  id: z.string().min(1, 'id must be told.').max(120, 'id has at most 120 letters.'),
  day: date('day'),
  hour: figure('hour', 24).default(0),
  /** Since when it is there. */
  since: date('since'),
  /** What there really is to measure: a stand-in has nothing to feel. Percent, thousands of lux or kg. */
  truth: figure('truth', 2000),
  /** What it showed last; left out: nothing yet. */
  last: figure('last', 2000).optional(),
});

/** Simulated devices, a soil-moisture probe, a light meter and a scale: noisy, drifting, silent at times, and now and then stuck for a week. */
export async function GET(request: Request): Promise<Response> {
  const parsed = asked(request, query);
  if (!parsed.ok) return parsed.refused;
  const { device, id, last = null, ...reading } = parsed.data;
  const answer = simulatedReading(device, seedOf(`${device} ${id}`), { ...reading, last });
  return Response.json({ simulated: true, ...answer });
}
