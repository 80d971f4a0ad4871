import { growingRoomCm2 } from '../../containers/container';
import { lightFactor } from '../../growth/conditions';
import { growthShare } from '../../growth/growth';
import { middle } from '../../plants/kind';
import { clamp } from '../../units/units';
import type { Check } from '../check';

export interface CrowdingFacts {
  /** Leaf area wanted by all plants full grown, over the area of mix and a hand's breadth past the rim. */
  readonly pressure: number;
  readonly plants: number;
  /** How many plants fewer would bring it to a comfortable fill. */
  readonly tooMany: number;
}

/** Pressure at which plants press on each other but hold; past it the weak ones go under. Ours, after counts people plant. */
const COMFORTABLE = 3;
/** A plant this much taller than the middle one grows in an upper storey and takes half the room below. Ours. */
const UPPER_STOREY = 1.6;

/** How hard full-grown plants press on each other: total plan area over the room there is. */
export const crowding: Check<'crowding', CrowdingFacts> = {
  id: 'crowding',
  weight: 1.6,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Summed grown area over mix and overhang, set so that the counts people usually plant per pot come out as comfortable.',
  },
  limits: { trouble: 0.3, look: 0.65 },
  judge: (reading) => {
    if (reading.plants.length < 2) return null;
    const room = growingRoomCm2(reading.planting.container);
    const sizes = reading.grown();
    // What they would grow to if nobody stood in the way: crowded plants stay smaller, and that is the trouble.
    const wanted = reading.plants.map(
      ({ kind, size }) =>
        middle(kind.spreadCm) *
        growthShare(kind, size, reading.grownWeek, lightFactor(kind, reading.spot)) ** 0.9,
    );
    const middling = [...sizes].map((size) => size.heightCm).sort((a, b) => a - b)[
      Math.floor(sizes.length / 2)
    ]!;
    const areas = sizes.map(
      (size, i) =>
        Math.PI * (wanted[i]! / 2) ** 2 * (size.heightCm > middling * UPPER_STOREY ? 0.5 : 1),
    );
    const total = areas.reduce((sum, area) => sum + area, 0);
    const pressure = total / room;
    const mean = total / areas.length;
    const order = reading.plants
      .map((p, i) => ({ id: p.id, area: areas[i]! }))
      .sort((a, b) => b.area - a.area);
    return {
      score: clamp(1 - Math.max(0, pressure - COMFORTABLE) / 2.2, 0, 1),
      facts: {
        pressure,
        plants: reading.plants.length,
        tooMany: Math.max(0, Math.ceil(((pressure - COMFORTABLE) * room) / mean)),
      },
      culprits: pressure > COMFORTABLE ? order.slice(0, 3).map(({ id }) => id) : [],
    };
  },
  fixes: (_, verdict) => verdict.culprits.map((place) => ({ kind: 'remove', place })),
};
