import { mixSurface, wallOf } from '../containers/container';
import { grown, outlineOf, reachOf, type Section } from '../containers/section';
import { isHung, rimSection } from '../containers/shape';
import { dripPlaces } from '../placing/drip';
import { RIM_BUFFER_CM } from '../placing/fit';
import type { PlacedPlant, PlaceId, PlantingInSpot } from '../plantings/planting';
import { NURSERY_SIZES } from '../plants/nursery';
import { leanMarks } from '../stencil/plants';
import { outsideReachCm, sideMarks } from '../stencil/sides';
import { clamp } from '../units/units';
import { TEXT_MM, type MmPoint, type Sheet, type SheetInk, type SheetMark } from './sheet';

const MM_PER_CM = 10;

/** What stands written on a template. Words are not the core's. */
export interface TemplateWords {
  readonly title: string;
  readonly front: string;
  /** Letter of a plant's kind. */
  readonly letterOf: (plant: PlacedPlant) => string;
  /** A line under the letter: order and part, "3 edge". */
  readonly underOf: (plant: PlacedPlant) => string;
}

export interface TemplateOptions {
  readonly words: TemplateWords;
  /** With drip emitters. */
  readonly drip: boolean;
  /** A board with holes to press plants in through, many times alike: sizes and depths of holes instead of parts. */
  readonly board: boolean;
}

/** White round the container, and the strip for the title and the rulers below it, mm. */
const EDGE_MM = 6;
const FOOT_MM = 30;
/** The check rulers. */
const RULER_MM = { cm: 100, in: 101.6 } as const;

/** A planting's plan at true size: rim, mix, the ring that stays free, every ball with its letter and order, and rulers to check the print by. */
export function templateOf(it: PlantingInSpot, { words, drip, board }: TemplateOptions): Sheet {
  const { container } = it.planting;
  const outer = grown(rimSection(container.shape), wallOf(container));
  const reach = reachOf(outer);
  const beyondCm = it.sides.length > 0 ? outsideReachCm(container) : 0;
  const [acrossCm, deepCm] = [reach.acrossCm + beyondCm, reach.deepCm + beyondCm];
  const half: MmPoint = [acrossCm * MM_PER_CM, deepCm * MM_PER_CM];
  const widthMm = Math.max(2 * half[0], RULER_MM.in + 4) + 2 * EDGE_MM;
  const heightMm = 2 * half[1] + 2 * EDGE_MM + FOOT_MM;
  const middle: MmPoint = [widthMm / 2, EDGE_MM + half[1]];
  const at = (xCm: number, zCm: number): MmPoint => [
    middle[0] + xCm * MM_PER_CM,
    middle[1] + zCm * MM_PER_CM,
  ];
  const footY = EDGE_MM + 2 * half[1] + 7;
  return {
    widthMm,
    heightMm,
    marks: [
      sectionMark('rim', outer, at),
      sectionMark('mix', mixSurface(container), at),
      sectionMark('buffer', grown(mixSurface(container), -RIM_BUFFER_CM), at),
      ...crossMarks(at(0, 0), 6),
      ...it.plants.flatMap((plant) => ballMarks(plant, at, words, board)),
      ...it.plants.flatMap((plant) => leanOf(it, plant, at)),
      ...sideMarksOn(it, at, words),
      ...(drip ? emitterMarks(it, at) : []),
      text(at(0, deepCm), words.front, TEXT_MM.note, 'middle', 4.2),
      ...rulerMarks([EDGE_MM, footY + 8]),
      text([EDGE_MM, heightMm - 2], words.title, TEXT_MM.note, 'start', 0),
    ],
  };
}

function sectionMark(
  what: SheetInk,
  section: Section,
  at: (xCm: number, zCm: number) => MmPoint,
): SheetMark {
  if (section.kind === 'disc')
    return { kind: 'circle', what, at: at(0, 0), radiusMm: section.radiusCm * MM_PER_CM };
  return {
    kind: 'line',
    what,
    points: outlineOf(section).map(([x, z]) => at(x, z)),
    isClosed: true,
  };
}

function ballMarks(
  plant: PlacedPlant,
  at: (xCm: number, zCm: number) => MmPoint,
  words: TemplateWords,
  board: boolean,
): readonly SheetMark[] {
  const ball = NURSERY_SIZES[plant.size];
  const middle = at(plant.xCm, plant.zCm);
  const radiusMm = (ball.topCm / 2) * MM_PER_CM;
  const under = board
    ? `ø ${Math.round(ball.topCm * MM_PER_CM)}, ${Math.round(ball.heightCm * MM_PER_CM)} deep`
    : words.underOf(plant);
  // As large as the ball takes; in a small one the second line stands below it.
  const letterMm = clamp(radiusMm / 3.5, TEXT_MM.note, TEXT_MM.largest);
  const underMm = clamp(radiusMm / 9, TEXT_MM.small, TEXT_MM.title);
  const isSmall = radiusMm < 13;
  return [
    { kind: 'circle', what: 'ball', at: middle, radiusMm },
    ...(board ? crossMarks(middle, 3) : []),
    text(
      middle,
      words.letterOf(plant),
      letterMm,
      'middle',
      isSmall ? letterMm * 0.35 : board ? -4 : 0,
      true,
    ),
    text(middle, under, underMm, 'middle', isSmall ? radiusMm + underMm : underMm + 3.5),
  ];
}

