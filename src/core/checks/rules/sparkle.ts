import { isLime, isWhite } from '../../colour/sorts';
import { coloursOf } from '../../plants/colours';
import type { Check } from '../check';

export interface SparkleFacts {
  readonly kind: string;
  readonly share: number;
}

/** Shares of what is seen between which light spots sparkle: less is not noticed, more is the scheme itself. Ours. */
const SPARKLES = [0.02, 0.22] as const;

/** Is there a little white, silver or lime that lifts the rest? Praise only. */
export const sparkle: Check<'sparkle', SparkleFacts> = {
  id: 'sparkle',
  weight: 0.3,
  certainty: 'a matter of taste',
  source: {
    kind: 'ours',
    reason: 'Share of white, silver and lime in what is seen; a little sparkles in any scheme.',
  },
  limits: { trouble: 0, look: 0 },
  judge: (reading) => {
    if (reading.plants.length < 3) return null;
    const { areaCm2 } = reading.seenAt(reading.grownWeek);
    let [light, total, best, most] = [0, 0, '', 0];
    reading.plants.forEach(({ kind }, i) => {
      let own = 0;
      for (const { colour, weight } of coloursOf(kind)) {
        total += weight * areaCm2[i]!;
        if (isWhite(colour) || isLime(colour) || (colour[0] > 0.78 && colour[1] < 0.05))
          own += weight * areaCm2[i]!;
      }
      light += own;
      if (own > most) [best, most] = [kind.id, own];
    });
    const share = total > 0 ? light / total : 0;
    return share >= SPARKLES[0] && share <= SPARKLES[1]
      ? {
          score: 1,
          facts: { kind: best, share },
          culprits: reading.plants.filter(({ kindId }) => kindId === best).map(({ id }) => id),
        }
      : null;
  },
};
