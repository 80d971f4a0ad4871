import { mixSurface } from '../containers/container';
import { reachOf } from '../containers/section';
import { FIT_TOLERANCE_CM } from '../placing/fit';
import { settle } from '../placing/settle';
import type { Place, PlaceId, PlantingInSpot } from '../plantings/planting';
import { middle, type PlantKind } from '../plants/kind';
import { hash32 } from '../random/hash';
import type { Work } from '../work/steps';
import { judged, kindsIn, type Remade } from './remade';

/** How the ends of a run relate: mirrored, so that they match, or all units alike, so that they differ. */
export type Ends = 'matched' | 'party';

/**
 * A unit repeated along a box. The unit is the plants named (all of them when none are): their places relative to their own middle are
 * set down again at even distances; with matched ends the right half mirrors the left.
 * @param units 2 or more
 * @returns `null` when so many units do not fit
 * @throws {RangeError} when fewer than two units are asked for
 */
export function repeat(
  it: PlantingInSpot,
  {
    unit,
    units,
    ends,
  }: { readonly unit: readonly PlaceId[] | null; readonly units: number; readonly ends: Ends },
  kinds: readonly PlantKind[],
): Remade | null {
  if (!Number.isInteger(units) || units < 2)
    throw new RangeError(`A run has two or more units; got ${units}.`);
  const plants = it.plants.filter(({ id }) => unit === null || unit.includes(id));
  if (plants.length === 0) return null;
  const { acrossCm, deepCm } = reachOf(mixSurface(it.planting.container));
  const along = acrossCm >= deepCm ? ('xCm' as const) : ('zCm' as const);
  const across = along === 'xCm' ? ('zCm' as const) : ('xCm' as const);
  const half = Math.max(acrossCm, deepCm);
  const low = Math.min(...plants.map((p) => p[along]));
  const high = Math.max(...plants.map((p) => p[along]));
  const pitch = (2 * half) / units;
  // A unit wider than its share is pressed together; balls decide in the end whether it goes in.
  const press = high > low ? Math.min(1, (pitch * 0.8) / (high - low)) : 1;
  const places: Place[] = [];
  for (let u = 0; u < units; u += 1) {
    const middleAt = -half + pitch * (u + 0.5);
    const mirrored = ends === 'matched' && middleAt > 1e-6;
    for (const [i, plant] of plants.entries()) {
      const offset = (plant[along] - (low + high) / 2) * press;
      const at = middleAt + (mirrored ? -offset : offset);
      const place = { [along]: at, [across]: plant[across] } as Pick<Place, 'xCm' | 'zCm'>;
      places.push({
        id: u === 0 ? plant.id : `p${u}-${i}-${plant.kindId}`.slice(0, 80),
        kindId: plant.kindId,
        ...place,
        size: plant.size,
        seed: u === 0 ? plant.seed : hash32(plant.seed, u, i),
      });
    }
  }
  const settled = settle(
    it.planting.container,
    places.map((p, i) => ({
      xCm: p.xCm,
      zCm: p.zCm,
      size: p.size,
      kind: plants[i % plants.length]!.kind,
      spreadRadiusCm: middle(plants[i % plants.length]!.kind.spreadCm) / 2,
    })),
  );
  if (settled.shortfallCm > FIT_TOLERANCE_CM) return null;
  return judged(
    it,
    'repeat',
    { places: places.map((p, i) => ({ ...p, ...settled.places[i]! })) },
    kindsIn(it, kinds),
  );
}

/** As many units as go in, at most four. */
export function* repeating(
  it: PlantingInSpot,
  unit: readonly PlaceId[] | null,
  ends: Ends,
  kinds: readonly PlantKind[],
): Work<readonly Remade[]> {
  const found: Remade[] = [];
  for (const units of [2, 3, 4]) {
    yield;
    const remade = repeat(it, { unit, units, ends }, kinds);
    if (remade) found.push(remade);
  }
  return found;
}
