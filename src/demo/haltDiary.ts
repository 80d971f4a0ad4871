import type { Day } from '@/core/calendar/day';
import type { What } from '@/core/log/entry';
import type { KindId } from '@/core/plants/kind';

/** What was seen on a day, of a plant or of all of it. */
export interface Told {
  readonly day: Day;
  readonly kindId?: KindId;
  readonly what: What;
}

const high = (heightCm: number, spreadCm: number | null = null): What => ({
  did: 'measured',
  heightCm,
  spreadCm,
  trailCm: null,
});
const bought = (key: string, got: number, paidMinor: number): What => ({
  did: 'bought',
  key,
  got,
  wanted: got,
  paidMinor,
  stop: null,
});
const note = (words: string): What => ({ did: 'noted', words });

/** What the crew wrote down beside watering and feeding, by planting. */
export const HALT_DIARY: Readonly<Record<string, readonly Told[]>> = {
  'demo-tub-1': [
    { day: '2026-05-12', what: bought('plants flax-bronze 3L', 1, 1450) },
    { day: '2026-05-11', what: bought('plants petunia-apricot 9cm', 3, 1125) },
    { day: '2026-05-13', what: bought('plants potato-vine-lime 9cm', 1, 395) },
    { day: '2026-05-24', what: note('Two nights at 6 °C. The vine sulks, nothing else does.') },
    { day: '2026-06-06', kindId: 'petunia-apricot', what: { did: 'in flower' } },
    { day: '2026-06-14', kindId: 'salvia-mealy-violet', what: { did: 'in flower' } },
    { day: '2026-06-20', kindId: 'flax-bronze', what: high(57) },
    { day: '2026-07-05', kindId: 'potato-vine-lime', what: { did: 'trimmed', share: 0.3 } },
    { day: '2026-07-15', kindId: 'flax-bronze', what: high(69, 48) },
  ],
  'demo-tub-2': [
    { day: '2026-05-12', what: bought('plants dahlia-dark-leaf-red 2L', 1, 1099) },
    { day: '2026-05-13', what: bought('plants coleus-rust 9cm', 2, 690) },
    { day: '2026-06-28', kindId: 'dahlia-dark-leaf-red', what: { did: 'in flower' } },
    {
      day: '2026-07-08',
      kindId: 'coleus-rust',
      what: { did: 'looks bad', how: 'eaten', words: 'Slugs, after the rain.' },
    },
  ],
  'demo-basket-2': [{ day: '2026-07-02', what: note('A visitor asked for the names.') }],
};
