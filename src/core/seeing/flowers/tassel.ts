import { ball, petalLight, type Face } from './face';

/** Tassels are drawn as bodies of hairs; a single mark of one is a soft ball. */
export function tassel(f: Face): void {
  ball(f, f.mark.style.main, 1, petalLight(f, 0, 0));
}
