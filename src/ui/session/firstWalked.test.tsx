import { firstWalked, keepFirstWalked } from './firstWalked';

beforeEach(() => window.localStorage.clear());

test('what the round began with is told at the next visit, a dozen at most', () => {
  expect(firstWalked()).toEqual([]);
  keepFirstWalked(Array.from({ length: 20 }, (_, i) => `p${i}`));
  expect(firstWalked()).toHaveLength(12);
});

test('what was not written by us, or by another version, is no hint', () => {
  for (const text of ['', 'null', '{', '{"ids":["p1"]}', '[1]']) {
    window.localStorage.setItem('rillbank-walked-first', text);
    expect(firstWalked()).toEqual([]);
  }
});
