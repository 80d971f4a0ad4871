import { SHAPE_KINDS } from '@/core/containers/fields';
import { usualContainer } from '@/core/containers/usual';
import { turnedInto } from '@/core/containers/usualShape';
import type { Detail, Part } from '@/core/seeing/part';
import { buildScene, elevation } from '@/core/seeing/scene';
import { subjectOf } from '@/core/seeing/subject';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { spreadOf, type Figures } from './figures';
import { DRAWN_KINDS } from './markSums';
import { planted } from './plantings';

const PX_PER_CM = 9;
const WEEKS = 10;
const LENS = {
  azimuthRad: 0.35,
  pitchRad: 0.2,
  pxPerCm: PX_PER_CM,
  originX: 700,
  originY: 1100,
} as const;
const FRAME = { widthPx: 1400, heightPx: 1400 } as const;

/** Every way a plant is drawn, each alone in a tub in its flower; and every shape of container. */
export const PICTURED: readonly (readonly [name: string, it: PlantingInSpot, weeks: number])[] = [
  ...DRAWN_KINDS.map((kind) => {
    const week = (((kind.bloom?.weeks[0] ?? 28) + 3 - WEEKS + 51) % 52) + 1;
    return [kind.id, planted([[kind.id, 2, 1]], { plantedWeek: week }), WEEKS] as const;
  }),
  ...SHAPE_KINDS.map((shape) => {
    const pot = { kind: 'round', topCm: 44, baseCm: 34, depthCm: 36 } as const;
    const container = usualContainer(shape, turnedInto(shape, pot), 'terracotta');
    return [`a ${shape}`, planted([['ivy-green', 1, 3]], { container }), 4] as const;
  }),
  [
    'a box with feet',
    planted([['ivy-green', 1, 3]], {
      container: {
        ...usualContainer(
          'box',
          turnedInto('box', { kind: 'bowl', topCm: 60, depthCm: 24 }),
          'softwood',
        ),
        feetCm: 3,
      },
    }),
    4,
  ],
];
/** Of one picture, moving and at rest: where its parts lie, how large, broad and thin they are, of what colour, and how deep things stand. */
export function pictureSums(it: PlantingInSpot, weeks: number): Figures {
  const scene = buildScene(subjectOf(it), weeks);
  return Object.fromEntries(
    DETAILS.flatMap((detail) => {
      const { layers } = elevation(scene, LENS, detail, FRAME);
      const drawn = layers.flatMap((layer) => layer.drawn);
      const parts = drawn.flatMap((one) => one.parts);
      const points = parts.flatMap(({ xy }) => xy);
      const colours = parts.flatMap(coloursOf);
      const figures = {
        x: points.filter((_, i) => i % 2 === 0),
        y: points.filter((_, i) => i % 2 === 1),
        size: parts.map(sizeOf),
        width: parts.map(({ widthPx }) => widthPx),
        alpha: parts.map(({ alpha }) => alpha),
        red: colours.map(([red]) => red!),
        green: colours.map(([, green]) => green!),
        blue: colours.map(([, , blue]) => blue!),
        depth: drawn.map(({ depthCm }) => depthCm),
      };
      return Object.entries(figures).map(([name, values]) => [
        `${detail} ${name}`,
        spreadOf(values),
      ]);
    }),
  );
}
const DETAILS: readonly Detail[] = ['flat', 'full'];

/** Red, green and blue, 0–255, of each colour in it, as it is written: `#rrggbb` or `rgb(…)`. */
function coloursOf({ colour }: Part): readonly (readonly number[])[] {
  const all = typeof colour === 'string' ? [colour] : colour.stops.map((stop) => stop.colour);
  return all.map((text) =>
    text.startsWith('#')
      ? [1, 3, 5].map((at) => parseInt(text.slice(at, at + 2), 16))
      : (text.match(/[\d.]+/g) ?? ['0', '0', '0']).map(Number),
  );
}

/** Side of a square as large as what the outline encloses, px; 0 for a line. */
function sizeOf({ xy }: Part): number {
  let twice = 0;
  for (let i = 0; i < xy.length; i += 2) {
    const j = (i + 2) % xy.length;
    twice += xy[i]! * xy[j + 1]! - xy[j]! * xy[i + 1]!;
  }
  return Math.sqrt(Math.abs(twice) / 2);
}
