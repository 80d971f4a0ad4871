import * as z from 'zod';
import { digestOf } from '../random/hash';

/**
 * What has been seen of one record: for each device, how many changes it had made to anything when it last changed this record.
 * Of two states of a record the later one has seen all that the earlier has; states that each have seen something that the other has
 * not came about apart.
 */
export const seenSchema = z.record(z.string().max(40), z.number().int().min(1));
export type Seen = z.infer<typeof seenSchema>;

/** The mark of a record that travels with it. */
export const markSchema = z.object({
  /** Its table and id: "plantings/tub-1". */
  of: z.string().max(200),
  seen: seenSchema,
});
export type Mark = z.infer<typeof markSchema>;

/** What a device remembers of a record since it last met another. */
export const stampSchema = markSchema.extend({
  /** Of the record when it was last looked at; empty once it was gone. */
  digest: z.string().max(40),
  /** The record as it was then: what both devices began from, when the other has seen that. */
  base: z.unknown().optional(),
});
export type Stamp = z.infer<typeof stampSchema>;

export type Order = 'same' | 'later' | 'earlier' | 'apart';

/** How a state that has seen `a` stands to one that has seen `b`. */
export function orderOf(a: Seen, b: Seen): Order {
  const devices = [...new Set([...Object.keys(a), ...Object.keys(b)])];
  const isMore = devices.some((device) => (a[device] ?? 0) > (b[device] ?? 0));
  const isLess = devices.some((device) => (a[device] ?? 0) < (b[device] ?? 0));
  if (isMore && isLess) return 'apart';
  return isMore ? 'later' : isLess ? 'earlier' : 'same';
}

export function bothSeen(a: Seen, b: Seen): Seen {
  const both: Record<string, number> = { ...a };
  for (const [device, count] of Object.entries(b))
    both[device] = Math.max(both[device] ?? 0, count);
  return both;
}

/** A record's content in short, whatever the order of its fields. */
export function contentOf(record: unknown): string {
  return digestOf(JSON.stringify(record, sorted));
}

function sorted(_key: string, value: unknown): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, one]) => one !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1)),
  );
}
