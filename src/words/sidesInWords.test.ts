import { BASKET, known, planted } from '../../tests/builders/plantings';
import { opinionOf } from '@/core/checks/opinion';
import { read } from '@/core/checks/reading';
import { withSidesPlanted } from '@/core/placing/sides';
import { inSpot } from '@/core/plantings/planting';
import { kindOf } from '@/core/plants/book/index';
import { describePlanting } from './describe';
import { keyed } from './names';

test('what stands in the sides has its letter, count, height and place in words', () => {
  const bare = planted([['petunia-white', 0, 0]], {
    container: { ...BASKET, sideHoles: [{ heightCm: 5, count: 6 }] },
  });
  const sides = withSidesPlanted(bare.planting, [known('lobelia-blue')], null);
  const it = inSpot({ ...bare.planting, sides }, bare.spot, kindOf, bare.house);
  const words = describePlanting(read(it), keyed(it), opinionOf(it), 8, {
    length: 'cm',
    currency: '£',
  });
  expect(words).toMatch(/B: 6 blue lobelia, in the sides; about \d+ cm tall/);
  expect(words).not.toMatch(/Infinity|NaN|undefined/);
});
