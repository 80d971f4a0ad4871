import type { KindId, PlantKind } from '../kind';
import { unpack, type Packed } from '../pack';
import packed from './packed.json';

/**
 * Every kind the book ships with. It is told species by species in the files beside this one and
 * travels packed; `npm run schema` packs it, and a test holds the two together.
 */
export const BOOK: readonly PlantKind[] = unpack(packed as Packed);

const BY_ID: ReadonlyMap<KindId, PlantKind> = new Map(BOOK.map((kind) => [kind.id, kind]));

/** @returns `null` when the book has no such kind */
export function kindOf(id: KindId): PlantKind | null {
  return BY_ID.get(id) ?? null;
}
