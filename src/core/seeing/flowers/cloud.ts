import { add, unit } from '../../geometry/vec3';
import { illumination } from '../../marks/light';
import { hash01, hashSigned } from '../../random/hash';
import { screenX, screenY } from '../lens';
import { line } from '../part';
import { tone } from '../tone';
import { lobed, GREEN, floret, type Face } from './face';

/** An airy spray: small stars on unequal hair stalks. */
export function cloud(f: Face): void {
  const { main, eye } = f.mark.style;
  const count = f.flat ? 5 : 8;
  const petal = f.flat ? 0.19 : 0.17;
  for (let i = 0; i < count; i += 1) {
    const d = unit([
      hashSigned(f.mark.seed, i, 1),
      0.25 + hash01(f.mark.seed, i, 2),
      hashSigned(f.mark.seed, i, 3),
    ]);
    const at = add(f.mark.p, d, f.r * (0.3 + 0.85 * hash01(f.mark.seed, i, 4)));
    if (!f.flat)
      f.parts.push(
        line(
          [screenX(f.a, f.mark.p), screenY(f.a, f.mark.p), screenX(f.a, at), screenY(f.a, at)],
          tone(GREEN, illumination(f.a.toward, f.mark, f.a.light), 0),
          0.5,
          0.7,
        ),
      );
    const n = unit(add(add(d, f.a.toward, 0.7), [0, 0.3, 0]));
    const small = floret(f, at, n, Math.max(0.3, f.r * petal), true, f.mark.env);
    lobed(small, main, 1, f.flat ? 0 : 4, f.flat ? 0 : 0.4, 0, illumination(n, f.mark, f.a.light));
    if (eye && !f.flat && small.r * f.a.pxPerCm > 2)
      lobed(small, eye, 0.25, 0, 0, 0, illumination(n, f.mark, f.a.light));
  }
}
