import { add, dot, squareTo, unit } from '../../geometry/vec3';
import { illumination } from '../../marks/light';
import { hash01 } from '../../random/hash';
import { screenX, screenY } from '../lens';
import { fill } from '../part';
import { tone } from '../tone';
import { type Face } from './face';

/** One whorl: florets round the stem, those behind first. */
export function spike(f: Face): void {
  const { main, second } = f.mark.style;
  const count = f.flat ? 4 : 6;
  const bud = f.mark.open < 0.6;
  for (let i = 0; i < count; i += 1) {
    const angle = (i / count) * Math.PI * 2 + hash01(f.mark.seed, 1) * 6;
    const out = unit(
      add(
        add(
          [f.x[0] * Math.cos(angle), f.x[1] * Math.cos(angle), f.x[2] * Math.cos(angle)],
          f.y,
          Math.sin(angle),
        ),
        f.axis,
        0.75,
      ),
    );
    const tip = add(f.mark.p, out, f.mark.radiusCm * (0.9 + 0.35 * hash01(f.mark.seed, i, 2)));
    const side = squareTo(f.a.right, out);
    const w = f.mark.radiusCm * (bud ? 0.28 : 0.42) * (f.flat ? 1.2 : 1);
    const xy = [screenX(f.a, f.mark.p), screenY(f.a, f.mark.p)];
    for (const [along, across] of [
      [0.62, 1],
      [1, 0.45],
      [1, -0.45],
      [0.62, -1],
    ] as const) {
      const p = add(
        add(f.mark.p, [tip[0] - f.mark.p[0], tip[1] - f.mark.p[1], tip[2] - f.mark.p[2]], along),
        side,
        across * w,
      );
      xy.push(screenX(f.a, p), screenY(f.a, p));
    }
    const facing = dot(out, f.a.toward);
    f.parts.push(
      fill(
        xy,
        tone(
          second && i % 3 === 0 ? second : main,
          illumination(out, f.mark, f.a.light) *
            (0.82 + 0.24 * Math.max(0, facing)) *
            (bud ? 0.82 : 1),
          f.mark.jitter,
        ),
      ),
    );
  }
}
