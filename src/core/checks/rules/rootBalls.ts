import { clamp } from '../../units/units';
import { ballRoomCm, deepEnough, FIT_TOLERANCE_CM, wallRoomCm } from '../../placing/fit';
import { settle } from '../../placing/settle';
import { middle } from '../../plants/kind';
import type { Check } from '../check';

export interface RootBallFacts {
  /** Worst shortfall of room, cm; 0 when all fit. */
  readonly shortfallCm: number;
  /** What is short: room to the wall, room between two, or depth. */
  readonly what: 'wall' | 'neighbour' | 'depth' | 'nothing';
}

/** Do the root balls go in, side by side, off the wall and not too deep? */
export const rootBalls: Check<'root-balls', RootBallFacts> = {
  id: 'root-balls',
  weight: 2.5,
  certainty: 'quite sure',
  source: {
    kind: 'ours',
    reason:
      'Geometry: ball top and bottom edges against the wall with 1 cm of mix between, and against each other with 12% squeeze.',
  },
  limits: { trouble: 0.6, look: 0.9 },
  judge: ({ plants, planting }) => {
    if (plants.length === 0) return null;
    const { container } = planting;
    let worst = { shortfallCm: 0, what: 'nothing' as RootBallFacts['what'] };
    const culprits = new Set<string>();
    const note = (shortfallCm: number, what: RootBallFacts['what'], ids: readonly string[]) => {
      if (shortfallCm <= FIT_TOLERANCE_CM) return;
      ids.forEach((id) => culprits.add(id));
      if (shortfallCm > worst.shortfallCm) worst = { shortfallCm, what };
    };
    plants.forEach((plant, i) => {
      if (!deepEnough(container, plant.size, plant.kind)) note(5, 'depth', [plant.id]);
      note(-wallRoomCm(container, plant), 'wall', [plant.id]);
      for (let j = 0; j < i; j += 1)
        note(-ballRoomCm(plant, plants[j]!), 'neighbour', [plant.id, plants[j]!.id]);
    });
    return {
      score: clamp(1 - worst.shortfallCm * 0.25 - culprits.size * 0.02, 0, 1),
      facts: worst,
      culprits: [...culprits],
    };
  },
  fixes: ({ planting, plants, grown }, verdict) => {
    const sizes = grown();
    if (
      verdict.facts.what === 'nothing' ||
      verdict.facts.what === 'depth' ||
      plants.length !== planting.places.length
    )
      return [];
    const { places } = settle(
      planting.container,
      plants.map((p, i) => ({
        xCm: p.xCm,
        zCm: p.zCm,
        size: p.size,
        kind: p.kind,
        spreadRadiusCm: (sizes[i]?.spreadCm ?? middle(p.kind.spreadCm)) / 2,
      })),
    );
    return [
      { kind: 'arrange', places: planting.places.map((place, i) => ({ ...place, ...places[i]! })) },
    ];
  },
};
