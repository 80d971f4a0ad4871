import { deltaE } from '../../colour/oklch';
import { isDark, isLime, isWhite } from '../../colour/sorts';
import { leadingColour } from '../../plants/colours';
import { clamp } from '../../units/units';
import type { Check } from '../check';

export interface DarkLightFacts {
  readonly kind: string;
  /** Its lightest near neighbour; empty when it has none. */
  readonly beside: string;
  readonly lighter: number;
}

/** How near, beyond touching leaves, a neighbour sets off another, cm. */
const NEAR_CM = 12;
/** Difference of OKLab lightness that sets a dark plant off. Ours. */
const LIFTS = 0.25;

/** Has every dark plant a light neighbour? */
export const darkLight: Check<'dark-light', DarkLightFacts> = {
  id: 'dark-light',
  weight: 0.7,
  certainty: 'a matter of taste',
  source: {
    kind: 'ours',
    reason:
      'Lightness (OKLab) of dark leaves against the lightest leaf or flower that touches them: without one they read as a hole.',
  },
  limits: { trouble: 0, look: 0.6 },
  judge: (reading) => {
    const rows = reading.grownRows();
    const dark = rows.filter(
      ({ plant }) =>
        isDark(plant.kind.foliage.main) &&
        plant.kind.foliage.main[1] < 0.12 &&
        (plant.kind.bloom?.cover ?? 0) < 0.45,
    );
    if (dark.length === 0 || reading.plants.length < 3) return null;
    let worst: (DarkLightFacts & { readonly id: string }) | null = null;
    for (const { plant, size } of dark) {
      let best = { beside: '', lighter: 0 };
      rows.forEach(({ plant: other, size: beside }) => {
        if (other.kindId === plant.kindId) return;
        if (
          Math.hypot(plant.xCm - other.xCm, plant.zCm - other.zCm) >
          (size.spreadCm + beside.spreadCm) / 2 + NEAR_CM
        )
          return;
        const colours = [
          other.kind.foliage.main,
          leadingColour(other.kind),
          ...(other.kind.foliage.second && other.kind.foliage.pattern !== 'plain'
            ? [other.kind.foliage.second]
            : []),
        ];
        const lightest = colours.reduce((a, b) => (b[0] > a[0] ? b : a));
        const lift =
          isWhite(lightest) || isLime(lightest) || deltaE(lightest, plant.kind.foliage.main) > LIFTS
            ? lightest[0] - plant.kind.foliage.main[0]
            : 0;
        if (lift > best.lighter) best = { beside: other.kindId, lighter: lift };
      });
      if (!worst || best.lighter < worst.lighter)
        worst = { kind: plant.kindId, ...best, id: plant.id };
    }
    const { id, ...facts } = worst!;
    return {
      score: clamp(facts.lighter / LIFTS, 0, 1),
      facts,
      culprits: facts.lighter < LIFTS * 0.6 ? [id] : [],
    };
  },
};
