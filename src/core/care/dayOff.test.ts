import { dayOff } from './dayOff';
import type { Facts, Task } from './task';

const TODAY = '2026-07-17';
const task = (facts: Facts, isUrgent = false): Task => ({
  key: `tub ${facts.rule} ${isUrgent}`,
  plantingId: 'tub',
  rule: facts.rule,
  earliest: TODAY,
  best: TODAY,
  latest: TODAY,
  minutes: 1,
  litres: 0,
  tools: [],
  places: [],
  isUrgent,
  facts,
});

test('a day off moves what can move and says what cannot: water and frost do not wait, a feed does, though its window ends today', () => {
  const cold = { kinds: [], nightC: 1, missC: 1, on: TODAY };
  const tasks = [
    task({ rule: 'cover', ...cold }),
    task({ rule: 'deadhead', kinds: [] }),
    task({ rule: 'turn', everyDays: 10 }),
    task({ rule: 'line', suspect: 'stopped' }, true),
    task({ rule: 'line', suspect: 'leak' }),
  ];
  const { canWait, cannot } = dayOff({
    stops: [{ plantingId: 'tub', tasks, litres: 0, minutes: 4 }],
  });
  expect(canWait).toEqual([tasks[1], tasks[2], tasks[4]]);
  expect(cannot).toEqual([tasks[0], tasks[3]]);
});
