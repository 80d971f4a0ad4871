/** Words shorter than this must be written right; from the second on two slips are forgiven. */
const ONE_SLIP_LETTERS = 5;
const TWO_SLIPS_LETTERS = 7;

/** How many slips a word of so many letters may have. */
export function slipsAllowed(letters: number): number {
  if (letters < ONE_SLIP_LETTERS) return 0;
  return letters < TWO_SLIPS_LETTERS ? 1 : 2;
}

/**
 * Letters added, left out, changed or swapped with the next between two words; the other may go
 * on longer than the first.
 * @returns more than `most` when there are more
 */
export function slipsBetween(word: string, other: string, most: number): number {
  const full = distance(word, other, most);
  if (full <= most || other.length <= word.length) return full;
  return distance(word, other.slice(0, word.length), most);
}

/** Edit distance with neighbours swapped (optimal string alignment), given up beyond `most`. */
function distance(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  let before: number[] = [];
  let last = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i += 1) {
    const row = [i];
    let least = i;
    for (let j = 1; j <= b.length; j += 1) {
      const same = a[i - 1] === b[j - 1];
      let cost = Math.min(
        (last[j] ?? 0) + 1,
        (row[j - 1] ?? 0) + 1,
        (last[j - 1] ?? 0) + (same ? 0 : 1),
      );
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        cost = Math.min(cost, (before[j - 2] ?? 0) + 1);
      row.push(cost);
      least = Math.min(least, cost);
    }
    if (least > most) return most + 1;
    [before, last] = [last, row];
  }
  return last[b.length] ?? most + 1;
}
