import { FIT, gone, stepped, within } from './closer';

const REACH = { acrossCm: 60, upCm: 80, deepCm: 20 };

test('closer and further go through the same steps, and end', () => {
  let closer = FIT;
  const up: number[] = [];
  for (let i = 0; i < 6; i += 1) up.push((closer = stepped(closer, 1)).times);
  expect(up).toEqual([1.5, 2, 3, 4, 4, 4]);
  const down: number[] = [];
  for (let i = 0; i < 6; i += 1) down.push((closer = stepped(closer, -1)).times);
  expect(down).toEqual([3, 2, 1.5, 1, 1, 1]);
  // From between two steps, as a wheel leaves it.
  expect(stepped({ ...FIT, times: 1.7 }, 1).times).toBe(2);
  expect(stepped({ ...FIT, times: 1.7 }, -1).times).toBe(1.5);
});

test('what fits stands in the middle; the edge of what is drawn is gone to and not past it', () => {
  expect(within({ times: 0.5, xCm: 40, upCm: 9, zCm: 3 }, REACH)).toEqual(FIT);
  const twice = { ...FIT, times: 2 };
  // Twice as large half of it is in sight: a quarter to each side of a middle that goes no further than half way out.
  expect(within({ ...twice, xCm: 29 }, REACH).xCm).toBe(29);
  expect(within({ ...twice, xCm: 31, upCm: -99, zCm: 99 }, REACH)).toEqual({
    times: 2,
    xCm: 30,
    upCm: -20,
    zCm: 10,
  });
  expect(within({ ...FIT, times: 9 }, REACH).times).toBe(4);
});

test('an arrow goes a quarter of what is in sight; up is to the back on the plan', () => {
  const twice = { ...FIT, times: 2 };
  expect(gone(twice, 'right', REACH)).toEqual({ ...twice, xCm: 15 });
  expect(gone(twice, 'left', REACH).xCm).toBe(-15);
  expect(gone(twice, 'up', REACH)).toEqual({ ...twice, upCm: 10, zCm: -5 });
  expect(gone(twice, 'down', REACH)).toEqual({ ...twice, upCm: -10, zCm: 5 });
});
