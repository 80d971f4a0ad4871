import { firstSeen, keepFirstSeen } from './firstSeen';

beforeEach(() => window.localStorage.clear());

test('what a room showed first is told at the next visit, a dozen at most, and each room its own', () => {
  expect(firstSeen('yard')).toEqual({ ids: [] });
  keepFirstSeen('yard', { ids: Array.from({ length: 20 }, (_, i) => `p${i}`), pxPerCm: 1.4 });
  expect(firstSeen('yard').ids).toHaveLength(12);
  expect(firstSeen('yard').pxPerCm).toBe(1.4);
  expect(firstSeen('walked')).toEqual({ ids: [] });
});

test('what was not written by us, or by another version, is no hint', () => {
  for (const text of ['', 'null', '{', '["p1"]', '{"ids":"p1"}', '{"ids":["p1"],"pxPerCm":-3}']) {
    window.localStorage.setItem('rillbank-yard-first', text);
    expect(firstSeen('yard')).toEqual({ ids: [] });
  }
});
