import * as z from 'zod';
import { daysBetween, type Day } from '../calendar/day';
import { isOf, type Entry, type EntryThat } from '../log/entry';
import { hash01 } from '../random/hash';

/** What a probe in the mix answers: percent of the mix's volume that is water, or nothing. */
export const probeAnswerSchema = z.discriminatedUnion('ok', [
  z.object({ ok: z.literal(true), percent: z.number().min(0).max(100) }),
  z.object({ ok: z.literal(false), why: z.literal('no answer') }),
]);
export type ProbeAnswer = Readonly<z.infer<typeof probeAnswerSchema>>;

/** Something that reads the mix of a container: the simulated probe, or a real one. */
export interface Probe {
  /** @throws {Error} when it cannot be reached, or answers what no probe does */
  readonly read: (day: Day) => Promise<ProbeAnswer>;
}

/** What the simulated probe does wrong: scatter of a reading, percent; drift a day, percent; how often it does not answer, or hangs for a week. Ours, from cheap probes. */
const NOISE = 1.5;
const DRIFT_A_DAY = 0.02;
const SILENT = 0.05;
const STUCK = 0.12;
const STUCK_DAYS = 7;

/**
 * What the simulated probe shows on a day: the water there is, with noise that is the same for the same day and a slow drift; at times
 * nothing, and for whole weeks what it showed last.
 */
export function simulatedProbe(
  seed: number,
  {
    day,
    since,
    water,
    last,
  }: {
    readonly day: Day;
    /** Since when it is in the mix. */
    readonly since: Day;
    /** Water that is there, percent of the volume. */
    readonly water: number;
    /** What it showed last; `null`: nothing yet. */
    readonly last: number | null;
  },
): ProbeAnswer {
  const days = daysBetween(since, day);
  if (hash01(seed, days, 1) < SILENT) return { ok: false, why: 'no answer' };
  const isStuck = hash01(seed, Math.floor(days / STUCK_DAYS), 2) < STUCK;
  if (isStuck && last !== null) return { ok: true, percent: last };
  const noise = (hash01(seed, days, 3) + hash01(seed, days, 4) - 1) * NOISE * 2;
  return { ok: true, percent: round(water + noise + DRIFT_A_DAY * days) };
}

const round = (percent: number): number =>
  Math.round(Math.min(100, Math.max(0, percent)) * 10) / 10;

/** A probe that shows the same within this, percent, though it was watered in between, hangs. */
const SAME = 0.25;
/** Without watering it may stay the same no longer than this, days. */
const SAME_DAYS = 3;

/** What the probe showed last; `null`: nothing yet. */
export function lastReading(held: readonly Entry[]): EntryThat<'reading'> | null {
  const last = held.findLast((entry) => isOf(entry, 'reading') && entry.what.device === 'moisture');
  return last && isOf(last, 'reading') ? last : null;
}

/** Readings that are not believed: the same as the one before, though water came or days went by. */
export function stuckReadings(held: readonly Entry[]): ReadonlySet<string> {
  const stuck = new Set<string>();
  let last: EntryThat<'reading'> | null = null;
  let wateredSince = false;
  for (const entry of held) {
    if (isOf(entry, 'watered')) wateredSince = true;
    if (!isOf(entry, 'reading') || entry.what.device !== 'moisture') continue;
    const isSame = last !== null && Math.abs(last.what.value - entry.what.value) <= SAME;
    const gone = last ? daysBetween(last.at.slice(0, 10), entry.at.slice(0, 10)) : 0;
    if (isSame && (wateredSince || gone >= SAME_DAYS)) stuck.add(entry.id);
    else if (!isSame) {
      last = entry;
      wateredSince = false;
    }
  }
  return stuck;
}
