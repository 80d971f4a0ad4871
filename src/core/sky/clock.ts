/** Is this the name of a time zone that this machine knows? */
export function isTimeZone(name: string): boolean {
  let known = zones.get(name);
  if (known === undefined) zones.set(name, (known = asked(name)));
  return known;
}

/** Every spot that is read asks for its zone, and asking the machine is slow. */
const zones = new Map<string, boolean>();

function asked(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

const formats = new Map<string, Intl.DateTimeFormat>();

/** How far the clocks of a zone run ahead of UTC at an instant, minutes: summer time included. */
export function clockAheadMin(timeZone: string, epochMs: number): number {
  let format = formats.get(timeZone);
  if (!format)
    formats.set(
      timeZone,
      (format = new Intl.DateTimeFormat('en', {
        timeZone,
        hourCycle: 'h23',
        year: 'numeric',
        month: 'numeric',
        day: 'numeric',
        hour: 'numeric',
        minute: 'numeric',
      })),
    );
  const part = Object.fromEntries(
    format.formatToParts(epochMs).map(({ type, value }) => [type, Number(value)]),
  );
  return Math.round(
    (Date.UTC(part.year!, part.month! - 1, part.day!, part.hour!, part.minute!) - epochMs) / 60_000,
  );
}

/**
 * The instant at which clocks of a zone show an hour of a date, ms. An hour skipped in spring is taken as the hour after it;
 * of an hour that comes twice in autumn, the first.
 * @param date ISO, 2026-05-18
 * @param hour 0–24, may have a fraction
 */
export function clockMs(date: string, hour: number, timeZone: string): number {
  const asUtc = Date.parse(`${date}T00:00:00Z`) + hour * 3_600_000;
  const before = clockAheadMin(timeZone, asUtc - 86_400_000);
  const guess = asUtc - before * 60_000;
  const ahead = clockAheadMin(timeZone, guess);
  return ahead === before
    ? guess
    : clockAheadMin(timeZone, asUtc - ahead * 60_000) === ahead
      ? asUtc - ahead * 60_000
      : guess;
}

/** Day of the year, from 0, of an ISO date; 29 February counts as the 28th. */
export function dayOfYear(date: string): number {
  const [year, month, day] = date.split('-').map(Number) as [number, number, number];
  const leap = year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0);
  const of = Math.round((Date.UTC(year, month - 1, day) - Date.UTC(year, 0, 1)) / 86_400_000);
  return leap && of >= 59 ? of - 1 : of;
}
