import type * as z from 'zod';
import type { KindId, PlantKind } from '../plants/kind';
import type { Spot } from '../spots/spot';
import { weeksBetween } from '../units/units';

export { USUAL_CARE } from './care';
import type { House } from './house';
import type { placeSchema, plantingSchema, strangerSchema, wishesSchema } from './schema';

export type Place = Readonly<z.infer<typeof placeSchema>>;
export type PlaceId = string;
export type Wishes = Readonly<z.infer<typeof wishesSchema>>;
export type Stranger = Readonly<z.infer<typeof strangerSchema>>;
export type Planting = Readonly<z.infer<typeof plantingSchema>>;

/** A place whose plant the book knows. */
export interface PlacedPlant extends Place {
  readonly kind: PlantKind;
}

/** All that a judgement needs: the planting, its known plants with their records, and the spot. */
export interface PlantingInSpot {
  readonly planting: Planting;
  readonly spot: Spot;
  readonly plants: readonly PlacedPlant[];
  readonly house: House;
}

/** Weeks from planting to the end of the season. */
export function seasonWeeks(planting: Pick<Planting, 'plantedWeek' | 'endWeek'>): number {
  return weeksBetween(planting.plantedWeek, planting.endWeek);
}

/** Joins a planting with its spot and the records of its plants; places of unknown kinds are left out of judgement. */
export function inSpot(
  planting: Planting,
  spot: Spot,
  kindOf: (id: KindId) => PlantKind | null,
  house: House,
): PlantingInSpot {
  const plants: PlacedPlant[] = [];
  for (const place of planting.places) {
    const kind = kindOf(place.kindId);
    if (kind) plants.push({ ...place, kind });
  }
  return { planting, spot, plants, house };
}
