import fc from 'fast-check';
import { BASKET, BOX, TUB } from '../../../tests/builders/plantings';
import { usualContainer } from '../containers/usual';
import { NURSERY_SIZE_IDS } from '../plants/nursery';
import {
  ballRoomCm,
  deepEnough,
  FIT_TOLERANCE_CM,
  gravelCm,
  wallRoomCm,
  worstShortfallCm,
} from './fit';
import { wishedPlaces } from './wishedPlaces';
import { packSame, RADIUS_FOR } from './pack';
import { settle } from './settle';

const POT30 = {
  ...usualContainer('p', { kind: 'round', topCm: 30, baseCm: 22, depthCm: 28 }, 'terracotta'),
  headspaceCm: 3,
};

test('a ball has room up to the wall less its buffer, and not past it', () => {
  const edge = 29.14 / 2 - 4.2 - 1;
  expect(wallRoomCm(POT30, { size: '9cm', xCm: edge - 0.6, zCm: 0 })).toBeGreaterThan(0);
  expect(wallRoomCm(POT30, { size: '9cm', xCm: edge + 0.6, zCm: 0 })).toBeLessThan(0);
});

test('two balls may be squeezed by 12 % and no more', () => {
  const at = (d: number) =>
    ballRoomCm({ xCm: 0, zCm: 0, size: '9cm' }, { xCm: d, zCm: 0, size: '9cm' });
  expect(at(8.4 * 0.89)).toBeGreaterThan(0);
  expect(at(8.4 * 0.87)).toBeLessThan(0);
});

test('a 3 L ball is too deep for a shallow box, a plug is not', () => {
  expect(
    deepEnough({ ...BOX, shape: { ...BOX.shape, depthCm: 15 } as typeof BOX.shape }, '3L'),
  ).toBe(false);
  expect(deepEnough(BOX, 'six-pack')).toBe(true);
});

test('settled places fit, wherever they started, when there is room', () => {
  const start = fc.record({
    xCm: fc.double({ min: -30, max: 30, noNaN: true }),
    zCm: fc.double({ min: -30, max: 30, noNaN: true }),
  });
  fc.assert(
    fc.property(
      fc.constantFrom(TUB, BOX, BASKET),
      fc.array(start, { minLength: 1, maxLength: 5 }),
      (container, starts) => {
        const { places, shortfallCm } = settle(
          container,
          starts.map((s) => ({ ...s, size: '9cm' as const, spreadRadiusCm: 15 })),
        );
        expect(shortfallCm).toBeLessThanOrEqual(FIT_TOLERANCE_CM);
        expect(
          worstShortfallCm(
            container,
            places.map((p) => ({ ...p, size: '9cm' as const })),
          ),
        ).toBeCloseTo(shortfallCm, 6);
      },
    ),
    { seed: 61 },
  );
});

test('settling the same wishes gives the same places', () => {
  const wishes = [0, 1, 2, 3].map(() => ({
    xCm: 0,
    zCm: 0,
    size: '9cm' as const,
    spreadRadiusCm: 12,
  }));
  expect(settle(TUB, wishes)).toEqual(settle(TUB, wishes));
});

test('a 30 cm pot takes about seven 9 cm pots, and packing shows places that fit', () => {
  const places = packSame(POT30, '9cm');
  expect(places.length).toBeGreaterThanOrEqual(6);
  expect(places.length).toBeLessThanOrEqual(9);
  for (const container of [TUB, BOX, BASKET, POT30])
    for (const size of NURSERY_SIZE_IDS.filter((id) => id !== 'bulb'))
      expect(
        worstShortfallCm(
          container,
          packSame(container, size).map((p) => ({ ...p, size })),
        ),
      ).toBeLessThanOrEqual(FIT_TOLERANCE_CM);
});

