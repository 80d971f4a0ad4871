import { whatSchema } from '../log/schema';
import { faultOf, isEmpty, TOLD, whatTold, type Telling } from './telling';

const telling = (change: Partial<Telling>): Telling => ({
  sort: 'measured',
  on: '2026-07-10',
  highCm: 30,
  wideCm: null,
  detail: '',
  words: '',
  ...change,
});
const WHEN = { today: '2026-07-17', plantedOn: '2026-05-14' };

test('a day to come, one before planting and what is no length are told, on both sides of each', () => {
  expect(faultOf(telling({ on: '2026-07-17' }), WHEN)).toBeNull();
  expect(faultOf(telling({ on: '2026-07-18' }), WHEN)).toBe('still to come');
  expect(faultOf(telling({ on: '2026-05-14' }), WHEN)).toBeNull();
  expect(faultOf(telling({ on: '2026-05-13' }), WHEN)).toBe('not planted yet');
  for (const highCm of [0, -1, 1000.1, Number.NaN])
    expect(faultOf(telling({ highCm }), WHEN)).toBe('no length');
  for (const highCm of [0.1, 1000, null]) expect(faultOf(telling({ highCm }), WHEN)).toBeNull();
});

test('what is told is something the log can keep, whatever was left as it was', () => {
  for (const sort of TOLD) {
    const what = whatTold(telling({ sort, words: 'Slugs.', detail: 'nonsense' }));
    if (sort === 'photographed') expect(what).toBeNull();
    else expect(whatSchema.parse(what)).toEqual(what);
  }
  expect(isEmpty(telling({ highCm: null }))).toBe(true);
  expect(isEmpty(telling({ sort: 'noted', words: '  ' }))).toBe(true);
  expect(isEmpty(telling({ sort: 'in flower' }))).toBe(false);
});

test('what was picked is written down; where nothing was, the first of the list, which is what the list shows', () => {
  const told = (sort: 'looks bad' | 'died', detail: string) =>
    whatTold(telling({ sort, detail, words: ' Since Monday. ' }));
  expect(told('looks bad', 'scorched')).toEqual({
    did: 'looks bad',
    how: 'scorched',
    words: 'Since Monday.',
  });
  expect(told('looks bad', '')).toMatchObject({ how: 'wilted' });
  expect(told('died', 'frost')).toEqual({ did: 'died', why: 'frost' });
  expect(told('died', 'nonsense')).toEqual({ did: 'died', why: 'not known' });
});
