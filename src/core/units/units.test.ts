import {
  smoothstep,
  LENGTH_UNITS,
  figureOf,
  fromCm,
  isLengthUnit,
  keptCm,
  toCm,
  weekAfter,
  weeksBetween,
} from './units';
import fc from 'fast-check';

test('lengths survive the way there and back in every unit', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.1, max: 500, noNaN: true }),
      fc.constantFrom(...LENGTH_UNITS),
      (cm, unit) => expect(toCm(fromCm(cm, unit), unit)).toBeCloseTo(cm, 9),
    ),
    { seed: 21 },
  );
  expect(toCm(12, 'in')).toBeCloseTo(30.48);
  expect(isLengthUnit('furlong')).toBe(false);
});

test('weeks go round the end of the year', () => {
  expect(weekAfter(50, 5)).toBe(3);
  expect(weeksBetween(50, 3)).toBe(5);
  expect(weekAfter(1, -1)).toBe(52);
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 52 }), fc.integer({ min: 0, max: 51 }), (week, on) =>
      expect(weeksBetween(week, weekAfter(week, on))).toBe(on),
    ),
    { seed: 22 },
  );
});

test('a length typed to the digits a field shows is shown again as it was typed', () => {
  for (const [unit, places] of [
    ['cm', 1],
    ['in', 2],
  ] as const)
    for (let i = 1; i < 4000; i += 7) {
      const typed = i / 10 ** places;
      expect([unit, figureOf(keptCm(typed, unit), unit, places)]).toEqual([unit, typed]);
    }
});

test('a metre is a hundred centimetres, an inch 2.54 of them, and there are ten millimetres to one', () => {
  expect(LENGTH_UNITS.map((unit) => toCm(1, unit))).toEqual([1, 2.54, 0.1, 100]);
  expect([isLengthUnit('m'), isLengthUnit('ell'), isLengthUnit('toString')]).toEqual([
    true,
    false,
    false,
  ]);
});

test('a smooth step: nothing below, all above, a half in the middle, and at a quarter what Hermite says', () => {
  expect([2, 1, 4, 5].map((value) => smoothstep(2, 4, value))).toEqual([0, 0, 1, 1]);
  expect(smoothstep(2, 4, 3)).toBeCloseTo(0.5, 12);
  expect(smoothstep(0, 8, 2)).toBeCloseTo(3 / 16 - 2 / 64, 12);
});
