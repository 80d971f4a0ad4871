import { petalLight, ball, type Face } from './face';

export function plume(f: Face): void {
  ball(f, f.mark.style.main, 1, petalLight(f, 0, 0));
}
