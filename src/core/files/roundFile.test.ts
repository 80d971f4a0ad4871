import { addDays } from '../calendar/day';
import { holding, type Entry, type What } from '../log/entry';
import { readRoundFile, roundFile, takeOver } from './roundFile';

const TODAY = '2026-07-17';
const NOW = Date.parse(`${TODAY}T20:00:00+01:00`);
let count = 0;
const entry = (day: string, what: What, more: Partial<Entry> = {}): Entry => ({
  id: String((count += 1)).padStart(5, '0'),
  at: `${day}T08:00:00+01:00`,
  zone: 'Europe/London',
  of: { plantingId: 'tub' },
  what,
  ...more,
});
const watered = entry(TODAY, { did: 'watered', litres: null });
const wrong = entry(TODAY, { did: 'fed', what: 'liquid', grams: null });
const undone = entry(TODAY, { did: 'taken back' }, { takesBack: wrong.id });
const LOG = [
  entry(addDays(TODAY, -40), { did: 'watered', litres: 2 }),
  entry(TODAY, { did: 'planted', plants: [] }),
  watered,
  wrong,
  undone,
];
const file = (log: readonly Entry[] = LOG) =>
  roundFile(log, { today: TODAY, from: 'Platform crew', word: 'The hose is out.', open: [] });
const over = (from: ReturnType<typeof file>, log: readonly Entry[]) =>
  takeOver(from, { log, plantingIds: new Set(['tub']), now: NOW });

test('what was told lately goes over and is read back; what changes a plan stays; taken twice it adds nothing', () => {
  const read = readRoundFile(JSON.stringify(file()));
  expect(read).toEqual({ ok: true, value: file() });
  expect(file().entries).toEqual([watered, wrong, undone]);
  const first = over(file(), []);
  expect(first).toMatchObject({ known: 0, strange: 0, ahead: 0 });
  expect(holding(first.news)).toEqual([watered]);
  expect(over(file(), first.news)).toEqual({ news: [], known: 3, strange: 0, ahead: 0 });
});

test('two who walked the same round at once keep what each of them told', () => {
  const mine = entry(TODAY, { did: 'deadheaded' });
  const theirs = entry(TODAY, { did: 'watered', litres: 4 });
  const all = [mine, ...over(file([theirs]), [mine]).news];
  expect(holding(all)).toHaveLength(2);
});

test('of a planting that is not here nothing is taken; an entry from a clock that runs ahead is told; a file that is none is refused by name', () => {
  const strange = entry(TODAY, { did: 'watered', litres: 1 }, { of: { plantingId: 'urn' } });
  const ahead = entry('2026-07-19', { did: 'watered', litres: 1 });
  expect(over(file([strange, ahead]), [])).toMatchObject({ strange: 1, ahead: 1 });
  const made = { ...file(), entries: [entry(TODAY, { did: 'planted', plants: [] })] };
  expect(over(made, [])).toMatchObject({ news: [], strange: 1 });
  for (const bad of ['{}', 'x', JSON.stringify({ ...file(), version: 2 })])
    expect(readRoundFile(bad)).toMatchObject({ ok: false });
});

test('no file of a round takes back what changed a plan here', () => {
  const planted = entry(TODAY, { did: 'planted', plants: [] });
  const undoes = entry(TODAY, { did: 'taken back' }, { takesBack: planted.id });
  const made = { ...file([]), entries: [undoes] };
  expect(over(made, [planted])).toMatchObject({ news: [], strange: 1 });
  // What undoes a watering here is taken, and what undoes that again.
  const undone = entry(TODAY, { did: 'taken back' }, { takesBack: watered.id });
  const again = entry(TODAY, { did: 'taken back' }, { takesBack: undone.id });
  expect(over({ ...file([]), entries: [again, undone] }, [watered]).news).toEqual([undone, again]);
});
