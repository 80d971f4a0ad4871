import { isOf, type Entry } from '../log/entry';
import type { KindId } from '../plants/kind';
import type { PlantingInSpot } from '../plantings/planting';

/** How a kind went wrong in one planting: plants that died before their time, and how often it was told to look bad. */
export interface Badly {
  readonly kindId: KindId;
  readonly died: number;
  readonly lookedBad: number;
}

/** Told to look bad so often in one planting, a kind did badly there. */
const BAD_TIMES = 2;
/** Ways to go that are no fault of the kind. */
const FAIR_ENDS: ReadonlySet<string> = new Set(['over', 'broken', 'not known']);

/** The kind that an entry is of: named, or the one that stands in its place; `null`: none. */
export function kindOfEntry(
  { of }: Entry,
  { planting }: Pick<PlantingInSpot, 'planting'>,
): KindId | null {
  if (of.kindId !== undefined) return of.kindId;
  const [place] = of.placeIds ?? [];
  return planting.places.find(({ id }) => id === place)?.kindId ?? null;
}

/** Kinds that did badly in a planting. @param held its entries that hold */
export function badlyIn(it: PlantingInSpot, held: readonly Entry[]): readonly Badly[] {
  const counts = new Map<KindId, { died: number; lookedBad: number }>();
  for (const entry of held) {
    const isDeath = isOf(entry, 'died') && !FAIR_ENDS.has(entry.what.why);
    if (!isDeath && !isOf(entry, 'looks bad')) continue;
    const kindId = kindOfEntry(entry, it);
    if (kindId === null) continue;
    const count = counts.get(kindId) ?? { died: 0, lookedBad: 0 };
    counts.set(kindId, count);
    count[isDeath ? 'died' : 'lookedBad'] += 1;
  }
  return [...counts]
    .filter(([, { died, lookedBad }]) => died > 0 || lookedBad >= BAD_TIMES)
    .map(([kindId, count]) => ({ kindId, ...count }));
}
