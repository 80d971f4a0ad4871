import type { Gathered } from '@/core/plantings/gathering';
import { USUAL_PITCH_RAD, type Extent } from '@/core/seeing/framing';
import { SIDE_RULER_PX } from '@/ui/controls/rulerSize';

/** From how high a terrace is looked at. */
export const PITCH_RAD = USUAL_PITCH_RAD.standing;
export const RULER_PX = 24;
/** Room above the highest and at either end, cm. */
export const MARGIN_CM = 8;
/** Ground shown below the feet, cm. */
const GROUND_CM = 10;
/** A terrace shows at least so much to either side and above, cm: one small pot alone is not blown up. */
const LEAST_CM = 60;

/** A container of a terrace and the room its drawing needs. */
export interface OnTerrace {
  readonly member: Gathered;
  readonly extent: Extent;
}

/** How far a container's foot is lifted in the picture by its stand and by standing back, cm. */
export function liftCm({ raisedCm, backCm }: Pick<Gathered, 'raisedCm' | 'backCm'>): number {
  return raisedCm * Math.cos(PITCH_RAD) + backCm * Math.sin(PITCH_RAD);
}

/** Room a terrace needs: to either side of its middle, and above the ground, cm. */
export function terraceRoom(standing: readonly OnTerrace[]): {
  readonly reachCm: number;
  readonly highCm: number;
} {
  const reaches = standing.map(
    ({ member, extent }) => Math.abs(member.atCm) + Math.max(extent.leftCm, extent.rightCm),
  );
  const heights = standing.map(({ member, extent }) => extent.aboveCm + liftCm(member));
  return {
    reachCm: Math.max(LEAST_CM, ...reaches) + MARGIN_CM,
    highCm: Math.max(LEAST_CM, ...heights) + MARGIN_CM,
  };
}

/** Where a terrace lies in its field: pixels per centimetre, the middle of the line and the ground, px. */
export interface TerraceScale {
  readonly pxPerCm: number;
  readonly middle: number;
  readonly ground: number;
}

export function terraceScale(
  { reachCm, highCm }: { readonly reachCm: number; readonly highCm: number },
  widthPx: number,
  heightPx: number,
): TerraceScale {
  const across = (widthPx - SIDE_RULER_PX) / (2 * reachCm);
  const up = (heightPx - RULER_PX - 24) / (highCm + 8);
  const pxPerCm = widthPx > 0 ? Math.min(across, up) : 0;
  return {
    pxPerCm,
    middle: (widthPx - SIDE_RULER_PX) / 2,
    ground: heightPx - RULER_PX - GROUND_CM * pxPerCm,
  };
}
