import { florets, type Face } from './face';

export function cluster(f: Face): void {
  florets(f, {
    count: f.flat ? 6 : f.r * f.a.pxPerCm > 16 ? 20 : 11,
    size: f.flat ? 0.34 : f.r > 2.6 ? 0.34 : 0.42,
    petals: 5,
    notch: 0.24,
    back: 1.35,
    depth: 0,
  });
}
