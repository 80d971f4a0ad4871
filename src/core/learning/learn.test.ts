import { hash01 } from '../random/hash';
import { learnt, type Sighting } from './learn';

const normal = (a: number, b: number, c: number) =>
  Math.sqrt(-2 * Math.log(Math.max(1e-9, hash01(a, b, c, 1)))) *
  Math.cos(2 * Math.PI * hash01(a, b, c, 2));

/** Gardens that differ from the book by so much, as nobody knows; pots of one differ too. */
const GARDENS = 400;
const truthOf = (garden: number) => 0.25 * normal(garden, 0, 7);
const seen = (garden: number, count: number): readonly Sighting[] =>
  Array.from({ length: count }, (_, i) => ({
    plantingId: `${i}`,
    year: 2026 + (i % 3),
    ratio: Math.exp(truthOf(garden) + 0.18 * normal(garden, i + 1, 11)),
  }));
const meanError = (count: number, more: readonly Sighting[] = []) => {
  let sum = 0;
  for (let garden = 0; garden < GARDENS; garden += 1) {
    const factor = learnt([...more, ...seen(garden, count)])?.factor ?? 1;
    sum += Math.abs(Math.log(factor) - truthOf(garden));
  }
  return sum / GARDENS;
};
const BOOK = meanError(0);

test('in gardens with hidden truths the error is at least halved within eight pots, and at no count worse than the book by more than 5 %', () => {
  for (let count = 1; count <= 12; count += 1)
    expect([count, meanError(count) <= 1.05 * BOOK]).toEqual([count, true]);
  expect(meanError(8)).toBeLessThanOrEqual(BOOK / 2);
  // Where the book is right, what is learnt stays near it.
  const right = Array.from({ length: GARDENS }, (_, garden) =>
    Math.abs(
      Math.log(
        learnt(
          seen(garden, 3).map((one) => ({ ...one, ratio: one.ratio / Math.exp(truthOf(garden)) })),
        )!.factor,
      ),
    ),
  );
  expect(right.reduce((sum, one) => sum + one, 0) / GARDENS).toBeLessThan(0.09);
});

test('a lie is not believed for long: one pot at three times its height is made good by the others', () => {
  const lie = { plantingId: 'lie', year: 2026, ratio: 3 };
  expect(meanError(8, [lie])).toBeLessThanOrEqual(0.62 * BOOK);
  expect(meanError(8, [lie])).toBeLessThan(meanError(1, [lie]));
});

test('measured ten times, one pot is still one pot; nothing seen, or nonsense, teaches nothing', () => {
  const one = (times: number) =>
    learnt(
      Array.from({ length: times }, () => ({
        plantingId: 'p',
        year: 2026,
        ratio: 1.4,
      })),
    )!;
  expect(one(10).plantings).toBe(1);
  expect(one(10).factor).toBeGreaterThan(one(1).factor);
  expect(one(10).factor).toBeLessThan(1.3);
  expect(one(1)).toMatchObject({ measures: 1, years: 1 });
  expect(learnt([])).toBeNull();
  expect(learnt([{ plantingId: 'p', year: 2026, ratio: Number.NaN }])).toBeNull();
  // Taken back, the book's answer is there again, to the last digit.
  expect(learnt(seen(1, 5).slice(0, 3))).toEqual(learnt(seen(1, 3)));
});
