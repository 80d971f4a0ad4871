import { dot, type Vec3 } from '../geometry/vec3';
import type { LeafMark, Mark } from '../marks/mark';
import { fromFront } from './depth';
import { aim, depthOf, screenX, screenY, type Aim, type Lens } from './lens';

/** Edge of a cell of the picture in which leaf area is added up, pixels. */
const CELL_PX = 5;
/** Layers of leaf in front of a mark from which it is left out: e⁻¹·⁵, a fifth of such a cell, would still show through scattered leaves. */
const LAYERS = 1.5;

/**
 * The marks without those that lie deep behind others as seen through a lens: for pictures that move, in which half of a dense
 * planting is drawn only to be painted over. Leaf area is added up cell by cell from the front to the back. What is in front is
 * never left out; what is counted is counted on all marks.
 */
export function withoutCovered(
  marks: readonly Mark[],
  lens: Lens,
  frame: { readonly widthPx: number; readonly heightPx: number },
): Mark[] {
  const a = aim(lens);
  const across = Math.ceil(frame.widthPx / CELL_PX) + 1;
  const layers = new Float32Array(across * (Math.ceil(frame.heightPx / CELL_PX) + 1));
  const cell = (x: number, y: number): number =>
    x < 0 || y < 0 || x >= frame.widthPx || y >= frame.heightPx
      ? -1
      : ((y / CELL_PX) | 0) * across + ((x / CELL_PX) | 0);
  const shown = new Uint8Array(marks.length);
  const depths = new Float32Array(marks.length);
  for (let i = 0; i < depths.length; i += 1) depths[i] = depthOf(a, marks[i]!.p);
  for (const i of fromFront(depths)) {
    const mark = marks[i]!;
    const [x0, y0] = [screenX(a, mark.p), screenY(a, mark.p)];
    const first = cell(x0, y0);
    const tip = tipOf(mark);
    const [x1, y1] = tip ? [screenX(a, tip), screenY(a, tip)] : [x0, y0];
    const [middle, last] = [cell((x0 + x1) / 2, (y0 + y1) / 2), cell(x1, y1)];
    if (
      first >= 0 &&
      middle >= 0 &&
      last >= 0 &&
      layers[first]! >= LAYERS &&
      layers[middle]! >= LAYERS &&
      layers[last]! >= LAYERS
    )
      continue;
    shown[i] = 1;
    if (mark.kind !== 'leaf') continue;
    const area = coverPx2(mark, a) / (CELL_PX * CELL_PX * 3);
    if (first >= 0) layers[first]! += area;
    if (middle >= 0) layers[middle]! += area;
    if (last >= 0) layers[last]! += area;
  }
  const left: Mark[] = [];
  for (let i = 0; i < shown.length; i += 1) if (shown[i] === 1) left.push(marks[i]!);
  return left;
}

/** The far end of a mark that is long. */
function tipOf(mark: Mark): Vec3 | null {
  switch (mark.kind) {
    case 'leaf':
      return [
        mark.p[0] + mark.u[0] * mark.lengthCm,
        mark.p[1] + mark.u[1] * mark.lengthCm,
        mark.p[2] + mark.u[2] * mark.lengthCm,
      ];
    case 'strap':
    case 'plume':
      return mark.spine[mark.spine.length - 1]!;
    case 'stem':
      return mark.to;
    case 'flower':
    case 'fruit':
      return null;
  }
}

/** Picture area that a leaf hides, px². Stems, flowers and thin blades are left out of the sum: they let much through. */
function coverPx2(mark: LeafMark, a: Aim): number {
  return (
    mark.lengthCm *
    mark.widthCm *
    0.55 *
    Math.max(0.35, Math.abs(dot(mark.n, a.toward))) *
    a.pxPerCm *
    a.pxPerCm
  );
}
