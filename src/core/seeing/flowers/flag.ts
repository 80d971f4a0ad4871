import { petals, lobed, type Face } from './face';

/** Broad, loose, floppy petals. */
export function flag(f: Face): void {
  const { main, eye } = f.mark.style;
  petals(f, main, {
    count: 4,
    from: 0.05,
    to: f.flat ? 1.08 : 1,
    width: f.flat ? 1.02 : 0.95,
    lift: 0.55,
    lean: 0.5,
  });
  if (!f.flat)
    petals(f, main, {
      count: 3,
      from: 0.05,
      to: 0.8,
      width: 0.9,
      lift: 0.95,
      turn: 0.7,
      lean: 0.1,
      tint: 0.05,
    });
  if (eye && !f.flat) lobed(f, eye, 0.14, 0, 0, 0.3, 0.9);
}
