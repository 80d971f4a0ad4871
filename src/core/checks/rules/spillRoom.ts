import { halfDepthCm } from '../../containers/shape';
import { clamp } from '../../units/units';
import type { Check } from '../check';

export interface SpillRoomFacts {
  readonly kind: string;
  /** How far leaves reach past the front rim, and the room there is, cm. */
  readonly reachCm: number;
  readonly roomCm: number;
}

/** Is there room in front to spill without rubbing on a fence or blocking a path? */
export const spillRoom: Check<'spill-room', SpillRoomFacts> = {
  id: 'spill-room',
  weight: 0.6,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason: 'Grown leaves past the front rim against the room told for the spot.',
  },
  limits: { trouble: 0.2, look: 0.7 },
  judge: (reading) => {
    const roomCm = reading.spot.spillRoomCm;
    if (roomCm === null || reading.plants.length === 0) return null;
    const front = halfDepthCm(reading.planting.container.shape);
    const ranked = reading
      .grownRows()
      .map(({ plant, size }) => ({ plant, reachCm: plant.zCm + size.spreadCm / 2 - front }))
      .sort((a, b) => b.reachCm - a.reachCm);
    const worst = ranked[0]!;
    return {
      score: clamp(1 - Math.max(0, worst.reachCm - roomCm) / 18, 0, 1),
      facts: { kind: worst.plant.kindId, reachCm: Math.max(0, worst.reachCm), roomCm },
      culprits: ranked.filter(({ reachCm }) => reachCm > roomCm).map(({ plant }) => plant.id),
    };
  },
};
