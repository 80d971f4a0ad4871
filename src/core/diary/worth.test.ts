import { entry } from '../../../tests/builders/careWorld';
import { planted } from '../../../tests/builders/plantings';
import { minorOf } from '../making/needs';
import { again } from './again';
import { worthOf } from './worth';

const IT = planted([
  ['petunia-white', 0, 0, '9cm'],
  ['petunia-white', 10, 0, '9cm'],
]);
const FROM = '2026-05-14';
const bought = (paidMinor: number | null, plantingIds?: readonly string[]) => ({
  ...entry(IT, FROM, { did: 'bought', key: 'k', got: 2, wanted: 2, paidMinor, stop: null }),
  of: plantingIds ? { plantingIds: [...plantingIds] } : { plantingId: IT.planting.id },
});

test('what was paid falls to a planting by its share, and to each week it stood; untold it is nothing, not free', () => {
  const of = (held: Parameters<typeof worthOf>[1], until = '2026-07-23') =>
    worthOf(IT, held, { from: FROM, until });
  const { id } = IT.planting;
  expect(of([bought(900), bought(300, [id, 'a', 'b'])])).toMatchObject({
    weeks: 10,
    spentMinor: 1000,
    perWeekMinor: 100,
  });
  expect(of([bought(null)])).toMatchObject({ spentMinor: 0, perWeekMinor: null });
  // Stood for six days it has shown nothing yet; on the seventh a week.
  expect(of([bought(900)], '2026-05-20')).toMatchObject({ weeks: 0, perWeekMinor: null });
  expect(of([bought(900)], '2026-05-21')).toMatchObject({ weeks: 1, perWeekMinor: 900 });
  expect(of([], '2026-05-01').weeks).toBe(0);
});

test('a visit is a day on which a hand did something, once; what was only seen is none', () => {
  const held = [
    entry(IT, '2026-06-01', { did: 'watered', litres: 2 }),
    entry(IT, '2026-06-01', { did: 'deadheaded' }),
    entry(IT, '2026-06-03', { did: 'watered', litres: null }),
    entry(IT, '2026-06-04', { did: 'in flower' }),
    entry(IT, '2026-06-05', { did: 'died', why: 'eaten' }, { placeIds: ['p0'] }),
    entry(IT, '2026-06-06', { did: 'died', why: 'eaten' }),
  ];
  expect(worthOf(IT, held, { from: FROM, until: '2026-07-01' })).toMatchObject({
    visits: 2,
    lost: 2,
  });
});

test('the same again costs its plants in the sizes they stand in', () => {
  const unit = IT.plants[0]!.kind.sold.find(({ size }) => size === '9cm')!;
  const each = minorOf(unit.price) / (unit.perSale ?? 1);
  expect(worthOf(IT, [], { from: FROM, until: FROM }).againMinor).toBe(Math.round(2 * each));
});

test('the same again is no part of the trial that it stood in', () => {
  const trial = {
    id: 't',
    name: 'T',
    difference: { what: 'feed' },
    half: 1,
    place: 2,
    questions: ['looks'],
    everyDays: 7,
  } as const;
  expect(again({ ...IT.planting, trial }, 'next')).not.toHaveProperty('trial');
});
