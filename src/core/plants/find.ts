import type { PlantKind } from './kind';
import { once } from '../work/once';

/** Text folded for comparing: no accents, no case, no × or apostrophes. */
export function folded(text: string): string {
  return text
    .normalize('NFD')
    .replace(/[\u0300-\u036f×'’]/g, '')
    .toLowerCase()
    .trim();
}

/** Every name a kind goes by. */
export function namesOf(kind: PlantKind): readonly string[] {
  const { common, botanical, alsoCalled, british, american, synonyms, misapplied } = kind;
  return [common, botanical, ...alsoCalled, ...british, ...american, ...synonyms, ...misapplied];
}

/** Words of a list of kinds, each once, with the kinds they stand in: 2 in a name, 1 elsewhere. */
interface WordIndex {
  readonly words: readonly string[];
  readonly at: readonly ReadonlyMap<number, 1 | 2>[];
}

const indexOf = once((kinds: readonly PlantKind[]): WordIndex => {
  const at = new Map<string, Map<number, 1 | 2>>();
  kinds.forEach((kind, i) => {
    const put = (text: string, weight: 1 | 2) => {
      for (const word of folded(text).split(/[^a-z0-9]+/)) {
        if (word === '') continue;
        let places = at.get(word);
        if (!places) at.set(word, (places = new Map()));
        if ((places.get(i) ?? 0) < weight) places.set(i, weight);
      }
    };
    put(namesOf(kind).join(' '), 2);
    put([kind.description, kind.habit, kind.cycle].join(' '), 1);
  });
  return { words: [...at.keys()], at: [...at.values()] };
});

/** Weight of a word met with a slip. */
const SLIPPED = 0.4;
/** Shorter words must be written right. */
const LEAST_LETTERS_FOR_SLIP = 5;

/** How well a word of a record is the one looked for, 0–1. */
function wordFit(word: string, other: string): number {
  if (other.startsWith(word)) return 1;
  if (word.length > 2 && other.includes(word)) return 0.8;
  return word.length >= LEAST_LETTERS_FOR_SLIP && oneSlip(word, other) ? SLIPPED : 0;
}

/**
 * Kinds whose names (botanical, with synonyms, or common in either usage) or description hold every word looked for, or one that begins so;
 * those that name it first. A word of five letters or more may have one slip. An index of the words is made once for a list of kinds.
 */
export function findKinds(kinds: readonly PlantKind[], query: string): readonly PlantKind[] {
  const wanted = folded(query)
    .split(/[^a-z0-9]+/)
    .filter(Boolean);
  if (wanted.length === 0) return kinds;
  const { words, at } = indexOf(kinds);
  let found = null as Map<number, number> | null;
  for (const word of wanted) {
    const hits = new Map<number, number>();
    words.forEach((other, w) => {
      const fit = wordFit(word, other);
      if (fit > 0)
        for (const [i, weight] of at[w]!) hits.set(i, Math.max(hits.get(i) ?? 0, fit * weight));
    });
    const before = found;
    found = before
      ? new Map(
          [...hits]
            .filter(([i]) => before.has(i))
            .map(([i, weight]) => [i, weight + before.get(i)!]),
        )
      : hits;
  }
  return [...found!].sort(([i, a], [j, b]) => b - a || i - j).map(([i]) => kinds[i]!);
}

/** Is one word the other with one letter added, left out, changed or two swapped? The other may go on longer. */
function oneSlip(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1)
    return b.length > a.length && oneSlip(a, b.slice(0, a.length));
  let i = 0;
  while (i < a.length && a[i] === b[i]) i += 1;
  const [x, y] = [a.slice(i), b.slice(i)];
  return (
    x.slice(1) === y.slice(1) ||
    x.slice(1) === y ||
    x === y.slice(1) ||
    (x.length > 1 && x[0] === y[1] && x[1] === y[0] && x.slice(2) === y.slice(2))
  );
}
