import type { LeafStyle } from './mark';

/**
 * Half outline of a leaf from base to tip: `s` along (0–1, a little below 0 for lobes behind the stalk),
 * `t` across (0–1 of the half width). Mirrored for the other half.
 */
export interface Outline {
  readonly s: readonly number[];
  readonly t: readonly number[];
  /** Width over length of the usual leaf. */
  readonly ratio: number;
}

/** w(s) = s^a (1−s)^b over its greatest value, sampled densely near the ends. */
function family(a: number, b: number, ratio: number, steps = 9): Outline {
  const s: number[] = [];
  const t: number[] = [];
  const at = a / (a + b);
  const most = at ** a * (1 - at) ** b;
  for (let i = 0; i <= steps; i += 1) {
    const x = (1 - Math.cos((Math.PI * i) / steps)) / 2;
    s.push(x);
    t.push((x ** a * (1 - x) ** b) / most);
  }
  return { s, t, ratio };
}

/** Saw teeth on a smooth outline. */
function toothed(base: Outline, teeth: number, depth: number): Outline {
  const s: number[] = [0];
  const t: number[] = [0];
  const at = (x: number) => {
    let i = 1;
    while (i < base.s.length - 1 && base.s[i]! < x) i += 1;
    const [x0, x1] = [base.s[i - 1]!, base.s[i]!];
    return base.t[i - 1]! + ((base.t[i]! - base.t[i - 1]!) * (x - x0)) / (x1 - x0 || 1);
  };
  for (let i = 0; i < teeth; i += 1) {
    const notch = (i + 0.12) / teeth;
    const tip = (i + 0.85) / teeth;
    s.push(notch, tip);
    t.push(at(notch) * (1 - depth), at(tip) * (1 + depth * 0.25));
  }
  s.push(1);
  t.push(0);
  return { s, t, ratio: base.ratio };
}

/** Points around a circle of radius .5 with scallops and an open notch at the stalk. */
function round(ratio: number, scallops: number, depth: number, notchRad: number): Outline {
  const s: number[] = [0.34];
  const t: number[] = [0];
  const steps = scallops > 0 ? scallops * 2 : 10;
  for (let i = 0; i <= steps; i += 1) {
    const angle = (Math.PI - notchRad) * (1 - i / steps);
    const r = 0.5 * (1 + (scallops > 0 ? (i % 2 === 0 ? -depth : depth) : 0));
    s.push(0.5 + r * Math.cos(angle));
    t.push((r * Math.sin(angle)) / 0.5);
  }
  return { s, t, ratio };
}

const points = (ratio: number, ...list: readonly (readonly [number, number])[]): Outline => ({
  s: list.map(([s]) => s),
  t: list.map(([, t]) => t),
  ratio,
});

const OVATE = family(0.5, 0.85, 0.62);

/** One outline for each leaf shape. Powers and points tuned by eye at 5–8 px/cm. */
export const OUTLINES: Readonly<Record<LeafStyle['shape'], Outline>> = {
  ovate: OVATE,
  lance: family(0.7, 1, 0.27),
  elliptic: family(0.6, 0.6, 0.46),
  obovate: family(1, 0.45, 0.58),
  spoon: family(1.5, 0.35, 0.46),
  paddle: family(0.5, 0.62, 0.4, 13),
  fleshy: family(0.8, 0.42, 0.5),
  heart: points(
    0.88,
    [0.1, 0],
    [0, 0.22],
    [-0.06, 0.5],
    [0, 0.82],
    [0.16, 1],
    [0.36, 0.93],
    [0.58, 0.66],
    [0.8, 0.3],
    [1, 0],
  ),
  round: round(1.02, 9, 0.045, 0.35),
  disc: round(1, 0, 0, 0),
  kidney: points(
    1.12,
    [0.16, 0],
    [0.02, 0.24],
    [-0.02, 0.55],
    [0.1, 0.78],
    [0.14, 0.98],
    [0.34, 0.9],
    [0.42, 1],
    [0.6, 0.82],
    [0.7, 0.82],
    [0.8, 0.52],
    [0.92, 0.4],
    [1, 0],
  ),
  ivy: points(
    0.98,
    [0.08, 0],
    [-0.02, 0.3],
    [-0.1, 0.52],
    [0.06, 0.62],
    [0.14, 0.78],
    [0.2, 1],
    [0.34, 0.66],
    [0.44, 0.42],
    [0.62, 0.36],
    [0.82, 0.18],
    [1, 0],
  ),
  lobed: points(
    0.8,
    [0, 0],
    [0.06, 0.14],
    [0.16, 0.56],
    [0.24, 0.6],
    [0.25, 0.28],
    [0.36, 0.26],
    [0.44, 0.94],
    [0.54, 1],
    [0.53, 0.34],
    [0.62, 0.3],
    [0.72, 0.78],
    [0.8, 0.72],
    [0.78, 0.26],
    [0.9, 0.3],
    [1, 0],
  ),
  cut: points(
    0.62,
    [0, 0],
    [0.12, 0.1],
    [0.24, 0.72],
    [0.27, 0.66],
    [0.27, 0.12],
    [0.4, 0.1],
    [0.52, 1],
    [0.56, 0.92],
    [0.54, 0.12],
    [0.66, 0.1],
    [0.78, 0.72],
    [0.81, 0.62],
    [0.78, 0.1],
    [0.9, 0.14],
    [1, 0],
  ),
  toothed: toothed(OVATE, 7, 0.13),
  needle: family(0.35, 0.5, 0.13, 4),
  strap: family(0.25, 0.8, 0.08, 7),
  trifoliate: points(
    1.05,
    [0, 0],
    [0.02, 0.3],
    [0.06, 0.78],
    [0.26, 1],
    [0.4, 0.78],
    [0.38, 0.34],
    [0.42, 0.22],
    [0.56, 0.5],
    [0.8, 0.5],
    [0.95, 0.28],
    [1, 0],
  ),
  pinnate: family(0.7, 1, 0.3),
  /** A shoot tip set with needles. */
  sprig: points(
    0.36,
    [0, 0.12],
    [0.06, 0.14],
    [0.18, 0.9],
    [0.22, 0.22],
    [0.36, 1],
    [0.4, 0.22],
    [0.54, 0.95],
    [0.58, 0.2],
    [0.7, 0.8],
    [0.76, 0.18],
    [0.86, 0.5],
    [1, 0],
  ),
  /** A pair of leaflets on a frond: wide and short, tips swept forward. */
  pinna: points(
    3.2,
    [0, 0],
    [0.04, 0.16],
    [0.28, 0.72],
    [0.6, 1],
    [0.72, 0.94],
    [0.86, 0.6],
    [0.92, 0.2],
    [1, 0],
  ),
};
