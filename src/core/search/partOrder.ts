import type { School } from '../schools/school';
import type { CastPart } from './castParts';

/** Plants of one role in the order in which they take its places. */
export function inOrder(order: School['order'], parts: readonly CastPart[]): CastPart[] {
  if (order === 'drift')
    return parts.flatMap((part) => Array.from({ length: part.count }, () => part));
  const total = parts.reduce((sum, { count }) => sum + count, 0);
  if (order === 'opposite' && total % 2 === 0 && parts.every(({ count }) => count % 2 === 0)) {
    // Places go round the ring: what stands in the first half stands again across.
    const half = takingTurns(parts);
    return [...half, ...half];
  }
  return alternate(parts);
}

/** Half of each kind, kinds taking turns. */
function takingTurns(parts: readonly CastPart[]): CastPart[] {
  const left = parts.map((part) => ({ part, count: part.count / 2 }));
  const row: CastPart[] = [];
  while (left.some(({ count }) => count > 0))
    for (const item of left)
      if (item.count > 0) {
        row.push(item.part);
        item.count -= 1;
      }
  return row;
}

/** Kinds in turn, mirrored from the ends: a b c b a rather than a a b b c. */
function alternate(parts: readonly CastPart[]): CastPart[] {
  const left = parts.map((part) => ({ part, count: part.count }));
  const total = left.reduce((sum, { count }) => sum + count, 0);
  const row = new Array<CastPart | null>(total).fill(null);
  let [from, to] = [0, total - 1];
  let turn = 0;
  while (from <= to) {
    const item = left[turn % left.length]!;
    turn += 1;
    if (item.count === 0) continue;
    if (item.count >= 2 && from < to) {
      row[from] = item.part;
      row[to] = item.part;
      item.count -= 2;
      from += 1;
      to -= 1;
    } else {
      // A single goes to the middle of what is left.
      const middleAt = from + Math.floor((to - from) / 2);
      for (let i = middleAt; i < to; i += 1) row[i] = row[i + 1] ?? null;
      row[from] = item.part;
      item.count -= 1;
      from += 1;
    }
  }
  return row.filter((part): part is CastPart => part !== null);
}
