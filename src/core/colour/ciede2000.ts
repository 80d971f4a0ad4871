import { RAD_PER_DEG } from '../units/units';
import { toLab, type Oklch } from './oklch';
import { once } from '../work/once';

/** CIE 1976 L*a*b*, D65: L 0–100. */
export type CieLab = readonly [L: number, a: number, b: number];

/** D65 white, 2°, as the matrix below gives it: white itself must come out without a hue. */
const WHITE = [0.9504700194, 1.0000000125, 1.0882999575] as const;

/** A colour in CIE L*a*b*. */
export function toCieLab(colour: Oklch): CieLab {
  const [L, a, b] = toLab(colour);
  // OKLab to cone responses to XYZ (Ottosson 2020).
  const l = (L + 0.3963377774 * a + 0.2158037573 * b) ** 3;
  const m = (L - 0.1055613458 * a - 0.0638541728 * b) ** 3;
  const s = (L - 0.0894841775 * a - 1.291485548 * b) ** 3;
  const xyz = [
    1.2270138511 * l - 0.5577999807 * m + 0.281256149 * s,
    -0.0405801784 * l + 1.1122568696 * m - 0.0716766787 * s,
    -0.0763812845 * l - 0.4214819784 * m + 1.5861632204 * s,
  ];
  const [x, y, z] = xyz.map((value, i) => {
    const t = value / WHITE[i]!;
    return t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116;
  }) as [number, number, number];
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)];
}

/**
 * How different two colours look: about 1 is just seen side by side, 10 is plainly another shade.
 * @see Sharma, Wu & Dalal 2005, The CIEDE2000 color-difference formula
 */
export function ciede2000([L1, a1, b1]: CieLab, [L2, a2, b2]: CieLab): number {
  const mean7 = ((Math.hypot(a1, b1) + Math.hypot(a2, b2)) / 2) ** 7;
  const G = 0.5 * (1 - Math.sqrt(mean7 / (mean7 + 25 ** 7)));
  const [p1, p2] = [(1 + G) * a1, (1 + G) * a2];
  const [C1, C2] = [Math.hypot(p1, b1), Math.hypot(p2, b2)];
  const hue = (b: number, a: number) =>
    a === 0 && b === 0 ? 0 : (Math.atan2(b, a) / RAD_PER_DEG + 360) % 360;
  const [h1, h2] = [hue(b1, p1), hue(b2, p2)];
  const grey = C1 * C2 === 0;
  const turn = grey ? 0 : shorterWay(h2 - h1);
  const dH = 2 * Math.sqrt(C1 * C2) * Math.sin((turn / 2) * RAD_PER_DEG);
  const [L, C] = [(L1 + L2) / 2, (C1 + C2) / 2];
  const h = grey
    ? h1 + h2
    : Math.abs(h1 - h2) <= 180
      ? (h1 + h2) / 2
      : (h1 + h2 + (h1 + h2 < 360 ? 360 : -360)) / 2;
  const cos = (degrees: number) => Math.cos(degrees * RAD_PER_DEG);
  const T =
    1 - 0.17 * cos(h - 30) + 0.24 * cos(2 * h) + 0.32 * cos(3 * h + 6) - 0.2 * cos(4 * h - 63);
  const SL = 1 + (0.015 * (L - 50) ** 2) / Math.sqrt(20 + (L - 50) ** 2);
  const [SC, SH] = [1 + 0.045 * C, 1 + 0.015 * C * T];
  const RT =
    -2 *
    Math.sqrt(C ** 7 / (C ** 7 + 25 ** 7)) *
    Math.sin(60 * Math.exp(-(((h - 275) / 25) ** 2)) * RAD_PER_DEG);
  const [dL, dC] = [(L2 - L1) / SL, (C2 - C1) / SC];
  return Math.sqrt(dL * dL + dC * dC + (dH / SH) ** 2 + RT * dC * (dH / SH));
}

/** How different two colours look, CIEDE2000. Colours of the book are converted once. */
export function lookApart(a: Oklch, b: Oklch): number {
  return ciede2000(cieOf(a), cieOf(b));
}

const cieOf = once(toCieLab);

/** A turn of hue the shorter way round, degrees, −180 to 180. */
function shorterWay(turn: number): number {
  if (turn > 180) return turn - 360;
  return turn < -180 ? turn + 360 : turn;
}
