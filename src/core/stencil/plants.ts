import type { Container } from '../containers/container';
import type { Size } from '../growth/foresee';
import { vesselOf } from '../marks/vessel';
import type { PlacedPlant } from '../plantings/planting';
import { NURSERY_SIZES } from '../plants/nursery';
import { RAD_PER_DEG } from '../units/units';
import type { PlanMark } from './planMark';

/** Root-ball radius of a plant, cm: what its hole in the stencil shows. */
export function holeCm({ size }: Pick<PlacedPlant, 'size'>): number {
  return NURSERY_SIZES[size].topCm / 2;
}

/** Every ball at its true size, with the letter of its kind. */
export function ballMarks(
  plants: readonly PlacedPlant[],
  letterOf: (plant: PlacedPlant) => string,
): readonly PlanMark[] {
  return plants.flatMap((plant): PlanMark[] => {
    const at = [plant.xCm, plant.zCm] as const;
    return [
      { kind: 'circle', what: 'ball', at, radiusCm: holeCm(plant) },
      { kind: 'label', what: 'letter', at, text: letterOf(plant) },
    ];
  });
}

/** How wide each plant is. @param sizes of the plants, in their order */
export function spreadMarks(
  plants: readonly PlacedPlant[],
  sizes: readonly Size[],
): readonly PlanMark[] {
  return plants.map(({ xCm, zCm }, i): PlanMark => ({
    kind: 'circle',
    what: 'spread',
    at: [xCm, zCm],
    radiusCm: sizes[i]!.spreadCm / 2,
  }));
}

/** From where to where the arrow of a slanting plant reaches: from its stem, longer the more it slants. Ours. */
const ARROW = { fromCm: 1.6, toCm: 2.2, cmPerDeg: 0.09 } as const;

/** Which way a plant slants; nothing when it stands upright. */
export function leanMarks(
  { xCm, zCm, lean }: PlacedPlant,
  { container, hung }: { readonly container: Container; readonly hung: boolean },
): readonly PlanMark[] {
  if (!lean || lean.tiltDeg < 1) return [];
  const [ox, , oz] = vesselOf(container, hung).outward(xCm, zCm);
  const turn = lean.turnDeg * RAD_PER_DEG;
  const [dx, dz] = [
    ox * Math.cos(turn) + oz * Math.sin(turn),
    oz * Math.cos(turn) - ox * Math.sin(turn),
  ];
  const toCm = ARROW.toCm + lean.tiltDeg * ARROW.cmPerDeg;
  return [
    {
      kind: 'arrow',
      what: 'lean',
      from: [xCm + dx * ARROW.fromCm, zCm + dz * ARROW.fromCm],
      to: [xCm + dx * toCm, zCm + dz * toCm],
    },
  ];
}
