import { dayOf, hourOf, isOf, type Entry } from '../log/entry';
import type { FeltBand } from './finger';
import type { Day } from '../calendar/day';
import { stuckReadings } from './device';

/** Something that happened to the water of a pot in a day. Hours are local, 0–24. */
export type WaterEvent =
  | {
      readonly hour: number;
      readonly kind: 'watered';
      /** `null`: until it ran out below. */
      readonly litres: number | null;
    }
  | {
      readonly hour: number;
      readonly kind: 'known';
      /** Shares of what the mix holds between which the water lay. */
      readonly band: FeltBand;
    };

/** What turns a weight or a reading into water. */
export interface Measures {
  /** Weight of the pot watered and drained, kg. */
  readonly drainedKg: number;
  readonly capL: number;
  /** Water that the mix holds full, and at wilting, share of its volume. */
  readonly fullShare: number;
  readonly wiltShare: number;
}

/** A scale in the garden is out by about this much, kg. */
const SCALE_OFF_KG = 0.15;
/** A probe is out by about this much, share of the mix's volume. */
const PROBE_OFF = 0.03;

/** What a log says of a pot's water, by local day, in order. */
export function waterEvents(
  held: readonly Entry[],
  how: Measures,
): ReadonlyMap<Day, readonly WaterEvent[]> {
  const days = new Map<Day, WaterEvent[]>();
  const stuck = stuckReadings(held);
  for (const entry of held) {
    // A probe that hangs is not believed.
    const event = stuck.has(entry.id) ? null : eventOf(entry, how);
    if (!event) continue;
    const day = dayOf(entry);
    const list = days.get(day);
    if (list) list.push(event);
    else days.set(day, [event]);
  }
  for (const list of days.values()) list.sort((a, b) => a.hour - b.hour);
  return days;
}

function eventOf(
  entry: Entry,
  { drainedKg, capL, fullShare, wiltShare }: Measures,
): WaterEvent | null {
  const hour = hourOf(entry);
  if (isOf(entry, 'watered')) return { hour, kind: 'watered', litres: entry.what.litres };
  // Watered in on planting day, as potting day has it.
  if (isOf(entry, 'planted')) return { hour, kind: 'watered', litres: null };
  if (isOf(entry, 'felt')) return { hour, kind: 'known', band: entry.what.how };
  if (isOf(entry, 'weighed')) {
    const share = 1 - (drainedKg - entry.what.kg) / Math.max(0.1, capL);
    const off = SCALE_OFF_KG / Math.max(0.1, capL);
    return {
      hour,
      kind: 'known',
      band: [share - off, share + off],
    };
  }
  if (isOf(entry, 'reading') && entry.what.device === 'moisture') {
    const share = (volume: number) => (volume - wiltShare) / Math.max(0.01, fullShare - wiltShare);
    const volume = entry.what.value / 100;
    return {
      hour,
      kind: 'known',
      band: [share(volume - PROBE_OFF), share(volume + PROBE_OFF)],
    };
  }
  return null;
}
