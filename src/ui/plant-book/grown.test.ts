import { BOOK } from '@/core/plants/book/index';
import { within } from '@/core/plants/season';
import { weekAfter } from '@/core/units/units';
import { belowCm, grownSubject, grownWeeks } from './grown';

const some = BOOK.filter((_, i) => i % 5 === 0);

test('in the book a plant is shown full grown, and in flower where it flowers for long', () => {
  for (const kind of some) {
    expect([kind.id, grownWeeks(kind) >= kind.weeksToFill]).toEqual([kind.id, true]);
    const { plantedWeek } = grownSubject(kind);
    expect([kind.id, plantedWeek >= 1 && plantedWeek <= 52]).toEqual([kind.id, true]);
    if (!kind.bloom?.continuous) continue;
    const shown = weekAfter(plantedWeek, grownWeeks(kind));
    expect([kind.id, within(kind.bloom.weeks, shown)]).toEqual([kind.id, true]);
  }
});

test('what trails hangs, with room for its longest trail; what does not stands', () => {
  for (const kind of some) {
    const subject = grownSubject(kind);
    expect([kind.id, subject.hung]).toEqual([kind.id, kind.trailCm !== null]);
    const below = belowCm(kind);
    expect(below).toBeGreaterThanOrEqual(3);
    if (kind.trailCm && kind.trailCm[1] > 30)
      expect([kind.id, below > kind.trailCm[1] - 15]).toEqual([kind.id, true]);
  }
  expect(belowCm({ ...some[0]!, trailCm: null })).toBe(3);
});

test('a kind is drawn the same wherever it is shown', () => {
  for (const kind of some.slice(0, 20)) expect(grownSubject(kind)).toEqual(grownSubject(kind));
  expect(new Set(some.map((kind) => grownSubject(kind).plants[0]!.seed)).size).toBe(some.length);
});
