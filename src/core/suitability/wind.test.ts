import { askFor } from '../../../tests/builders/ask';
import { known, planted } from '../../../tests/builders/plantings';
import { opinionOf } from '../checks/opinion';
import { hurdleOf } from '../search/ask';
import { sentenceOf } from '../../words/remarks';
import type { Spot } from '../spots/spot';
import { windFit } from './wind';

const at = (id: string, exposure: Spot['exposure']) => windFit(known(id), { exposure });

test('what wants shelter is torn only where it blows, what is tough nowhere', () => {
  for (const id of ['busy-lizzie-coral', 'petunia-white', 'blue-fescue'])
    for (const exposure of ['sheltered', 'open', 'sill', 'hanging'] as const)
      expect([id, at(id, exposure)]).toEqual([id, { torn: 'not', isBurnt: false }]);
  expect(at('busy-lizzie-coral', 'balcony').torn).toBe('badly');
  expect(at('petunia-white', 'balcony').torn).toBe('a little');
  expect(at('blue-fescue', 'balcony').torn).toBe('not');
});

test('salt browns by the sea only, and only what does not bear it', () => {
  expect(at('petunia-white', 'balcony').isBurnt).toBe(false);
  expect(at('petunia-white', 'coast').isBurnt).toBe(true);
  expect(at('pelargonium-scarlet', 'coast').isBurnt).toBe(false);
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

test.each<[string, readonly string[], Spot['exposure'], string, RegExp]>([
  [
    'torn',
    ['busy-lizzie-coral', 'blue-fescue'],
    'balcony',
    'look',
    /wants shelter, and here it blows/,
  ],
  [
    'browned',
    ['petunia-white', 'pelargonium-scarlet'],
    'coast',
    'look',
    /spray reaches it, salt browns/,
  ],
  ['torn and browned', ['busy-lizzie-coral'], 'coast', 'look', /wants shelter/],
  ['a little torn', ['petunia-white'], 'balcony', 'right', /in a gale .*petunia.* is\.$/],
  ['at home', ['pelargonium-scarlet'], 'coast', 'right', /bears wind and salt/],
  ['in the wind', ['blue-fescue'], 'balcony', 'right', /bears wind\.$/],
])('%s: said so, with the mark that goes with it', (_, ids, exposure, severity, says) => {
  const it = planted(
    ids.map((id, i) => [id, i * 12, 0]),
    {},
    { exposure },
  );
  const remark = opinionOf(it).remarks.find(({ check }) => check === 'in-wind')!;
  expect(remark.severity).toBe(severity);
  expect(sentenceOf(remark, it, { length: 'cm', currency: '£' }).says).toMatch(says);
});

test('out of the wind nothing is asked', () => {
  const it = planted([['busy-lizzie-coral', 0, 0]]);
  expect(opinionOf(it).remarks.some(({ check }) => check === 'in-wind')).toBe(false);
});
