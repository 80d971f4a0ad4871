import type { NurserySizeId } from '../plants/nursery';

/** What a stop has of one kind in one size. */
export interface StockLine {
  readonly kindId: string;
  readonly size: NurserySizeId;
  /** Sales on the bench; 0 when out. */
  readonly count: number;
  readonly price: number;
}
