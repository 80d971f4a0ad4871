import type { Oklch } from '../../colour/oklch';
import { fill, line } from '../part';
import { tone } from '../tone';
import { taken, put, petalLight, lobed, DISC_GOLD, uprightFace, mixed, type Face } from './face';

export function viola(f: Face): void {
  const { main, second, eye } = f.mark.style;
  // The lower petal hangs to the ground however the flower turns: lay the frame by gravity.
  const g = uprightFace(f);
  if (!f.front) return lobed(g, main, 0.9, 5, 0.15, 0, petalLight(g, 0, 0));
  const petal = (angle: number, width: number, to: number, colour: Oklch, lean: number) => {
    put(g, 0.02, angle, 0);
    for (const [r, w] of [
      [0.55, -1],
      [0.9, -0.8],
      [1, 0],
      [0.9, 0.8],
      [0.55, 1],
    ] as const)
      put(g, to * r, angle + w * width, 0.06);
    g.parts.push(fill(taken(), tone(colour, petalLight(g, angle, lean), f.mark.jitter)));
  };
  petal(1.05, 0.62, 1, main, 0.3);
  petal(2.09, 0.62, 1, main, 0.3);
  petal(0.1, 0.6, 0.86, second && !f.flat ? mixed(main, second) : main, 0.2);
  petal(3.04, 0.6, 0.86, second && !f.flat ? mixed(main, second) : main, 0.2);
  petal(-Math.PI / 2, 0.72, 1, second ?? main, -0.2);
  if (f.flat) return;
  if (f.r * f.a.pxPerCm > 7)
    for (const angle of [-1.9, -1.57, -1.24]) {
      put(g, 0.12, angle, 0.08);
      put(g, 0.5, angle, 0.08);
      g.parts.push(line(taken(), tone([0.25, 0.06, 320], 0.9, 0), 0.8));
    }
  lobed(g, eye ?? DISC_GOLD, 0.14, 0, 0, 0.1, 1);
}
