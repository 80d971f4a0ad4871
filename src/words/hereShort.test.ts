import { NOTHING_HERE } from '../../tests/builders/here';
import { kindOf } from '@/core/plants/book/index';
import type { Here } from '@/core/plants/kind';
import { hereShort } from './hereShort';

const seen = { factor: 1.1, sd: 0.1, plantings: 3, looks: 4, years: 1 };
const kind = { ...kindOf('viola-white')!, heightCm: [10, 35] as [number, number] };
const units = { length: 'cm', currency: '£', market: 'european' } as const;

test('on a tag stands the height that is reached here and how many were seen; else the spread, else what went badly', () => {
  const told = (here: Partial<Here>) =>
    hereShort({ ...kind, here: { ...NOTHING_HERE, ...here } }, units);
  expect(told({ height: seen, spread: seen })).toBe('Here to 35 cm: 3 seen');
  expect(told({ spread: seen })).toMatch(/^Here \d+ cm wide: 3 seen$/);
  expect(told({ badly: 2, stood: 5 })).toBe('Did badly here: 2 of 5');
  expect(told({})).toBe('');
  expect(hereShort(kind, units)).toBe('');
});
