import { fromPlantingFile, type PlantingFile } from '@/core/files/plantingFile';
import type { KindId, PlantKind } from '@/core/plants/kind';
import { same } from '@/core/records/difference';
import type { Store } from '@/data/store';

/**
 * Takes the planting of a file in, with its spot. What has the same id here is kept: the one from the
 * file comes in beside it; a spot that is the same to the letter is shared.
 */
export async function bringIn(
  store: Store,
  file: PlantingFile,
  kindOf: (id: KindId) => PlantKind | null,
): Promise<{ readonly name: string; readonly strangers: number }> {
  const { planting, spot } = fromPlantingFile(file, kindOf);
  const fresh = crypto.randomUUID().slice(0, 8);
  const [spotHere, taken] = [
    await store.spots.get(spot.id),
    await store.plantings.isTaken(planting.id),
  ];
  const newSpot = spotHere && !same(spotHere, spot) ? { ...spot, id: `spot-${fresh}` } : spot;
  const name = taken ? `${planting.name} (from file)`.slice(0, 80) : planting.name;
  const id = taken ? `planting-${fresh}` : planting.id;
  await store.plantings.add({ ...planting, id, name, demo: false, spotId: newSpot.id }, newSpot);
  return { name: planting.name, strangers: planting.strangers.length };
}
