import { finished, type Work } from './steps';

test('long work is gone through to its end, step by step, and what it found is given', () => {
  let steps = 0;
  function* counted(): Work<string> {
    for (let i = 0; i < 5; i += 1) {
      steps += 1;
      yield;
    }
    return 'done';
  }
  expect(finished(counted())).toBe('done');
  expect(steps).toBe(5);
  function* atOnce(): Work<number> {
    return 7;
  }
  expect(finished(atOnce())).toBe(7);
});
