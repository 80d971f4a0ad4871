import { shadeOf, type Obstacle } from './obstacle';
import { bearingOf, heightsAt } from './silhouette';

const skyline = (fromDeg: number, toDeg: number): Obstacle => ({
  kind: 'skyline',
  id: 'hills',
  fromDeg,
  toDeg,
  altitudeDeg: 20,
});

test('a skyline that goes all round shades every bearing; one of no width shades none', () => {
  const round = skyline(0, 360);
  for (const bearing of [0, 90, 181, 359]) {
    expect(heightsAt(round, 0, bearing)).toEqual([0, 20]);
    const [east, north] = [
      Math.sin((bearing * Math.PI) / 180),
      Math.cos((bearing * Math.PI) / 180),
    ];
    // A low sun does not come through, a high one does.
    expect(shadeOf(round, 0, 20)(east, north, 0.1)).toBe(0);
    expect(shadeOf(round, 0, 20)(east, north, 1)).toBe(1);
  }
  for (const bearing of [1, 90, 181]) {
    expect(heightsAt(skyline(0, 0), 0, bearing)).toBeNull();
  }
  expect(bearingOf(round)).toBe(180);
});

test('a wall told to run as far as can be told does not end at fifty metres', () => {
  const wall = (runCm: number): Obstacle => ({
    kind: 'wall',
    id: 'yard',
    bearingDeg: 0,
    distanceCm: 2000,
    heightCm: 600,
    leftCm: runCm,
    rightCm: runCm,
  });
  // Seventy-five degrees to the side the wall is met 75 m along.
  const [east, north] = [Math.sin(1.309), Math.cos(1.309)];
  expect(shadeOf(wall(5000), 0, 20)(east, north, 0.01)).toBe(0);
  expect(shadeOf(wall(4900), 0, 20)(east, north, 0.01)).toBe(1);
  expect(heightsAt(wall(5000), 0, 75)).not.toBeNull();
  expect(heightsAt(wall(4900), 0, 75)).toBeNull();
});
