import { BOOK } from './book/index';
import { GRAVITY } from './kind';
import { libraryOf } from './library';
import { guessedFrom, nearestKind, saysNothing, untold, withTold } from './own';
import { ownKindSchema } from './ownSchema';
import { kindSchema } from './schema';
import { known } from '../../../tests/builders/plantings';

test('what is told wins, what is not told stays the book’s', () => {
  const fern = known('boston-fern');
  const mine = withTold(fern, { heightCm: [60, 90], leafColour: [0.8, 0.1, 100], thirst: 'low' });
  expect(mine).toMatchObject({ heightCm: [60, 90], thirst: 'low', spreadCm: fern.spreadCm });
  expect(mine.foliage).toEqual({ ...fern.foliage, main: [0.8, 0.1, 100] });
  expect(kindSchema.safeParse(mine).success).toBe(true);
  expect(withTold(known('petunia-white'), { flowerColour: null }).bloom).toBeNull();
  expect(withTold(fern, { flowerColour: [0.6, 0.2, 10] }).bloom).toMatchObject({
    main: [0.6, 0.2, 10],
  });
});

test('a guessed plant is never called safer or more edible than anyone knows', () => {
  for (const like of BOOK.filter((_, i) => i % 5 === 0)) {
    const guess = guessedFrom(like, 'guess', { common: 'Guess' });
    expect(kindSchema.safeParse(guess).success).toBe(true);
    for (const who of ['people', 'cats', 'dogs', 'horses'] as const)
      expect(GRAVITY[guess.toxicity[who]]).toBeGreaterThanOrEqual(
        Math.max(GRAVITY.unsure, GRAVITY[like.toxicity[who]]),
      );
    expect([guess.edible, guess.irritant.skin === 'no']).toEqual([null, false]);
  }
});

test('the nearest kind is of the same genus when there is one, and of like size and light when there is none', () => {
  expect(nearestKind(BOOK, { botanical: 'Salvia lunaris' }).botanical).toMatch(/^Salvia/);
  expect(nearestKind(BOOK, { botanical: 'Hebe nova' }).synonyms.join()).toMatch(/Hebe/);
  const shade = nearestKind(BOOK, {
    botanical: 'Unheardia of',
    heightCm: [40, 50],
    spreadCm: [40, 50],
    hours: [0, 3],
    thirst: 'high',
  });
  expect(shade.light.hours[1]).toBeLessThanOrEqual(5);
  expect(() => nearestKind([], {})).toThrow(/book is empty/);
});

test('a library lays records over the book, adds new kinds, and leaves out of what is offered those never to be planted again', () => {
  const library = libraryOf(
    BOOK,
    [
      { ...untold('chives'), never: 'rust' },
      { ...untold('boston-fern'), told: { heightCm: [60, 90] } },
      { ...untold('moon-sage'), likeId: 'salvia-scarlet', told: { common: 'Moon sage' } },
      { ...untold('lost'), likeId: 'gone-from-the-book' },
    ],
    'european',
  );
  expect(library.kinds).toHaveLength(BOOK.length + 1);
  expect(library.kindOf('moon-sage')!.common).toBe('Moon sage');
  expect(library.kindOf('boston-fern')!.heightCm).toEqual([60, 90]);
  expect(library.kindOf('lost')).toBeNull();
  expect([library.offered.some(({ id }) => id === 'chives'), library.kindOf('chives')!.id]).toEqual(
    [false, 'chives'],
  );
  expect(libraryOf(BOOK, [], 'european').kinds).toBe(BOOK);
});

test('a record that says nothing is known as such', () => {
  expect(saysNothing(untold('chives'))).toBe(true);
  expect(saysNothing({ ...untold('chives'), owned: 1 })).toBe(false);
  expect(saysNothing({ ...untold('moon-sage'), likeId: 'chives' })).toBe(false);
});

test.each([
  ['a lower height above the higher', { told: { heightCm: [50, 40] } }],
  ['minus one plant', { owned: -1 }],
  ['half a plant', { owned: 0.5 }],
  ['week 60', { told: { flowerWeeks: [1, 60] } }],
  ['a price of nothing', { told: { price: 0 } }],
])('%s is refused', (_, change) => {
  expect(ownKindSchema.safeParse({ ...untold('chives'), ...change }).success).toBe(false);
});

test('what is told of flowers, cold and price takes along what hangs on it', () => {
  const tulip = known('tulip-plum');
  const [from, to] = tulip.bloom!.weeks;
  const later = withTold(tulip, { flowerWeeks: [from + 3, to + 3], price: 7 });
  expect(later.inLeaf).toEqual([tulip.inLeaf[0] + 3, tulip.inLeaf[1] + 3]);
  expect(later.goneOver!.week).toBe(tulip.goneOver!.week + 3);
  // Dearer, but still by the bag.
  expect(later.sold).toEqual([{ size: 'bulb', price: 7, perSale: 10 }]);
  // A shrub is in leaf whenever it flowers.
  const box = withTold(known('box-ball'), { lowestC: -5, size: '9cm' });
  expect([box.lowestC, box.rootsC, box.inLeaf]).toEqual([-5, -5, [1, 52]]);
  expect(box.sold).toEqual([{ size: '9cm', price: 4.5 }]);
});
