import { BOX as box } from '../../../tests/builders/plantings';
import { mixSurface } from '../containers/container';
import { reachOf } from '../containers/section';
import { BEYOND_CM, shiftWithinReach, withinReach } from './reach';

const { acrossCm, deepCm } = reachOf(mixSurface(box));
const edge = acrossCm + BEYOND_CM;

test('a place within reach stays; one beyond is held at the edge of it, on both axes', () => {
  expect(withinReach(box, { xCm: 10, zCm: -3 })).toEqual({ xCm: 10, zCm: -3 });
  expect(withinReach(box, { xCm: edge, zCm: 0 }).xCm).toBe(edge);
  expect(withinReach(box, { xCm: 1e6, zCm: -1e6 })).toEqual({
    xCm: edge,
    zCm: -deepCm - BEYOND_CM,
  });
});

test('several plants are moved together as far as the foremost may go', () => {
  const moving = [
    { xCm: 0, zCm: 0 },
    { xCm: edge - 4, zCm: 0 },
  ];
  expect(shiftWithinReach(box, moving, { dxCm: 3, dzCm: 0 }).dxCm).toBe(3);
  expect(shiftWithinReach(box, moving, { dxCm: 30, dzCm: 0 }).dxCm).toBeCloseTo(4);
});

test('one that stands outside may come in and goes no further out', () => {
  const outside = [{ xCm: edge + 50, zCm: 0 }];
  expect(shiftWithinReach(box, outside, { dxCm: 5, dzCm: 0 }).dxCm).toBe(0);
  expect(shiftWithinReach(box, outside, { dxCm: -60, dzCm: 0 }).dxCm).toBe(-60);
});
