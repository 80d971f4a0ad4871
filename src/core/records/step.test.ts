import { historyOf, keyOf, refOf, stepId, type Step } from './step';
import { stepSchema } from './stepSchema';

const step = (id: string, change: Partial<Step> = {}): Step => ({
  id,
  of: 'plantings/tub',
  at: '2026-05-14T08:00:00Z',
  by: 'here',
  done: null,
  differences: [],
  undone: 0,
  ...change,
});

test('a step as long as it may be is read; a letter or a line more is not', () => {
  const x = (many: number) => 'x'.repeat(many);
  const change = (at: unknown) => ({ differences: [{ at, was: 1, is: 2 }] });
  const order = (many: number) => ({
    differences: [{ at: ['places'], orderWas: Array(many).fill('p'), orderIs: ['p'] }],
  });
  const cases: readonly (readonly [ok: object, not: object])[] = [
    [{ id: x(120) }, { id: x(121) }],
    [{ id: 'a' }, { id: '' }],
    [{ of: x(200) }, { of: x(201) }],
    [{ of: 'a/b' }, { of: 'ab' }],
    [{ at: x(40) }, { at: x(41) }],
    [{ by: x(80) }, { by: x(81) }],
    [change([x(200)]), change([x(201)])],
    [change([{ id: x(200) }]), change([{ id: x(201) }])],
    [change(Array(12).fill('a')), change(Array(13).fill('a'))],
    [order(5000), order(5001)],
    [
      { differences: Array(5000).fill({ at: ['name'], was: 1, is: 2 }) },
      { differences: Array(5001).fill({ at: ['name'], was: 1, is: 2 }) },
    ],
    [{ undone: 1 }, { undone: 2 }],
  ];
  for (const [ok, not] of cases) {
    expect([
      JSON.stringify(ok).slice(0, 60),
      stepSchema.safeParse({ ...step('s'), ...ok }).success,
    ]).toEqual([JSON.stringify(ok).slice(0, 60), true]);
    expect([
      JSON.stringify(not).slice(0, 60),
      stepSchema.safeParse({ ...step('s'), ...not }).success,
    ]).toEqual([JSON.stringify(not).slice(0, 60), false]);
  }
});

test('a record is found again by its key, whatever its id holds', () => {
  for (const id of ['tub', 'a/b', '', '/'])
    expect(refOf(keyOf({ table: 'plantings', id }))).toEqual({ table: 'plantings', id });
});

test('steps sort by when they were made, then by their count, however long time has gone on', () => {
  const made = [
    [0, 0],
    [35, 1],
    [36, 0],
    [1_700_000_000_000, 0],
    [1_700_000_000_000, 1],
    [1_700_000_000_000, 36],
    [1_700_000_000_001, 0],
    // In the year 5138 a digit more is written.
    [99_999_999_999_999, 0],
  ] as const;
  const ids = made.map(([at, count]) => stepId(at, count, 'here'));
  expect([...ids].sort()).toEqual(ids);
  expect(new Set(ids).size).toBe(made.length);
});

test('a hand walks its own steps only: what it did, and what it took back', () => {
  const steps = [
    step('a'),
    step('b', { by: 'there' }),
    step('c', { undone: 1 }),
    step('d', { by: 'there', undone: 1 }),
  ];
  const { past, future } = historyOf(steps, ({ by }) => by === 'here');
  expect([past, future].map((list) => list.map(({ id }) => id))).toEqual([['a'], ['c']]);
});
