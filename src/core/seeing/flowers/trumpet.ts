import { dot } from '../../geometry/vec3';
import { fill } from '../part';
import { tone } from '../tone';
import { taken, put, petalLight, lobed, tube, type Face } from './face';

export function trumpet(f: Face): void {
  const { main, eye } = f.mark.style;
  const light = petalLight(f, 0, 0.1);
  const side = dot(f.axis, f.a.toward) < 0.55;
  if (side && f.front && !f.flat) tube(f, main, 0.14, -0.95, 0.5, -0.1, light * 0.85);
  lobed(f, main, f.flat ? 1.06 : 1, 5, 0.13, 0, light);
  if (f.flat) {
    if (eye && f.front && f.r * f.a.pxPerCm > 2.2) lobed(f, eye, 0.3, 0, 0, -0.05, light);
    return;
  }
  if (!f.front) return tube(f, main, 0.14, -0.95, 0.55, -0.08, light * 0.92);
  for (let i = 0; i < 5; i += 1) {
    const angle = ((i + 0.5) / 5) * Math.PI * 2;
    put(f, 0.95, angle - 0.3, 0);
    put(f, 0.2, angle, -0.3);
    put(f, 0.95, angle + 0.3, 0);
    f.parts.push(fill(taken(), tone(main, petalLight(f, angle, 0.35), f.mark.jitter), 0.55));
  }
  if (!eye) return;
  lobed(f, eye, 0.42, 5, 0.62, -0.15, light, 0.85);
  lobed(f, eye, 0.19, 0, 0, -0.3, light * 0.7);
}
