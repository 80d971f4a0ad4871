import { read } from '@/core/checks/reading';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { extentOf, USUAL_PITCH_RAD } from '@/core/seeing/framing';
import { subjectOf } from '@/core/seeing/subject';
import { hangsFree, type Spot } from '@/core/spots/spot';
import type { Planted } from '@/ui/session/usePlanted';
import type { PictureRequest } from '@/drawing/picturing';
import { SIDE_RULER_PX } from '@/ui/controls/rulerSize';

/** Weeks after planting that the Yard shows when it is entered: most of what is planted in spring is full then. */
export const YARD_WEEKS = 9;

/** The Yard's columns: its ground, and what wants a look. */
export const YARD_COLUMNS = 'gap-6 wide:grid wide:grid-cols-[minmax(0,1fr)_324px]';

/** What stands at one spot. */
export interface YardRow {
  readonly spot: Spot;
  readonly its: readonly PlantingInSpot[];
}

export function rowsOf({ spots, its }: Planted): readonly YardRow[] {
  return spots
    .map((spot) => ({ spot, its: its.filter(({ planting }) => planting.spotId === spot.id) }))
    .filter((row) => row.its.length > 0);
}

/** Room for the spot's name beside its containers, px. */
const NAME_PX = 132;

/** A ground this wide has room for larger drawings, px. */
const ROOMY_PX = 1150;

/** Widest scale at which every row fits, within what reads well. */
export function scaleFor(rows: readonly YardRow[], width: number): number {
  const usable = width - SIDE_RULER_PX - 170;
  const widest = Math.max(
    1,
    ...rows.map(({ its }) => its.reduce((sum, it) => sum + widthCm(it) + 12, 0)),
  );
  return Math.max(0.9, Math.min(width > ROOMY_PX ? 2 : 1.6, usable / widest));
}

/** Room between two lines' neighbours, px. */
const GAP_PX = 16;

/** Rows in the order in which they fill lines best: the widest first, then whatever else still fits beside it. */
export function linesOf(
  rows: readonly YardRow[],
  pxPerCm: number,
  width: number,
): readonly YardRow[] {
  const left = [...rows].sort((a, b) => rowPx(b, pxPerCm) - rowPx(a, pxPerCm));
  const ordered: YardRow[] = [];
  while (left.length > 0) {
    let room = width;
    for (let i = 0; i < left.length;) {
      const need = rowPx(left[i]!, pxPerCm);
      if (room === width || need + GAP_PX <= room) {
        ordered.push(left[i]!);
        room -= need + GAP_PX;
        left.splice(i, 1);
      } else i += 1;
    }
  }
  return ordered;
}

/** Room a spot takes: its ruler, its containers and its name. */
export function rowPx({ its }: YardRow, pxPerCm: number): number {
  return (
    SIDE_RULER_PX +
    10 +
    its.reduce((sum, it) => sum + (widthCm(it) + 12) * pxPerCm, -12 * pxPerCm) +
    NAME_PX
  );
}

function widthCm(it: PlantingInSpot): number {
  const extent = extentOf(read(it));
  return extent.leftCm + extent.rightCm;
}

/** One container of a row: where its picture stands, px, and what it shows. */
export interface Placed {
  readonly it: PlantingInSpot;
  readonly leftPx: number;
  readonly middlePx: number;
  readonly picture: PictureRequest & { readonly holesCm: null };
}

/** A row with its pictures, all to one scale. */
export interface PlacedRow {
  readonly heightPx: number;
  /** Where the strip that is drawn begins above the ground, cm: what hangs high is drawn without the air below it. */
  readonly fromCm: number;
  readonly placed: readonly Placed[];
}

/** Places the containers of a row side by side in a week after planting. */
export function placeRow({ spot, its }: YardRow, weeks: number, pxPerCm: number): PlacedRow {
  const extents = its.map((it) => extentOf(read(it)));
  // Height above ground is drawn in full: a basket under a canopy hangs where it hangs.
  const above = Math.max(...extents.map(({ aboveCm }) => spot.dropCm + aboveCm));
  const fromCm = hangsFree(spot)
    ? Math.max(0, spot.dropCm - Math.max(...extents.map((e) => e.belowCm)) - 6)
    : 0;
  const heightPx = Math.round((above - fromCm) * pxPerCm) + 14;
  const pitchRad =
    spot.view === 'from below' ? USUAL_PITCH_RAD.fromBelow : USUAL_PITCH_RAD.standing * 0.6;
  let leftPx = SIDE_RULER_PX + 10;
  const placed = its.map((it, i): Placed => {
    const extent = extents[i]!;
    const wide = (extent.leftCm + extent.rightCm) * pxPerCm;
    const widthPx = Math.round(wide);
    const below = Math.min(extent.belowCm, spot.dropCm - fromCm + 4);
    const originY =
      heightPx -
      Math.max(below, spot.dropCm - fromCm) * pxPerCm -
      (spot.dropCm === 0 ? -extent.belowCm * pxPerCm + 6 : 0);
    const one = {
      it,
      leftPx,
      middlePx: leftPx + wide / 2,
      picture: {
        subject: subjectOf(it),
        weeks: Math.min(weeks, read(it).weeks),
        lens: { azimuthRad: 0, pitchRad, pxPerCm, originX: widthPx / 2, originY },
        detail: 'full',
        widthPx,
        heightPx,
        holesCm: null,
      } as const,
    };
    leftPx += wide + 12 * pxPerCm;
    return one;
  });
  return { heightPx, fromCm, placed };
}
