import * as z from 'zod';

/** Days of weather a spot may have: three hundred years. */
export const MOST_DAYS = 110_000;

/** A day that there is, as in 2026-05-18. */
export const dateSchema = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}$/, 'A date must be written as in 2026-05-18.')
  .refine(
    (date) => {
      // The calendar rolls a 31st of June over; then the date comes back another.
      const day = new Date(`${date}T00:00:00Z`);
      return !Number.isNaN(day.getTime()) && day.toISOString().startsWith(date);
    },
    { error: (issue) => `There is no such date; got "${String(issue.input)}".` },
  );

const measured = (what: string, unit: string, least: number, most: number) => {
  const message = `${what} must be ${least}–${most} ${unit}.`;
  return z.number({ error: message }).min(least, message).max(most, message);
};

/** What a day can be: beyond the records of the earth it is a slip of the pen. */
export const minCSchema = measured('Lowest temperature', '°C', -90, 60);
export const maxCSchema = measured('Highest temperature', '°C', -90, 60);
export const rainSchema = measured('Rain', 'mm', 0, 2000);
export const windSchema = measured('Wind', 'm/s', 0, 120);
export const radiationSchema = measured('Radiation', 'MJ/m²', 0, 60);

/** One day's weather. */
export const daySchema = z.object({
  date: dateSchema,
  minC: minCSchema,
  maxC: maxCSchema,
  rainMm: rainSchema,
  windMs: windSchema.nullable(),
  radiationMJ: radiationSchema.nullable(),
});
