import { halfDepthCm, halfFrontCm } from '../../containers/shape';
import type { Edit } from '../../plantings/edits';
import type { PlaceId } from '../../plantings/planting';
import type { Reading } from '../reading';

/** Moves of one plant by so many centimetres right and forward, kept within the container. */
export function putElsewhere(
  reading: Pick<Reading, 'plants' | 'planting'>,
  id: PlaceId,
  steps: readonly (readonly [xCm: number, zCm: number])[],
): readonly Edit[] {
  const plant = reading.plants.find((p) => p.id === id);
  if (!plant) return [];
  const [across, deep] = [
    halfFrontCm(reading.planting.container.shape),
    halfDepthCm(reading.planting.container.shape),
  ];
  return steps.map(([dx, dz]) => ({
    kind: 'move',
    place: id,
    xCm: Math.round(Math.max(-across, Math.min(across, plant.xCm + dx))),
    zCm: Math.round(Math.max(-deep, Math.min(deep, plant.zCm + dz))),
  }));
}

/** Two plants change places. */
export function changePlaces(
  { planting }: Pick<Reading, 'planting'>,
  a: PlaceId,
  b: PlaceId,
): Edit {
  const [p, q] = [
    planting.places.find(({ id }) => id === a),
    planting.places.find(({ id }) => id === b),
  ];
  return {
    kind: 'arrange',
    places: planting.places.map((place) =>
      place.id === a && q
        ? { ...place, xCm: q.xCm, zCm: q.zCm }
        : place.id === b && p
          ? { ...place, xCm: p.xCm, zCm: p.zCm }
          : place,
    ),
  };
}
