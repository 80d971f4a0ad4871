import type { Entry } from '@/core/log/entry';
import { byPlanting, lifeOf, type Life } from '@/core/log/life';
import { asItStands, chainOf, weeksBeforeOf } from '@/core/log/story';
import { inSpot, type Planting, type PlantingInSpot } from '@/core/plantings/planting';
import type { Library } from '@/core/plants/library';
import type { House } from '@/core/plantings/house';
import type { Spot } from '@/core/spots/spot';

/** Every planting at its spot, judged by this house: the one place where plans, book and preferences are joined for several. */
export interface Planted {
  readonly spots: readonly Spot[];
  /** Each as it really stands, from the day it was planted; ideas as they are meant. */
  readonly its: readonly PlantingInSpot[];
  readonly lifeOf: (plantingId: string) => Life;
  readonly log: readonly Entry[];
  /** Are these only the first of them, while the rest is read? */
  readonly isPart?: boolean;
}

/** Lives of plantings, each worked out when it is first asked for. */
export function livesFrom(entries: readonly Entry[]): (plantingId: string) => Life {
  const held = byPlanting(entries);
  const lives = new Map<string, Life>();
  return (id) => {
    const known = lives.get(id) ?? lifeOf(held.get(id) ?? []);
    lives.set(id, known);
    return known;
  };
}

/** What is meant, where, and how it is judged. */
export interface Plan {
  readonly spots: readonly Spot[];
  readonly plantings: readonly Planting[];
  readonly house: House;
}

/** Plantings whose spot can be read, as they stand there. */
export function itsOf(
  { spots, plantings, house }: Plan,
  lifeFor: (plantingId: string) => Life,
  kindOf: Library['kindOf'],
): readonly PlantingInSpot[] {
  const byId = new Map(spots.map((spot) => [spot.id, spot]));
  const byPlantingId = new Map(plantings.map((planting) => [planting.id, planting]));
  return plantings.flatMap((planting) => {
    const spot = byId.get(planting.spotId);
    if (!spot) return [];
    const life = lifeFor(planting.id);
    const before = planting.follows
      ? weeksBeforeOf(
          planting,
          life.plantedOn,
          chainOf(planting, (id) => byPlantingId.get(id)).map((one) => ({
            planting: one,
            life: lifeFor(one.id),
          })),
        )
      : undefined;
    return [inSpot(asItStands(planting, life), spot, kindOf, house, before)];
  });
}

/** The same joined with what was told of them. */
export function plantedOf(
  { entries, ...plan }: Plan & { readonly entries: readonly Entry[] },
  kindOf: Library['kindOf'],
): Planted {
  const lifeFor = livesFrom(entries);
  return {
    spots: plan.spots,
    its: itsOf(plan, lifeFor, kindOf),
    lifeOf: lifeFor,
    log: entries,
  };
}
