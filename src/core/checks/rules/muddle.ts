import { isOrdinaryGreen } from '../../colour/sorts';
import type { PlantKind } from '../../plants/kind';
import { leafContrast } from '../../plants/leaves';
import type { Check } from '../check';

export interface MuddleFacts {
  readonly middling: number;
  readonly plants: number;
  /** Weeks of the season in which next to nothing flowers. */
  readonly flowerlessWeeks: number;
}

/** Leaves between these lengths, plain and green, all look alike from where people stand, cm. Ours. */
const MIDDLING_CM = [2, 11] as const;
/** Share of plants from which it is a muddle. Ours. */
const MOST = 0.62;
/** Contrast of leaves above which two greens are told apart. */
const TOLD_APART = 0.42;

const isMiddling = ({ foliage, habit }: PlantKind): boolean =>
  foliage.pattern === 'plain' &&
  isOrdinaryGreen(foliage.main) &&
  foliage.texture !== 'bold' &&
  foliage.lengthCm >= MIDDLING_CM[0] &&
  foliage.lengthCm <= MIDDLING_CM[1] &&
  habit !== 'grass' &&
  habit !== 'fern' &&
  habit !== 'cloud';

/** When the flowers stop, is a muddle of middling green leaves left? */
export const muddle: Check<'muddle', MuddleFacts> = {
  id: 'muddle',
  weight: 0.9,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Share of plants whose leaves are plain green and of middling size; it shows in the weeks in which little flowers.',
  },
  limits: { trouble: 0.25, look: 0.6 },
  judge: (reading) => {
    const { plants } = reading;
    const kinds = [...new Map(plants.map(({ kind }) => [kind.id, kind])).values()];
    if (kinds.length < 3) return null;
    const middling = plants.filter(({ kind }) => isMiddling(kind));
    const middlingKinds = kinds.filter(isMiddling);
    // Greens that differ plainly among themselves are no muddle.
    const alike = middlingKinds.some((a, i) =>
      middlingKinds.slice(i + 1).some((b) => leafContrast(a, b) < TOLD_APART),
    );
    let flowerlessWeeks = 0;
    for (let week = 4; week <= reading.weeks; week += 1)
      if (reading.sizesAt(week).every(({ bloom }) => bloom < 0.2)) flowerlessWeeks += 1;
    const share = middling.length / plants.length;
    const over = alike ? Math.max(0, share - MOST) / (1 - MOST) : 0;
    return {
      score: 1 - over * (0.35 + 0.65 * Math.min(1, flowerlessWeeks / 4)),
      facts: { middling: middling.length, plants: plants.length, flowerlessWeeks },
      culprits: over > 0 ? middling.map(({ id }) => id) : [],
    };
  },
};
