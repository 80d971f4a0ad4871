import { everyWay, smallProblem } from '../../../tests/builders/smallProblems';
import { assign, THOROUGH } from './assign';

test('within a hundredth of the true best, and never above it, on problems small enough to try every way', () => {
  let close = 0;
  const count = 40;
  for (let seed = 0; seed < count; seed += 1) {
    const problem = smallProblem(seed, 3 + (seed % 2));
    const best = everyWay(problem);
    const found = assign(problem.judge, [], problem.slots, THOROUGH)[0]?.promise ?? 0;
    expect(found).toBeLessThanOrEqual(best + 1e-6);
    if (found >= best * 0.99) close += 1;
  }
  expect(close / count).toBeGreaterThanOrEqual(0.95);
});

test('what is settled stays, kinds are used once, and the order in which kinds are offered does not matter', () => {
  const { judge, slots, offered, again } = smallProblem(7, 4);
  const first = offered(slots[0]!)[0]!;
  const found = assign(judge, [{ kind: first, role: slots[0]! }], slots.slice(1), THOROUGH);
  expect(found.length).toBeGreaterThan(0);
  for (const { members } of found) {
    expect(members[0]!.kind).toBe(first);
    expect(new Set(members.map(({ kind }) => kind)).size).toBe(members.length);
  }
  expect(assign(again('reversed'), [], slots, THOROUGH)[0]!.promise).toBeCloseTo(
    assign(judge, [], slots, THOROUGH)[0]!.promise,
    9,
  );
});
