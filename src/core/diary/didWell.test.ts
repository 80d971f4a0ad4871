import { entry, PLANTED } from '../../../tests/builders/careWorld';
import { planted, SUNNY } from '../../../tests/builders/plantings';
import { addDays } from '../calendar/day';
import { wentInOf, type Entry, type What } from '../log/entry';
import { didWell, goodShare, type Past } from './didWell';

const UNTIL = addDays(PLANTED, 70);
const tub = (id: string, spotId = 'spot', second = 'lobelia-blue') => {
  const it = planted(
    [
      ['petunia-white', 0, 0],
      [second, 9, 3],
    ],
    { id, wishes: { ...planted([]).planting.wishes, school: 'dome' } },
  );
  return { ...it, spot: { ...SUNNY, id: spotId } };
};
const past = (
  it: Past['it'],
  ...told: readonly (readonly [days: number, what: What, of?: Partial<Entry['of']>])[]
): Past => ({
  it,
  held: [
    entry(it, PLANTED, { did: 'planted', plants: wentInOf(it.plants) }),
    ...told.map(([days, what, of]) => entry(it, addDays(PLANTED, days), what, of)),
  ],
  from: PLANTED,
  until: UNTIL,
});
const bad: What = { did: 'looks bad', how: 'yellow', words: '' };
const PETUNIA = { kindId: 'petunia-white' };

test('a kind is good in the weeks in which nothing bad was told of it; what is told of the container is told of each', () => {
  const told = [past(tub('a'), [20, bad, PETUNIA], [21, bad, PETUNIA], [50, bad]), past(tub('b'))];
  const [lobelia, petunia] = didWell(told, 'kinds');
  expect(lobelia).toMatchObject({ key: 'lobelia-blue', plantings: 2, weeks: 20, goodWeeks: 19 });
  expect(petunia).toMatchObject({ key: 'petunia-white', weeks: 20, goodWeeks: 18, years: 1 });
  expect(goodShare(lobelia!)).toBeGreaterThan(goodShare(petunia!));
  expect(petunia!.spentMinor).toBeGreaterThan(0);
});

test('what died stood until then, and its pairs too', () => {
  const it = tub('a');
  const died = [
    28,
    { did: 'died', why: 'frost' },
    { placeIds: [it.plants[0]!.id] },
  ] as const satisfies readonly [number, What, Partial<Entry['of']>];
  const kinds = didWell([past(it, died)], 'kinds');
  expect(kinds.map(({ key, weeks }) => [key, weeks])).toEqual([
    ['lobelia-blue', 10],
    ['petunia-white', 4],
  ]);
  expect(didWell([past(it, died)], 'pairs')).toMatchObject([
    { key: 'lobelia-blue petunia-white', weeks: 4 },
  ]);
});

test('schools, colours, spots and years are of whole plantings, with the money, days and waterings told of them', () => {
  const bought: What = { did: 'bought', key: 'x', got: 1, wanted: 1, paidMinor: 450, stop: null };
  const told = [
    past(tub('a'), [1, bought], [2, { did: 'watered', litres: 2 }], [2, { did: 'pinched' }]),
    past(tub('b', 'shade'), [5, bad]),
  ];
  expect(didWell(told, 'schools')).toMatchObject([
    {
      key: 'dome',
      plantings: 2,
      weeks: 20,
      goodWeeks: 19,
      spentMinor: 450,
      workDays: 1,
      waterings: 1,
    },
  ]);
  expect(didWell(told, 'colours')).toMatchObject([{ key: 'warm' }]);
  expect(didWell(told, 'spots').map(({ key }) => key)).toEqual(['spot', 'shade']);
  expect(didWell(told, 'years')).toMatchObject([{ key: PLANTED.slice(0, 4), years: 1 }]);
});

test('a single good week does not outrank a long good season; less than a week counts nothing', () => {
  const short = { ...past(tub('a', 'short')), until: addDays(PLANTED, 7) };
  const long = past(tub('b', 'long'));
  expect(didWell([short, long], 'spots').map(({ key }) => key)).toEqual(['long', 'short']);
  expect(didWell([{ ...short, until: addDays(PLANTED, 6) }], 'kinds')).toEqual([]);
});
