// The small cut of it: this is read before anything else of the page.
import * as z from 'zod/mini';
import { DUE_MARK, type Due } from './dueMark';
import { PLACES } from './places';

/**
 * What the Yard showed when it was last looked at, as plain data: it stands at once at the next visit, before anything is read. A
 * hint kept by this device; nothing that could be missed.
 */
const KEY = 'rillbank-yard-sight';
/** So many containers are kept: two windows full. */
export const MOST_SLOTS = 40;

const px = z.number().check(z.gte(-10_000), z.lte(10_000));
const text = z.string().check(z.maxLength(200));
const id = z.string().check(z.maxLength(120));
const slotSchema = z.object({ id, name: text, widthPx: px, pictureWidthPx: px, topPx: px });
const stripSchema = z.object({
  spotId: id,
  spotName: text,
  facts: text,
  place: z.object({
    kind: z.enum(PLACES),
    behind: z.array(z.string().check(z.regex(/^oklch\([\d. -]+\)$/))).check(z.maxLength(8)),
    dropCm: z.number(),
  }),
  isFirst: z.boolean(),
  widthPx: px,
  heightPx: px,
  fromCm: z.number(),
  slots: z.array(slotSchema).check(z.minLength(1), z.maxLength(MOST_SLOTS)),
});
const dueSchema = z.object({
  id: text,
  rule: z.enum(Object.keys(DUE_MARK) as [Due['rule'], ...Due['rule'][]]),
  title: text,
  isUrgent: z.boolean(),
});
const sightSchema = z.object({
  /** Width of the page it was laid out for, px. */
  pageWidth: px,
  pxPerCm: z.number().check(z.gte(0.05), z.lte(20)),
  unit: z.enum(['cm', 'in']),
  name: text,
  count: z.int().check(z.gte(1)),
  week: z.int().check(z.gte(1), z.lte(52)),
  /** The held day and where it is held, when the clock was. */
  held: z.nullable(z.object({ heldAt: text, timeZone: text, place: text })),
  /** Room that the line of the round took, px. */
  roundPx: px,
  /** What was due, for the room it takes. */
  due: z.record(z.string(), z.array(dueSchema).check(z.maxLength(20))),
  lines: z.array(z.array(stripSchema).check(z.maxLength(20))).check(z.maxLength(MOST_SLOTS)),
  /** What each picture is kept by. */
  pictures: z.record(z.string(), z.string().check(z.maxLength(80))),
});

export type YardSight = Readonly<z.infer<typeof sightSchema>>;

/** @returns `null` where nothing is known, or it was laid out for another page */
export function yardSight(): YardSight | null {
  try {
    const read = sightSchema.safeParse(JSON.parse(window.localStorage.getItem(KEY) ?? 'null'));
    return read.success && read.data.pageWidth === pageWidth() ? read.data : null;
  } catch {
    return null;
  }
}

export function pageWidth(): number {
  return window.innerWidth;
}

/** Keeps it for the next visit. */
export function writeYardSight(sight: YardSight): void {
  try {
    window.localStorage.setItem(KEY, JSON.stringify(sight));
  } catch {
    // Storage that is full or refused costs a moment at the next visit, no more.
  }
}

/** What was kept shows what stands no more. */
export function forgetYardSight(): void {
  try {
    window.localStorage.removeItem(KEY);
  } catch {
    // Refused: nothing was kept either.
  }
}
