import { line } from '../part';
import { tone } from '../tone';
import { taken, put, petalLight, petals, tube, type Face } from './face';

export function pendant(f: Face): void {
  const { main, second } = f.mark.style;
  const light = petalLight(f, 0, 0);
  tube(f, second ?? main, 0.3, -0.1, 0.5, 0.75, light * 0.92);
  tube(f, main, 0.12, -0.75, 0.2, -0.1, light);
  petals(f, main, {
    count: 4,
    from: 0.12,
    to: f.flat ? 1.02 : 0.95,
    width: f.flat ? 0.58 : 0.5,
    lift: -0.25,
    lean: 0.3,
    turn: 0.5,
  });
  if (f.flat) return;
  for (let i = 0; i < 3; i += 1) {
    put(f, 0.06, i * 2.1, 0.7);
    put(f, 0.12, i * 2.1, 1.35);
    f.parts.push(line(taken(), tone(main, light, 0), 0.7));
  }
}
