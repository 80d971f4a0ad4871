import { DRAWN_KINDS, markSums } from '../../../tests/builders/markSums';
import { movedFigures, type Figures } from '../../../tests/builders/figures';
import kept from '../../../tests/golden/marks.json';

const golden: Readonly<Record<string, Figures>> = kept;

test('the golden holds every way a plant is drawn', () => {
  expect(DRAWN_KINDS.map(({ id }) => id).sort()).toEqual(Object.keys(golden).sort());
  expect(new Set(DRAWN_KINDS.map(({ habit }) => habit)).size).toBeGreaterThan(20);
});

test.each(DRAWN_KINDS.map((kind) => [kind.id, kind] as const))(
  '%s is drawn as it was (moved on purpose: look at it, then npm run golden)',
  (id, kind) => {
    expect(movedFigures(golden[id] ?? {}, markSums(kind)).slice(0, 8)).toEqual([]);
  },
);
