import type { Scheme } from '../colour/schemes';
import type { House } from './house';
import type { SchoolId } from './schoolId';
import type { Support } from './support';
import type { Container } from '../containers/container';
import type { Spot } from '../spots/spot';
import {
  USUAL_CARE,
  type Place,
  type Planting,
  type PlantingInSpot,
  type Wishes,
} from './planting';

/** What is settled before plants are chosen: the container, where it stands, what is wished for and when. */
export interface Brief {
  readonly container: Container;
  /** The container of the shelf, when it is one; `null` for one described only here. */
  readonly shelfId?: string | null;
  readonly spot: Spot;
  readonly wishes: Wishes;
  readonly plantedWeek: number;
  readonly endWeek: number;
  readonly house: House;
  /** Something to climb that stands in the container; left out: nothing. */
  readonly support?: Support;
}

/**
 * Places for a brief as a planting that can be judged, drawn and kept; in the school and the colours they were composed in, where that
 * is told. What is to be eaten comes in the colours it has.
 */
export function plantingOf(
  {
    places,
    school,
    scheme,
  }: {
    readonly places: readonly Place[];
    readonly school?: SchoolId;
    readonly scheme?: Scheme | undefined;
  },
  { container, shelfId = null, spot, wishes, plantedWeek, endWeek, support }: Brief,
  identity: { readonly id: string; readonly name: string },
): Planting {
  return {
    ...identity,
    spotId: spot.id,
    container,
    shelfId,
    wishes: {
      ...(scheme && !wishes.kitchen ? inColours(wishes, scheme) : wishes),
      ...(school ? { school } : {}),
    },
    plantedWeek,
    endWeek,
    care: USUAL_CARE,
    places,
    strangers: [],
    meant: [],
    demo: false,
    ...(support ? { support } : {}),
  };
}

/** Wishes with their colours settled. */
export function inColours({ anyColours: _, ...wishes }: Wishes, scheme: Scheme): Wishes {
  return { ...wishes, scheme };
}

/** The brief that a planting at its spot answers. */
export function briefOf({ planting, spot, house }: PlantingInSpot): Brief {
  const { container, wishes, plantedWeek, endWeek, support } = planting;
  return {
    container,
    spot,
    wishes,
    plantedWeek,
    endWeek,
    house,
    ...(support ? { support } : {}),
  };
}
