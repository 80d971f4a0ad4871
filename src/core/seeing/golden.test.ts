import { movedFigures, type Figures } from '../../../tests/builders/figures';
import { PICTURED, pictureSums } from '../../../tests/builders/pictureSums';
import kept from '../../../tests/golden/pictures.json';

const golden: Readonly<Record<string, Figures>> = kept;

test('the golden holds every way a plant is drawn, and every shape of container', () => {
  expect(PICTURED.map(([name]) => name).sort()).toEqual(Object.keys(golden).sort());
});

test.each(PICTURED)(
  '%s is pictured as it was, moving and at rest (moved on purpose: look at it, then npm run golden)',
  (name, it, weeks) => {
    expect(movedFigures(golden[name] ?? {}, pictureSums(it, weeks)).slice(0, 8)).toEqual([]);
  },
);
