import type { KindId, PlantKind } from '../plants/kind';
import { NURSERY_SIZES } from '../plants/nursery';
import type { BenchLine } from '../shopping/stops';
import type { Offer } from './packs';
import { minorOf } from './needs';
import type { TripStop } from './trip';

/** A stop by what is on its benches: what is out is not offered, and neither are kinds the book does not know. */
export function stopFrom(
  id: string,
  tripMinor: number,
  lines: readonly BenchLine[],
  kindOf: (id: KindId) => PlantKind | null,
): TripStop {
  const byKind = new Map<KindId, Offer[]>();
  for (const line of lines) {
    const kind = kindOf(line.kindId);
    if (!kind || line.count === 0) continue;
    const sold = kind.sold.find(({ size }) => size === line.size);
    const offer: Offer = {
      id: `${line.kindId} ${line.size} ${id}`,
      size: line.size,
      perSale: sold?.perSale ?? NURSERY_SIZES[line.size].perSale,
      priceMinor: minorOf(line.price),
      stock: line.count,
    };
    byKind.set(line.kindId, [...(byKind.get(line.kindId) ?? []), offer]);
  }
  return { id, tripMinor, offersOf: (kindId) => byKind.get(kindId) ?? [] };
}

/** Every kind at its typical price in all its sizes, without limit: what a list costs before anyone has looked where to go. */
export function anywhere(kindOf: (id: KindId) => PlantKind | null): TripStop {
  return {
    id: 'anywhere',
    tripMinor: 0,
    offersOf: (kindId) =>
      (kindOf(kindId)?.sold ?? []).map(({ size, price, perSale }) => ({
        id: `${kindId} ${size} anywhere`,
        size,
        perSale: perSale ?? NURSERY_SIZES[size].perSale,
        priceMinor: minorOf(price),
        stock: null,
      })),
  };
}
