import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { climateTable } from '../../../tests/builders/climateTable';
import { CLIMATES } from './climates';

test('docs/climates.csv is what is reckoned with: a figure that is changed is changed there too (npm run golden)', () => {
  const kept = readFileSync(join(__dirname, '../../../docs/climates.csv'), 'utf8');
  expect(climateTable().split('\n')).toEqual(kept.split('\n'));
});

/** How far each month lies from the mean of the months beside it. */
const jumps = (months: readonly number[]): readonly number[] =>
  months.map((value, m) => Math.abs(value - (months[(m + 11) % 12]! + months[(m + 1) % 12]!) / 2));

test('a year has no steps: no month is far from what lies between its neighbours', () => {
  for (const { id, minC, maxC, sunShare, rainDays } of CLIMATES) {
    expect([id, Math.max(...jumps(minC)) <= 2.5]).toEqual([id, true]);
    expect([id, Math.max(...jumps(maxC)) <= 3.5]).toEqual([id, true]);
    expect([id, Math.max(...jumps(sunShare)) <= 0.12]).toEqual([id, true]);
    expect([id, Math.max(...jumps(rainDays)) <= 6.5]).toEqual([id, true]);
  }
});

test('between day and night there are 4 to 18 °C, and the coldest night of a year lies below the mean of its coldest month', () => {
  for (const { id, minC, maxC, coldestC } of CLIMATES) {
    const ranges = minC.map((low, m) => maxC[m]! - low);
    expect([id, Math.min(...ranges) >= 4, Math.max(...ranges) <= 18]).toEqual([id, true, true]);
    expect([id, coldestC < Math.min(...minC)]).toEqual([id, true]);
  }
});
