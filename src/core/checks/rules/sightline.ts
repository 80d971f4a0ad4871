import { visibleHeightCm } from '../../containers/container';
import { leastVisibleCm } from '../../spots/sightline';
import { clamp } from '../../units/units';
import type { Check } from '../check';

export interface SightlineFacts {
  readonly eye: string;
  /** Least height above the mix that shows over the sill, cm. */
  readonly leastCm: number;
  readonly tallestCm: number;
  /** Plants that show over it, of how many. */
  readonly shown: number;
  readonly plants: number;
}

/** A plant has to top the line by this much to be looked at, cm. Ours. */
const CLEAR_CM = 5;

/** Looked at over a sill or parapet: is it tall enough to be seen? */
export const sightline: Check<'sightline', SightlineFacts> = {
  id: 'sightline',
  weight: 1.6,
  certainty: 'quite sure',
  source: {
    kind: 'ours',
    reason:
      'The straight line from the eye over both edges of the sill, against the height of each grown plant.',
  },
  limits: { trouble: 0.35, look: 0.7 },
  judge: (reading) => {
    const { spot, planting, plants } = reading;
    if (plants.length === 0) return null;
    const soilCm =
      visibleHeightCm(planting.container) - planting.container.headspaceCm + spot.dropCm;
    const lines = spot.eyes
      .filter(({ sill }) => sill !== null)
      .map((eye) => ({ eye, leastCm: leastVisibleCm(eye, soilCm) }))
      .filter(({ leastCm }) => leastCm > 0)
      .sort((a, b) => b.leastCm - a.leastCm);
    const worst = lines[0];
    if (!worst) return null;
    const rows = reading.grownRows();
    const tallestCm = Math.max(...rows.map(({ size }) => size.heightCm));
    const short = rows.filter(({ size }) => size.heightCm < worst.leastCm + CLEAR_CM);
    const shown = plants.length - short.length;
    return {
      score:
        clamp((tallestCm - worst.leastCm) / (worst.leastCm + 10), 0, 1) *
        (0.5 + 0.5 * (shown / plants.length)),
      facts: {
        eye: worst.eye.name,
        leastCm: worst.leastCm,
        tallestCm,
        shown,
        plants: plants.length,
      },
      culprits: short.map(({ plant }) => plant.id),
    };
  },
};
