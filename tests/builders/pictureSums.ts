import { SHAPE_KINDS } from '@/core/containers/fields';
import { usualContainer } from '@/core/containers/usual';
import { turnedInto } from '@/core/containers/usualShape';
import type { Detail, Part, Picture } from '@/core/seeing/part';
import { buildScene, elevation } from '@/core/seeing/scene';
import { subjectOf } from '@/core/seeing/subject';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { DRAWN_KINDS } from './markSums';
import { planted } from './plantings';

/** Of one picture: how many parts, and mean and spread of where they lie, how large, how broad, how thin and of what colour they are. */
export type PictureSums = readonly number[];

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
/** Counts, means and spreads of a picture. */
export function pictureSums(it: PlantingInSpot, weeks: number, detail: Detail): PictureSums {
  const scene = buildScene(subjectOf(it), weeks);
  const { layers } = elevation(scene, LENS, detail, FRAME) as Picture;
  const drawn = layers.flatMap((layer) => layer.drawn);
  const parts = drawn.flatMap((one) => one.parts);
  const points = parts.flatMap(({ xy }) => xy);
  const colours = parts.flatMap(coloursOf);
  return [
    drawn.length,
    parts.length,
    ...spread(points.filter((_, i) => i % 2 === 0)),
    ...spread(points.filter((_, i) => i % 2 === 1)),
    ...spread(parts.map(sizeOf)),
    ...spread(parts.map(({ widthPx }) => widthPx)),
    ...spread(parts.map(({ alpha }) => alpha)),
    ...[0, 1, 2].flatMap((k) => spread(colours.map((colour) => colour[k]!))),
    ...spread(drawn.map(({ depthCm }) => depthCm)),
  ];
}

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

const shortened = (value: number): number => Number(value.toPrecision(5));

function spread(values: readonly number[]): readonly [mean: number, apart: number] {
  const mean = values.reduce((sum, one) => sum + one, 0) / Math.max(1, values.length);
  const apart = Math.sqrt(
    values.reduce((sum, one) => sum + (one - mean) ** 2, 0) / Math.max(1, values.length),
  );
  return [shortened(mean), shortened(apart)];
}
