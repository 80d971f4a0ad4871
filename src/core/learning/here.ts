import type { Entry } from '../log/entry';
import { byPlanting, lifeOf } from '../log/life';
import type { PlantingInSpot } from '../plantings/planting';
import type { Here, KindId } from '../plants/kind';
import { badlyIn } from './badly';
import { factorFrom, SCATTERS, shiftFrom, type Sighting } from './learn';
import { sightingsIn, type Figure } from './sightings';
import type { WeatherRecords } from './thirst';

/**
 * What was seen of each kind here, kind by kind, against what the book expects.
 * @param its plantings that were told of, with the book's own kinds: what was learnt before must not teach itself
 * @param records daily weather that was kept, by spot; days without any are as the simulated service tells them
 */
export function learntHere(
  its: readonly PlantingInSpot[],
  log: readonly Entry[],
  records: WeatherRecords = {},
): ReadonlyMap<KindId, Here> {
  const held = byPlanting(log);
  const seen = new Map<KindId, Record<Figure, Sighting[]>>();
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
    const past = { it, own, plantedOn };
    for (const { kindId, figure, off, day } of sightingsIn(past, records)) {
      const lists = seen.get(kindId) ?? noSightings();
      seen.set(kindId, lists);
      lists[figure].push({ plantingId: id, year: Number(day.slice(0, 4)), off });
    }
  }
  const kinds = new Set([...seen.keys(), ...badly.keys()]);
  return new Map(
    [...kinds].map((kindId) => {
      const lists = seen.get(kindId) ?? noSightings();
      return [
        kindId,
        {
          height: factorFrom(lists.height),
          spread: factorFrom(lists.spread),
          flowersFrom: shiftFrom(lists.flowersFrom, SCATTERS.weeks),
          flowersTo: shiftFrom(lists.flowersTo, SCATTERS.weeks),
          leastSun: shiftFrom(lists.leastSun, SCATTERS.hours),
          mostSun: shiftFrom(lists.mostSun, SCATTERS.hours),
          thirst: factorFrom(lists.thirst, SCATTERS.thirst),
          stood: stood.get(kindId)?.size ?? 0,
          badly: badly.get(kindId)?.size ?? 0,
        },
      ];
    }),
  );
}

const noSightings = (): Record<Figure, Sighting[]> => ({
  height: [],
  spread: [],
  flowersFrom: [],
  flowersTo: [],
  leastSun: [],
  mostSun: [],
  thirst: [],
});

function into(map: Map<KindId, Set<string>>, kindId: KindId, id: string): void {
  const set = map.get(kindId);
  if (set) set.add(id);
  else map.set(kindId, new Set([id]));
}
