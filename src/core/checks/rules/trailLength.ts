import { isHung } from '../../containers/shape';
import { hangRoom } from '../../spots/sightline';
import { clamp } from '../../units/units';
import type { Check } from '../check';

export interface TrailFacts {
  readonly trailCm: number;
  readonly dropCm: number;
  readonly kind: string;
}

/** Headroom a hung container can spend on trails before they meet heads, cm. A usual figure; the spot decides. */
export const HUNG_DROP_CM = 90;

/** Length of a trail that may lie on what the container stands on, cm. Ours. */
const LIES_CM = 10;

/** Do trailing stems end above the ground? */
export const trailLength: Check<'trail-length', TrailFacts> = {
  id: 'trail-length',
  weight: 1,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Rule of thumb: trailers no longer than the pot is tall, or than the drop below a hung one. A little on the ground does no harm.',
  },
  limits: { trouble: 0.1, look: 0.68 },
  judge: (reading) => {
    const trailing = reading
      .grownRows()
      .map(({ plant, size }) => ({ plant, trailCm: size.trailCm }))
      .filter(({ trailCm }) => trailCm > 0)
      .sort((a, b) => b.trailCm - a.trailCm);
    const longest = trailing[0];
    if (!longest) return null;
    const room = hangRoom(reading.spot);
    const below = room?.by === 'head' ? room.roomCm + reading.potHeightCm : reading.spot.dropCm;
    const dropCm = isHung(reading.planting.container.shape)
      ? Math.min(HUNG_DROP_CM, below || HUNG_DROP_CM)
      : room?.by === 'head'
        ? below
        : reading.potHeightCm + reading.spot.dropCm;
    // What stands low may let a hand's breadth lie.
    const lies = isHung(reading.planting.container.shape) || room ? 0 : LIES_CM;
    const over = Math.max(0, (longest.trailCm - lies) / dropCm - 1.05);
    return {
      score: clamp(1 - over * 0.8, 0, 1),
      facts: { trailCm: longest.trailCm, dropCm, kind: longest.plant.kind.id },
      culprits: trailing
        .filter(({ trailCm }) => trailCm > dropCm * 1.05)
        .map(({ plant }) => plant.id),
    };
  },
};
