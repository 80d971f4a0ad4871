import { petalLight, petals, lobed, type Face } from './face';

export function double(f: Face): void {
  const { main, second } = f.mark.style;
  if (f.flat) {
    lobed(f, second ?? main, 1.03, 7, 0.12, 0, petalLight(f, 0, 0));
    return lobed(f, main, 0.55, 6, 0.12, 0.25, petalLight(f, 1, 0.2) * 0.9);
  }
  petals(f, second ?? main, { count: 8, from: 0.15, to: 1, width: 1.25, lift: 0.05, lean: 0.3 });
  petals(f, main, {
    count: 7,
    from: 0.1,
    to: 0.76,
    width: 1.3,
    lift: 0.26,
    turn: 0.4,
    lean: 0.4,
    tint: 0.03,
  });
  petals(f, second ?? main, {
    count: 6,
    from: 0.06,
    to: 0.52,
    width: 1.35,
    lift: 0.42,
    turn: 0.9,
    lean: 0.55,
    tint: -0.05,
  });
  petals(f, main, {
    count: 4,
    from: 0,
    to: 0.3,
    width: 1.4,
    lift: 0.5,
    turn: 0.2,
    lean: 0.6,
    tint: -0.14,
  });
}
