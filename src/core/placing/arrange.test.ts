import { usualContainer } from '../containers/usual';
import fc from 'fast-check';
import { ballsOf, BOX, planting, TUB } from '../../../tests/builders/plantings';
import { insetCm } from '../containers/section';
import { mixSurface } from '../containers/container';
import type { Place } from '../plantings/planting';
import { arranged, settledAround } from './arrange';
import { dripPlaces } from './drip';
import { worstShortfallCm } from './fit';
import { snapped } from './snap';
import { known, planted } from '../../../tests/builders/plantings';

const sisters = (count: number, kindId = 'petunia-white'): readonly Place[] =>
  planting(
    Array.from(
      { length: count },
      (_, i) => [kindId, ((i * 37) % 23) - 11, ((i * 17) % 19) - 9, 'six-pack'] as const,
    ),
  ).places;
const ids = (places: readonly Place[]) => places.map(({ id }) => id);
const grown = ballsOf;

test('a ring stands in even steps, one ball and its buffer off the wall', () => {
  const places = sisters(6);
  const ring = arranged(TUB, places, ids(places), 'ring', grown(places));
  const surface = mixSurface(TUB);
  const radii = ring.map(({ xCm, zCm }) => Math.hypot(xCm, zCm));
  expect(Math.max(...radii) - Math.min(...radii)).toBeLessThan(0.8);
  for (const { xCm, zCm } of ring) expect(insetCm(surface, xCm, zCm)).toBeGreaterThan(2.5);
  const angles = ring.map(({ xCm, zCm }) => Math.atan2(xCm, zCm)).sort((a, b) => a - b);
  const steps = angles.map(
    (angle, i) => (angles[(i + 1) % angles.length]! - angle + 2 * Math.PI) % (2 * Math.PI),
  );
  for (const step of steps) expect(Math.abs(step - Math.PI / 3)).toBeLessThan(0.12);
});

test('a zigzag in a box swings from side to side along its length', () => {
  const places = sisters(5);
  const along = [...arranged(BOX, places, ids(places), 'zigzag', grown(places))].sort(
    (a, b) => a.xCm - b.xCm,
  );
  expect(along.map(({ zCm }) => Math.sign(Math.round(zCm)))).toEqual([1, -1, 1, -1, 1]);
  expect(along[0]!.xCm).toBeLessThan(-25);
  expect(along[4]!.xCm).toBeGreaterThan(25);
});

test('thirds take the nearest crossing, and leave the others alone', () => {
  const places = sisters(4);
  const [first] = places;
  const set = arranged(TUB, places, [first!.id], 'thirds', grown(places));
  expect(set.slice(1)).toEqual(places.slice(1));
  expect(Math.abs(Math.abs(set[0]!.xCm) - 5.5)).toBeLessThan(3);
});

test('what is locked stays, and others make room for it', () => {
  const places = sisters(6).map((place, i) =>
    i === 0 ? { ...place, xCm: 0, zCm: 0, locked: true } : place,
  );
  for (const pattern of ['ring', 'zigzag', 'thirds'] as const) {
    const set = arranged(TUB, places, ids(places), pattern, grown(places));
    expect(set[0]).toEqual(places[0]);
    expect(set).toHaveLength(6);
  }
});

test('rosettes shaken out are set round a dish nearer its rim than bedding set in whole', () => {
  const dish = usualContainer('Dish', { kind: 'bowl', topCm: 40, depthCm: 12 }, 'terracotta');
  const farthest = (id: string) => {
    const { places } = planting([0, 1, 2, 3].map((i) => [id, 5 - 3 * i, 1, '9cm'] as const));
    const set = arranged(dish, places, ids(places), 'ring', grown(places));
    return Math.max(...set.map(({ xCm, zCm }) => Math.hypot(xCm, zCm)));
  };
  expect(farthest('houseleek-green')).toBeGreaterThan(farthest('petunia-white') + 2);
});

test('settled balls end nearer to fitting than they began (seed 7)', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: -15, max: 15 }), fc.integer({ min: -15, max: 15 })), {
        minLength: 2,
        maxLength: 7,
      }),
      (at) => {
        const places = planting(at.map(([x, z]) => ['petunia-white', x, z, '9cm'] as const)).places;
        const before = worstShortfallCm(TUB, places);
        const after = worstShortfallCm(
          TUB,
          settledAround(
            TUB,
            places,
            new Map(places.map((place) => [place.id, place])),
            grown(places),
          ),
        );
        expect(after).toBeLessThanOrEqual(before + 0.3);
      },
    ),
    { seed: 7, numRuns: 60 },
  );
});

describe('snapping', () => {
  const others = planting([
    ['petunia-white', 10, 4],
    ['coleus-lime', -3, 12],
  ]).places;
  const moving = { kindId: 'petunia-white', size: '9cm' } as const;
  test('a sister is mirrored across the middle', () => {
    expect(snapped(TUB, others, moving, { xCm: -9.4, zCm: 4.5 }, 1)).toMatchObject({
      xCm: -10,
      zCm: 4,
      guides: [{ kind: 'mirror', of: 'p0' }],
    });
  });
  test('just out of reach it is left where the hand is', () => {
    expect(snapped(TUB, others, moving, { xCm: -6, zCm: -5 }, 1)).toEqual({
      xCm: -6,
      zCm: -5,
      guides: [],
    });
    expect(snapped(TUB, others, moving, { xCm: -9.4, zCm: 4.5 }, 0)).toEqual({
      xCm: -9.4,
      zCm: 4.5,
      guides: [],
    });
  });
  test('the middle wins over another’s line, and both directions may hold at once', () => {
    const { xCm, zCm, guides } = snapped(
      TUB,
      others,
      { ...moving, kindId: 'viola-white' },
      { xCm: 0.6, zCm: 11.7 },
      1,
    );
    expect([xCm, zCm]).toEqual([0, 12]);
    expect(guides.map(({ kind }) => kind)).toEqual(['middle', 'row']);
  });
  test('sisters stand on one ring in a round pot', () => {
    const far = Math.hypot(10, 4);
    const at = { xCm: -7.9 * 0.98, zCm: -7.2 * 0.98 };
    const found = snapped(TUB, others, moving, at, 0.8);
    expect(found.guides).toEqual([{ kind: 'ring', radiusCm: far }]);
    expect(Math.hypot(found.xCm, found.zCm)).toBeCloseTo(far);
  });
});

describe('drip emitters', () => {
  test('as many as the size wants: one in a small pot, one to every 22 cm of a box', () => {
    const pot = { ...TUB, shape: { kind: 'round', topCm: 22, baseCm: 18, depthCm: 18 } as const };
    expect(dripPlaces(pot, [])).toHaveLength(1);
    expect(dripPlaces(BOX, [])).toHaveLength(5);
  });
  test('they lie in the mix, nearer to the thirsty of two plants', () => {
    const it = planted([
      ['petunia-white', -8, 0],
      ['houseleek-red', 8, 0],
    ]);
    const pot = { ...TUB, shape: { kind: 'round', topCm: 24, baseCm: 20, depthCm: 20 } as const };
    const [one] = dripPlaces(pot, it.plants);
    expect(known('petunia-white').thirst).not.toBe('low');
    expect(one!.xCm).toBeLessThan(0);
    for (const { xCm, zCm } of dripPlaces(TUB, it.plants))
      expect(insetCm(mixSurface(TUB), xCm, zCm)).toBeGreaterThan(1);
  });
});
