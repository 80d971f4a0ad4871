import * as z from 'zod';
import { daysBetween, type Day } from '../calendar/day';
import { isOf, type Entry, type EntryThat } from '../log/entry';
import { DEVICES, type Device as DeviceId } from '../log/terms';
import { hash01 } from '../random/hash';

/** What a device answers, in its own unit, or nothing: percent of the mix's volume that is water, thousands of lux, kilograms. */
export const deviceAnswerSchema = z.discriminatedUnion('ok', [
  z.object({ ok: z.literal(true), value: z.number().min(0).max(2000) }),
  z.object({ ok: z.literal(false), why: z.literal('no answer') }),
]);
export type DeviceAnswer = Readonly<z.infer<typeof deviceAnswerSchema>>;

/** When a device is asked: a local day and hour, 0–24. */
export interface When {
  readonly day: Day;
  readonly hour: number;
}

/** Something that measures at a container or a spot: a simulated one, or a real one. */
export interface Device {
  /** @throws {Error} when it cannot be reached, or answers what no such device does */
  readonly read: (when: When) => Promise<DeviceAnswer>;
}

/** What a simulated device does wrong. Ours, from cheap ones. */
interface Manners {
  /** Scatter of a reading, and drift a day, in its unit. */
  readonly noise: number;
  readonly driftADay: number;
  readonly most: number;
  /** Readings are told to so many of its unit's parts. */
  readonly parts: number;
}
const MANNERS: Readonly<Record<DeviceId, Manners>> = {
  moisture: { noise: 1.5, driftADay: 0.02, most: 100, parts: 10 },
  light: { noise: 2, driftADay: -0.01, most: 150, parts: 10 },
  scale: { noise: 0.08, driftADay: 0.002, most: 2000, parts: 50 },
};
/** How often one does not answer, or hangs for a week. */
const SILENT = 0.05;
const STUCK = 0.12;
const STUCK_DAYS = 7;

export const isDeviceId = (text: string): text is DeviceId => DEVICES.some((one) => one === text);

/**
 * What a simulated device shows: what there is, with noise that is the same for the same hour and a slow drift; at times nothing, and for
 * whole weeks what it showed last.
 */
export function simulatedReading(
  device: DeviceId,
  seed: number,
  {
    day,
    hour = 0,
    since,
    truth,
    last,
  }: {
    readonly day: Day;
    readonly hour?: number;
    /** Since when it is there. */
    readonly since: Day;
    /** What there is to measure, in its unit. */
    readonly truth: number;
    /** What it showed last; `null`: nothing yet. */
    readonly last: number | null;
  },
): DeviceAnswer {
  const { noise, driftADay, most, parts } = MANNERS[device];
  const days = daysBetween(since, day);
  const at = days * 24 + Math.floor(hour);
  if (hash01(seed, at, 1) < SILENT) return { ok: false, why: 'no answer' };
  const isStuck = hash01(seed, Math.floor(days / STUCK_DAYS), 2) < STUCK;
  if (isStuck && last !== null) return { ok: true, value: last };
  const off = (hash01(seed, at, 3) + hash01(seed, at, 4) - 1) * noise * 2;
  const value = Math.min(most, Math.max(0, truth + off + driftADay * days));
  return { ok: true, value: Math.round(value * parts) / parts };
}

/** What a device that rules the water of a pot showed. */
type Measured = EntryThat<'reading'> | EntryThat<'weighed'>;

const valueOf = ({ what }: Measured): number => (what.did === 'weighed' ? what.kg : what.value);

/** Readings that are the same within this hang, where water came in between: percent, and kg. */
const SAME: Readonly<Record<Measured['what']['did'], number>> = { reading: 0.25, weighed: 0.02 };
/** Without watering one may stay the same no longer than this, days. */
const SAME_DAYS = 3;

function isMeasured(entry: Entry, did: Measured['what']['did']): entry is Measured {
  return did === 'weighed'
    ? isOf(entry, 'weighed')
    : isOf(entry, 'reading') && entry.what.device === 'moisture';
}

/** What a device showed last; `null`: nothing yet. */
export function lastReading(
  held: readonly Entry[],
  did: Measured['what']['did'],
): { readonly id: string; readonly value: number } | null {
  const last = held.findLast((entry): entry is Measured => isMeasured(entry, did));
  return last ? { id: last.id, value: valueOf(last) } : null;
}

/** Readings that are not believed: the same as the one before, though water came or days went by. */
export function stuckReadings(held: readonly Entry[]): ReadonlySet<string> {
  return new Set([...stuckOf(held, 'reading'), ...stuckOf(held, 'weighed')]);
}

function stuckOf(held: readonly Entry[], did: Measured['what']['did']): readonly string[] {
  const stuck: string[] = [];
  let last: Measured | null = null;
  let wateredSince = false;
  for (const entry of held) {
    if (isOf(entry, 'watered')) wateredSince = true;
    if (!isMeasured(entry, did)) continue;
    const isSame = last !== null && Math.abs(valueOf(last) - valueOf(entry)) <= SAME[did];
    const gone = last ? daysBetween(last.at.slice(0, 10), entry.at.slice(0, 10)) : 0;
    if (isSame && (wateredSince || gone >= SAME_DAYS)) stuck.push(entry.id);
    else if (!isSame) {
      last = entry;
      wateredSince = false;
    }
  }
  return stuck;
}
