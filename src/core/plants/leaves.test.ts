import { known } from '../../../tests/builders/plantings';
import { BOOK } from './book/index';
import { coloursShown } from './colours';
import { hasColouredLeaves, leafContrast, leafWorth } from './leaves';
import { nearestKind } from './own';
import type { PlantKind } from './kind';

const plain = known('petunia-white');
const like = (leaf: Partial<PlantKind['foliage']>, rest: Partial<PlantKind> = {}): PlantKind => ({
  ...plain,
  ...rest,
  foliage: { ...plain.foliage, texture: 'fine', ...leaf },
});

test('leaves differ by what they differ in, each by its weight, and not from themselves', () => {
  const a = like({});
  expect(leafContrast(a, a)).toBe(0);
  // One step of texture is half of its share of size, two are all of it.
  expect(leafContrast(a, like({ texture: 'medium' }))).toBeCloseTo(0.28 * 0.4 * 0.5, 9);
  expect(leafContrast(a, like({ texture: 'bold' }))).toBeCloseTo(0.28 * 0.4, 9);
  expect(leafContrast(a, like({ lengthCm: a.foliage.lengthCm * 2 ** 2.5 }))).toBeCloseTo(
    0.28 * 0.6,
    9,
  );
  const other = a.foliage.shape === 'strap' ? 'oval' : 'strap';
  expect(leafContrast(a, like({ shape: other as never }))).toBeCloseTo(0.18, 9);
  expect(leafContrast(a, like({}, { habit: 'grass' }))).toBeCloseTo(0.16, 9);
});

test('contrast of leaves is the same either way round, and between none and all', () => {
  const some = BOOK.filter((_, i) => i % 37 === 0);
  for (const a of some)
    for (const b of some) {
      const contrast = leafContrast(a, b);
      expect(contrast).toBeCloseTo(leafContrast(b, a), 12);
      expect(contrast).toBeGreaterThanOrEqual(0);
      expect(contrast).toBeLessThanOrEqual(1);
    }
});

test('coloured leaves are worth more than formed ones, and those more than plain green', () => {
  const green = like({ main: [0.5, 0.09, 140], pattern: 'plain' }, { habit: 'mound' as never });
  const ferny = { ...green, habit: 'fern' as const };
  const edged = like({ main: [0.5, 0.09, 140], pattern: 'edge' });
  expect(hasColouredLeaves(green)).toBe(false);
  expect(hasColouredLeaves(edged)).toBe(true);
  expect([leafWorth(green), leafWorth(ferny), leafWorth(edged)]).toEqual([0.25, 0.6, 0.75]);
});

test('out of flower only leaves are shown; in flower the flowers count double what they cover', () => {
  const whole = (list: ReturnType<typeof coloursShown>) =>
    list.reduce((sum, { weight }) => sum + weight, 0);
  const bare = coloursShown(plain, { bloom: 0, fruit: 0 });
  expect(bare.every(({ weight }) => weight > 0)).toBe(true);
  expect(bare.some(({ colour }) => colour === plain.bloom!.main)).toBe(false);
  expect(whole(bare)).toBeCloseTo(1, 9);
  const full = coloursShown(plain, { bloom: 1, fruit: 0 });
  const flowers = full.find(({ colour }) => colour === plain.bloom!.main)!;
  const second = plain.bloom!.second ? 0.7 : 1;
  expect(flowers.weight).toBeCloseTo(2 * plain.bloom!.cover * second, 9);
  const leafless = { ...plain, bloom: null };
  expect(coloursShown(leafless, { bloom: 1, fruit: 0 })).toEqual(bare);
});

test('a plant is guessed from the kind most like what is told of it, by each thing that is told', () => {
  const two = (change: Partial<PlantKind>): readonly PlantKind[] => [
    { ...plain, id: 'one' },
    { ...plain, id: 'two', ...change },
  ];
  const guessed = (change: Partial<PlantKind>, told: Parameters<typeof nearestKind>[1]) =>
    nearestKind(two(change), told).id;
  const thirst = plain.thirst === 'low' ? ('high' as const) : ('low' as const);
  expect(guessed({ thirst }, { thirst })).toBe('two');
  expect(guessed({ thirst }, { thirst: plain.thirst })).toBe('one');
  expect(guessed({ heightCm: [150, 180] }, { heightCm: [140, 170] })).toBe('two');
  expect(guessed({ heightCm: [150, 180] }, { heightCm: plain.heightCm })).toBe('one');
  expect(guessed({ spreadCm: [150, 180] }, { spreadCm: [140, 170] })).toBe('two');
  expect(guessed({ trailCm: [40, 60] }, { trailCm: [30, 40] })).toBe('two');
  expect(guessed({ lowestC: -25 }, { lowestC: -20 })).toBe('two');
  expect(guessed({ bloom: null }, { flowerColour: null })).toBe('two');
  // Nothing told: the first is as good as any.
  expect(guessed({ thirst }, {})).toBe('one');
});
