import { entry } from '../../../tests/builders/careWorld';
import { planted } from '../../../tests/builders/plantings';
import { wentInOf, type Entry, type What } from '../log/entry';
import { byPlanting, lifeOf } from '../log/life';
import { storyOf } from '../log/story';
import { illnessesIn, isMixIll } from './potMemory';

const IT = planted([
  ['petunia-white', 0, 0],
  ['lobelia-blue', 10, 0],
]);
const pot = (id: string) => ({ ...IT, planting: { ...IT.planting, id, shelfId: 'trough' } });
const [OLD, LATE] = [pot('old'), pot('late')];
const petunia = { placeIds: [IT.plants[0]!.id] };
const stood = (it: typeof IT, year: number): readonly Entry[] => [
  entry(it, `${year}-05-14`, { did: 'planted', plants: wentInOf(it.plants) }),
  entry(it, `${year}-10-14`, { did: 'ended', why: '' }),
];
const told = (it: typeof IT, day: string, what: What, of: Partial<Entry['of']> = petunia) =>
  entry(it, day, what, of);
const memory = (more: readonly Entry[]) => {
  const held = byPlanting([...stood(OLD, 2024), ...stood(LATE, 2025), ...more]);
  const heldOf = (id: string) => held.get(id) ?? [];
  const story = storyOf('trough', [LATE.planting, OLD.planting], (id) => lifeOf(heldOf(id)));
  return { ill: illnessesIn(story, heldOf), isMixIll: isMixIll(story, heldOf) };
};

test('what died ill, was taken out ill or rotted is remembered once, in the order of the story; frost, slugs and mildew are not', () => {
  expect(memory([]).ill).toEqual([]);
  const others = [
    told(LATE, '2025-07-01', { did: 'died', why: 'frost' }),
    told(LATE, '2025-07-02', { did: 'looks bad', how: 'mildew or spots', words: '' }),
    told(LATE, '2025-07-03', { did: 'removed', why: 'eaten', to: 'compost' }),
  ];
  expect(memory(others)).toEqual({ ill: [], isMixIll: false });
  const { ill } = memory([
    told(LATE, '2025-07-04', { did: 'looks bad', how: 'rotting', words: '' }),
    told(LATE, '2025-07-09', { did: 'died', why: 'ill' }),
    told(
      LATE,
      '2025-07-11',
      { did: 'removed', why: 'ill', to: 'compost' },
      { kindId: 'lobelia-blue' },
    ),
    told(OLD, '2024-08-01', { did: 'died', why: 'ill' }),
  ]);
  expect(ill).toEqual([
    { day: '2024-08-01', plantingId: 'old', kindId: 'petunia-white' },
    { day: '2025-07-04', plantingId: 'late', kindId: 'petunia-white' },
    { day: '2025-07-11', plantingId: 'late', kindId: 'lobelia-blue' },
  ]);
});

test('mix is not used again after the planting in which something was ill; after a healthy one it is', () => {
  expect(memory([told(LATE, '2025-07-09', { did: 'died', why: 'ill' })]).isMixIll).toBe(true);
  // It was filled anew since.
  expect(memory([told(OLD, '2024-07-09', { did: 'died', why: 'ill' })]).isMixIll).toBe(false);
});
