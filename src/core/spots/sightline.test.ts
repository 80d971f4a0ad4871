import { rainShare } from './rain';
import { hangRoom, leastVisibleCm } from './sightline';
import { usualSpot, type Eye } from './spot';
import { usualObstacle } from './usualObstacles';

const AT_SINK: Eye = {
  id: 'e',
  name: 'Sink',
  kind: 'standing',
  bearingDeg: 0,
  distanceCm: 220,
  floorCm: 0,
  sill: { heightCm: 90, nearCm: 200, farCm: 200 },
  weight: 1,
};

test('over a sill: standing 3 cm, sitting 7.2 cm; without a sill all is seen', () => {
  expect(leastVisibleCm(AT_SINK, 80)).toBeCloseTo(3, 6);
  expect(leastVisibleCm({ ...AT_SINK, kind: 'sitting' }, 80)).toBeCloseTo(7.2, 6);
  expect(leastVisibleCm({ ...AT_SINK, sill: null }, 80)).toBe(0);
  // A sill at eye level hides all below it.
  expect(
    leastVisibleCm(
      { ...AT_SINK, kind: 'sitting', sill: { heightCm: 118, nearCm: 150, farCm: 200 } },
      80,
    ),
  ).toBeCloseTo(38, 6);
  // Below the sill's height the near edge hides less than the far one; above the eye, more.
  expect(
    leastVisibleCm({ ...AT_SINK, sill: { heightCm: 90, nearCm: 180, farCm: 200 } }, 80),
  ).toBeCloseTo(3, 6);
});

test('trails hang to the ground, or to the head of whoever passes under', () => {
  const under: Eye = { ...AT_SINK, sill: null, distanceCm: 60 };
  expect(hangRoom({ dropCm: 0, eyes: [] })).toBeNull();
  expect(hangRoom({ dropCm: 210, eyes: [] })).toEqual({ roomCm: 210, by: 'ground' });
  expect(hangRoom({ dropCm: 210, eyes: [under] })).toEqual({ roomCm: 35, by: 'head' });
  expect(hangRoom({ dropCm: 150, eyes: [under] })).toEqual({ roomCm: 0, by: 'head' });
  expect(hangRoom({ dropCm: 210, eyes: [{ ...under, distanceCm: 101 }] })!.by).toBe('ground');
});

test('rain: all in the open, none under a roof, less under an eave with the wind behind, less under a tree in leaf', () => {
  const spot = usualSpot({ id: 's', name: 'S' });
  expect(rainShare(spot, 230, 26)).toBe(1);
  expect(rainShare({ ...spot, underCover: true }, 230, 26)).toBe(0);
  const eave = {
    ...spot,
    obstacles: [
      { ...usualObstacle('eave', 'e', 230), depthCm: 30 } as (typeof spot.obstacles)[number],
    ],
  };
  expect(rainShare(eave, 50, 26)).toBe(0);
  expect(rainShare(eave, 230, 26)).toBeGreaterThan(0.3);
  expect(rainShare(eave, 230, 26)).toBeLessThan(1);
  expect(rainShare({ ...eave, exposure: 'sheltered' }, 230, 26)).toBeLessThan(
    rainShare(eave, 230, 26),
  );
  const tree = {
    ...spot,
    obstacles: [
      { ...usualObstacle('tree', 't', 180), distanceCm: 150 } as (typeof spot.obstacles)[number],
    ],
  };
  expect(rainShare(tree, 230, 30)).toBeCloseTo(0.7, 6);
  expect(rainShare(tree, 230, 5)).toBeCloseTo(1, 6);
});
