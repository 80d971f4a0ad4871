import { hash01, seedOf } from '../random/hash';
import type { PlantKind } from '../plants/kind';
import type { NurserySizeId } from '../plants/nursery';
import type { StockLine } from './stock';

/** A simulated place to buy plants. All of them are made up. */
export interface Stop {
  readonly id: string;
  readonly name: string;
  /** What it does, to follow its name. */
  readonly words: string;
  /** Share of what it sells that is there on a day. */
  readonly there: number;
  /** Its prices against typical ones. */
  readonly priceShare: number;
  /** Sizes it sells; `null`: all. */
  readonly sizes: readonly NurserySizeId[] | null;
  /** Share of plants past their best. */
  readonly tired: number;
}

/** Where the volunteers of Rillbank Halt buy. */
export const STOPS: readonly Stop[] = [
  {
    id: 'siding',
    name: 'Siding Nursery',
    words: 'grows its own: a wide choice, singly in pots',
    there: 0.72,
    priceShare: 1,
    sizes: ['9cm', '1L', '2L', '3L'],
    tired: 0.05,
  },
  {
    id: 'market',
    name: 'Saturday stall',
    words: 'has bedding in strips and small pots, cheap, gone by noon',
    there: 0.34,
    priceShare: 0.72,
    sizes: ['six-pack', 'four-pack', '9cm'],
    tired: 0.22,
  },
  {
    id: 'barn',
    name: 'Barn Centre',
    words: 'has a bit of everything, in larger pots, dearer',
    there: 0.55,
    priceShare: 1.22,
    sizes: null,
    tired: 0.14,
  },
  {
    id: 'post',
    name: 'Bulb shed by post',
    words: 'sends bulbs and small plants',
    there: 0.6,
    priceShare: 0.9,
    sizes: ['bulb', 'six-pack', '9cm'],
    tired: 0.08,
  },
];

const NOTES = {
  fresh: ['fresh in', 'well budded', 'sturdy'],
  tired: ['leggy', 'pot-bound', 'dry at the edge'],
} as const;

/** A line of stock with how it looks and when it came in. */
export interface BenchLine extends StockLine {
  readonly note: string;
  /** Is it past its best? */
  readonly tired: boolean;
  /** Days since it came in. */
  readonly daysIn: number;
}

/**
 * Simulated benches of a stop on a day: seeded, so that the same stop, seed and day give the same benches; deliveries come in weekly, so
 * most of what is there today is there tomorrow.
 * @param day ISO date
 */
export function benchesOf(
  kinds: readonly PlantKind[],
  stop: Stop,
  seed: number,
  day: string,
): readonly BenchLine[] {
  const days = Math.floor(Date.parse(`${day}T00:00:00Z`) / 86_400_000);
  const own = seedOf(stop.id) ^ seed;
  return kinds.flatMap((kind) =>
    kind.sold.flatMap(({ size, price }): BenchLine[] => {
      if (stop.sizes && !stop.sizes.includes(size)) return [];
      const line = seedOf(`${kind.id} ${size}`);
      const shift = Math.floor(hash01(own, line, 5) * 7);
      const delivery = Math.floor((days + shift) / 7);
      const daysIn = (days + shift) % 7;
      const stocked = hash01(own, line, delivery, 1) < stop.there;
      const first = 1 + Math.floor(hash01(own, line, delivery, 2) * 24);
      // What sells well is gone before the week is out.
      const count = stocked
        ? Math.max(0, first - Math.floor(daysIn * 3.2 * hash01(own, line, delivery, 3)))
        : 0;
      const tired = hash01(own, line, delivery, 4) < stop.tired * (0.5 + daysIn / 5);
      const notes = NOTES[tired ? 'tired' : 'fresh'];
      const asked =
        price * stop.priceShare * (0.9 + 0.2 * hash01(own, line, 6)) * (tired ? 0.7 : 1);
      return [
        {
          kindId: kind.id,
          size,
          count,
          price: Math.max(0.1, Math.round(asked * 10) / 10),
          note: notes[Math.floor(hash01(own, line, delivery, 7) * notes.length)]!,
          tired,
          daysIn,
        },
      ];
    }),
  );
}
