import { weeksSince } from '../calendar/day';
import { read } from '../checks/reading';
import { dayOf, isOf, type Entry } from '../log/entry';
import { byPlanting, lifeOf } from '../log/life';
import type { PlantingInSpot } from '../plantings/planting';
import type { Here, KindId } from '../plants/kind';
import { badlyIn, kindOfEntry } from './badly';
import { learnt, type Sighting } from './learn';

/** What is measured is not compared with what is expected to be smaller than this, cm: the tape is out by as much. */
const LEAST_CM = 4;

/**
 * What was seen of each kind here, kind by kind, against what the book expects.
 * @param its plantings that were told of, with the book's own kinds: what was learnt before must not teach itself
 */
export function learntHere(
  its: readonly PlantingInSpot[],
  log: readonly Entry[],
): ReadonlyMap<KindId, Here> {
  const held = byPlanting(log);
  const heights = new Map<KindId, Sighting[]>();
  const spreads = new Map<KindId, Sighting[]>();
  const stood = new Map<KindId, Set<string>>();
  const badly = new Map<KindId, Set<string>>();
  for (const it of its) {
    const own = held.get(it.planting.id) ?? [];
    const { plantedOn, wentIn } = lifeOf(own);
    if (plantedOn === null) continue;
    const { id } = it.planting;
    // Those that went in: what died does not stand there any more, and was tried all the same.
    for (const { kindId } of [...wentIn, ...it.plants]) into(stood, kindId, id);
    for (const { kindId } of badlyIn(it, own)) into(badly, kindId, id);
    for (const entry of own) {
      if (!isOf(entry, 'measured')) continue;
      const kindId = kindOfEntry(entry, it);
      if (kindId === null) continue;
      // Cut, it is no longer what the book foresees.
      if (own.some((other) => isCutOf(other, kindId, it) && other.at <= entry.at)) continue;
      const day = dayOf(entry);
      const sizes = read(it).sizesAt(Math.max(0, weeksSince(plantedOn, day)));
      const of = it.plants.flatMap((plant, i) => (plant.kindId === kindId ? [sizes[i]!] : []));
      const sighting = (measured: number | null, expected: number): Sighting[] =>
        measured === null || measured <= 0 || expected < LEAST_CM
          ? []
          : [
              {
                plantingId: id,
                year: Number(day.slice(0, 4)),
                ratio: measured / expected,
              },
            ];
      const mean = (size: 'heightCm' | 'spreadCm') =>
        of.reduce((sum, one) => sum + one[size], 0) / Math.max(1, of.length);
      push(heights, kindId, sighting(entry.what.heightCm, mean('heightCm')));
      push(spreads, kindId, sighting(entry.what.spreadCm, mean('spreadCm')));
    }
  }
  const kinds = new Set([...heights.keys(), ...spreads.keys(), ...badly.keys()]);
  return new Map(
    [...kinds].map((kindId) => [
      kindId,
      {
        height: learnt(heights.get(kindId) ?? []),
        spread: learnt(spreads.get(kindId) ?? []),
        stood: stood.get(kindId)?.size ?? 0,
        badly: badly.get(kindId)?.size ?? 0,
      },
    ]),
  );
}

/** Were plants of this kind cut: by name, in their places, or all of the planting? */
function isCutOf(entry: Entry, kindId: KindId, it: PlantingInSpot): boolean {
  if (!isOf(entry, 'trimmed') && !isOf(entry, 'pinched')) return false;
  const cut = kindOfEntry(entry, it);
  return cut === null || cut === kindId;
}

function into(map: Map<KindId, Set<string>>, kindId: KindId, id: string): void {
  const set = map.get(kindId);
  if (set) set.add(id);
  else map.set(kindId, new Set([id]));
}

function push(map: Map<KindId, Sighting[]>, kindId: KindId, more: readonly Sighting[]): void {
  if (more.length > 0) map.set(kindId, [...(map.get(kindId) ?? []), ...more]);
}
