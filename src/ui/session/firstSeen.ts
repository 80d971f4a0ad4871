import * as z from 'zod';

/** Rooms that begin with the few containers they showed first last time. */
type Room = 'walked' | 'yard';

/** Where this device keeps which they were: a hint for reading, nothing that could be missed. */
const keyOf = (room: Room): string => `rillbank-${room}-first`;
const MANY = 12;

const hintSchema = z.object({
  ids: z.array(z.string().max(120)).max(MANY),
  /** Scale at which they were drawn, px a cm. */
  pxPerCm: z.number().min(0.05).max(20).optional(),
});

/** What a room showed first. */
export type FirstSeen = Readonly<z.infer<typeof hintSchema>>;

const NOTHING: FirstSeen = { ids: [] };

/** What a room showed first last time; nothing where that is not known. */
export function firstSeen(room: Room): FirstSeen {
  try {
    const read = hintSchema.safeParse(
      JSON.parse(window.localStorage.getItem(keyOf(room)) ?? 'null'),
    );
    return read.success ? read.data : NOTHING;
  } catch {
    return NOTHING;
  }
}

export function keepFirstSeen(room: Room, { ids, ...more }: FirstSeen): void {
  try {
    window.localStorage.setItem(keyOf(room), JSON.stringify({ ids: ids.slice(0, MANY), ...more }));
  } catch {
    // Storage that is full or refused costs a moment at the next visit, no more.
  }
}
