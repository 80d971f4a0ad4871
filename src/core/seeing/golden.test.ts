import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PICTURED, pictureSums, type PictureSums } from '../../../tests/builders/pictureSums';

type Both = Readonly<Record<'flat' | 'full', PictureSums>>;
const golden = JSON.parse(
  readFileSync(join(__dirname, '../../../tests/golden/pictures.json'), 'utf8'),
) as Readonly<Record<string, Both>>;
/** Another engine may round a sine otherwise, and tip a colour by a step; no eye sees so little. */
const MAY_MOVE = 0.002;

const isSame = (a: number, b: number): boolean =>
  Math.abs(a - b) <= MAY_MOVE * Math.max(0.1, Math.abs(a), Math.abs(b));

test('the golden holds every way a plant is drawn, and every shape of container', () => {
  expect(PICTURED.map(([name]) => name).sort()).toEqual(Object.keys(golden).sort());
});

test.each(PICTURED)(
  '%s is pictured as it was, moving and at rest (moved on purpose: look at it, then npm run golden)',
  (name, it, weeks) => {
    for (const detail of ['flat', 'full'] as const) {
      const [was, is] = [golden[name]![detail], pictureSums(it, weeks, detail)];
      const moved = is.flatMap((value, i) =>
        isSame(value, was[i]!) ? [] : [`${detail} ${i}: ${was[i]} → ${value}`],
      );
      expect(moved).toEqual([]);
    }
  },
);
