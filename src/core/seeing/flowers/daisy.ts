import { hash01 } from '../../random/hash';
import { petalLight, petals, lobed, GREEN, DISC_GOLD, type Face } from './face';

export function daisy(f: Face): void {
  const { main, eye, second } = f.mark.style;
  const aged = second && hash01(f.mark.seed, 9) < 0.35 ? second : main;
  if (f.flat) {
    lobed(f, aged, 0.96, 9, 0.2, 0, petalLight(f, 0, 0));
    if (f.front) lobed(f, eye ?? DISC_GOLD, 0.3, 0, 0, 0.1, petalLight(f, 0, 0));
    return;
  }
  petals(f, aged, {
    count: 12,
    from: 0.2,
    to: 1,
    width: 0.95,
    lift: f.front ? 0.05 : -0.05,
    lean: 0.15,
  });
  const disc = eye ?? DISC_GOLD;
  if (!f.front) return lobed(f, GREEN, 0.28, 0, 0, -0.1, petalLight(f, 0, 0));
  lobed(f, disc, 0.31, 0, 0, 0.06, petalLight(f, 0, 0) * 0.82);
  lobed(f, disc, 0.2, 0, 0, 0.14, petalLight(f, 2.4, 0.3) * 1.12);
}
