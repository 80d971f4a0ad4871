import { fillable, type Container } from './container';
import { edgePlaces, towardEdge } from './section';

/** A hole or pocket in the side, on the inside of the wall. */
export interface SideHole {
  readonly xCm: number;
  readonly zCm: number;
  /** Above the inside base, cm. */
  readonly heightCm: number;
  /** Level unit vector out of the wall. */
  readonly out: readonly [x: number, z: number];
}

/** Rows of side holes from the lowest, evenly round; every other row is set half a step on, as it is planted. What hangs on a wall has none at its back. */
export function sideHolesOf(container: Container): readonly (readonly SideHole[])[] {
  const form = fillable(container);
  const against = container.shape.kind === 'wall';
  return [...container.sideHoles]
    .sort((a, b) => a.heightCm - b.heightCm)
    .map(({ heightCm, count }, row) => {
      const section = form.sectionAt(heightCm);
      return edgePlaces(section, count, row % 2 === 0 ? 0 : 0.5, against).map(([xCm, zCm]) => ({
        xCm,
        zCm,
        heightCm,
        out: towardEdge(section, xCm * 0.999, zCm * 0.999),
      }));
    });
}
