import type * as z from 'zod';
import type { Day } from '../calendar/day';
import type { PlacedPlant } from '../plantings/planting';
import { once } from '../work/once';
import type { entrySchema, whatSchema } from './schema';

/** One thing that happened. Never changed and never taken out: a mistake is taken back by another entry that names it. */
export type Entry = Readonly<z.infer<typeof entrySchema>>;
export type What = Readonly<z.infer<typeof whatSchema>>;
/** An entry of one kind. */
export type EntryThat<D extends What['did']> = Entry & {
  readonly what: Extract<What, { readonly did: D }>;
};

/** Did that happen? */
export function isOf<D extends What['did']>(entry: Entry, did: D): entry is EntryThat<D> {
  return entry.what.did === did;
}

/** Plants of some places, as they are told to have gone in. */
export function wentInOf(
  places: readonly Pick<PlacedPlant, 'id' | 'kindId' | 'size' | 'xCm' | 'zCm'>[],
): EntryThat<'planted'>['what']['plants'] {
  return places.map(({ id, kindId, size, xCm, zCm }) => ({ placeId: id, kindId, size, xCm, zCm }));
}

/** The local date on which it happened: times are written as the clocks of the place show them. */
export function dayOf({ at }: Pick<Entry, 'at'>): Day {
  return at.slice(0, 10);
}

/** The hour of day that clocks showed: "2026-07-16T08:30:00+01:00" is 8.5. */
export function hourOf({ at }: Pick<Entry, 'at'>): number {
  return Number(at.slice(11, 13)) + Number(at.slice(14, 16)) / 60;
}

const byId = (a: Entry, b: Entry) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

/** Two devices' logs as one: each entry once, in the order in which they were written. */
export function unionOf(...logs: readonly (readonly Entry[])[]): readonly Entry[] {
  return [...new Map(logs.flat().map((entry) => [entry.id, entry])).values()].sort(byId);
}

/**
 * The entries that hold, in the order in which things happened: without those that a later entry takes back, and without
 * those that say no more than that. An entry that takes one back can be taken back itself; then the first holds again.
 * An entry cannot take back itself or one written after it.
 */
export const holding = once((log: readonly Entry[]): readonly Entry[] => {
  const written = [...log].sort(byId);
  const gone = new Set<string>();
  for (let i = written.length - 1; i >= 0; i -= 1) {
    const { id, takesBack } = written[i]!;
    if (takesBack !== undefined && takesBack < id && !gone.has(id)) gone.add(takesBack);
  }
  return written
    .filter(({ id, what }) => !gone.has(id) && what.did !== 'taken back')
    .map((entry) => ({ entry, ms: Date.parse(entry.at) }))
    .sort((a, b) => a.ms - b.ms || byId(a.entry, b.entry))
    .map(({ entry }) => entry);
});
