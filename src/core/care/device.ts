import { addDays, daysBetween, type Day } from '../calendar/day';
import { isOf, type Entry, type EntryThat } from '../log/entry';
import { hash01 } from '../random/hash';

/** What a probe in the mix answers: percent of the mix's volume that is water, or nothing. */
export type ProbeAnswer =
  | { readonly ok: true; readonly percent: number }
  | { readonly ok: false; readonly why: 'no answer' };

/** Something that reads the mix of a container: the simulated probe, or a real one. */
export interface Probe {
  readonly read: (plantingId: string, day: Day) => Promise<ProbeAnswer>;
}

/** What the simulated probe does wrong: scatter of a reading, percent; drift a day, percent; how often it does not answer, or hangs for a week. Ours, from cheap probes. */
const NOISE = 1.5;
const DRIFT_A_DAY = 0.02;
const SILENT = 0.05;
const STUCK = 0.12;
const STUCK_DAYS = 7;

/**
 * The simulated probe: the water there is, with noise that is the same for the same day, a slow drift, days on which it does not answer,
 * and weeks in which it shows what it showed first.
 * @param percentOn water on a day, percent of the volume
 */
export function simulatedProbe(
  seed: number,
  percentOn: (day: Day) => number,
  since: Day,
): (day: Day) => ProbeAnswer {
  return (day) => {
    const days = daysBetween(since, day);
    if (hash01(seed, days, 1) < SILENT) return { ok: false, why: 'no answer' };
    const week = Math.floor(days / STUCK_DAYS);
    const isStuck = hash01(seed, week, 2) < STUCK;
    const shown = isStuck ? week * STUCK_DAYS : days;
    const noise = (hash01(seed, shown, 3) + hash01(seed, shown, 4) - 1) * NOISE * 2;
    const at = isStuck ? addDays(since, shown) : day;
    return { ok: true, percent: round(percentOn(at) + noise + DRIFT_A_DAY * shown) };
  };
}

const round = (percent: number): number =>
  Math.round(Math.min(100, Math.max(0, percent)) * 10) / 10;

/** A probe that shows the same within this, percent, though it was watered in between, hangs. */
const SAME = 0.25;
/** Without watering it may stay the same no longer than this, days. */
const SAME_DAYS = 3;

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
