import { toHex, type Oklch } from '../colour/oklch';
import { dot } from '../geometry/vec3';
import { clamp } from '../units/units';
import type { Aim } from './lens';
import { fill, type Part, type GradientStop } from './part';

export function lit([L, C, h]: Oklch, change: number): string {
  return toHex([clamp(L + change, 0.06, 0.97), C * (change < -0.1 ? 0.85 : 1), h]);
}

/** Shading across a round wall, left to right, as lightness changes: light from the upper left, a rim of reflected light. */
const ACROSS: readonly (readonly [number, number])[] = [
  [0, -0.1],
  [0.12, 0.015],
  [0.26, 0.07],
  [0.45, 0],
  [0.64, -0.06],
  [0.8, -0.14],
  [0.94, -0.19],
  [1, -0.155],
];

/** The same with a narrow mirror of the sky. */
const ACROSS_GLOSSY: readonly (readonly [number, number])[] = [
  [0, -0.12],
  [0.12, 0.01],
  [0.2, 0.06],
  [0.235, 0.24],
  [0.27, 0.24],
  [0.31, 0.06],
  [0.45, 0],
  [0.64, -0.07],
  [0.8, -0.16],
  [0.94, -0.21],
  [1, -0.13],
];

/** How far the sun stands to one side before a round wall is bright on that side; and how much of the shading is left where no sun falls on the side that is seen. Ours. */
const TO_ONE_SIDE = 0.1;
const SHADED = { contrast: 0.45, shift: -0.045 } as const;

/** Shading across a round wall in the light it stands in: bright toward the sun, flat and a little darker where the sun is behind it or kept off. */
export function acrossRamp(
  a: Aim,
  colour: Oklch,
  xy: readonly number[],
  shift = 0,
  glossy = false,
): Part {
  let [low, high] = [Infinity, -Infinity];
  for (let i = 0; i < xy.length; i += 2) {
    low = Math.min(low, xy[i]!);
    high = Math.max(high, xy[i]!);
  }
  const { toSun, sunShare } = a.light;
  const sunlit = sunShare * clamp(dot(a.toward, toSun) * 4 + 1, 0, 1);
  const contrast = SHADED.contrast + (1 - SHADED.contrast) * sunlit;
  const stops: GradientStop[] = (glossy ? ACROSS_GLOSSY : ACROSS).map(([at, change]) => ({
    at,
    colour: lit(colour, change * contrast + SHADED.shift * (1 - sunlit) + shift),
  }));
  const fromRight = dot(a.right, toSun) > TO_ONE_SIDE;
  return fill(xy, { x0: fromRight ? high : low, y0: 0, x1: fromRight ? low : high, y1: 0, stops });
}

/** Downward shading of a flat face between its upper and lower edge. */
export function downRamp(colour: Oklch, xy: readonly number[], light: number): Part {
  let [low, high] = [Infinity, -Infinity];
  for (let i = 1; i < xy.length; i += 2) {
    low = Math.min(low, xy[i]!);
    high = Math.max(high, xy[i]!);
  }
  return fill(xy, {
    x0: 0,
    y0: low,
    x1: 0,
    y1: high,
    stops: [
      { at: 0, colour: lit(colour, light + 0.03) },
      { at: 0.55, colour: lit(colour, light - 0.02) },
      { at: 1, colour: lit(colour, light - 0.1) },
    ],
  });
}
