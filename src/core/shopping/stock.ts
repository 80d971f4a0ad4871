import { hash01, seedOf } from '../random/hash';
import type { PlantKind } from '../plants/kind';
import type { NurserySizeId } from '../plants/nursery';

/** What one stop has of one kind in one size. */
export interface StockLine {
  readonly kindId: string;
  readonly size: NurserySizeId;
  /** Sales on the bench; 0 when out. */
  readonly count: number;
  readonly price: number;
}

/** Share of lines that are out on any day. */
const OUT_SHARE = 0.14;

/**
 * Simulated stock of a garden centre on a day: seeded, so that the same day and seed give the same benches. Prices lie within
 * 15 % of the book's typical ones, on steps of 10 hundredths.
 */
export function stockOn(kinds: readonly PlantKind[], seed: number, day: string): StockLine[] {
  const today = seedOf(day) ^ seed;
  return kinds.flatMap((kind) =>
    kind.sold.map(({ size, price }) => {
      const line = seedOf(`${kind.id} ${size}`);
      const out = hash01(today, line, 1) < OUT_SHARE;
      return { kindId: kind.id, size, count: out ? 0 : 1 + Math.floor(hash01(today, line, 2) * 24), price: Math.round(price * (0.85 + 0.3 * hash01(seed, line, 3)) * 10) / 10 };
    }),
  );
}
