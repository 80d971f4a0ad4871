import * as z from 'zod';
import { climateAt, CLIMATE_IDS } from '@/core/climate/climates';
import { dayNumber, isoDate, simulatedDay, simulatedForecast } from '@/core/climate/weather';

const date = (name: string) => z.iso.date(`${name} must be a date like 2026-05-18.`);
const number = (name: string, least: number, most: number) => z.coerce.number({ error: `${name} must be a number.` }).min(least, `${name} must be ${least}–${most}.`).max(most, `${name} must be ${least}–${most}.`);

const query = z.object({
  climate: z.enum(CLIMATE_IDS, { error: (issue) => `climate must be one of ${CLIMATE_IDS.join(', ')}; got ${JSON.stringify(issue.input) ?? 'nothing'}.` }),
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
export function GET(request: Request): Response {
  const parsed = query.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!parsed.success) return Response.json({ error: parsed.error.issues[0]?.message ?? 'Bad request' }, { status: 400 });
  const { climate, latitude, seed, from, days, issued } = parsed.data;
  const place = { climate: climateAt(climate, latitude), latitudeDeg: Math.round(latitude), seed };
  const [first, last] = [dayNumber(from), dayNumber(issued)];
  const list = [];
  for (let day = first; day < first + days; day += 1) {
    if (day - last > LEAD_DAYS) break;
    list.push(day <= last ? { ...simulatedDay(place, isoDate(day)), leadDays: 0, missC: 0 } : simulatedForecast(place, issued, day - last));
  }
  return Response.json({ simulated: true, issued, days: list });
}
