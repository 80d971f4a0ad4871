import type { Oklch } from '../colour/oklch';
import type { Vec3 } from '../geometry/vec3';
import { weeksBetween } from '../units/units';
import type { Spot } from '../spots/spot';
import { aim, screenX, screenY, type Aim, type Lens } from './lens';
import { fill, line, type Layer, type Part, type Picture } from './part';
import { lit } from './wallTone';

export const FIGURES = ['none', 'person', 'door'] as const;
export type Figure = (typeof FIGURES)[number];

/** What a picture shows besides the planting, when asked to. */
export interface Scenery {
  readonly figure: Figure;
  /** Ground below the container's foot, cm. */
  readonly dropCm: number;
  /** Where the figure stands, cm to the right of the container's middle on the picture. */
  readonly figureAtCm: number;
  /** Colours behind the planting, the wall first; `null` leaves the picture's ground clear. */
  readonly behind: readonly Oklch[] | null;
  /** Height above the foot below which a sill in front hides everything; `null` when there is none. */
  readonly sillCm: number | null;
}

/** Heights of the figures, cm: a grown person and an inner door with its frame. */
export const FIGURE_CM: Readonly<
  Record<Figure, { readonly highCm: number; readonly halfCm: number }>
> = {
  none: { highCm: 0, halfCm: 0 },
  person: { highCm: 168, halfCm: 27 },
  door: { highCm: 206, halfCm: 46 },
};

/** Colours that lie behind a container here in a week: what is always there first, then what flowers or is in leaf then. */
export function backdropOf(
  { background }: Pick<Spot, 'background'>,
  week: number,
): readonly Oklch[] {
  const shows = (weeks: readonly [number, number] | null) =>
    weeks === null || weeksBetween(weeks[0], week) <= weeksBetween(weeks[0], weeks[1]);
  return [
    ...background.filter(({ weeks }) => weeks === null),
    ...background.filter(({ weeks }) => weeks !== null),
  ]
    .filter(({ weeks }) => shows(weeks))
    .map(({ colour }) => colour);
}

/** The picture with what stands behind and before it. Plants, depths and counts stay as they are. */
export function withScenery(picture: Picture, scenery: Scenery, lens: Lens): Picture {
  const a = aim(lens);
  const layer = (parts: readonly Part[]): readonly Layer[] =>
    parts.length > 0 ? [{ clip: null, drawn: [{ depthCm: 0, plant: -1, parts }] }] : [];
  const back = [
    ...(scenery.behind ? backdrop(picture, scenery.behind, groundY(a, scenery)) : []),
    ...figure(a, scenery),
  ];
  const front = scenery.sillCm === null ? [] : sill(picture, screenY(a, [0, scenery.sillCm, 0]));
  return { ...picture, layers: [...layer(back), ...picture.layers, ...layer(front)] };
}

const groundY = (a: Aim, { dropCm }: Scenery): number => screenY(a, [0, -dropCm, 0]);

const PAVING: Oklch = [0.76, 0.006, 90];
/** What flowers behind stands this high on the picture, of the wall's height. Ours: a shrub, not a wall. */
const SHRUB = 0.46;

/** Wall above the ground, shrubs before it with an uneven top, paving below. Parallel light: no shading but a little toward the ground. */
function backdrop(
  { widthPx, heightPx }: Picture,
  [wall, ...shrubs]: readonly Oklch[],
  groundPx: number,
): readonly Part[] {
  if (!wall) return [];
  const foot = Math.min(heightPx, groundPx);
  const parts: Part[] = [
    fill([0, 0, widthPx, 0, widthPx, foot, 0, foot], {
      x0: 0,
      y0: 0,
      x1: 0,
      y1: foot,
      stops: [
        { at: 0, colour: lit(wall, 0.015) },
        { at: 1, colour: lit(wall, -0.03) },
      ],
    }),
  ];
  shrubs.forEach((colour, i) => {
    const top = foot * (1 - SHRUB * (1 - 0.22 * i));
    const xy: number[] = [widthPx, foot, 0, foot];
    for (let k = 0; k <= 28; k += 1)
      xy.push(
        (widthPx * k) / 28,
        top + foot * 0.035 * (Math.sin(k * 1.7 + i * 2) + Math.sin(k * 0.73 + i)),
      );
    parts.push(
      fill(xy, {
        x0: 0,
        y0: top,
        x1: 0,
        y1: foot,
        stops: [
          { at: 0, colour: lit(colour, 0.02) },
          { at: 1, colour: lit(colour, -0.09) },
        ],
      }),
    );
  });
  if (foot < heightPx)
    parts.push(fill([0, foot, widthPx, foot, widthPx, heightPx, 0, heightPx], lit(PAVING, 0)));
  return parts;
}

