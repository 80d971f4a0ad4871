import { heightsAt, turnDeg } from '@/core/spots/silhouette';
import type { Obstacle } from '@/core/spots/obstacle';
import type { SkyPlace } from '@/core/spots/skyPaths';

/** Highest altitude drawn, degrees. */
const TOP_DEG = 90;

/** The sky laid out flat: bearing across, altitude up. */
export interface SkyScale {
  /** Bearing in the middle of the strip: that of the noon sun. */
  readonly middle: number;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly xOf: (bearing: number) => number;
  readonly yOf: (altitude: number) => number;
  /** The place in the sky at a point of the strip, px from its left and top edge. */
  readonly placeAt: (
    x: number,
    y: number,
  ) => { readonly bearing: number; readonly altitude: number };
  /** A way in the sky as px. */
  readonly pxOf: (bearings: number, altitudes: number) => number;
}

export function skyScale(latitudeDeg: number, widthPx: number, heightPx: number): SkyScale {
  const middle = latitudeDeg >= 0 ? 180 : 0;
  return {
    middle,
    widthPx,
    heightPx,
    xOf: (bearing) => ((turnDeg(middle, bearing) + 180) / 360) * widthPx,
    yOf: (altitude) => heightPx - (altitude / TOP_DEG) * heightPx,
    placeAt: (x, y) => ({
      bearing: middle - 180 + (x / widthPx) * 360,
      altitude: ((heightPx - y) / heightPx) * TOP_DEG,
    }),
    pxOf: (bearings, altitudes) =>
      Math.hypot(bearings * (widthPx / 360), altitudes * (heightPx / TOP_DEG)),
  };
}

/** A line through places as SVG. Where it leaves one side of the strip it comes in at the other. */
export function lineOf(points: readonly SkyPlace[], { xOf, yOf, widthPx }: SkyScale): string {
  let d = '';
  let lastX = Number.NaN;
  for (const [bearing, altitude] of points) {
    const x = xOf(bearing);
    d += `${Number.isNaN(lastX) || Math.abs(x - lastX) > widthPx / 2 ? 'M' : 'L'}${x.toFixed(1)} ${yOf(altitude).toFixed(1)}`;
    lastX = x;
  }
  return d;
}

/** The area between two lines as SVG. */
export function areaOf(
  [high, low]: readonly [readonly SkyPlace[], readonly SkyPlace[]],
  { xOf, yOf }: SkyScale,
): string {
  const along = (points: readonly SkyPlace[]) =>
    [...points].map(([b, a]) => [xOf(b), yOf(a)] as const).sort((p, q) => p[0] - q[0]);
  return `M${[...along(high), ...along(low).reverse()].map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`;
}

/** Outlines of a thing: one for each unbroken run of bearings. */
export function silhouettesOf(
  obstacle: Obstacle,
  leafHeightCm: number,
  { middle, xOf, yOf }: SkyScale,
): readonly string[] {
  const runs: { x: number; low: number; high: number }[][] = [];
  let run: { x: number; low: number; high: number }[] | null = null;
  for (let i = 0; i <= 720; i += 1) {
    const bearing = middle - 180 + i / 2;
    // The strip's last bearing is its first again; it belongs to the right edge.
    const x = i === 720 ? xOf(middle + 179.999) : xOf(bearing + 1e-6);
    const cover = heightsAt(obstacle, leafHeightCm, bearing);
    if (!cover) {
      run = null;
      continue;
    }
    if (!run) runs.push((run = []));
    run.push({ x, low: yOf(cover[0]), high: yOf(cover[1]) });
  }
  return runs.map(
    (points) =>
      `M${points.map(({ x, high }) => `${x.toFixed(1)} ${high.toFixed(1)}`).join('L')}L${[...points]
        .reverse()
        .map(({ x, low }) => `${x.toFixed(1)} ${low.toFixed(1)}`)
        .join('L')}Z`,
  );
}
