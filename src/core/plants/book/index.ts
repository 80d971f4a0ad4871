import type { KindId, PlantKind } from '../kind';
import { COLD_SEASON } from './coldSeason';
import { GRASSES_FERNS } from './grassesFerns';
import { KITCHEN_PLANTS } from './kitchen';
import { LEAF_PLANTS } from './leafPlants';
import { SHADE_FLOWERS } from './shadeFlowers';
import { SUCCULENTS } from './succulents';
import { SUMMER_FLOWERS } from './summerFlowers';
import { TRAILERS } from './trailers';

/** Every kind the book ships with. Values are typical; the tag in hand wins. */
export const BOOK: readonly PlantKind[] = [
  ...SUMMER_FLOWERS,
  ...SHADE_FLOWERS,
  ...LEAF_PLANTS,
  ...TRAILERS,
  ...GRASSES_FERNS,
  ...KITCHEN_PLANTS,
  ...COLD_SEASON,
  ...SUCCULENTS,
];

const BY_ID: ReadonlyMap<KindId, PlantKind> = new Map(BOOK.map((kind) => [kind.id, kind]));

/** @returns `null` when the book has no such kind */
export function kindOf(id: KindId): PlantKind | null {
  return BY_ID.get(id) ?? null;
}
