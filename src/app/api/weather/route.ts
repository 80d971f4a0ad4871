import * as z from 'zod';
import { climateAt, CLIMATE_IDS } from '@/core/climate/climates';
import { dayNumber, simulatedSource } from '@/core/climate/weather';
import { asked } from '../asked';

const date = (name: string) => z.iso.date(`${name} must be a date like 2026-05-18.`);
const number = (name: string, least: number, most: number) =>
  z.coerce
    .number({ error: `${name} must be a number.` })
    .min(least, `${name} must be ${least}–${most}.`)
    .max(most, `${name} must be ${least}–${most}.`);

const query = z.object({
  climate: z.enum(CLIMATE_IDS, {
    error: (issue) =>
      `climate must be one of ${CLIMATE_IDS.join(', ')}; got ${JSON.stringify(issue.input) ?? 'nothing'}.`,
  }),
  latitude: number('latitude', -90, 90),
  seed: number('seed', 0, 1e9).default(1),
  /** First day asked for. */
  from: date('from'),
  days: number('days', 1, 400).default(7),
  /** Day on which it is asked: days after it are told ahead, a week at most. */
  issued: date('issued'),
});

/** How far ahead it tells. */
const LEAD_DAYS = 7;

/**
 * The simulated weather service: days as they were up to `issued`, a week's forecast after it. It is told a climate and a latitude in whole
 * degrees, nothing of the gardener.
 */
export async function GET(request: Request): Promise<Response> {
  const parsed = asked(request, query);
  if (!parsed.ok) return parsed.refused;
  const { climate, latitude, seed, from, days, issued } = parsed.data;
  const source = simulatedSource({
    climate: climateAt(climate, latitude),
    latitudeDeg: Math.round(latitude),
    seed,
  });
  const past = Math.min(days, Math.max(0, dayNumber(issued) - dayNumber(from) + 1));
  const observed = (await source.observed(from, past)).map((day) => ({
    ...day,
    leadDays: 0,
    missC: 0,
  }));
  const until = dayNumber(from) + days;
  const ahead = (await source.forecast(issued, LEAD_DAYS)).filter(
    ({ date: day }) => day >= from && dayNumber(day) < until,
  );
  return Response.json({ simulated: true, issued, days: [...observed, ...ahead] });
}