/** Right half of a standing person, from the crown down: across and up, cm. */
const PERSON: readonly (readonly [number, number])[] = [
  [0, 168],
  [5, 166.6],
  [7.6, 162],
  [7.8, 156],
  [6.4, 150.5],
  [4.6, 147.5],
  [5, 143],
  [12, 140.2],
  [18.4, 137.6],
  [21.4, 132],
  [22.6, 122],
  [24.4, 106],
  [26.4, 90],
  [26.8, 80],
  [24.4, 74.5],
  [22, 79],
  [20.6, 92],
  [18.4, 108],
  [16.8, 122],
  [15.6, 116],
  [15, 104],
  [17.4, 92],
  [17.8, 80],
  [16, 62],
  [14, 46],
  [13.4, 34],
  [11.4, 18],
  [10.6, 7],
  [13.4, 2.2],
  [13, 0],
  [3.6, 0],
  [4.2, 8],
  [4.4, 30],
  [3.4, 50],
  [1.2, 76],
  [0, 77],
];

/** Outline of a person or a door, standing on the ground behind the container: a measure for the eye, not a picture. */
function figure(a: Aim, { figure: which, dropCm, figureAtCm }: Scenery): readonly Part[] {
  if (which === 'none') return [];
  // Stands square to the eye wherever the view is turned.
  const at = (across: number, up: number): readonly [number, number] => {
    const p: Vec3 = [
      a.right[0] * (figureAtCm + across),
      up - dropCm,
      a.right[2] * (figureAtCm + across),
    ];
    return [screenX(a, p), screenY(a, p)];
  };
  const outline = (points: readonly (readonly [number, number])[]) =>
    points.flatMap(([x, y]) => at(x, y));
  const ink = '#7d868a';
  if (which === 'door') {
    const box = (half: number, low: number, high: number, from = -half) =>
      outline([
        [from, low],
        [half, low],
        [half, high],
        [from, high],
        [from, low],
      ]);
    return [
      fill(box(46, 0, 206), '#8b9498', 0.12),
      line(box(46, 0, 206), ink, 1.2),
      line(box(39, 0, 199), ink, 1),
      line(box(29, 18, 92), ink, 0.8, 0.7),
      line(box(29, 108, 184), ink, 0.8, 0.7),
      line(
        outline([
          [30, 102],
          [36, 102],
        ]),
        ink,
        2.2,
      ),
    ];
  }
  const right = PERSON;
  const left = [...PERSON].reverse().map(([x, y]): readonly [number, number] => [-x, y]);
  const whole = outline([...right, ...left]);
  return [fill(whole, '#8b9498', 0.16), line([...whole, whole[0]!, whole[1]!], ink, 1.1)];
}

/** The sill of a window from indoors: its far rail along the line of sight, the board below it, and the frame at either hand. */
function sill({ widthPx, heightPx }: Picture, y: number): readonly Part[] {
  if (y >= heightPx) return [];
  const [rail, jamb] = [Math.max(7, heightPx * 0.03), Math.max(10, widthPx * 0.035)];
  const board = y + rail;
  const box = (x0: number, y0: number, x1: number, y1: number) => [x0, y0, x1, y0, x1, y1, x0, y1];
  return [
    fill(box(0, 0, jamb, board), '#d5d4cf'),
    fill(box(jamb, 0, jamb + 3, y), '#bdbcb7'),
    fill(box(widthPx - jamb, 0, widthPx, board), '#cbcac5'),
    fill(box(widthPx - jamb - 3, 0, widthPx - jamb, y), '#e3e2de'),
    fill(box(0, y, widthPx, board), {
      x0: 0,
      y0: y,
      x1: 0,
      y1: board,
      stops: [
        { at: 0, colour: '#e6e5e1' },
        { at: 0.25, colour: '#c3c2bd' },
        { at: 1, colour: '#bab9b4' },
      ],
    }),
    fill(box(0, board, widthPx, heightPx), {
      x0: 0,
      y0: board,
      x1: 0,
      y1: heightPx,
      stops: [
        { at: 0, colour: '#dcdbd7' },
        { at: 0.12, colour: '#ecebe8' },
        { at: 1, colour: '#f2f1ee' },
      ],
    }),
  ];
}
