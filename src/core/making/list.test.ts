import type { Entry } from '../log/entry';
import { answersOn, boughtFor, plantsBoughtBefore } from './list';

let count = 0;
const bought = (
  day: string,
  key: string,
  got: number,
  ids: readonly string[],
  takesBack?: string,
): Entry => ({
  id: String((count += 1)).padStart(4, '0'),
  at: `${day}T10:00:00+01:00`,
  zone: 'Europe/London',
  of: { plantingIds: ids },
  what: { did: 'bought', key, got, wanted: 2, paidMinor: null, stop: 'market' },
  ...(takesBack ? { takesBack } : {}),
});
const KEY = 'plants alyssum-white six-pack market';
const ALL = new Set(['a', 'b']);
const owned = (log: readonly Entry[], day: string, used: (id: string) => number = () => 0) =>
  plantsBoughtBefore(day, boughtFor(log, ALL), { perSale: () => 6, used }).get('alyssum-white') ??
  0;

test('what is ticked today answers today’s list; what was bought on an earlier day is taken off it, all of it', () => {
  const log = [
    bought('2026-05-10', KEY, 1, ['a']),
    bought('2026-05-12', KEY, 1, ['a']),
    bought('2026-05-14', KEY, 2, ['a']),
  ];
  const list = boughtFor(log, ALL);
  expect(answersOn('2026-05-14', list).get(KEY)?.what.got).toBe(2);
  expect(answersOn('2026-05-15', list).size).toBe(0);
  expect(owned(log, '2026-05-14')).toBe(12);
  expect(owned(log, '2026-05-15')).toBe(24);
});

test('what was put right counts once, and what was bought for others not at all', () => {
  const wrong = bought('2026-05-10', KEY, 5, ['a']);
  const right = bought('2026-05-10', KEY, 1, ['a'], wrong.id);
  expect(owned([wrong, right], '2026-05-14')).toBe(6);
  expect(owned([bought('2026-05-10', KEY, 5, ['c'])], '2026-05-14')).toBe(0);
});

test('what stands planted has taken its own: only the rest is still there, and never less than nothing', () => {
  const both = [bought('2026-05-10', KEY, 2, ['a', 'b'])];
  expect(owned(both, '2026-05-14', (id) => (id === 'a' ? 7 : 0))).toBe(5);
  expect(owned(both, '2026-05-14', () => 20)).toBe(0);
  const twice = [
    bought('2026-05-10', KEY, 1, ['a', 'b']),
    bought('2026-05-11', KEY, 1, ['a', 'b']),
  ];
  expect(owned(twice, '2026-05-14', (id) => (id === 'a' ? 4 : 0))).toBe(8);
});
