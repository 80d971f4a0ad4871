import type { PlantKind } from './kind';

/** Text folded for comparing: no accents, no case, no × or apostrophes. */
export function folded(text: string): string {
  return text.normalize('NFD').replace(/[\u0300-\u036f×'’]/g, '').toLowerCase().trim();
}

/** Words of a kind that may be looked for. */
function wordsOf(kind: PlantKind): string {
  return folded([kind.common, kind.botanical, ...kind.alsoCalled, kind.description, kind.habit, kind.cycle].join(' '));
}

const held = new WeakMap<PlantKind, string>();

/**
 * Kinds whose names or description hold every word looked for, names first. A word of five letters or more may have one slip.
 */
export function findKinds(kinds: readonly PlantKind[], query: string): readonly PlantKind[] {
  const wanted = folded(query).split(/\s+/).filter(Boolean);
  if (wanted.length === 0) return kinds;
  const ranked: { kind: PlantKind; rank: number }[] = [];
  for (const kind of kinds) {
    let text = held.get(kind);
    if (text === undefined) held.set(kind, (text = wordsOf(kind)));
    const name = folded(`${kind.common} ${kind.botanical}`);
    let rank = 0;
    const all = wanted.every((word) => {
      if (name.includes(word)) return true;
      rank += 1;
      if (text.includes(word)) return true;
      rank += 1;
      return word.length >= 5 && text.split(/[^a-z]+/).some((other) => oneSlip(word, other));
    });
    if (all) ranked.push({ kind, rank });
  }
  return ranked.sort((a, b) => a.rank - b.rank).map(({ kind }) => kind);
}

/** Is one word the other with one letter added, left out, changed or two swapped? The other may go on longer. */
function oneSlip(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1) return b.length > a.length && oneSlip(a, b.slice(0, a.length));
  let i = 0;
  while (i < a.length && a[i] === b[i]) i += 1;
  const [x, y] = [a.slice(i), b.slice(i)];
  return x.slice(1) === y.slice(1) || x.slice(1) === y || x === y.slice(1) || (x.length > 1 && x[0] === y[1] && x[1] === y[0] && x.slice(2) === y.slice(2));
}
