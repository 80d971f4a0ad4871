import type { KindId, PlantKind } from '../kind';
import { ANNUALS } from './annuals';
import { BULBS } from './bulbs';
import { CLIMBERS } from './climbers';
import { COLD_SEASON } from './coldSeason';
import { DESERT_PLANTS } from './desert';
import { GRASSES_FERNS } from './grassesFerns';
import { KITCHEN_PLANTS } from './kitchen';
import { LEAF_PLANTS } from './leafPlants';
import { MORE_GRASSES } from './moreGrasses';
import { MORE_KITCHEN } from './moreKitchen';
import { MORE_SUCCULENTS } from './moreSucculents';
import { PERENNIALS } from './perennials';
import { SHADE_FLOWERS } from './shadeFlowers';
import { SHRUBS } from './shrubs';
import { SUCCULENTS } from './succulents';
import { SUMMER_FLOWERS } from './summerFlowers';
import { TENDER_PERENNIALS } from './tenderPerennials';
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
  ...ANNUALS,
  ...TENDER_PERENNIALS,
  ...PERENNIALS,
  ...BULBS,
  ...SHRUBS,
  ...CLIMBERS,
  ...MORE_GRASSES,
  ...MORE_KITCHEN,
  ...MORE_SUCCULENTS,
  ...DESERT_PLANTS,
];

const BY_ID: ReadonlyMap<KindId, PlantKind> = new Map(BOOK.map((kind) => [kind.id, kind]));

/** @returns `null` when the book has no such kind */
export function kindOf(id: KindId): PlantKind | null {
  return BY_ID.get(id) ?? null;
}
