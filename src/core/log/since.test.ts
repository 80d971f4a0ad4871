import type { Entry } from './entry';
import { toldSince } from './since';

const told = (id: string, of: Entry['of']): Entry => ({
  id,
  at: '2026-07-17T08:00:00+01:00',
  zone: 'Europe/London',
  of,
  what: { did: 'watered', litres: null },
});
const LOG = [told('1', { plantingId: 'a' }), told('3', { plantingId: 'b' })];

test('since a reading of the log only what came to it was told, wherever it came in', () => {
  expect(toldSince(LOG, [...LOG])).toEqual(new Set());
  const more = [
    LOG[0]!,
    told('2', { plantingId: 'c', plantingIds: ['d'] }),
    LOG[1]!,
    told('4', {}),
  ];
  expect(toldSince(LOG, more)).toEqual(new Set(['c', 'd']));
});

test('when entries were taken out of the log, nothing is said', () => {
  expect(toldSince(LOG, [LOG[0]!])).toBeNull();
  expect(toldSince(LOG, [LOG[0]!, told('5', { plantingId: 'e' })])).toBeNull();
});
