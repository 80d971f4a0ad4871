import { BOOK } from '@/core/plants/book/index';
import { nameThere } from '@/core/plants/namesThere';
import { inSentence } from './names';

const NAMES = BOOK.flatMap(({ common }) => [common, nameThere('american', common)]);

test('within a sentence a name begins small, unless its first word is a proper one', () => {
  expect(inSentence('Bronze flax')).toBe('bronze flax');
  expect(inSentence('California poppy')).toBe('California poppy');
  expect(inSentence('Swan River daisy')).toBe('Swan River daisy');
  expect(inSentence('')).toBe('');
});

test('what some name of the book writes with a capital in its middle keeps it at the beginning too', () => {
  const proper = new Set(
    NAMES.flatMap((name) => name.split(/[ -]/).slice(1)).filter((word) =>
      /^\p{Lu}\p{L}+$/u.test(word),
    ),
  );
  expect(proper.size).toBeGreaterThan(15);
  const lost = NAMES.filter(
    (name) => proper.has(/^\p{L}*/u.exec(name)![0]) && inSentence(name) !== name,
  );
  expect(lost).toEqual([]);
});
