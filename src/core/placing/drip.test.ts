import { BOX, planted, TUB } from '../../../tests/builders/plantings';
import { mixSurface } from '../containers/container';
import { insetCm } from '../containers/section';
import { dripPlaces } from './drip';

const box = planted(
  [
    ['petunia-white', -30, 2],
    ['petunia-white', -10, -2],
    ['petunia-white', 12, 2],
    ['petunia-white', 31, -2],
  ],
  { container: BOX },
);

test('a box of 90 cm has five emitters, for they lie at most 22 cm apart, from left to right, each off the wall', () => {
  for (const plants of [[], box.plants]) {
    const places = dripPlaces(BOX, plants);
    expect(places).toHaveLength(5);
    expect(places.map(({ xCm }) => xCm)).toEqual(
      places.map(({ xCm }) => xCm).sort((a, b) => a - b),
    );
    for (const { xCm, zCm } of places)
      expect(insetCm(mixSurface(BOX), xCm, zCm)).toBeGreaterThanOrEqual(2.45);
  }
  // With nothing planted they lie evenly.
  const even = dripPlaces(BOX, []).map(({ xCm }) => xCm);
  expect(even[1]! - even[0]!).toBeCloseTo(even[4]! - even[3]!, 1);
  expect(even[1]! - even[0]!).toBeLessThanOrEqual(22);
  expect(even[0]! + even[4]!).toBeCloseTo(0, 1);
});

test('emitters come to lie at the plants, nearer to the one that drinks more', () => {
  const places = dripPlaces(BOX, box.plants);
  for (const { xCm } of box.plants)
    expect(Math.min(...places.map((one) => Math.abs(one.xCm - xCm)))).toBeLessThan(4);
  const pair = (first: string, second: string) =>
    dripPlaces(
      TUB,
      planted([
        [first, -6, 0],
        [second, 6, 0],
      ]).plants,
    )[0]!.xCm;
  const [thirsty, frugal] = ['coleus-lime', 'echeveria-blue'];
  const between = (place: number) => Math.abs(place);
  expect(between(pair(thirsty, thirsty))).toBeLessThanOrEqual(6);
  expect(pair(thirsty, frugal)).toBeLessThan(pair(frugal, thirsty) + 1e-9);
});

test('where two lie equally far to the right, the one farther back comes first', () => {
  const round = { ...TUB, shape: { kind: 'cylinder', topCm: 90, depthCm: 40 } } as const;
  const places = dripPlaces(round, []);
  expect(places.length).toBeGreaterThan(2);
  places.slice(1).forEach((place, i) => {
    const before = places[i]!;
    expect(before.xCm < place.xCm || (before.xCm === place.xCm && before.zCm <= place.zCm)).toBe(
      true,
    );
  });
});
