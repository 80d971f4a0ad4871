import { wallOf, type Container } from '../containers/container';
import { insetCm } from '../containers/section';
import { rimSection } from '../containers/shape';
import { sideHolesOf, type SideHole } from '../containers/sideHoles';
import type { SidePlant } from '../plantings/planting';
import type { PlanMark } from './planMark';

/** Holes are drawn so far outside the rim, the lowest row outermost, and so wide, cm. Ours. */
const OUTSIDE_CM = 1.5;
const ROW_CM = 2.6;
const HOLE_CM = 1.05;

/** How far outside the wall side holes are drawn, cm. */
export function outsideReachCm({ sideHoles }: Pick<Container, 'sideHoles'>): number {
  return OUTSIDE_CM + HOLE_CM + (sideHoles.length - 1) * ROW_CM;
}

/** Where a side hole is drawn on the plan: outside the rim, since the wall hides it. */
function outsideRim(
  container: Container,
  { xCm, zCm, out }: SideHole,
  row: number,
): readonly [x: number, z: number] {
  const rows = container.sideHoles.length;
  const off =
    insetCm(rimSection(container.shape), xCm, zCm) +
    wallOf(container) +
    OUTSIDE_CM +
    (rows - 1 - row) * ROW_CM;
  return [xCm + out[0] * off, zCm + out[1] * off];
}

/** Every side hole of a container: planted ones with the letter of their kind. */
export function sideMarks(
  container: Container,
  sides: readonly SidePlant[],
  letterOf: (side: SidePlant) => string,
): readonly PlanMark[] {
  const planted = new Map(sides.map((side) => [`${side.row} ${side.hole}`, side]));
  return sideHolesOf(container).flatMap((holes, row) =>
    holes.flatMap((at, hole): PlanMark[] => {
      const point = outsideRim(container, at, row);
      const side = planted.get(`${row} ${hole}`);
      return [
        {
          kind: 'circle',
          what: side ? 'planted side' : 'side hole',
          at: point,
          radiusCm: HOLE_CM,
        },
        ...(side
          ? [{ kind: 'label', what: 'side letter', at: point, text: letterOf(side) } as const]
          : []),
      ];
    }),
  );
}
