import { mixSurface, type Container } from '../containers/container';
import { edgePlaces, grown, reachOf, towardEdge } from '../containers/section';
import { NURSERY_SIZES } from '../plants/nursery';
import type { Arrangement } from '../plantings/edits';
import type { PlacedPlant, Place, PlaceId } from '../plantings/planting';
import { middle } from '../plants/kind';
import { RIM_BUFFER_CM } from './fit';
import { settle, type Settled, type Wish } from './settle';

/** Plan radius of what the book does not know, cm. */
const UNKNOWN_RADIUS_CM = 10;

/** Patterns that plants can be set along. */
export type Pattern = Extract<Arrangement, 'ring' | 'zigzag' | 'thirds'>;

/** How far a zigzag swings to either side of the middle, as a share of half the depth; and where its ends stand, as a share of half the length. Ours. */
const SWING = 0.42;
const ENDS = 0.86;

/**
 * Chosen plants set along a pattern, each at the place of it that is nearest to where it stands; then root balls are settled. Locked plants
 * and those that are not chosen stay where they are, and the chosen give way to them.
 * @param plants the plants at those places: how wide they grow, and how they are set in
 */
export function arranged(
  container: Container,
  places: readonly Place[],
  chosen: readonly PlaceId[],
  pattern: Pattern,
  plants: readonly PlacedPlant[],
): readonly Place[] {
  const movers = places.filter(({ id, locked }) => chosen.includes(id) && !locked);
  if (movers.length === 0) return places;
  const wanted = nearestFirst(movers, patternPlaces(container, movers, pattern));
  return settledAround(container, places, wanted, plants);
}

/** Places of a pattern for so many root balls. */
function patternPlaces(
  container: Container,
  movers: readonly Place[],
  pattern: Pattern,
): readonly Settled[] {
  const surface = mixSurface(container);
  const half = Math.max(...movers.map(({ size }) => NURSERY_SIZES[size].topCm / 2));
  const { acrossCm, deepCm } = reachOf(surface);
  const count = movers.length;
  if (pattern === 'ring') {
    const edge = edgePlaces(surface, count, 0, false);
    return edge.map(([x, z]) => {
      const [ox, oz] = towardEdge(surface, x * 0.98, z * 0.98);
      const inward = half + RIM_BUFFER_CM;
      return { xCm: x - ox * inward, zCm: z - oz * inward };
    });
  }
  if (pattern === 'zigzag') {
    const long = acrossCm >= deepCm;
    const [length, depth] = long ? [acrossCm, deepCm] : [deepCm, acrossCm];
    const reach = Math.max(0, length * ENDS - half);
    return Array.from({ length: count }, (_, i) => {
      const along = count === 1 ? 0 : -reach + (2 * reach * i) / (count - 1);
      const across = (i % 2 ? -1 : 1) * depth * SWING;
      return long ? { xCm: along, zCm: across } : { xCm: across, zCm: along };
    });
  }
  // Thirds: where lines that cut the mix in three each way cross; then along those lines.
  const inner = grown(surface, -half * 0.5);
  const reach = reachOf(inner);
  const [x, z] = [reach.acrossCm / 3, reach.deepCm / 3];
  return [
    [-x, -z],
    [x, -z],
    [-x, z],
    [x, z],
    [0, -z * 2],
    [0, z * 2],
    [-x * 2, 0],
    [x * 2, 0],
    [0, 0],
  ].map(([xCm, zCm]) => ({ xCm: xCm!, zCm: zCm! }));
}

/** Each plant with the place it stands nearest to, shortest ways first, so that a pattern disturbs as little as it can. */
function nearestFirst(
  movers: readonly Place[],
  at: readonly Settled[],
): ReadonlyMap<PlaceId, Settled> {
  const ways = movers
    .flatMap((mover) =>
      at.map((place, i) => ({
        id: mover.id,
        i,
        place,
        far: Math.hypot(mover.xCm - place.xCm, mover.zCm - place.zCm),
      })),
    )
    .sort((a, b) => a.far - b.far || a.i - b.i || (a.id < b.id ? -1 : 1));
  const wanted = new Map<PlaceId, Settled>();
  const taken = new Set<number>();
  for (const { id, i, place } of ways)
    if (!wanted.has(id) && !taken.has(i)) {
      wanted.set(id, place);
      taken.add(i);
    }
  return wanted;
}

/** Root balls settled with the wanted ones at their places; all others pinned. */
export function settledAround(
  container: Container,
  places: readonly Place[],
  wanted: ReadonlyMap<PlaceId, Settled>,
  plants: readonly PlacedPlant[],
): readonly Place[] {
  const kinds = new Map(plants.map(({ id, kind }) => [id, kind]));
  const wishes = places.map((place): Wish => {
    const kind = kinds.get(place.id);
    return {
      ...(wanted.get(place.id) ?? { xCm: place.xCm, zCm: place.zCm }),
      size: place.size,
      kind,
      spreadRadiusCm: kind ? middle(kind.spreadCm) / 2 : UNKNOWN_RADIUS_CM,
      pinned: !wanted.has(place.id),
    };
  });
  const settled = settle(container, wishes);
  return places.map((place, i) =>
    wanted.has(place.id) ? { ...place, ...settled.places[i]! } : place,
  );
}