test('a circle that just takes n equal balls by the best packings known takes at least 95 % of them, for n from 1 to 30', () => {
  RADIUS_FOR.forEach((radius, i) => {
    // Middles may lie within (radius − 1) ball radii: a straight-sided pot is made to measure.
    const apart = 8.4 * 0.88;
    const topCm = 2 * ((radius - 1) * (apart / 2) + 8.4 / 2 + 1);
    const pot = {
      ...usualContainer('p', { kind: 'round', topCm, baseCm: topCm, depthCm: 20 }, 'plastic'),
      headspaceCm: 2,
    };
    const places = packSame(pot, '9cm');
    expect([i + 1, places.length >= Math.ceil(0.95 * (i + 1))]).toEqual([i + 1, true]);
    expect(
      worstShortfallCm(
        pot,
        places.map((p) => ({ ...p, size: '9cm' as const })),
      ),
    ).toBeLessThanOrEqual(FIT_TOLERANCE_CM);
  });
});

test('rows in a box: as many as its length takes, two rows where its width does', () => {
  const box = (lengthCm: number, widthCm: number) =>
    packSame(
      {
        ...usualContainer(
          'b',
          {
            kind: 'box',
            lengthCm,
            widthCm,
            baseLengthCm: lengthCm,
            baseWidthCm: widthCm,
            depthCm: 18,
          },
          'plastic',
        ),
        headspaceCm: 2,
      },
      '9cm',
    ).length;
  const apart = 8.4 * 0.88;
  expect(box(10.6 + 6 * apart, 11)).toBe(7);
  expect(box(10.6 + 6 * apart, 10.6 + apart)).toBe(14);
  expect(box(10.6 + 6 * apart, 10.6 + 2 * apart * Math.sqrt(0.75))).toBeGreaterThanOrEqual(20);
});

test('what is too big does not go in at all', () => {
  expect(
    packSame(
      usualContainer('tiny', { kind: 'round', topCm: 9, baseCm: 7, depthCm: 10 }, 'plastic'),
      '3L',
    ),
  ).toEqual([]);
});

test('layouts: from one side the lead is behind and the edge in front; all round the lead is in the middle', () => {
  expect(
    wishedPlaces(TUB, 'one side', 'lead', 1, { leads: 1, lead: 'by view' })[0]!.zCm,
  ).toBeLessThan(-4);
  expect(
    wishedPlaces(TUB, 'one side', 'edge', 3, { leads: 1, lead: 'by view' }).every(
      ({ zCm }) => zCm > 0,
    ),
  ).toBe(true);
  expect(wishedPlaces(TUB, 'all round', 'lead', 1, { leads: 1, lead: 'by view' })[0]).toEqual({
    xCm: 0,
    zCm: 0,
  });
  const row = wishedPlaces(BOX, 'one side', 'edge', 5, { leads: 2, lead: 'by view' });
  expect(row.map(({ xCm }) => Math.sign(Math.round(xCm)))).toEqual([-1, -1, 0, 1, 1]);
});

test('what is shaken out of its mix stands nearer to a sloping wall, and no nearer to a straight one', () => {
  const [succulent, bedding] = [
    { cycle: 'succulent', company: [] },
    { cycle: 'annual', company: [] },
  ] as const;
  const bowl = usualContainer('Bowl', { kind: 'bowl', topCm: 40, depthCm: 12 }, 'terracotta');
  const at = { size: '9cm', xCm: 8, zCm: 0 } as const;
  expect(wallRoomCm(bowl, { ...at, kind: succulent })).toBeGreaterThan(0);
  expect(wallRoomCm(bowl, { ...at, kind: bedding })).toBeLessThan(0);
  expect(wallRoomCm(bowl, at)).toBe(wallRoomCm(bowl, { ...at, kind: bedding }));
  expect(gravelCm(bowl, '9cm', succulent)).toBeGreaterThan(1);
  expect(gravelCm(bowl, '9cm', bedding)).toBe(0);
  const straight = usualContainer('Pot', { kind: 'cylinder', topCm: 30, depthCm: 30 }, 'plastic');
  expect(wallRoomCm(straight, { ...at, kind: succulent })).toBeCloseTo(wallRoomCm(straight, at), 9);
  expect(gravelCm(straight, '9cm', succulent)).toBeLessThan(0.2);
});
