import { firstWalked, keepFirstWalked } from './firstWalked';

beforeEach(() => window.localStorage.clear());

test('what the round began with is told at the next visit, a dozen at most', () => {
  expect(firstWalked()).toEqual([]);
  keepFirstWalked(Array.from({ length: 20 }, (_, i) => `p${i}`));
  expect(firstWalked()).toHaveLength(12);
});

test('an id that is too long to be one of ours is no hint', () => {
  window.localStorage.setItem('rillbank-round-from', `p1\n\n${'x'.repeat(121)}\np2`);
  expect(firstWalked()).toEqual(['p1', 'p2']);
});
