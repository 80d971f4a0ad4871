import { decode, encode, fromRgb, toRgb, type Oklch } from './oklch';
import { once } from '../work/once';

/**
 * Linear RGB as seen by eyes without red (protan) or green (deutan) cones.
 * @see Machado, Oliveira & Fernandes 2009, severity 1.0
 */
const MATRICES = {
  red: [
    0.152286, 1.052583, -0.204868, 0.114503, 0.786281, 0.099216, -0.003882, -0.048116, 1.051998,
  ],
  green: [0.367322, 0.860646, -0.227968, 0.280085, 0.672501, 0.047413, -0.01182, 0.04294, 0.968881],
} as const;

/** A colour as someone without one sort of cone sees it. */
export function seenWithout(colour: Oklch, cone: keyof typeof MATRICES): Oklch {
  return SEEN[cone](colour);
}

const SEEN = {
  red: once((colour: Oklch) => simulate(colour, 'red')),
  green: once((colour: Oklch) => simulate(colour, 'green')),
};

function simulate(colour: Oklch, cone: keyof typeof MATRICES): Oklch {
  const [r, g, b] = toRgb(colour).map(decode) as [number, number, number];
  const m = MATRICES[cone];
  const at = (row: number) =>
    encode(Math.max(0, Math.min(1, m[row * 3]! * r + m[row * 3 + 1]! * g + m[row * 3 + 2]! * b)));
  return fromRgb([at(0), at(1), at(2)]);
}
