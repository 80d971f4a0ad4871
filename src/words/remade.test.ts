import type { Lift } from '@/core/diary/lifting';
import { kindOf } from '@/core/plants/book/index';
import type { Decision } from '@/core/search/refresh';
import type { Remade } from '@/core/search/remade';
import { liftLines } from './lifting';
import { changeText, decisionText } from './remade';

const decision = (place: string, more: Partial<Decision>): Decision => ({
  place,
  kindId: 'petunia-white',
  what: 'replace',
  why: 'over',
  ...more,
});

test('what is decided of one plant is said of one, of several of several', () => {
  const lines = decisionText(
    [
      decision('a', {}),
      decision('b', {}),
      decision('c', { kindId: 'flax-bronze', what: 'keep', why: 'fresh' }),
    ],
    kindOf,
  );
  expect(lines).toEqual([
    'Replace white petunia (2): their flowers are over.',
    'Keep bronze flax: it is fresh.',
  ]);
  const lift = (place: string): Lift => ({ ...decision(place, {}), cuttings: null }) as Lift;
  const told = (count: number) => liftLines(['a', 'b'].slice(0, count).map(lift), kindOf)[0]!.text;
  expect([told(1), told(2)]).toEqual([
    'White petunia: it goes; its flowers are over.',
    'White petunia, 2: they go; their flowers are over.',
  ]);
});

test('what comes and what goes is listed as people list', () => {
  const remade = {
    why: 'finish',
    change: { places: [1, 2, 3] },
    scoreBefore: 0.8,
    score: 0.9,
    come: ['petunia-white', 'lobelia-blue'],
    gone: ['flax-bronze'],
  } as unknown as Remade;
  expect(changeText(remade, null, kindOf).about).toBe(
    'White petunia and blue lobelia for bronze flax; 3 plants. Better by the checks.',
  );
});
