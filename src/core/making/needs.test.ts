import { HALT } from '../../../tests/builders/halt';
import { BASKET, planted, TUB } from '../../../tests/builders/plantings';
import { mixL } from '../containers/container';
import { FIT_TOLERANCE_CM, worstShortfallCm } from '../placing/fit';
import { NURSERY_SIZES } from '../plants/nursery';
import { USUAL_HOUSE } from '../plantings/house';
import { footOf, HOOK_FACTOR, needsOf } from './needs';
import { sizesTaken, SIZES_BY_BALL } from './sizes';

const AROUND = {
  house: USUAL_HOUSE,
  owned: () => 0,
  isReused: () => false,
} as const;
const rank = (size: (typeof SIZES_BY_BALL)[number]) => SIZES_BY_BALL.indexOf(size);

test('the size that was meant is always taken, and only sizes the kind is sold in', () => {
  for (const it of HALT) {
    const takes = sizesTaken(it);
    for (const { id, size, kind } of it.plants) {
      const { from, to } = takes.get(id)!;
      expect([rank(from) <= rank(size), rank(to) >= rank(size)]).toEqual([true, true]);
      for (const end of [from, to])
        expect([id, end === size || kind.sold.some((unit) => unit.size === end)]).toEqual([
          id,
          true,
        ]);
    }
  }
});

test('all the largest sizes that places take fit together', () => {
  let larger = 0;
  for (const it of HALT) {
    const takes = sizesTaken(it);
    const most = it.plants.map(({ id, xCm, zCm }) => ({ xCm, zCm, size: takes.get(id)!.to }));
    larger += it.plants.filter(({ size }, i) => most[i]!.size !== size).length;
    const { container } = it.planting;
    expect(worstShortfallCm(container, most)).toBeLessThanOrEqual(
      Math.max(FIT_TOLERANCE_CM, worstShortfallCm(container, it.plants)) + 1e-9,
    );
  }
  expect(larger).toBeGreaterThan(5);
});

test('what is in the shed is taken off, once over all plantings, never more than is needed', () => {
  const it = planted([
    ['alyssum-white', 0, 0, 'six-pack'],
    ['alyssum-white', 8, 0, 'six-pack'],
  ]);
  const of = (owned: number) => needsOf([it, it], { ...AROUND, owned: () => owned }).plants[0]!;
  const wanted = (owned: number) => of(owned).wants.reduce((sum, { count }) => sum + count, 0);
  expect([wanted(0), wanted(3), wanted(9)]).toEqual([4, 1, 0]);
  expect([of(3).fromShed, of(9).fromShed]).toEqual([3, 4]);
});

test('mix: each kind in bags of its own; of a large pot used before only the top third, of a small one all', () => {
  const it = planted([['alyssum-white', 0, 0, 'six-pack']]);
  const gritty = {
    ...it,
    planting: { ...it.planting, container: { ...TUB, mix: 'gritty' as const } },
  };
  const { mixes } = needsOf([it, it, gritty], AROUND);
  expect(mixes.map(({ mix }) => mix)).toEqual(['peat-free', 'gritty']);
  expect(mixes[0]!.netL).toBeCloseTo(2 * (mixL(TUB) - NURSERY_SIZES['six-pack'].ballL), 6);
  const again = needsOf([it], { ...AROUND, isReused: () => true }).mixes[0]!.netL;
  expect(mixL(TUB)).toBeGreaterThan(30);
  expect(again).toBeLessThan(mixL(TUB) * 0.45);
  const small = { ...it, planting: { ...it.planting, container: BASKET } };
  expect(mixL(BASKET)).toBeLessThan(30);
  expect(needsOf([small], { ...AROUND, isReused: () => true }).mixes).toEqual(
    needsOf([small], AROUND).mixes,
  );
});

test('feed goes by the house: liquid beside slow-release, or neither beside pellets', () => {
  const it = planted([['petunia-white', 0, 0, '9cm']]);
  const feeds = (feed: typeof USUAL_HOUSE.feed) =>
    needsOf([it], { ...AROUND, house: { ...USUAL_HOUSE, feed } }).feeds.map(({ what }) => what);
  expect(feeds('slow-release and liquid')).toEqual(['slow-release', 'liquid']);
  expect(feeds('slow-release only')).toEqual(['slow-release']);
  expect(feeds('organic pellets')).toEqual(['pellets']);
  expect(needsOf([], AROUND).feeds).toEqual([]);
});

test('a basket wants a liner and a hook that bears several times its wet weight; a pot with holes a mesh', () => {
  const it = planted([['petunia-white', 0, 0, '9cm']]);
  const basket = { ...it, planting: { ...it.planting, container: BASKET } };
  const bits = needsOf([basket], AROUND).bits;
  expect(bits.map(({ what }) => what)).toEqual(expect.arrayContaining(['liner', 'hook']));
  expect(bits.find(({ what }) => what === 'hook')!.bearsKg).toBeGreaterThan(
    HOOK_FACTOR * mixL(BASKET) * 0.5,
  );
  expect(needsOf([it], AROUND).bits.map(({ what }) => what)).toContain('mesh');
  const dripped = {
    ...it,
    spot: { ...it.spot, waters: { ...it.spot.waters, by: 'drip' as const } },
  };
  expect(needsOf([dripped], AROUND).bits.map(({ what }) => what)).toEqual(
    expect.arrayContaining(['emitters', 'drip line']),
  );
  expect(needsOf([it], AROUND).bits.map(({ what }) => what)).not.toContain('emitters');
});

test('what lies over the holes is what the container tells, else what the house does; a layer is bought as deep as it is laid', () => {
  const bare = { ...TUB, foot: 'none' as const, drainHoles: 3 };
  expect(footOf(bare, { drainage: 'mesh' })).toEqual({ over: 'mesh', litres: 0 });
  const layer = footOf(bare, { drainage: 'coarse layer' });
  expect(layer.over).toBe('coarse');
  expect(layer.litres).toBeGreaterThan(1);
  expect(footOf({ ...bare, foot: 'crocks', footCm: 4 }, { drainage: 'mesh' }).over).toBe('crocks');
  const it = planted([['petunia-white', 0, 0, '9cm']], { container: bare });
  const house = { ...USUAL_HOUSE, drainage: 'coarse layer' as const };
  const bits = needsOf([it], { ...AROUND, house }).bits;
  expect(bits.find(({ what }) => what === 'coarse layer')?.amount).toBeCloseTo(layer.litres, 6);
  expect(bits.map(({ what }) => what)).not.toContain('mesh');
});
