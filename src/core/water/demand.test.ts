import { BASKET, known, planted, planting, TUB } from '../../../tests/builders/plantings';
import { read } from '../checks/reading';
import { seasonCare } from '../checks/seasonCare';
import { usualSpot } from '../spots/spot';
import { mixAreaCm2 } from '../containers/container';
import { dailyDemandL, drawLPerMm } from './demand';
import { readilyAvailableL } from './storage';

const size = {
  heightCm: 30,
  spreadCm: 50,
  trailCm: 0,
  share: 1,
  bloom: 1,
  fruit: 0,
  fill: 1,
} as never;
const demand = (change: Partial<Parameters<typeof dailyDemandL>[0]> = {}) =>
  dailyDemandL({
    container: TUB,
    spot: usualSpot({ id: 's', name: 'S', sunHours: 14 }),
    plants: [{ kind: known('petunia-white') }],
    sizes: [size],
    canopy: { areaM2: 0.2, bareShare: 0 },
    week: 28,
    ...change,
  });

test('a full 50 cm plant in the open at midsummer in a cool maritime climate drinks well under 2 L and over half a litre a day', () => {
  expect(demand()).toBeGreaterThan(0.5);
  expect(demand()).toBeLessThan(1.6);
});

test('it grows with leaves, sun and exposure, and falls in autumn and for plants that drink little', () => {
  expect(demand({ canopy: { areaM2: 0.4, bareShare: 0 } })).toBeCloseTo(2 * demand());
  expect(demand({ spot: usualSpot({ id: 's', name: 'S', sunHours: 2 }) })).toBeLessThan(demand());
  expect(demand({ container: BASKET })).toBeCloseTo((demand() * 1.7) / 1.1);
  expect(demand({ week: 42 })).toBeLessThan(demand() * 0.55);
  expect(demand({ plants: [{ kind: known('houseleek-red') }] })).toBeLessThan(demand() * 0.7);
  expect(demand({ plants: [], sizes: [], canopy: { areaM2: 0, bareShare: 0 } })).toBe(0);
});

test('what a mix gives up before watering is half of what plants can take', () => {
  expect(readilyAvailableL(TUB)).toBeGreaterThan(4);
  expect(readilyAvailableL(TUB)).toBeLessThan(8);
  expect(readilyAvailableL(BASKET)).toBeLessThan(2);
});

describe('care, week by week', () => {
  const it = planted([['petunia-white', 0, 0]], { care: { feeding: 'as usual', trims: [] } });
  test('a trim is three minutes in its week only', () => {
    const trimmed = seasonCare(
      read({
        ...it,
        planting: {
          ...it.planting,
          care: { feeding: 'as usual', trims: [{ place: 'p0', weeks: 9, cut: 0.4 }] },
        },
      }),
    );
    const plain = seasonCare(read(it));
    // The plant is smaller afterwards, so that it drinks less; the week before nothing differs.
    expect(trimmed[8]).toEqual(plain[8]);
    expect(trimmed[9]!.minutes - plain[9]!.minutes).toBeGreaterThan(2.5);
  });
  test('drip saves walks and not water; every week has at least one watering', () => {
    const hand = seasonCare(read(it));
    const drip = seasonCare(
      read({ ...it, spot: { ...it.spot, waters: { ...it.spot.waters, by: 'drip' } } }),
    );
    expect(drip.map(({ thirstL }) => thirstL)).toEqual(hand.map(({ thirstL }) => thirstL));
    expect(drip[10]!.minutes).toBeLessThan(hand[10]!.minutes);
    for (const { waterings } of hand) expect(waterings).toBeGreaterThanOrEqual(1);
  });
  test('unfed, a planting takes no minutes for feeding from week 6 on', () => {
    const fed = seasonCare(read(it));
    const unfed = seasonCare(
      read({
        ...it,
        planting: planting([['petunia-white', 0, 0]], { care: { feeding: 'none', trims: [] } }),
      }),
    );
    expect(fed[5]!.minutes).toBeCloseTo(unfed[5]!.minutes, 0);
    expect(fed[6]!.minutes - unfed[6]!.minutes).toBeGreaterThan(0.5);
  });
});

test('worked example: litres for each millimetre are the leaves’ share and the bare mix’s, times what stands about the pot', () => {
  const it = planted([['petunia-white', 0, 0]], { container: TUB });
  const { plants, spot } = it;
  const size = { ...read(it).sizesAt(0)[0]!, spreadCm: 30, share: 1 };
  const drawn = (change: Partial<Parameters<typeof drawLPerMm>[0]>) =>
    drawLPerMm({
      container: TUB,
      spot: { ...spot, exposure: 'open' },
      plants,
      sizes: [size],
      canopy: { areaM2: 0.1, bareShare: 0 },
      ...change,
    });
  const thirst = { low: 0.6, medium: 0.9, high: 1.15 }[plants[0]!.kind.thirst];
  // Three layers of leaves, full grown, catch seven eighths of it; and a little goes on from beneath them.
  const leaf = (1.15 - Math.exp(-0.7 * 3)) * thirst;
  expect(drawn({}) / (leaf * 0.1)).toBeCloseTo(
    drawn({ canopy: { areaM2: 0.2, bareShare: 0 } }) / (leaf * 0.2),
    9,
  );
  const open = drawn({}) / (leaf * 0.1);
  // Young leaves are thinner: .8 of a layer.
  const young = drawn({ sizes: [{ ...size, share: 0 }] });
  expect(young / (open * 0.1 * thirst)).toBeCloseTo(1.15 - Math.exp(-0.7 * 0.8), 9);
  // Nothing but bare mix: six tenths of the reference from its own area.
  const bare = drawn({ plants: [], sizes: [], canopy: { areaM2: 0, bareShare: 1 } });
  expect(bare / open).toBeCloseTo(0.6 * (mixAreaCm2(TUB) / 10_000), 9);
  // Two plants drink by the room they take, not by their number.
  const dry = { ...plants[0]!, kind: { ...plants[0]!.kind, thirst: 'low' as const } };
  const lush = { ...plants[0]!, kind: { ...plants[0]!.kind, thirst: 'high' as const } };
  const both = drawn({
    plants: [dry, lush],
    sizes: [
      { ...size, spreadCm: 10 },
      { ...size, spreadCm: 30 },
    ],
  });
  const mean = (0.6 * 100 + 1.15 * 900) / 1000;
  expect(both / (open * 0.1 * (1.15 - Math.exp(-0.7 * 3)))).toBeCloseTo(mean, 9);
});
