import { isAtRisk, noteSaved, remindNow, unsaved, type OwnWork } from './saved';

const work = (entries: number, plantings = 0, photographs = 0): OwnWork => ({
  entries,
  plantings,
  photographs,
});
const day = (n: number) => new Date(Date.UTC(2026, 4, n));
beforeEach(() => localStorage.clear());

test('the more would be lost, the sooner it is told: both sides of the line', () => {
  expect([isAtRisk(work(100), 3), isAtRisk(work(99), 3)]).toEqual([true, false]);
  expect([isAtRisk(work(10), 30), isAtRisk(work(10), 29)]).toEqual([true, false]);
  // A planting is worth five entries, a photograph two.
  expect([isAtRisk(work(0, 10), 6), isAtRisk(work(0, 9), 6)]).toEqual([true, false]);
  expect([isAtRisk(work(0, 0, 25), 6), isAtRisk(work(0, 0, 24), 6)]).toEqual([true, false]);
});

test('only what came since the last saving is at risk; what was taken away is not', () => {
  expect(unsaved(work(12, 3), work(10, 5))).toEqual(work(2, 0));
  expect(unsaved(work(12, 3), null)).toEqual(work(12, 3));
});

test('told when it is due, at most once a week, and not again once it was saved', () => {
  expect(remindNow(work(100), day(1))).toBe(false);
  expect(remindNow(work(100), day(3))).toBe(false);
  expect(remindNow(work(100), day(4))).toBe(true);
  expect(remindNow(work(100), day(10))).toBe(false);
  expect(remindNow(work(100), day(11))).toBe(true);
  noteSaved(work(100), day(12));
  expect(remindNow(work(100), day(28))).toBe(false);
  expect(remindNow(work(140), day(20))).toBe(true);
});

test('notes that cannot be read count as none', () => {
  localStorage.setItem('rillbank-saved', '{');
  localStorage.setItem('rillbank-reminded', 'x');
  expect(remindNow(work(100), day(1))).toBe(false);
});
