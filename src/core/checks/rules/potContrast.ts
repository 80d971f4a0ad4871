import { deltaE, type Oklch } from '../../colour/oklch';
import type { PlantKind } from '../../plants/kind';
import { leadingColour } from '../../plants/colours';
import { clamp } from '../../units/units';
import type { Check } from '../check';
import { sampledWeeks } from '../reading';
import { rolesPlayed } from '../rolesPlayed';

export interface PotContrastFacts {
  readonly kind: string;
  /** OKLab distance between the plant seen against the pot and the pot, in the week in which it is least. */
  readonly distance: number;
  readonly weeks: number;
}

/** Share of its best flowering from which a plant shows as its flower. */
const IN_FLOWER = 0.3;

/** What of a plant stands before the pot: its flower when it is out, else its leaf, with the edge or centre that sets a variegated leaf off. */
function shown(kind: PlantKind, bloom: number): readonly Oklch[] {
  if (bloom > IN_FLOWER) return [leadingColour(kind)];
  const { main, second, pattern } = kind.foliage;
  return second && pattern !== 'plain' ? [main, second] : [main];
}

/** Do the plants that hang before the pot stand out from it? */
export const potContrast: Check<'pot-contrast', PotContrastFacts> = {
  id: 'pot-contrast',
  weight: 0.8,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason: 'OKLab distance of the edge plants from the pot; under .1 they melt into it.',
  },
  limits: { trouble: 0.2, look: 0.6 },
  judge: (reading) => {
    const edges = new Set(
      rolesPlayed(reading)
        .filter(({ plant, role }) => role === 'edge' && plant.kind.trailCm !== null)
        .map(({ plant }) => plant),
    );
    if (edges.size === 0 || reading.planting.container.material === 'coir') return null;
    // In flower it is the flower that stands before the pot, out of flower the leaf.
    const potColour = reading.planting.container.colour;
    const ranked = sampledWeeks(reading)
      .flatMap((weeks) =>
        reading
          .rowsAt(weeks)
          .filter(({ plant }) => edges.has(plant))
          .map(({ plant, size }) => ({
            plant,
            weeks,
            distance: Math.max(
              ...shown(plant.kind, size.bloom).map((colour) => deltaE(colour, potColour)),
            ),
          })),
      )
      .sort((a, b) => a.distance - b.distance);
    const worst = ranked[0]!;
    return {
      score: clamp((worst.distance - 0.02) / 0.16, 0, 1),
      facts: { kind: worst.plant.kind.id, distance: worst.distance, weeks: worst.weeks },
      culprits: [...new Set(ranked.filter((r) => r.distance < 0.1).map((r) => r.plant.id))],
    };
  },
};
