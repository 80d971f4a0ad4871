import { deltaE, hueGapDeg, type Oklch } from '../../colour/oklch';
import { isGround } from '../../colour/sorts';
import { seasonShare } from '../../growth/growth';
import { leadingColour } from '../../plants/colours';
import { bookWeek } from '../../spots/spot';
import { clamp, weekAfter } from '../../units/units';
import type { Check } from '../check';
import { rolesPlayed } from '../rolesPlayed';

export interface BackgroundFacts {
  readonly layer: string;
  readonly kind: string;
  /** Nearly one colour with what is behind it, or at odds with it. */
  readonly fault: 'lost' | 'clash' | 'none';
  readonly distance: number;
  /** Weeks after planting at which it is first so. */
  readonly weeks: number;
}

/** OKLab distance under which a plant is lost against what is behind it (the same as for pots). */
const LOST = 0.09;
/** Strong colours this far apart in hue are neither neighbours nor opposites: many eyes call them a clash. A convention. */
const CLASH_DEG = [22, 62] as const;
const STRONG = 0.13;

/** Does what is seen against the background stand out from it, and agree with it, in each week? Flowers behind count only in their weeks. */
export const background: Check<'background', BackgroundFacts> = {
  id: 'background',
  weight: 0.6,
  certainty: 'a matter of taste',
  source: {
    kind: 'ours',
    reason:
      'OKLab distance of the tall plants from each layer behind them, in the weeks in which both show; strong colours a third of a wheel apart count as at odds.',
  },
  limits: { trouble: 0, look: 0.6 },
  judge: (reading) => {
    const { spot, planting } = reading;
    if (spot.background.length === 0 || spot.view === 'from below' || reading.plants.length === 0)
      return null;
    const tall = rolesPlayed(reading)
      .filter(({ role }) => role !== 'edge')
      .map(({ plant }) => plant);
    let worst: (BackgroundFacts & { readonly score: number }) | null = null;
    for (const layer of spot.background)
      for (const { kind } of tall)
        for (let week = 2; week <= reading.weeks; week += 2) {
          const calendar = weekAfter(planting.plantedWeek, week);
          if (layer.weeks && seasonShare(layer.weeks, calendar) === 0) continue;
          const flowers =
            kind.bloom && seasonShare(kind.bloom.weeks, bookWeek(calendar, spot)) > 0.3;
          const shown: Oklch = flowers ? leadingColour(kind) : kind.foliage.main;
          const distance = deltaE(shown, layer.colour);
          const gap = hueGapDeg(shown[2], layer.colour[2]);
          const clash =
            !isGround(shown) &&
            !isGround(layer.colour) &&
            shown[1] >= STRONG &&
            layer.colour[1] >= STRONG &&
            gap > CLASH_DEG[0] &&
            gap < CLASH_DEG[1];
          const score = clash ? 0.4 : clamp((distance - 0.02) / (LOST * 1.4), 0, 1);
          if (!worst || score < worst.score)
            worst = {
              layer: layer.name,
              kind: kind.id,
              fault: clash ? 'clash' : distance < LOST ? 'lost' : 'none',
              distance,
              weeks: week,
              score,
            };
        }
    if (!worst) return null;
    const { score, ...facts } = worst;
    return {
      score,
      facts,
      culprits:
        facts.fault === 'none'
          ? []
          : tall.filter(({ kind }) => kind.id === facts.kind).map(({ id }) => id),
    };
  },
};
