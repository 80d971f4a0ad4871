import type * as z from 'zod';
import type { KindId, PlantKind } from '../plants/kind';
import { sideHolesOf, type SideHole } from '../containers/sideHoles';
import type { Spot } from '../spots/spot';
import { weeksBetween } from '../units/units';

export { USUAL_CARE } from './care';
import type { House } from './house';
import { kindThere } from './kindThere';
import type {
  placeSchema,
  plantingSchema,
  secondChoiceSchema,
  sidePlaceSchema,
  strangerSchema,
  wishesSchema,
} from './schema';

export type Place = Readonly<z.infer<typeof placeSchema>>;
export type PlaceId = string;
export type SidePlace = Readonly<z.infer<typeof sidePlaceSchema>>;
export type Wishes = Readonly<z.infer<typeof wishesSchema>>;
export type SecondChoice = Readonly<z.infer<typeof secondChoiceSchema>>;
export type Stranger = Readonly<z.infer<typeof strangerSchema>>;
export type Planting = Readonly<z.infer<typeof plantingSchema>>;

/** A place whose plant the book knows. */
export interface PlacedPlant extends Place {
  readonly kind: PlantKind;
}

/** A plant in a side hole, with where the hole is. */
export interface SidePlant extends SidePlace, SideHole {
  readonly kind: PlantKind;
}

/** All that a judgement needs: the planting, its known plants with their records, and the spot. */
export interface PlantingInSpot {
  readonly planting: Planting;
  readonly spot: Spot;
  readonly plants: readonly PlacedPlant[];
  /** Plants in its side holes, the lowest row first; those whose hole this container has not wait in the planting. */
  readonly sides: readonly SidePlant[];
  readonly house: House;
  /** Weeks that plants stood in this container before this planting, by their place: those that stayed. */
  readonly weeksBefore: Readonly<Record<PlaceId, number>>;
}

/** Weeks from planting to the end of the season. */
export function seasonWeeks(planting: Pick<Planting, 'plantedWeek' | 'endWeek'>): number {
  return weeksBetween(planting.plantedWeek, planting.endWeek);
}

/** Joins a planting with its spot and the records of its plants, as they grow there; places of unknown kinds are left out of judgement. */
export function inSpot(
  planting: Planting,
  spot: Spot,
  kindOf: (id: KindId) => PlantKind | null,
  house: House,
  weeksBefore: PlantingInSpot['weeksBefore'] = NEW,
): PlantingInSpot {
  const thereOf = (id: KindId) => {
    const kind = kindOf(id);
    return kind && kindThere(kind, spot);
  };
  const plants: PlacedPlant[] = [];
  for (const place of planting.places) {
    const kind = thereOf(place.kindId);
    if (kind) plants.push({ ...place, kind });
  }
  return { planting, spot, plants, sides: sidesOf(planting, thereOf), house, weeksBefore };
}
const NEW: PlantingInSpot['weeksBefore'] = {};

/** Plants in side holes that this container has, the lowest row first. */
export function sidesOf(
  { container, sides }: Pick<Planting, 'container' | 'sides'>,
  kindOf: (id: KindId) => PlantKind | null,
): readonly SidePlant[] {
  if (!sides || sides.length === 0) return NONE;
  const rows = sideHolesOf(container);
  return [...sides]
    .sort((a, b) => a.row - b.row || a.hole - b.hole)
    .flatMap((place) => {
      const at = rows[place.row]?.[place.hole];
      const kind = kindOf(place.kindId);
      return at && kind ? [{ ...place, ...at, kind }] : [];
    });
}
const NONE: readonly SidePlant[] = [];

/** How many plants a planting names, in its mix and in its sides. */
export function plantsIn({ places, sides = [] }: Pick<Planting, 'places' | 'sides'>): number {
  return places.length + sides.length;
}

/** Did this plant stand there before, and stays? */
export function stays(
  { weeksBefore }: Pick<PlantingInSpot, 'weeksBefore'>,
  { id }: { readonly id: PlaceId },
): boolean {
  return weeksBefore[id] !== undefined;
}

/** Every plant of a planting, those in its sides after those in its mix. */
export function allPlants({
  plants,
  sides,
}: Pick<PlantingInSpot, 'plants' | 'sides'>): readonly PlacedPlant[] {
  return sides.length === 0 ? plants : [...plants, ...sides];
}
