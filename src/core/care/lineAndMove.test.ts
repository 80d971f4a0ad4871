import { entry, mild, world } from '../../../tests/builders/careWorld';
import { planted, TUB } from '../../../tests/builders/plantings';
import type { Day } from '../calendar/day';
import type { Entry, What } from '../log/entry';
import { usualSpot, type Spot } from '../spots/spot';
import { tasksOf } from './tasks/index';

const USUAL = usualSpot({ id: 's', name: 'S' });
const tub = (spot: Partial<Spot>) =>
  planted(
    [
      ['petunia-white', 0, 0],
      ['petunia-white', 9, 3],
    ],
    { container: TUB, plantedWeek: 20, endWeek: 44 },
    spot,
  );
const DRIPPED = tub({ waters: { ...USUAL.waters, by: 'drip' } });
const tasks = (it: typeof DRIPPED, day: Day, more: readonly Entry[] = []) =>
  tasksOf(world(it, day, more, mild()));
const felt = (day: Day, how: Extract<What, { did: 'felt' }>['how']) =>
  entry(DRIPPED, day, { did: 'felt', how });
const line = (more: readonly Entry[], day: Day = '2026-07-10') =>
  tasks(DRIPPED, day, more).find(({ rule }) => rule === 'line')?.facts;

test('a dripped pot that is found dry twice has a stopped emitter; once is a wrong finger, and what was told a week ago is past', () => {
  expect(line([felt('2026-07-08', 'bone dry')])).toBeUndefined();
  const twice = [felt('2026-07-06', 'bone dry'), felt('2026-07-08', 'dry')];
  expect(line(twice)).toEqual({ rule: 'line', suspect: 'stopped' });
  expect(line(twice, '2026-07-13')).toBeUndefined();
  expect(line([felt('2026-07-06', 'right'), felt('2026-07-08', 'right')])).toBeUndefined();
});

test('a pot that is watered by hand has no line to suspect', () => {
  const byHand = tub({});
  const dry = (day: Day) => entry(byHand, day, { did: 'felt', how: 'bone dry' });
  const found = tasks(byHand, '2026-07-10', [dry('2026-07-06'), dry('2026-07-08')]);
  expect(found.map(({ rule }) => rule)).not.toContain('line');
});

/** A wide crown to the south that stands over the pot's sun. */
const TREE: Spot['obstacles'][number] = {
  id: 'tree',
  kind: 'tree',
  bearingDeg: 180,
  distanceCm: 0,
  widthCm: 1600,
  heightCm: 1800,
  clearCm: 60,
  letsThrough: 0.05,
  bareLetsThrough: 0.6,
  evergreen: false,
  leafOnWeek: 18,
  leafOffWeek: 36,
} as Spot['obstacles'][number];

test('what wants shade is carried out of the sun when the leaves above it fall: asked once around that week, and not under an evergreen', () => {
  const shady = (obstacle: Spot['obstacles'][number]) =>
    planted(
      [['hosta-white-edge', 0, 0]],
      { container: TUB, plantedWeek: 20, endWeek: 50 },
      { obstacles: [obstacle], sunHours: 2 },
    );
  const at = (day: Day, obstacle = TREE) =>
    tasks(shady(obstacle), day).filter(({ rule }) => rule === 'move');
  const found = at('2026-09-08');
  expect(found).toHaveLength(1);
  expect(found[0]!.facts).toMatchObject({ rule: 'move', leaves: 'falling' });
  expect(at('2026-09-08', { ...TREE, evergreen: true } as typeof TREE)).toHaveLength(0);
  for (const day of ['2026-07-10', '2026-11-20']) expect(at(day)).toHaveLength(0);
});
