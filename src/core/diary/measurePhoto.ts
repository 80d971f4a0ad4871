/** A point on a photograph, pixels from its upper left. */
export interface PhotoPoint {
  readonly x: number;
  readonly y: number;
}

/** What is tapped: the pot's rim at its left and its right, and the top of what is to be measured. */
export interface Taps {
  readonly rimLeft: PhotoPoint;
  readonly rimRight: PhotoPoint;
  readonly top: PhotoPoint;
}

/** A length read off a photograph, cm, with how far it may be out: two standard deviations. */
export interface PhotoLength {
  readonly cm: number;
  readonly offCm: number;
}

/** A finger taps within this of what it means, px of the photograph as it is shown. Ours. */
const TAP_PX = 4;
/** Looked down on by so many degrees, give or take, as one stands before a pot. Ours. */
const USUAL_DOWN_DEG = 12;
const DOWN_OFF_DEG = 9;
/** What stands in the middle of a pot is as far off as its rim's ends; leaves lean towards or away. Share. Ours. */
const LEANS = 0.025;

const cosDeg = (deg: number): number => Math.cos((deg * Math.PI) / 180);

/**
 * Height above the rim, from the rim's own width. Across the picture a length is what it is; upright ones are shortened by looking down, and
 * are drawn out again by the usual angle.
 * @param rimCm width of the rim from left to right
 * @param shownPerPx pixels shown for one of the photograph's
 * @returns `null` when the taps make no sense: the rim has no width
 */
export function heightOnPhoto(
  { rimLeft, rimRight, top }: Taps,
  rimCm: number,
  shownPerPx = 1,
): PhotoLength | null {
  const [dx, dy] = [rimRight.x - rimLeft.x, rimRight.y - rimLeft.y];
  const rimPx = Math.hypot(dx, dy);
  if (rimPx < 1 || !(rimCm > 0)) return null;
  // A picture that was held askew: up is square to the rim.
  const upPx = ((top.y - rimLeft.y) * dx - (top.x - rimLeft.x) * dy) / -rimPx;
  const flat = (upPx / rimPx) * rimCm;
  const cm = flat / cosDeg(USUAL_DOWN_DEG);
  const tap = TAP_PX / Math.max(0.01, shownPerPx);
  const byTaps = (tap / rimPx) * rimCm * Math.hypot(1, (Math.SQRT2 * upPx) / rimPx);
  const byAngle =
    Math.abs(flat) * (1 / cosDeg(USUAL_DOWN_DEG + DOWN_OFF_DEG) - 1 / cosDeg(USUAL_DOWN_DEG));
  return { cm, offCm: 2 * Math.hypot(byTaps, byAngle / 2, LEANS * Math.abs(cm)) };
}
