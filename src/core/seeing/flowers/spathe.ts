import { fill } from '../part';
import { tone } from '../tone';
import { petalLight, put, taken, tube, uprightFace, DISC_GOLD, type Face } from './face';

/** Outline of a spathe: how far from its foot by angle, the tip drawn out above. */
const SAIL = [
  [-1.57, 0.3],
  [-0.9, 0.62],
  [-0.2, 0.78],
  [0.5, 0.84],
  [1.1, 0.98],
  [1.57, 1.32],
  [2.04, 0.98],
  [2.64, 0.84],
  [3.34, 0.78],
  [4.04, 0.62],
] as const;
const SPADIX = { from: -0.05, to: 0.85, wide: 0.11 } as const;

/** One broad sail round a club: callas, peace lilies, flamingo flowers. */
export function spathe(f: Face): void {
  const { main, eye } = f.mark.style;
  const g = uprightFace(f);
  for (const [angle, radius] of SAIL)
    put(g, radius * (f.flat ? 0.96 : 1), angle, -0.1 + 0.18 * radius);
  g.parts.push(fill(taken(), tone(main, petalLight(g, 1.2, 0.2), f.mark.jitter)));
  if (f.flat) return;
  // One half in the light, the other rolled over.
  for (const [angle, radius] of SAIL.slice(0, 6))
    put(g, radius * 0.94, angle, -0.06 + 0.18 * radius);
  g.parts.push(fill(taken(), tone(main, petalLight(g, 0.2, 0.5), f.mark.jitter), 0.5));
  if (f.front)
    tube(g, eye ?? DISC_GOLD, SPADIX.wide, SPADIX.from, SPADIX.wide * 0.7, SPADIX.to, 0.95);
}
