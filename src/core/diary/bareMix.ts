import { fromRgb, toLab, type Oklab, type Rgb } from '../colour/oklch';
import type { PhotoPoint } from './measurePhoto';

/** Pixels of a picture, four bytes each, row by row. */
export interface Pixels {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly data: ArrayLike<number>;
}

/** How much of the mix is seen to be bare. */
export interface BareMix {
  /** Share of what lies inside the outline, 0–1. */
  readonly share: number;
  /** It may be out by so much. */
  readonly off: number;
}

/** Leaf or flower differs from the mix by more than this, shadows counted for less: Oklab, lightness at a third. Ours, set on drawn pictures. */
const ALIKE = 0.055;
const LIGHTNESS_WEIGHT = 0.33;
/** What is nearly alike may be either: it makes the doubt. */
const DOUBT = 0.02;
/** About so many pixels are looked at: enough for a share to a hundredth. */
const LOOKED_AT = 20_000;

/**
 * The share of an outline in which the mix is still bare.
 * @param outline corners in shares of the picture, in order; three at least
 * @param mix the colour of bare mix in the same picture, sRGB 0–1
 * @returns `null` when the outline holds nothing
 */
export function bareMix(pixels: Pixels, outline: readonly PhotoPoint[], mix: Rgb): BareMix | null {
  const { widthPx, heightPx, data } = pixels;
  const to = toLab(fromRgb(mix));
  const step = Math.max(1, Math.floor(Math.sqrt((widthPx * heightPx) / LOOKED_AT)));
  let [inside, surely, perhaps] = [0, 0, 0];
  for (let y = step >> 1; y < heightPx; y += step)
    for (let x = step >> 1; x < widthPx; x += step) {
      if (!isInside({ x: (x + 0.5) / widthPx, y: (y + 0.5) / heightPx }, outline)) continue;
      inside += 1;
      const at = 4 * (y * widthPx + x);
      const apart = apartOf(
        toLab(fromRgb([data[at]! / 255, data[at + 1]! / 255, data[at + 2]! / 255])),
        to,
      );
      if (apart < ALIKE - DOUBT) surely += 1;
      if (apart < ALIKE + DOUBT) perhaps += 1;
    }
  if (inside === 0) return null;
  const [low, high] = [surely / inside, perhaps / inside];
  return { share: (low + high) / 2, off: Math.max(0.05, (high - low) / 2) };
}

const apartOf = ([L, a, b]: Oklab, [L2, a2, b2]: Oklab): number =>
  Math.hypot(LIGHTNESS_WEIGHT * (L - L2), a - a2, b - b2);

/** Even–odd rule. */
function isInside({ x, y }: PhotoPoint, outline: readonly PhotoPoint[]): boolean {
  let inside = false;
  outline.forEach((a, i) => {
    const b = outline[(i + 1) % outline.length]!;
    if (a.y > y !== b.y > y && x < a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x)) inside = !inside;
  });
  return inside;
}
