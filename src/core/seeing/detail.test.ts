import { planted } from '../../../tests/builders/plantings';
import { fromRgb, toLab } from '../colour/oklch';
import { BOOK } from '../plants/book/index';
import type { PlantKind } from '../plants/kind';
import type { Detail } from './part';
import { Raster } from './raster';
import { buildScene, elevation } from './scene';
import { finished } from '../work/steps';
import { subjectOf } from './subject';

/** One kind for each habit, leaf shape and flower form: the one that shows most flower, so that the form is what is seen, whatever the order of the book. */
function oneOfEach(
  form: (kind: PlantKind) => string | null | undefined,
): readonly (readonly [form: string, kind: PlantKind])[] {
  const first = new Map<string, PlantKind>();
  const shows = ({ bloom }: PlantKind) => bloom?.cover ?? 0;
  const byShow = [...BOOK].sort((a, b) => shows(b) - shows(a) || (a.id < b.id ? -1 : 1));
  for (const kind of byShow) {
    const name = form(kind);
    if (name && !first.has(name)) first.set(name, kind);
  }
  return [...first];
}

const SIZE = 300;
const WEEKS = 10;

/** The plant alone, without its container: how many pixels it fills and its mean colour, OKLab. */
function look(kind: PlantKind, detail: Detail) {
  const week = (kind.bloom?.weeks[0] ?? 28) + 3 - WEEKS;
  const scene = buildScene(
    subjectOf(planted([[kind.id, 0, 0]], { plantedWeek: ((week + 51) % 52) + 1 })),
    WEEKS,
  );
  const top = Math.max(...scene.marks.map(({ p }) => p[1]));
  const low = Math.min(...scene.marks.map(({ p }) => p[1]));
  const wide = Math.max(...scene.marks.map(({ p }) => Math.abs(p[0])));
  const pxPerCm = Math.min(5, (SIZE * 0.85) / (top - low + 8), (SIZE * 0.42) / (wide + 4));
  const frame = { widthPx: SIZE, heightPx: SIZE };
  const picture = elevation(
    scene,
    {
      azimuthRad: 0.3,
      pitchRad: 0.16,
      pxPerCm,
      originX: SIZE / 2,
      originY: SIZE * 0.95 + Math.min(0, low) * pxPerCm,
    },
    detail,
    frame,
  );
  const raster = new Raster(SIZE, SIZE);
  finished(
    raster.paint(
      {
        ...picture,
        layers: picture.layers.map(({ drawn }) => ({
          clip: null,
          drawn: drawn.filter(({ plant }) => plant >= 0),
        })),
      },
      1,
    ),
  );
  let filled = 0;
  const sum = [0, 0, 0];
  for (let i = 0; i < raster.bytes.length; i += 4) {
    const share = raster.bytes[i + 3]! / 255;
    if (share === 0) continue;
    const lab = toLab(
      fromRgb([raster.bytes[i]! / 255, raster.bytes[i + 1]! / 255, raster.bytes[i + 2]! / 255]),
    );
    for (let k = 0; k < 3; k += 1) sum[k]! += lab[k]! * share;
    filled += share;
  }
  return { filled, lab: sum.map((part) => part / filled) };
}

const forms = [
  ...oneOfEach(({ habit }) => habit),
  ...oneOfEach(({ foliage }) => foliage.shape),
  ...oneOfEach(({ bloom }) => bloom && `${bloom.form} flower`),
];

test('a picture comes to rest without a visible jump: as it moves it fills nearly the same room, in nearly the same colours, whatever the form', () => {
  const apart = forms.map(([form, kind]) => {
    const [flat, full] = [look(kind, 'flat'), look(kind, 'full')];
    return {
      form,
      kind: kind.id,
      room: flat.filled / full.filled,
      colour: Math.hypot(...flat.lab.map((part, i) => part - full.lab[i]!)),
    };
  });
  // A step that a careful eye just tells is about .02 in OKLab.
  expect(apart.filter(({ colour }) => colour > 0.045)).toEqual([]);
  expect(apart.filter(({ room }) => room < 0.84 || room > 1.08)).toEqual([]);
  const colours = apart.map(({ colour }) => colour).sort((p, q) => p - q);
  expect(colours[Math.floor(colours.length / 2)]).toBeLessThan(0.014);
});
