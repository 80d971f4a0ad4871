import { usualObstacle } from './usualObstacles';
import { usualSpot } from './spot';
import { skyPathsOf } from './skyPaths';

const open = usualSpot({ id: 's', name: 'S' });
const SUMMER = { from: 20, weeks: 22 };
const highest = (points: readonly (readonly [number, number])[]) =>
  Math.max(...points.map(([, altitude]) => altitude));

test('under an open sky every way is one run of full light, June above March above December', () => {
  const { lines } = skyPathsOf(open, SUMMER, 200);
  expect(lines.map(({ runs }) => runs.map(({ light }) => light))).toEqual([[1], [1], [1], [1]]);
  const [june, march, december] = lines.map(({ runs }) => highest(runs[0]!.points));
  // At noon the sun stands 90° less the latitude, plus or less 23.4° at the turns of the year.
  expect(june!).toBeCloseTo(90 - 51.5 + 23.4, 0);
  expect(march!).toBeCloseTo(90 - 51.5, 0);
  expect(december!).toBeCloseTo(90 - 51.5 - 23.4, 0);
});

test('behind a wall a way is broken without a gap: each run begins where the last one ends', () => {
  const walled = { ...open, obstacles: [usualObstacle('wall', 'w', 180)] };
  const { runs } = skyPathsOf(walled, SUMMER, 354).lines[2]!;
  expect(runs.length).toBeGreaterThan(1);
  expect(runs.some(({ light }) => light === 0)).toBe(true);
  runs.slice(1).forEach((run, i) => expect(run.points[0]).toEqual(runs[i]!.points.at(-1)));
});

test('the band of a season lies between its highest and its lowest day; south of the equator too', () => {
  for (const latitudeDeg of [51.5, -33.9]) {
    const spot = { ...open, site: { ...open.site, latitudeDeg } };
    const [high, low] = skyPathsOf(spot, SUMMER, 200).band!;
    expect(highest(high)).toBeGreaterThan(highest(low));
  }
  expect(skyPathsOf(open, { from: 20, weeks: 0 }, 200).band).toBeNull();
});

test('where the sun does not rise there is neither way nor hour', () => {
  const north = { ...open, site: { ...open.site, latitudeDeg: 70 } };
  const { lines, hours } = skyPathsOf(north, SUMMER, 354);
  expect(lines[2]!.runs).toEqual([]);
  expect(hours).toEqual([]);
});
