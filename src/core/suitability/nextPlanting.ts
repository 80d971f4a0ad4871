import { borneC } from '../plants/tender';
import { yearOut } from '../spots/yearOut';
import { weekAfter } from '../units/units';
import {
  allPlants,
  type PlaceId,
  type PlacedPlant,
  type Planting,
  type PlantingInSpot,
} from '../plantings/planting';

/** Weeks for which what comes next is planned first. Ours: to the other end of the year. */
const NEXT_WEEKS = 26;

/** Does a plant stay where it is when a planting is over: it lives on, and through the winters there? */
export function staysOn(
  { kind }: Pick<PlacedPlant, 'kind'>,
  { spot }: Pick<PlantingInSpot, 'spot'>,
): boolean {
  if (kind.cycle === 'annual' || kind.cycle === 'biennial') return false;
  const coldest = Math.min(...yearOut(spot).weeks.map(({ coldC }) => coldC));
  return borneC(kind) <= coldest;
}

/** Plants that stay when a planting is over. */
export function staying(
  it: PlantingInSpot,
  cleared: ReadonlySet<PlaceId> | null,
): readonly PlacedPlant[] {
  return allPlants(it).filter((plant) => (cleared ? !cleared.has(plant.id) : staysOn(plant, it)));
}

/**
 * What comes next in the same container: the plants that stay, in their places and locked there, to be planted round.
 * @param it the planting that comes to its end, as it stands
 */
export function nextPlanting(
  it: PlantingInSpot,
  {
    id,
    plantedWeek,
    cleared = null,
  }: {
    readonly id: string;
    readonly plantedWeek: number;
    /** What was cleared away when it was over: all else stays. `null`: nobody told, and what lives on there stays. */
    readonly cleared?: ReadonlySet<PlaceId> | null;
  },
): Planting {
  const { planting } = it;
  const stays = new Set(staying(it, cleared).map((plant) => plant.id));
  const {
    sides = [],
    rimSeeds: _seeds,
    secondChoices: _choices,
    madeIn: _made,
    whatIf: _whatIf,
    trial: _trial,
    ...kept
  } = planting;
  const sidesLeft = sides.filter((place) => stays.has(place.id));
  return {
    ...kept,
    ...(sidesLeft.length > 0 ? { sides: sidesLeft } : {}),
    id,
    name: `${planting.name}, next`.slice(0, 80),
    plantedWeek,
    endWeek: weekAfter(plantedWeek, NEXT_WEEKS),
    care: { ...planting.care, trims: [] },
    places: planting.places
      .filter((place) => stays.has(place.id))
      .map((place) => ({ ...place, locked: true })),
    meant: [],
    demo: false,
    follows: planting.id,
  };
}
