import { TUB } from '../../../tests/builders/plantings';
import type { Container } from '../containers/container';
import { mixL } from '../containers/container';
import { MATERIALS } from '../containers/materials';
import { MIXES, type MixFacts } from '../containers/mixes';
import { known } from '../../../tests/builders/plantings';
import { mixFit } from './mixFit';
import { frostRisk, rootsColderK, sunHeatK } from './rootZone';

const of = (change: Partial<Container>): Container => ({ ...TUB, ...change });
/** A thin cylinder that holds so many litres of mix. */
function holding(litres: number): Container {
  const made = (depthCm: number) =>
    of({ material: 'plastic', shape: { kind: 'cylinder', topCm: 60, depthCm } });
  let [low, high] = [10, 120];
  for (let i = 0; i < 40; i += 1) {
    const middle = (low + high) / 2;
    if (mixL(made(middle)) < litres) low = middle;
    else high = middle;
  }
  return made(high);
}

test('roots in a pot are two hardiness zones colder than in the ground; in a hundred litres, or behind thick walls, one', () => {
  const zone = 10 / 1.8;
  expect(rootsColderK(holding(99))).toMatchObject({ because: 'small' });
  expect(rootsColderK(holding(99)).k).toBeCloseTo(2 * zone, 9);
  expect(rootsColderK(holding(100.5))).toMatchObject({ because: 'large' });
  expect(rootsColderK(holding(100.5)).k).toBeCloseTo(zone, 9);
  for (const material of Object.keys(MATERIALS) as (keyof typeof MATERIALS)[])
    expect([material, rootsColderK(of({ material })).because]).toEqual([
      material,
      MATERIALS[material].keepsHeat >= 0.8 ? 'insulated' : 'small',
    ]);
});

test('a dark thin wall in full sun heats the mix by 5 to 15 K, a pale one by a third of it, half a day by half', () => {
  const wall = (light: number, material: Container['material'] = 'plastic') =>
    of({ material, colour: [light, 0, 0] });
  expect(sunHeatK(wall(0.2), 8)).toEqual([5, 15]);
  expect(sunHeatK(wall(0.3), 6)).toEqual([5, 15]);
  const [least, most] = sunHeatK(wall(0.95), 6);
  expect(least).toBeCloseTo(5 * 0.33, 6);
  expect(most).toBeCloseTo(15 * 0.33, 6);
  expect(sunHeatK(wall(0.2), 3)).toEqual([2.5, 7.5]);
  expect(sunHeatK(wall(0.2), 0)).toEqual([0, 0]);
  // A porous wall loses three tenths by what it evaporates, and a thicker one takes longer to heat.
  const { keepsHeat } = MATERIALS.terracotta;
  expect(sunHeatK(wall(0.2, 'terracotta'), 6)[1]).toBeCloseTo(
    15 * 0.7 * (1 - 0.6 * (keepsHeat - 0.2)),
    6,
  );
});

const MAY_CRACK = (Object.keys(MATERIALS) as (keyof typeof MATERIALS)[]).find(
  (id) => MATERIALS[id].frost === 'may crack',
)!;

test('a jar whose neck is narrower than its belly is worse off in frost, by more than a centimetre', () => {
  const urn = (neckCm: number) =>
    of({
      material: MAY_CRACK,
      shape: {
        kind: 'urn',
        profile: [
          { heightCm: 0, widthCm: 20 },
          { heightCm: 20, widthCm: 40 },
          { heightCm: 40, widthCm: neckCm },
        ],
      },
    });
  const plain = frostRisk(urn(44));
  expect(plain).toBe('may crack');
  expect(frostRisk(urn(39))).toBe(plain);
  expect(frostRisk(urn(38.9))).toBe('cracks');
  expect(frostRisk({ ...urn(30), frostProof: true })).toBe('sold as frostproof');
  expect(frostRisk({ ...urn(44), frostProof: false })).toBe('cracks');
});

test('a mix harms by the gravest thing first, on both sides of each limit', () => {
  const mix = (change: Partial<MixFacts>): MixFacts => ({
    ...MIXES['peat-free'],
    waterShare: 0.4,
    wiltShare: 0.15,
    poreShare: 0.8,
    acidity: 'neutral',
    ...change,
  });
  const [dry, thirsty, heather] = [
    { ...known('echeveria-blue'), dryBetween: true },
    { ...known('petunia-white'), thirst: 'high' as const, dryBetween: false },
    { ...known('petunia-white'), botanical: 'Erica carnea' },
  ];
  // Water to hand of more than .27 keeps wet what must dry out.
  expect(mixFit(mix({ wiltShare: 0.1299 }), dry)).toBe('stays wet');
  expect(mixFit(mix({ waterShare: 0.5, wiltShare: 0.25 }), dry)).toBe('suits');
  // Less than .23 runs dry within a day.
  expect(mixFit(mix({ waterShare: 0.4, wiltShare: 0.1701 }), thirsty)).toBe('holds little');
  expect(mixFit(mix({ waterShare: 0.4, wiltShare: 0.1699 }), thirsty)).toBe('suits');
  expect(mixFit(mix({ poreShare: 0.5199 }), thirsty)).toBe('airless');
  expect(mixFit(mix({ poreShare: 0.5201 }), thirsty)).toBe('suits');
  expect(mixFit(mix({ acidity: 'limy', poreShare: 0.5 }), heather)).toBe('limy');
  expect(mixFit(mix({ acidity: 'limy' }), thirsty)).toBe('suits');
});
