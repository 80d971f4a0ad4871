import { USUAL_HOUSE } from '@/core/plantings/house';
import { kindOf } from '@/core/plants/book/index';
import { inSpot, type Place, type Planting, type PlantingInSpot } from '@/core/plantings/planting';
import type { PlantKind } from '@/core/plants/kind';
import { USUAL_CARE } from '@/core/plantings/planting';
import { usualContainer } from '@/core/containers/usual';
import { usualSpot, type Spot } from '@/core/spots/spot';
import type { Container } from '@/core/containers/container';

/** A kind of the book, or a clear failure. */
export function known(id: string): PlantKind {
  const kind = kindOf(id);
  if (!kind) throw new Error(`No kind ${id} in the book.`);
  return kind;
}

export const TUB = usualContainer(
  'Tub',
  { kind: 'round', topCm: 40, baseCm: 32, depthCm: 34 },
  'terracotta',
);
export const BOX = usualContainer(
  'Box',
  { kind: 'box', lengthCm: 90, widthCm: 20, baseLengthCm: 88, baseWidthCm: 18, depthCm: 18 },
  'softwood',
);
export const BASKET = usualContainer('Basket', { kind: 'basket', topCm: 36, depthCm: 18 }, 'coir');

export const SUNNY: Spot = usualSpot({ id: 'spot', name: 'Spot', sunHours: 7 });

/** Warm colours, and nothing else that is wished for. */
export const PLAIN_WISHES: Planting['wishes'] = {
  scheme: { kind: 'warm' },
  fullInWeeks: 8,
  budget: null,
  kitchen: false,
  school: 'any',
  must: [],
  never: [],
};

/** A place for a kind: `['petunia-white', x, z]`, with a nursery size when it matters. */
export type Put = readonly [id: string, xCm: number, zCm: number, size?: Place['size']];

export function planting(
  puts: readonly Put[],
  change: Partial<Planting> = {},
  container: Container = TUB,
): Planting {
  return {
    id: 'planting',
    name: 'Planting',
    shelfId: null,
    spotId: 'spot',
    container,
    wishes: PLAIN_WISHES,
    plantedWeek: 21,
    endWeek: 41,
    care: USUAL_CARE,
    strangers: [],
    meant: [],
    demo: false,
    places: puts.map(([kindId, xCm, zCm, size = '9cm'], i) => ({
      id: `p${i}`,
      kindId,
      xCm,
      zCm,
      size,
      seed: i * 7919 + 3,
    })),
    ...change,
  };
}

export function planted(
  puts: readonly Put[],
  change: Partial<Planting> = {},
  spot: Partial<Spot> = {},
): PlantingInSpot {
  // A kind that is not in the book would stand there unseen, and what is said of it would hold of nothing.
  puts.forEach(([id]) => known(id));
  return inSpot(
    planting(puts, change, change.container ?? TUB),
    { ...SUNNY, ...spot },
    kindOf,
    USUAL_HOUSE,
  );
}

/** A planting with nothing much wrong: lead behind, body between, edge in front. */
export const GOOD: readonly Put[] = [
  ['cabbage-palm-red', -2, -9, '1L'],
  ['pelargonium-scarlet', -10, 0],
  ['pelargonium-scarlet', 9, -1],
  ['calibrachoa-yellow', -8, 11],
  ['calibrachoa-yellow', 8, 11],
  ['coleus-lime', 0, 5],
];

/** Places of the book's kinds as root balls: what is shaken out of its mix needs less room. */
export const ballsOf = (places: readonly Place[]) =>
  places.map((place) => ({ ...place, kind: known(place.kindId) }));