function leanOf(
  it: PlantingInSpot,
  plant: PlacedPlant,
  at: (xCm: number, zCm: number) => MmPoint,
): readonly SheetMark[] {
  const { container } = it.planting;
  return leanMarks(plant, { container, hung: isHung(container.shape) }).flatMap((mark) =>
    mark.kind === 'arrow' ? arrowMarks(at(...mark.from), at(...mark.to)) : [],
  );
}

function arrowMarks(from: MmPoint, to: MmPoint): readonly SheetMark[] {
  const long = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
  const [ux, uy] = [(to[0] - from[0]) / long, (to[1] - from[1]) / long];
  const barb = (side: number): MmPoint => [
    to[0] - 3 * ux - side * 1.8 * uy,
    to[1] - 3 * uy + side * 1.8 * ux,
  ];
  return [
    { kind: 'line', what: 'arrow', points: [from, to] },
    { kind: 'line', what: 'arrow', points: [barb(1), to, barb(-1)] },
  ];
}

/** Which hole of the side takes what: outside the rim, below the hole's own place. */
function sideMarksOn(
  { planting: { container }, sides }: PlantingInSpot,
  at: (xCm: number, zCm: number) => MmPoint,
  words: TemplateWords,
): readonly SheetMark[] {
  if (sides.length === 0) return [];
  return sideMarks(container, sides, words.letterOf).flatMap((mark): SheetMark[] => {
    if (mark.kind === 'circle')
      return [
        { kind: 'circle', what: 'fine', at: at(...mark.at), radiusMm: mark.radiusCm * MM_PER_CM },
      ];
    return mark.kind === 'label'
      ? [text(at(...mark.at), mark.text, TEXT_MM.note, 'middle', TEXT_MM.note * 0.35, true)]
      : [];
  });
}

function emitterMarks(
  { planting, plants }: PlantingInSpot,
  at: (xCm: number, zCm: number) => MmPoint,
): readonly SheetMark[] {
  return dripPlaces(planting.container, plants).flatMap(({ xCm, zCm }): SheetMark[] => [
    { kind: 'circle', what: 'drip', at: at(xCm, zCm), radiusMm: 3 },
    ...crossMarks(at(xCm, zCm), 3),
  ]);
}

function crossMarks([x, y]: MmPoint, half: number): readonly SheetMark[] {
  return [
    {
      kind: 'line',
      what: 'fine',
      points: [
        [x - half, y],
        [x + half, y],
      ],
    },
    {
      kind: 'line',
      what: 'fine',
      points: [
        [x, y - half],
        [x, y + half],
      ],
    },
  ];
}

/** Ten centimetres and four inches: a print that was shrunk to fit the page is found out by laying a tape on them. */
export function rulerMarks([x, y]: MmPoint): readonly SheetMark[] {
  const ruler = (top: number, longMm: number, parts: number, every: number, name: string) => [
    {
      kind: 'line',
      what: 'ruler',
      points: [
        [x, top],
        [x + longMm, top],
      ],
    } as const,
    ...Array.from({ length: parts + 1 }, (_, i): SheetMark => ({
      kind: 'line',
      what: 'ruler',
      points: [
        [x + (i * longMm) / parts, top],
        [x + (i * longMm) / parts, top - (i % every === 0 ? 2.4 : 1.2)],
      ],
    })),
    text([x + longMm + 2, top], name, TEXT_MM.small, 'start', 0),
  ];
  return [...ruler(y, RULER_MM.cm, 10, 5, '10 cm'), ...ruler(y + 6, RULER_MM.in, 8, 2, '4 in')];
}

function text(
  [x, y]: MmPoint,
  words: string,
  sizeMm: number,
  anchor: 'start' | 'middle' | 'end',
  downMm: number,
  isStrong = false,
): SheetMark {
  return {
    kind: 'text',
    what: 'black',
    at: [x, y + downMm],
    text: words,
    sizeMm,
    anchor,
    isStrong,
  };
}

/** Every hole of a press board: where, how wide, how deep, mm from the middle. */
export function boardHoles(plants: readonly PlacedPlant[]): readonly {
  readonly placeId: PlaceId;
  readonly xMm: number;
  readonly zMm: number;
  readonly widthMm: number;
  readonly depthMm: number;
}[] {
  return plants.map(({ id, xCm, zCm, size }) => ({
    placeId: id,
    xMm: Math.round(xCm * MM_PER_CM),
    zMm: Math.round(zCm * MM_PER_CM),
    widthMm: Math.round(NURSERY_SIZES[size].topCm * MM_PER_CM),
    depthMm: Math.round(NURSERY_SIZES[size].heightCm * MM_PER_CM),
  }));
}
