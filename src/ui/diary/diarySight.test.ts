/** @jest-environment jsdom */
import { diarySight, keepDiarySight, MOST_TOLD, type ToldEntry } from './diarySight';

const told = (many: number): readonly ToldEntry[] =>
  Array.from({ length: many }, (_, i) => ({
    id: `e${i}`,
    day: '2026-07-14',
    text: `Watered, ${i} L`,
    where: 'The tub',
  }));
const KEY = 'rillbank-diary-sight';

beforeEach(() => window.localStorage.clear());

test('what was told last stands again at the next visit, a window full of it', () => {
  expect(diarySight()).toEqual([]);
  keepDiarySight(told(3));
  expect(diarySight()).toEqual(told(3));
  keepDiarySight(told(MOST_TOLD + 5));
  expect(diarySight()).toEqual(told(MOST_TOLD));
});

test('where nothing is told any more, nothing of before is shown', () => {
  keepDiarySight(told(3));
  keepDiarySight([]);
  expect(window.localStorage.getItem(KEY)).toBeNull();
  expect(diarySight()).toEqual([]);
});

test.each([
  ['no JSON', '{'],
  ['another shape', '{"id":"e1"}'],
  ['a day that is none', JSON.stringify([{ ...told(1)[0], day: '2026-99-99' }])],
  ['a day in other words', JSON.stringify([{ ...told(1)[0], day: 'yesterday' }])],
  ['more than a window', JSON.stringify(told(MOST_TOLD + 1))],
])('%s is no sight', (_, kept) => {
  window.localStorage.setItem(KEY, kept);
  expect(diarySight()).toEqual([]);
});

test('a storage that refuses costs nothing but the sight', () => {
  jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  expect(() => keepDiarySight(told(1))).not.toThrow();
  jest.restoreAllMocks();
  jest.spyOn(Storage.prototype, 'getItem').mockImplementation(() => {
    throw new DOMException('refused', 'SecurityError');
  });
  expect(diarySight()).toEqual([]);
  jest.restoreAllMocks();
});
