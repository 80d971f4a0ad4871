import { read } from '../checks/reading';
import { rolesPlayed } from '../checks/rolesPlayed';
import { wishedPlaces } from '../placing/wishedPlaces';
import { settledAround } from '../placing/arrange';
import type { PlacedPlant, Place, PlaceId, PlantingInSpot } from '../plantings/planting';
import { mainRole, type PlantKind, type Role } from '../plants/kind';
import { nearestSize } from '../plants/nursery';
import { hash32, seedOf } from '../random/hash';

/**
 * One more plant of a kind: where its role stands, in the size its sisters have. Root balls are
 * settled; locked plants stay where they are and the others give way.
 */
export function addPlant(
  it: PlantingInSpot,
  kind: PlantKind,
): { readonly id: PlaceId; readonly places: readonly Place[] } {
  const { planting, spot, house, plants } = it;
  const sisters = plants.filter(({ kindId }) => kindId === kind.id);
  const beside = sisters[0];
  const role = beside ? roleHere(it, beside) : mainRole(kind);
  const spots = wishedPlaces(planting.container, spot.view, role, sisters.length + 2, {
    leads: 1,
    lead: house.lead,
  });
  const wanted = spots[sisters.length] ?? spots[0] ?? { xCm: 0, zCm: 0 };
  const id = freshId(planting.places, kind, Math.round(wanted.xCm * 10));
  const size = beside?.size ?? nearestSize(kind, role === 'lead' ? '1L' : '9cm');
  const places: readonly Place[] = [
    ...planting.places,
    { id, kindId: kind.id, ...wanted, size, seed: hash32(seedOf(id), 1) },
  ];
  const movable = places.filter(({ locked }) => !locked);
  const withIt = [...plants, { ...places[places.length - 1]!, kind }];
  const from = new Map(movable.map((place) => [place.id, { xCm: place.xCm, zCm: place.zCm }]));
  return { id, places: settledAround(planting.container, places, from, withIt) };
}

function roleHere(it: PlantingInSpot, plant: PlacedPlant): Role {
  const played = rolesPlayed(read(it)).find((row) => row.plant === plant);
  return played ? played.role : mainRole(plant.kind);
}

/** An id that no plant of the planting has. */
function freshId(places: readonly Place[], kind: PlantKind, salt: number): PlaceId {
  const taken = new Set(places.map(({ id }) => id));
  for (let n = places.length + 1; ; n += 1) {
    const id = `p${n}-${hash32(seedOf(kind.id), n, salt).toString(36)}`;
    if (!taken.has(id)) return id;
  }
}
