import { mixSurface, type Container } from '../containers/container';
import { edgeLengthCm, insetCm, reachOf } from '../containers/section';
import type { PlacedPlant } from '../plantings/planting';
import type { PlantKind } from '../plants/kind';

/** One emitter to this much of a box's length, cm: the middle of the usual 15–30. */
const EVERY_CM = 22;
/** One emitter wets a disc about this wide in a peat-free mix, cm. Usual advice for 2 L/h. */
const WETS_CM = 25;
/** Kept from the wall, cm: water at the wall runs down it. */
const OFF_WALL_CM = 2.5;
const ROUNDS = 12;

/** Pull of a plant on the emitters, by its thirst. Ours. */
const PULL: Readonly<Record<PlantKind['thirst'], number>> = { low: 1, medium: 2, high: 4 };

/**
 * Where drip emitters would lie: as many as the size wants, near the plants, nearer to thirsty ones, off the wall.
 * @returns plan places, left to right
 */
export function dripPlaces(
  container: Container,
  plants: readonly Pick<PlacedPlant, 'xCm' | 'zCm' | 'kind'>[],
): readonly { readonly xCm: number; readonly zCm: number }[] {
  const surface = mixSurface(container);
  const { acrossCm, deepCm } = reachOf(surface);
  const long = Math.max(acrossCm, deepCm) > 1.6 * Math.min(acrossCm, deepCm);
  const count = Math.max(
    1,
    Math.ceil(
      long
        ? (2 * Math.max(acrossCm, deepCm)) / EVERY_CM
        : edgeLengthCm(surface) / Math.PI / WETS_CM,
    ),
  );
  // Means of the plants nearest to each, again and again, from an even start: the same planting, the same places.
  let emitters = Array.from({ length: count }, (_, i) => {
    if (long)
      return acrossCm >= deepCm
        ? { xCm: -acrossCm + ((i + 0.5) * 2 * acrossCm) / count, zCm: 0 }
        : { xCm: 0, zCm: -deepCm + ((i + 0.5) * 2 * deepCm) / count };
    const angle = ((i + 0.5) / count) * Math.PI * 2;
    return count === 1
      ? { xCm: 0, zCm: 0 }
      : { xCm: Math.sin(angle) * acrossCm * 0.5, zCm: Math.cos(angle) * deepCm * 0.5 };
  });
  for (let round = 0; round < ROUNDS && plants.length > 0; round += 1) {
    const sums = emitters.map(() => ({ x: 0, z: 0, pull: 0 }));
    for (const plant of plants) {
      const far = emitters.map(({ xCm, zCm }) => Math.hypot(plant.xCm - xCm, plant.zCm - zCm));
      const sum = sums[far.indexOf(Math.min(...far))]!;
      const pull = PULL[plant.kind.thirst];
      sum.x += plant.xCm * pull;
      sum.z += plant.zCm * pull;
      sum.pull += pull;
    }
    emitters = emitters.map((old, i) =>
      sums[i]!.pull > 0
        ? { xCm: sums[i]!.x / sums[i]!.pull, zCm: sums[i]!.z / sums[i]!.pull }
        : old,
    );
  }
  return emitters
    .map(({ xCm, zCm }) => {
      const room = insetCm(surface, xCm, zCm);
      const back =
        room >= OFF_WALL_CM
          ? 1
          : Math.max(0, 1 - (OFF_WALL_CM - room) / Math.max(1, Math.hypot(xCm, zCm)));
      return { xCm: Math.round(xCm * back * 10) / 10, zCm: Math.round(zCm * back * 10) / 10 };
    })
    .sort((a, b) => a.xCm - b.xCm || a.zCm - b.zCm);
}
