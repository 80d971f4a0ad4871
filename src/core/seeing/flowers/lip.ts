import { fill } from '../part';
import { tone } from '../tone';
import { taken, put, petalLight, lobed, uprightFace, type Face } from './face';

/** Two-lipped: two small petals above, three broad ones below. */
export function lip(f: Face): void {
  const { main, eye } = f.mark.style;
  const g = uprightFace(f);
  if (f.flat) lobed(g, main, 0.68, 5, 0.2, 0, petalLight(g, 0, 0));
  else
    for (const [angle, width, to] of [
      [1.2, 0.34, 0.7],
      [1.94, 0.34, 0.7],
      [-0.55, 0.42, 0.95],
      [-2.59, 0.42, 0.95],
      [-1.57, 0.46, 1],
    ] as const) {
      put(g, 0.04, angle, 0);
      put(g, to * 0.7, angle - width, 0.1);
      put(g, to, angle, 0.05);
      put(g, to * 0.7, angle + width, 0.1);
      g.parts.push(fill(taken(), tone(main, petalLight(g, angle, 0.25), f.mark.jitter)));
    }
  if (eye && f.front) lobed(g, eye, 0.2, 0, 0, 0.1, petalLight(g, 0, 0));
}
