const NAMES = new Intl.DateTimeFormat('en-GB', { month: 'long', timeZone: 'UTC' });

/** The twelve months by name. */
export const MONTHS: readonly string[] = Array.from({ length: 12 }, (_, month) =>
  NAMES.format(Date.UTC(2025, month, 1)),
);

/** The twelve months in three letters. */
export const SHORT_MONTHS: readonly string[] = MONTHS.map((name) => name.slice(0, 3));
