import { petalLight, petals, lobed, tube, type Face } from './face';

export function bell(f: Face): void {
  const { main, eye } = f.mark.style;
  const light = petalLight(f, 0, 0);
  tube(f, main, 0.18, -1.1, f.flat ? 0.6 : 0.5, f.flat ? 0.28 : 0.2, light * 0.95);
  if (f.flat) return;
  petals(f, main, { count: 5, from: 0.3, to: 0.72, width: 1, lift: 0.35, lean: 0.2 });
  if (eye) lobed(f, eye, 0.2, 0, 0, 0.3, light);
}
