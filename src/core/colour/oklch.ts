import { RAD_PER_DEG } from '../units/units';

/**
 * A colour in OKLCH (Ottosson 2020): lightness 0–1, chroma 0–about .37, hue in degrees 0–360.
 * The only colour type of the core; hex and rgb appear at the edges.
 */
export type Oklch = readonly [L: number, C: number, hDeg: number];
/** The same colour in the rectangular frame: lightness, green–red, blue–yellow. */
export type Oklab = readonly [L: number, a: number, b: number];
/** sRGB, 0–1 each, gamma-coded. */
export type Rgb = readonly [r: number, g: number, b: number];

export function toLab([L, C, h]: Oklch): Oklab {
  return [L, C * Math.cos(h * RAD_PER_DEG), C * Math.sin(h * RAD_PER_DEG)];
}

export function fromLab([L, a, b]: Oklab): Oklch {
  return [L, Math.hypot(a, b), (Math.atan2(b, a) / RAD_PER_DEG + 360) % 360];
}

function linearRgb([L, a, b]: Oklab): Rgb {
  const l = (L + 0.3963377774 * a + 0.2158037573 * b) ** 3;
  const m = (L - 0.1055613458 * a - 0.0638541728 * b) ** 3;
  const s = (L - 0.0894841775 * a - 1.291485548 * b) ** 3;
  return [
    4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s,
    -1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s,
    -0.0041960863 * l - 0.7034186147 * m + 1.707614701 * s,
  ];
}

/** A channel of linear light, coded for sRGB. */
export function encode(linear: number): number {
  return linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055;
}

/** A coded sRGB channel as linear light. */
export function decode(coded: number): number {
  return coded <= 0.04045 ? coded / 12.92 : ((coded + 0.055) / 1.055) ** 2.4;
}

/** Slack for rounding in the gamut test. */
const IN_GAMUT_SLACK = 1e-4;

function inGamut([r, g, b]: Rgb): boolean {
  const low = -IN_GAMUT_SLACK;
  const high = 1 + IN_GAMUT_SLACK;
  return r >= low && g >= low && b >= low && r <= high && g <= high && b <= high;
}

/**
 * sRGB for a screen. A colour outside sRGB keeps its lightness and hue and loses chroma until it fits;
 * halving the interval 14 times is finer than one 8-bit step and always ends at a true neutral.
 */
export function toRgb(colour: Oklch): Rgb {
  const L = Math.min(1, Math.max(0, colour[0]));
  let linear = linearRgb(toLab([L, colour[1], colour[2]]));
  if (!inGamut(linear)) {
    let low = 0;
    let high = colour[1];
    for (let i = 0; i < 14; i += 1) {
      const c = (low + high) / 2;
      if (inGamut(linearRgb(toLab([L, c, colour[2]])))) low = c;
      else high = c;
    }
    linear = linearRgb(toLab([L, low, colour[2]]));
  }
  return linear.map((v) => encode(Math.min(1, Math.max(0, v)))) as unknown as Rgb;
}

export function fromRgb([r, g, b]: Rgb): Oklch {
  const [R, G, B] = [decode(r), decode(g), decode(b)];
  const l = Math.cbrt(0.4122214708 * R + 0.5363325363 * G + 0.0514459929 * B);
  const m = Math.cbrt(0.2119034982 * R + 0.6806995451 * G + 0.1073969566 * B);
  const s = Math.cbrt(0.0883024619 * R + 0.2817188376 * G + 0.6299787005 * B);
  return fromLab([
    0.2104542553 * l + 0.793617785 * m - 0.0040720468 * s,
    1.9779984951 * l - 2.428592205 * m + 0.4505937099 * s,
    0.0259040371 * l + 0.7827717662 * m - 0.808675766 * s,
  ]);
}

/** `#rrggbb` for a screen. */
export function toHex(colour: Oklch): string {
  return `#${toRgb(colour)
    .map((v) =>
      Math.round(v * 255)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
}

/** @returns `null` when the text is not `#rrggbb` */
export function fromHex(text: string): Oklch | null {
  const match = /^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i.exec(text.trim());
  if (!match) return null;
  return fromRgb(match.slice(1).map((pair) => parseInt(pair, 16) / 255) as unknown as Rgb);
}

/** Straight distance in OKLab. About .02 is just noticeable; .1 is plainly another shade. */
export function deltaE(a: Oklch, b: Oklch): number {
  const [p, q] = [toLab(a), toLab(b)];
  return Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
}

/** Angle between two hues, degrees, 0–180. */
export function hueGapDeg(a: number, b: number): number {
  const d = Math.abs(a - b) % 360;
  return d > 180 ? 360 - d : d;
}
