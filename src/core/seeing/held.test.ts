import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import type { Oklch } from '../colour/oklch';
import { mixed } from './flowers/face';
import { tone } from './tone';

setFlagsFromString('--expose-gc');
const collect = runInNewContext('gc') as () => void;
/** A weak reference holds what it was made of until the turn is over. */
const turn = () => new Promise((resolve) => setTimeout(resolve, 0));

// A planting comes to a worker as a copy, with colours of its own: a worker of a long day sees thousands.
test('a colour that came with a message is let go, with its tones and what it was mixed to', async () => {
  const other: Oklch = [0.6, 0.1, 20];
  const seen = Array.from({ length: 50 }, (_, i) => {
    const colour: Oklch = [0.5, 0.1, i];
    tone(colour, 0.8, 0);
    tone(mixed(colour, other), 0.8, 0);
    tone(mixed(other, colour), 0.8, 0);
    return new WeakRef(colour);
  });
  await turn();
  collect();
  expect(seen.filter((one) => one.deref() !== undefined).length).toBeLessThanOrEqual(1);
});

test('as long as a colour is there its tones and mixtures are the same', () => {
  const [p, q]: [Oklch, Oklch] = [
    [0.5, 0.1, 30],
    [0.7, 0.2, 300],
  ];
  expect(mixed(p, q)).toBe(mixed(p, q));
  expect(tone(p, 0.8, 0.3)).toBe(tone([...p], 0.8, 0.3));
});
