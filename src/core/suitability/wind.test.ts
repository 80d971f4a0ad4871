import { known } from '../../../tests/builders/plantings';
import { askFor } from '../../../tests/builders/ask';
import { hurdleOf } from '../search/ask';
import { inWind } from './wind';

test('what wants shelter is torn only where it blows, what is tough nowhere', () => {
  const fares = (id: string, exposure: 'open' | 'balcony') => inWind(known(id), { exposure });
  expect(fares('busy-lizzie-coral', 'open')).toBe('well');
  expect(fares('busy-lizzie-coral', 'balcony')).toBe('badly');
  expect(fares('petunia-white', 'balcony')).toBe('a little torn');
  expect(fares('blue-fescue', 'balcony')).toBe('well');
});

test('on a balcony what wants shelter is no choice, unless it is insisted on', () => {
  const ask = askFor();
  const up = { ...ask, spot: { ...ask.spot, sunHours: 6, exposure: 'balcony' as const } };
  const tobacco = known('tobacco-white');
  const open = { ...up, spot: { ...up.spot, exposure: 'open' as const } };
  expect(hurdleOf(tobacco, up)).toBe('wind');
  expect(hurdleOf(tobacco, open)).not.toBe('wind');
  const must = { ...up, wishes: { ...up.wishes, must: [tobacco.id] } };
  expect(hurdleOf(tobacco, must)).not.toBe('wind');
});
