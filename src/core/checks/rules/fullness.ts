import { clamp } from '../../units/units';
import { coverAt, FULL_COVER, fullWeek } from '../reading';
import type { Check } from '../check';

export interface FullnessFacts {
  /** First week in which the mix is hidden; `null` when never this season. */
  readonly fullWeek: number | null;
  readonly wishedWeek: number;
  /** Share of the mix hidden in the wished week. */
  readonly coverThen: number;
}

/** Share of the mix hidden at which it is as good as bare. Ours. */
const BARE = 0.3;

/** Is the mix hidden when the gardener wished? */
export const fullness: Check<'fullness', FullnessFacts> = {
  id: 'fullness',
  weight: 1.4,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Logistic growth of each plant from its nursery pot; nine tenths of the mix under leaves counts as full.',
  },
  limits: { trouble: 0.35, look: 0.7 },
  judge: (reading) => {
    if (reading.plants.length === 0) return null;
    const wishedWeek = reading.planting.wishes.fullInWeeks;
    const week = fullWeek(reading);
    const late = week === null ? reading.weeks : Math.max(0, week - wishedWeek);
    const coverThen = coverAt(reading, wishedWeek);
    return {
      score:
        late === 0
          ? 1
          : clamp(Math.max(1 - late / 8, (coverThen - BARE) / (FULL_COVER - BARE)), 0, 1),
      facts: { fullWeek: week, wishedWeek, coverThen },
      culprits: [],
    };
  },
};
