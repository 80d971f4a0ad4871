import { clamp } from '../../units/units';
import { wishedRatios } from '../../suitability/proportion';
import { isOfSmallThings } from '../../suitability/season';
import type { Check } from '../check';

export interface ProportionFacts {
  readonly tallestCm: number;
  readonly potCm: number;
  readonly ratio: number;
  readonly leastRatio: number;
  readonly mostRatio: number;
  readonly kind: string;
}

/** A planting without a lead may stay lower by this share. Ours. */
const WITHOUT_LEAD = 0.6;
/** Autumn to spring there are small things: so much lower still is no fault. Ours. */
const SMALL_THINGS = 0.85;
/** With a frame the whole may be so much taller. Ours. */
const ON_A_FRAME = 1.6;

/** Is the tallest plant in proportion to the container? */
export const proportion: Check<'proportion', ProportionFacts> = {
  id: 'proportion',
  weight: 1.6,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason: 'Rule of thumb: tallest plant 1–2 times the visible height of the container.',
  },
  limits: { trouble: 0.3, look: 0.7 },
  judge: (reading) => {
    if (reading.plants.length === 0) return null;
    const sizes = reading.grown();
    let tallest = 0;
    sizes.forEach((size, i) => {
      if (size.heightCm > sizes[tallest]!.heightCm) tallest = i;
    });
    const ratio = sizes[tallest]!.heightCm / reading.potHeightCm;
    const { container, wishes } = reading.planting;
    const [least, most] = wishedRatios(container, wishes);
    // What climbs a frame may stand higher than what stands by itself.
    const mostRatio = reading.planting.support && !wishes.tallestCm ? most * ON_A_FRAME : most;
    // A dome has no lead to reach up.
    const led = reading.school
      .parts({ container, spot: reading.spot, house: reading.house })
      .some(({ role }) => role === 'lead');
    const cool = isOfSmallThings({ ...reading.planting, spot: reading.spot });
    const leastRatio = wishes.tallestCm
      ? least
      : least * (led && !cool ? 1 : WITHOUT_LEAD) * (cool ? SMALL_THINGS : 1);
    const off =
      ratio < leastRatio
        ? (leastRatio - ratio) / leastRatio
        : Math.max(0, ratio - mostRatio) / mostRatio;
    return {
      score: clamp(1 - off * 1.6, 0, 1),
      facts: {
        tallestCm: sizes[tallest]!.heightCm,
        potCm: reading.potHeightCm,
        ratio,
        leastRatio,
        mostRatio,
        kind: reading.plants[tallest]!.kind.id,
      },
      culprits: off > 0 ? [reading.plants[tallest]!.id] : [],
    };
  },
};
