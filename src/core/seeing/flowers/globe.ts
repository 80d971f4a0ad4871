import { florets, type Face } from './face';

/** A ball of stars all round, dark between them: without that a white one is a disc. */
export function globe(f: Face): void {
  florets(f, {
    count: f.flat ? 14 : 40,
    size: f.flat ? 0.34 : 0.24,
    petals: 6,
    notch: 0.4,
    back: 1.9,
    depth: 0.42,
  });
}
