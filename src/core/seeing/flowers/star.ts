import { hash01 } from '../../random/hash';
import { petalLight, petals, lobed, type Face } from './face';

export function star(f: Face): void {
  const { main, eye, second } = f.mark.style;
  const colour = second && hash01(f.mark.seed, 9) < 0.3 ? second : main;
  if (f.flat) lobed(f, colour, 1.05, 5, 0.24, 0, petalLight(f, 0, 0));
  else petals(f, colour, { count: 5, from: 0.08, to: 1, width: 1.15, lift: 0.08, lean: 0.25 });
  if (f.front && (eye || !f.flat))
    lobed(f, eye ?? f.mark.style.main, 0.17, 0, 0, 0.08, petalLight(f, 0, 0) * (eye ? 1 : 0.7));
}
