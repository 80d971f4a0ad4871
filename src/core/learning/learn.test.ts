import { hash01 } from '../random/hash';
import { factorFrom, learnt, SCATTERS, shiftFrom, type Sighting } from './learn';

const normal = (a: number, b: number, c: number) =>
  Math.sqrt(-2 * Math.log(Math.max(1e-9, hash01(a, b, c, 1)))) *
  Math.cos(2 * Math.PI * hash01(a, b, c, 2));

const GARDENS = 400;
type Scatter = (typeof SCATTERS)[keyof typeof SCATTERS];
/** Gardens that differ from the book by so much, as nobody knows; pots of one differ too. */
const truthOf = (garden: number, { gardens }: Scatter) => gardens * normal(garden, 0, 7);
const seen = (garden: number, count: number, scatter: Scatter): readonly Sighting[] =>
  Array.from({ length: count }, (_, i) => ({
    plantingId: `${i}`,
    year: 2026 + (i % 3),
    off:
      truthOf(garden, scatter) +
      0.97 * Math.hypot(scatter.pots, scatter.looks) * normal(garden, i + 1, 11),
  }));
const meanError = (scatter: Scatter, count: number, more: readonly Sighting[] = []) => {
  let sum = 0;
  for (let garden = 0; garden < GARDENS; garden += 1) {
    const off = learnt([...more, ...seen(garden, count, scatter)], scatter)?.off ?? 0;
    sum += Math.abs(off - truthOf(garden, scatter));
  }
  return sum / GARDENS;
};

test.each(Object.entries(SCATTERS))(
  '%s: in gardens with hidden truths the error is at least halved within eight pots, and at no count worse than the book by more than 5 %',
  (_, scatter) => {
    const book = meanError(scatter, 0);
    for (let count = 1; count <= 12; count += 1)
      expect([count, meanError(scatter, count) <= 1.05 * book]).toEqual([count, true]);
    expect(meanError(scatter, 8)).toBeLessThanOrEqual(book / 2);
    // Where the book is right, what is learnt stays near it.
    const right = Array.from({ length: GARDENS }, (_g, garden) =>
      Math.abs(
        learnt(
          seen(garden, 3, scatter).map((one) => ({
            ...one,
            off: one.off - truthOf(garden, scatter),
          })),
          scatter,
        )!.off,
      ),
    );
    const mean = right.reduce((sum, one) => sum + one, 0) / GARDENS;
    expect(mean).toBeLessThan(0.45 * book);
    // A lie is not believed for long: one pot far off is made good by the others.
    const lie = { plantingId: 'lie', year: 2026, off: 4.4 * scatter.gardens };
    expect(meanError(scatter, 8, [lie])).toBeLessThanOrEqual(0.65 * book);
    expect(meanError(scatter, 8, [lie])).toBeLessThan(meanError(scatter, 1, [lie]));
  },
);

test('measured ten times, one pot is still one pot; nothing seen, or nonsense, teaches nothing', () => {
  const one = (times: number) =>
    factorFrom(
      Array.from({ length: times }, () => ({ plantingId: 'p', year: 2026, off: Math.log(1.4) })),
    )!;
  expect(one(10).plantings).toBe(1);
  expect(one(10).factor).toBeGreaterThan(one(1).factor);
  expect(one(10).factor).toBeLessThan(1.3);
  expect(one(1)).toMatchObject({ looks: 1, years: 1 });
  expect(factorFrom([])).toBeNull();
  expect(factorFrom([{ plantingId: 'p', year: 2026, off: Number.NaN }])).toBeNull();
  expect(shiftFrom([], SCATTERS.weeks)).toBeNull();
  // Taken back, the book's answer is there again, to the last digit.
  const { sizes } = SCATTERS;
  expect(learnt(seen(1, 5, sizes).slice(0, 3), sizes)).toEqual(learnt(seen(1, 3, sizes), sizes));
});
