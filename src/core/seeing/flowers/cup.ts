import { goblet, lobed, type Face } from './face';

export function cup(f: Face): void {
  const { main, eye } = f.mark.style;
  const lift = 2.5 - 0.9 * f.mark.open;
  goblet(f, main, lift, 0.5, -0.06);
  if (eye && !f.flat) lobed(f, eye, 0.14, 0, 0, lift * 0.6, 0.9);
  goblet(f, main, lift * 0.96, 0.5 + Math.PI / 3, 0.03);
}
