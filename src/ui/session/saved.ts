import * as z from 'zod/mini';

/** What of a gardener's own lies in this browser. */
export interface OwnWork {
  readonly plantings: number;
  readonly entries: number;
  readonly photographs: number;
}

/** When everything was last saved as a file, and what there was then. */
interface Saved extends OwnWork {
  /** ISO time. */
  readonly at: string;
}

const SAVED = 'rillbank-saved';
const REMINDED = 'rillbank-reminded';
const MS_PER_DAY = 86_400_000;

/** What making one of them anew would take, against one entry of the diary. */
const WORTH = { plantings: 5, entries: 1, photographs: 2 } as const;
/** Worth times days that may lie unsaved: a hundred entries for three days, ten for a month. */
const MOST_AT_RISK = 300;
/** Days between two reminders. */
const PATIENCE_DAYS = 7;

const count = z.number().check(z.int(), z.gte(0));
const time = z.string().check(z.maxLength(40));
const savedSchema = z.object({ plantings: count, entries: count, photographs: count, at: time });
const remindedSchema = z.object({ begun: time, last: z.nullable(time) });

/** A note that cannot be read is none. */
function read<T>(key: string, schema: z.ZodMiniType<T>): T | null {
  try {
    return schema.parse(JSON.parse(localStorage.getItem(key) ?? 'null'));
  } catch {
    return null;
  }
}

function write(key: string, value: unknown): void {
  try {
    localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // Without room for a note, the reminder comes again.
  }
}

/** Everything there is has just been saved. */
export function noteSaved(work: OwnWork, now: Date): void {
  write(SAVED, { ...work, at: now.toISOString() } satisfies Saved);
}

export const savedLast = (): Saved | null => read<Saved>(SAVED, savedSchema);

/** What came since everything was last saved. What was taken away since is no work to lose. */
export function unsaved(work: OwnWork, saved: OwnWork | null): OwnWork {
  const since = (what: keyof OwnWork) => Math.max(0, work[what] - (saved?.[what] ?? 0));
  return {
    plantings: since('plantings'),
    entries: since('entries'),
    photographs: since('photographs'),
  };
}

/** Is there so much, for so long, only in this browser that the gardener is to be told? In proportion to what would be lost. */
export function isAtRisk(lost: OwnWork, days: number): boolean {
  const worth = (Object.keys(WORTH) as (keyof OwnWork)[]).reduce(
    (sum, what) => sum + WORTH[what] * lost[what],
    0,
  );
  return worth * days >= MOST_AT_RISK;
}

/**
 * Is the gardener to be reminded now? Counted from the last saving, or from when there first was something to save; at most once a week.
 * What it answers with yes is noted as a reminder.
 */
export function remindNow(work: OwnWork, now: Date): boolean {
  const days = (since: string) => (now.getTime() - Date.parse(since)) / MS_PER_DAY;
  const saved = savedLast();
  const lost = unsaved(work, saved);
  if (Object.values(lost).every((count) => count === 0)) return false;
  const note = read(REMINDED, remindedSchema) ?? { begun: now.toISOString(), last: null };
  const isPatient = note.last !== null && days(note.last) < PATIENCE_DAYS;
  const isDue = !isPatient && isAtRisk(lost, days(saved?.at ?? note.begun));
  write(REMINDED, { begun: note.begun, last: isDue ? now.toISOString() : note.last });
  return isDue;
}
