import { entry, mild, world } from '../../../tests/builders/careWorld';
import { HALT } from '../../../tests/builders/halt';
import { planted, SUNNY, TUB } from '../../../tests/builders/plantings';
import type { Day } from '../calendar/day';
import { USUAL_HOUSE } from '../plantings/house';
import { usualSpot } from '../spots/spot';
import { dripZone } from './drip';
import { seasonWater } from './season';
import { tasksOf } from './tasks/index';

const USUAL = usualSpot({ id: 's', name: 'S' });
const tub = (waters: Partial<typeof USUAL.waters> = {}) =>
  planted(
    [
      ['petunia-white', 0, 0],
      ['petunia-white', 9, 3],
    ],
    { container: TUB, plantedWeek: 20, endWeek: 44 },
    { waters: { ...USUAL.waters, ...waters } },
  );
const HOT = mild({ minC: 17, maxC: 30, radiationMJ: 26 });

test('on one line the thirstiest gets what it drinks and what is to drain, no more; what left the tap is that and what the line loses', () => {
  const worlds = HALT.slice(0, 4).map((it) =>
    world({ ...it, spot: { ...SUNNY, ...it.spot } }, '2026-07-17'),
  );
  const zone = dripZone(worlds, HOT('2026-07-17'));
  const shares = zone.pots.map(({ getsL, wantsL }) => getsL / wantsL);
  expect(Math.min(...shares)).toBeCloseTo(1 / 0.9, 6);
  expect(zone.litres).toBeCloseTo(zone.pots.reduce((sum, { getsL }) => sum + getsL, 0) / 0.9, 6);
  // No run gives a pot more than two fifths of what it holds; one run fewer would.
  const most = (runs: number) =>
    Math.max(...zone.pots.map(({ getsL }, i) => getsL / runs / worlds[i]!.pot.capL));
  expect(most(zone.runs)).toBeLessThanOrEqual(0.4 + 1e-9);
  if (zone.runs > 1) expect(most(zone.runs - 1)).toBeGreaterThan(0.4);
});

test('a line is suspected four days after the last word, and not on the fifth; of as many words each way it stopped', () => {
  const it = tub({ by: 'drip' });
  const found = (day: Day, words: readonly (readonly [Day, 'bone dry' | 'soaked'])[]) =>
    tasksOf(
      world(
        it,
        day,
        words.map(([on, how]) => entry(it, on, { did: 'felt', how })),
        mild(),
      ),
    ).find(({ rule }) => rule === 'line')?.facts;
  const dry = [
    ['2026-07-06', 'bone dry'],
    ['2026-07-08', 'bone dry'],
  ] as const;
  expect(found('2026-07-12', dry)).toEqual({ rule: 'line', suspect: 'stopped' });
  expect(found('2026-07-13', dry)).toBeUndefined();
  // Told twice each way: a plant that dries is what cannot wait.
  const both = [...dry, ['2026-07-09', 'soaked'], ['2026-07-10', 'soaked']] as const;
  expect(found('2026-07-10', both)).toEqual({ rule: 'line', suspect: 'stopped' });
});

test('pellets are asked for once in their time, and may wait until the day before the next', () => {
  const house = { ...USUAL_HOUSE, feed: 'organic pellets' } as const;
  const it = { ...tub(), house };
  const feeds = tasksOf(
    world(
      it,
      '2026-07-01',
      [entry(it, '2026-05-20', { did: 'fed', what: 'pellets', grams: null })],
      mild(),
    ),
  ).filter(({ rule }) => rule === 'feed');
  expect(feeds).toHaveLength(1);
  const [feed] = feeds;
  const days = (Date.parse(feed!.latest) - Date.parse(feed!.best)) / 86_400_000;
  expect(feed!.facts).toMatchObject({ rule: 'feed', what: 'pellets', everyDays: days + 1 });
});

test('visits a week apart bring less water to a thirsty tub than a visit a day', () => {
  const ahead = (everyDays: number) =>
    seasonWater(world(tub({ everyDays }), '2026-07-01', [], HOT)).aheadL;
  expect(ahead(7)).toBeLessThan(ahead(1) - 0.5);
  // Half a day is a day: nobody comes oftener than the reckoning looks.
  expect(ahead(0.5)).toBeCloseTo(ahead(1), 9);
});
