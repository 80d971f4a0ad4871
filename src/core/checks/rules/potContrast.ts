import { deltaE } from '../../colour/oklch';
import { leadingColour } from '../../plants/colours';
import { clamp } from '../../units/units';
import type { Check } from '../check';
import { rolesPlayed } from './roles';

export interface PotContrastFacts {
  readonly kind: string;
  /** OKLab distance between the plant seen against the pot and the pot. */
  readonly distance: number;
}

/** Do the plants that hang before the pot stand out from it? */
export const potContrast: Check<'pot-contrast', PotContrastFacts> = {
  id: 'pot-contrast',
  weight: 0.8,
  certainty: 'fairly sure',
  source: { kind: 'ours', reason: 'OKLab distance of the edge plants from the pot; under .1 they melt into it.' },
  limits: { trouble: 0.2, look: 0.6 },
  judge: (reading) => {
    const played = rolesPlayed(reading);
    const edges = reading.plants.filter((plant, i) => played[i] === 'edge' && plant.kind.trailCm !== null);
    if (edges.length === 0 || reading.planting.container.material === 'coir') return null;
    const ranked = edges.map((plant) => ({ plant, distance: deltaE(leadingColour(plant.kind), reading.planting.container.colour) })).sort((a, b) => a.distance - b.distance);
    const worst = ranked[0]!;
    return { score: clamp((worst.distance - 0.02) / 0.16, 0, 1), facts: { kind: worst.plant.kind.id, distance: worst.distance }, culprits: ranked.filter((r) => r.distance < 0.1).map((r) => r.plant.id) };
  },
};
