import { clearSkyKlx, expectedKlx, seenFromKlx } from './lightMeter';
import { usualSpot } from './spot';
import { expectedByHour } from './sunLog';

const WALLED = usualSpot({
  id: 's',
  name: 'S',
  obstacles: [
    {
      id: 'w',
      kind: 'wall',
      bearingDeg: 90,
      distanceCm: 120,
      heightCm: 600,
      leftCm: 800,
      rightCm: 800,
    },
  ] as never,
});
const DAY = '2026-06-21';

test('a clear sky gives about 100 klx from a high sun, some 30 from one at twenty degrees, and none at night', () => {
  const whole = (altitude: number) => clearSkyKlx(altitude).sun + clearSkyKlx(altitude).sky;
  expect(whole(62)).toBeGreaterThan(90);
  expect(whole(62)).toBeLessThan(120);
  expect(whole(20)).toBeGreaterThan(25);
  expect(whole(20)).toBeLessThan(40);
  expect(whole(-3)).toBe(0);
});

test('what a meter shows tells the hours as they are reckoned, also when it is out by 2 klx; a sun too low tells nothing', () => {
  const expected = expectedByHour(WALLED, DAY);
  expect(expected).toContain('sun');
  expect(expected).toContain('shade');
  expected.forEach((seen, hour) => {
    if (!seen) return;
    for (const off of [-2, 0, 2]) {
      const told = seenFromKlx(expectedKlx(WALLED, DAY, hour) + off, WALLED, DAY, hour);
      if (told) expect([hour, off, told]).toEqual([hour, off, seen]);
    }
  });
  expect(seenFromKlx(5, WALLED, DAY, 4)).toBeNull();
  expect(seenFromKlx(5, WALLED, DAY, 12)).toBe('shade');
  expect(seenFromKlx(90, WALLED, DAY, 12)).toBe('sun');
});
