import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { DRAWN_KINDS, markSums, type MarkSums } from '../../../tests/builders/markSums';

const golden = JSON.parse(
  readFileSync(join(__dirname, '../../../tests/golden/marks.json'), 'utf8'),
) as Readonly<Record<string, MarkSums>>;
/** Another engine may round a sine otherwise; no eye sees so little. */
const MAY_MOVE = 0.002;

const isSame = (a: number, b: number): boolean =>
  Math.abs(a - b) <= MAY_MOVE * Math.max(0.05, Math.abs(a), Math.abs(b));

/** Figures of a plant that are not what they were, in words. */
function moved(was: MarkSums, is: MarkSums): readonly string[] {
  return [...new Set([...Object.keys(was), ...Object.keys(is)])].flatMap((name) => {
    const [before, now] = [was[name] ?? [], is[name] ?? []];
    return before.length === now.length && before.every((value, i) => isSame(value, now[i]!))
      ? []
      : [`${name}: ${before.join(' ')} → ${now.join(' ')}`];
  });
}

test('the golden holds every way a plant is drawn', () => {
  expect(DRAWN_KINDS.map(({ id }) => id).sort()).toEqual(Object.keys(golden).sort());
  expect(new Set(DRAWN_KINDS.map(({ habit }) => habit)).size).toBeGreaterThan(20);
});

test.each(DRAWN_KINDS.map((kind) => [kind.id, kind] as const))(
  '%s is drawn as it was (moved on purpose: look at it, then npm run golden)',
  (id, kind) => {
    expect(moved(golden[id] ?? {}, markSums(kind)).slice(0, 8)).toEqual([]);
  },
);
